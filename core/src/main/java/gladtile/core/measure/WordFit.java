package gladtile.core.measure;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import gladtile.core.page.WordContent;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordWidths;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Breaks words into lines and says how large a box they need. Lines break at spaces; a word wider than the box is broken
 * within itself, between what is read as one sign, so that nothing runs over its edge unseen. What teachers write is
 * measured by the front end in the same way, where the letters are.
 *
 * @param content the words with their measured lines
 * @param width of the box in page units, its padding included
 * @param height of the box in page units, its padding included
 */
public record WordFit(WordContent content, double width, double height) {
    /** Page units between a box's edge and its words; the browser's drawing uses the same. */
    public static final double PADDING = 10;
    /** From one baseline to the next, in letter sizes. */
    public static final double LINE = 1.35;
    /** From the top of a line to its baseline, in letter sizes. */
    public static final double BASELINE = 1.05;

    /** A box as wide as its words. */
    public static WordFit free(String text, WordStyle style) {
        return free(text, style, WordWidths.NONE);
    }

    /** As {@link #free(String, WordStyle)}, with what the browser measured. */
    public static WordFit free(String text, WordStyle style, WordWidths measured) {
        return fit(text, style, false, Double.POSITIVE_INFINITY, measured);
    }

    /** A box of that width, in page units, as high as its words then need. */
    public static WordFit within(double width, String text, WordStyle style) {
        return within(width, text, style, WordWidths.NONE);
    }

    /** As {@link #within(double, String, WordStyle)}, with what the browser measured. */
    public static WordFit within(double width, String text, WordStyle style, WordWidths measured) {
        return fit(text, style, true, width, measured);
    }

    private static WordFit fit(String text, WordStyle style, boolean wraps, double boxWidth, WordWidths measured) {
        LetterWidths letters = style.bold() ? LetterWidths.BOLD : LetterWidths.REGULAR;
        ToDoubleFunction<String> widths = words -> letters.of(words, style.size(), measured);
        List<WordLine> lines = new ArrayList<>();
        double widest = 0;
        for (String paragraph : text.split("\n", -1)) {
            for (String line : broken(paragraph, widths, boxWidth - 2 * PADDING)) {
                double width = widths.applyAsDouble(line);
                widest = Math.max(widest, width);
                double baseline = PADDING + style.size() * (BASELINE + LINE * lines.size());
                lines.add(new WordLine(line, baseline, width));
            }
        }
        double height = 2 * PADDING + style.size() * LINE * lines.size();
        double width = wraps ? boxWidth : widest + 2 * PADDING;
        return new WordFit(new WordContent(text, style, wraps, lines), width, height);
    }

    private static List<String> broken(String paragraph, ToDoubleFunction<String> widths, double room) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : paragraph.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && widths.applyAsDouble(longer) > room) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
            if (widths.applyAsDouble(line.toString()) > room) {
                List<String> parts = within(line.toString(), widths, room);
                lines.addAll(parts.subList(0, parts.size() - 1));
                line = new StringBuilder(parts.get(parts.size() - 1));
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** A word that is too wide in parts that are not; each has at least one sign. */
    private static List<String> within(String word, ToDoubleFunction<String> widths, double room) {
        List<String> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        BreakIterator signs = BreakIterator.getCharacterInstance(ULocale.ROOT);
        signs.setText(word);
        int from = signs.first();
        for (int to = signs.next(); to != BreakIterator.DONE; from = to, to = signs.next()) {
            String sign = word.substring(from, to);
            if (!part.isEmpty() && widths.applyAsDouble(part + sign) > room) {
                parts.add(part.toString());
                part = new StringBuilder();
            }
            part.append(sign);
        }
        parts.add(part.toString());
        return parts;
    }
}
