package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.page.Supply;

/**
 * One thing that a move had judged: a piece in a zone, a gap, or a zone that is solved as one.
 *
 * @param itemId the piece, under the id of its supply where it is a copy; the gap; or the zone itself, once all it wants
 *     is there
 * @param zoneId the zone or gap that judged
 * @param text what was typed, its first {@link #SHOWN} signs; absent for a piece
 */
public record Outcome(
        String itemId,
        String zoneId,
        boolean right,
        @JsonInclude(JsonInclude.Include.NON_NULL) String text) {
    /** Of longer texts a teacher's table shows no more. */
    private static final int SHOWN = 40;

    public Outcome {
        Bounds.present("outcome.itemId", itemId);
        Bounds.present("outcome.zoneId", zoneId);
    }

    static Outcome piece(String pieceId, String zoneId, boolean right) {
        return new Outcome(Supply.originalOf(pieceId), zoneId, right, null);
    }

    static Outcome gap(String gapId, String text, boolean right) {
        int end = text.offsetByCodePoints(0, Math.min(SHOWN, text.codePointCount(0, text.length())));
        return new Outcome(gapId, gapId, right, text.substring(0, end).strip());
    }

    static Outcome whole(String zoneId) {
        return new Outcome(zoneId, zoneId, true, null);
    }
}
