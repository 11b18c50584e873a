package gladtile.core.starter;

import gladtile.core.activity.WordContent;
import gladtile.core.activity.WordLine;
import gladtile.core.activity.WordStyle;
import gladtile.core.measure.WordFit;
import java.util.List;

/** Words on a tile, as large as there is room for them. */
final class Tile {
    static final double LARGEST = 40;
    static final double SMALLEST = 28;
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

    static Fitted fit(String text, double width, double height, double largest) {
        Fitted fitted = null;
        for (double size = largest; size >= SMALLEST; size -= 2) {
            WordStyle style = new WordStyle(size, true, INK, WordStyle.Align.CENTRE);
            WordFit fit = WordFit.within(width, text, style);
            fitted = new Fitted(fit.content(), fit.width(), fit.height());
            boolean across =
                    fit.content().lines().stream().allMatch(line -> line.width() <= width - 2 * WordFit.PADDING);
            if (across && fit.height() <= height) {
                return fitted;
            }
        }
        return fitted;
    }

    /** How wide a tile must be for the widest of these words, at most so wide. */
    static double width(List<String> texts, double least, double most) {
        double width = least;
        for (String text : texts) {
            for (double size = LARGEST; size >= SMALLEST; size -= 6) {
                WordStyle style = new WordStyle(size, true, INK, WordStyle.Align.CENTRE);
                double needed = WordFit.free(text, style).width() + 4;
                if (needed <= most || size - 6 < SMALLEST) {
                    width = Math.max(width, Math.min(most, needed));
                    break;
                }
            }
        }
        return Math.ceil(width);
    }
}
