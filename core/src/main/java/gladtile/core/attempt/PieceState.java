package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * One piece as it lies now. Pieces never touched have no state: they lie at home.
 *
 * @param x left edge, in page units
 * @param y top edge
 * @param zoneId the zone it lies in and was judged by; absent when none
 * @param settled true once it was accepted; from then on it rests
 * @param tries how often a zone judged it
 * @param putAt the number of the move that put it where it is, by which pieces in a zone's slots are in order
 * @param solvedAt the try that was accepted first, from 1; 0 when none yet. Starting again keeps it.
 * @param turn degrees clockwise; absent while it lies as it did at home
 */
public record PieceState(
        double x,
        double y,
        @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId,
        boolean settled,
        int tries,
        int solvedAt,
        long putAt,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double turn) {
    public PieceState(double x, double y, String zoneId, boolean settled, int tries, int solvedAt, long putAt) {
        this(x, y, zoneId, settled, tries, solvedAt, putAt, null);
    }
}
