package gladtile.core.attempt;

/**
 * One thing to be found: a column of class progress.
 *
 * @param itemId the piece, the zone that is solved as one, or the gap that is typed into
 */
public record Placement(String pageId, String itemId, String name, Kind kind) {
    /** What is found. */
    public enum Kind {
        PIECE,
        ZONE,
        GAP
    }
}
