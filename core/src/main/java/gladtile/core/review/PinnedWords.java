package gladtile.core.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;

/**
 * Words that hang on one thing of a page, or on a place of it.
 *
 * @param itemId a piece, zone or gap; absent for a place
 * @param x of the place, in page units; absent when they hang on a thing
 */
public record PinnedWords(
        String id,
        String pageId,
        @JsonInclude(Include.NON_NULL) String itemId,
        @JsonInclude(Include.NON_NULL) Double x,
        @JsonInclude(Include.NON_NULL) Double y,
        String words) {
    public PinnedWords {
        Bounds.id("pin.id", id);
        Bounds.id("page.id", pageId);
        if (itemId != null) {
            Bounds.pieceId("pin.itemId", itemId);
        } else {
            Bounds.within("pin.x", Bounds.present("pin.x", x), 0, Bounds.PAGE_WIDTH);
            Bounds.within("pin.y", Bounds.present("pin.y", y), 0, Bounds.PAGE_HEIGHT);
        }
        if (Bounds.text("pin.words", words, Bounds.PIN_LENGTH).isBlank()) {
            throw new OutOfBounds("pin.words", Message.of("bound.pin.words"));
        }
    }
}
