package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/**
 * What a box of words says.
 *
 * @param text its paragraphs, parted by line ends
 * @param wraps false while the box is as wide as its words; true once someone made it narrower
 * @param lines how the text was broken; together they say exactly the text, white space apart
 * @param spans parts that look otherwise than the style, in order, none overlapping another
 * @param paragraphs how each paragraph is set; empty when all are as the style says
 */
public record WordContent(
        String text,
        WordStyle style,
        boolean wraps,
        List<WordLine> lines,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Span> spans,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Paragraph> paragraphs) {
    public WordContent {
        Bounds.text("words.text", text, Bounds.WORDS_LENGTH);
        Bounds.present("words.style", style);
        Bounds.present("words.lines", lines);
        Bounds.count("words.lines", lines.size(), Bounds.LINES_OF_WORDS);
        lines = List.copyOf(lines);
        spans = spans == null ? List.of() : List.copyOf(spans);
        paragraphs = paragraphs == null ? List.of() : List.copyOf(paragraphs);
        Bounds.count("words.spans", spans.size(), Bounds.SPANS_OF_WORDS);
        int at = 0;
        for (Span span : spans) {
            if (span.from() < at || span.to() > text.length()) {
                throw new OutOfBounds("words.spans", Message.of("bound.words.spans"));
            }
            at = span.to();
        }
        if (!paragraphs.isEmpty()
                && paragraphs.size() != text.chars().filter(c -> c == '\n').count() + 1) {
            throw new OutOfBounds("words.paragraphs", Message.of("bound.words.paragraphs"));
        }
        if (!says(lines, text)) {
            // Otherwise a page could show other words than those that are searched, read aloud and checked.
            throw new OutOfBounds("words.lines", Message.of("bound.words.lines"));
        }
    }

    public WordContent(String text, WordStyle style, boolean wraps, List<WordLine> lines) {
        this(text, style, wraps, lines, List.of(), List.of());
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
