package gladtile.core.activity;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.util.List;

/**
 * What a box of words says.
 *
 * @param wraps false while the box is as wide as its words; true once someone made it narrower
 * @param lines how the text was broken; together they say exactly the text, white space apart
 */
public record WordContent(String text, WordStyle style, boolean wraps, List<WordLine> lines) {
    public WordContent {
        Bounds.text("words.text", text, Bounds.WORDS_LENGTH);
        Bounds.present("words.style", style);
        Bounds.present("words.lines", lines);
        Bounds.count("words.lines", lines.size(), Bounds.LINES_OF_WORDS);
        lines = List.copyOf(lines);
        if (!says(lines, text)) {
            // Otherwise a page could show other words than those that are searched, read aloud and checked.
            throw new OutOfBounds("words.lines", "the measured lines do not say what the text says");
        }
    }

    private static boolean says(List<WordLine> lines, String text) {
        int at = 0;
        for (WordLine line : lines) {
            String part = line.text();
            for (int i = 0; i < part.length(); i++) {
                char c = part.charAt(i);
                if (Character.isWhitespace(c)) {
                    continue;
                }
                at = skipSpace(text, at);
                if (at >= text.length() || text.charAt(at++) != c) {
                    return false;
                }
            }
        }
        return skipSpace(text, at) == text.length();
    }

    private static int skipSpace(String text, int from) {
        int at = from;
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at;
    }
}
