package gladtile.core.page;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;

/**
 * A part of a text that looks otherwise.
 *
 * @param from index of its first UTF-16 unit, inclusive
 * @param to index behind its last one, exclusive
 */
public record Span(int from, int to, Look look) {
    public Span {
        Bounds.within("span.from", from, 0, Bounds.WORDS_LENGTH);
        Bounds.within("span.to", to, 1, Bounds.WORDS_LENGTH);
        Bounds.present("span.look", look);
        if (from >= to) {
            throw new OutOfBounds("span.to", Message.of("bound.span.to"));
        }
    }
}
