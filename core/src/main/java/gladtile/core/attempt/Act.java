package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;

/** What a student did. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Act.Put.class, name = "put"),
    @JsonSubTypes.Type(value = Act.StartAgain.class, name = "start-again"),
    @JsonSubTypes.Type(value = Act.Open.class, name = "open"),
    @JsonSubTypes.Type(value = Act.HandIn.class, name = "hand-in")
})
public sealed interface Act {
    /**
     * A piece was put down.
     *
     * @param x left edge of its unturned box, in page units
     * @param y top edge
     */
    record Put(String pageId, String pieceId, double x, double y) implements Act {
        public Put {
            Bounds.id("page.id", pageId);
            Bounds.id("piece.id", pieceId);
            Bounds.within("put.x", x, -Bounds.COORDINATE, Bounds.COORDINATE);
            Bounds.within("put.y", y, -Bounds.COORDINATE, Bounds.COORDINATE);
        }
    }

    /** Every piece of a page went back to where it started. */
    record StartAgain(String pageId) implements Act {
        public StartAgain {
            Bounds.id("page.id", pageId);
        }
    }

    /** A page was opened. */
    record Open(String pageId) implements Act {
        public Open {
            Bounds.id("page.id", pageId);
        }
    }

    /** The work was handed in. */
    record HandIn() implements Act {}
}
