package gladtile.core.starter;

import gladtile.core.measure.WordFit;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordWidths;
import java.util.List;

/** Words on a tile, as large as there is room for them. */
final class Tile {
    static final double LARGEST = 40;
    static final double SMALLEST = 28;
    /** For words that have no room otherwise; still as large as a printed line for beginning readers. */
    private static final double LEAST = 18;

    private static final String INK = "#1f2d33";

    private Tile() {}

    record Fitted(WordContent content, double width, double height) {
        /** The same words in the middle of a box of that height. */
        WordContent within(double box) {
            double down = Math.max(0, (box - height) / 2);
            List<WordLine> lines = content.lines().stream()
                    .map(line -> new WordLine(line.text(), line.baseline() + down, line.width()))
                    .toList();
            return new WordContent(content.text(), content.style(), true, lines);
        }
    }

    static Fitted fit(String text, double width, double height, double largest, WordWidths measured) {
        double longest = 0;
        for (String word : text.split("\\s+")) {
            longest = Math.max(
                    longest,
                    WordFit.free(word, new WordStyle(100, true, INK, WordStyle.Align.CENTRE), measured)
                                    .width()
                            - 2 * WordFit.PADDING);
        }
        Fitted fitted = null;
        // First without a break within a word, then with one.
        for (boolean broken : new boolean[] {false, true}) {
            for (double size = largest; size >= LEAST; size -= 2) {
                WordFit fit =
                        WordFit.within(width, text, new WordStyle(size, true, INK, WordStyle.Align.CENTRE), measured);
                fitted = new Fitted(fit.content(), fit.width(), fit.height());
                boolean across = broken || longest / 100 * size <= width - 2 * WordFit.PADDING;
                if (across && fit.height() <= height) {
                    return fitted;
                }
            }
        }
        return fitted;
    }

    /** How wide a tile must be for the widest of these words, at most so wide. */
    static double width(List<String> texts, double least, double most, WordWidths measured) {
        double width = least;
        for (String text : texts) {
            for (double size = LARGEST; size >= SMALLEST; size -= 6) {
                WordStyle style = new WordStyle(size, true, INK, WordStyle.Align.CENTRE);
                double needed = WordFit.free(text, style, measured).width() + 4;
                if (needed <= most || size - 6 < SMALLEST) {
                    width = Math.max(width, Math.min(most, needed));
                    break;
                }
            }
        }
        return Math.ceil(width);
    }
}
