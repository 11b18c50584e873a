package gladtile.core.attempt;

import gladtile.core.message.Message;

/**
 * One thing to be found: a column of class progress.
 *
 * @param itemId the piece, the zone that is solved as one, or the gap that is typed into
 */
public record Placement(String pageId, String itemId, Message name, Kind kind) {
    /** What is found. */
    public enum Kind {
        PIECE,
        ZONE,
        GAP
    }
}
