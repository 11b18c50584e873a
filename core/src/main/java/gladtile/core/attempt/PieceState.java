package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * One piece as it lies now. Pieces never touched have no state: they lie at home.
 *
 * @param x left edge, in page units
 * @param y top edge
 * @param zoneId the zone it lies in; absent when none
 * @param settled true once it was accepted; from then on it rests
 * @param tries how often a zone judged it
 * @param putAt the number of the move that put it where it is, by which pieces in a zone's slots are in order
 * @param solvedAt the try that was accepted first, from 1; 0 when none yet. Starting again keeps it.
 * @param turn degrees clockwise; absent while it lies as it did at home
 * @param waits it lies in a zone that has not judged it yet; absent when not
 * @param scale how much smaller it is drawn about its middle, more than 0 and less than 1; absent for as it is
 * @param disappeared it was accepted and is no longer to be seen; absent when not
 */
public record PieceState(
        double x,
        double y,
        @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId,
        boolean settled,
        int tries,
        int solvedAt,
        long putAt,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double turn,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean waits,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean disappeared,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double scale) {
    public PieceState {
        waits = Boolean.TRUE.equals(waits) ? true : null;
        disappeared = Boolean.TRUE.equals(disappeared) ? true : null;
    }

    public PieceState(double x, double y, String zoneId, boolean settled, int tries, int solvedAt, long putAt) {
        this(x, y, zoneId, settled, tries, solvedAt, putAt, null, null, null, null);
    }

    boolean isWaiting() {
        return waits != null;
    }

    /** The same piece once a check accepted it. */
    PieceState accepted(boolean disappears) {
        int now = tries + 1;
        return new PieceState(
                x, y, zoneId, true, now, solvedAt == 0 ? now : solvedAt, putAt, turn, null, disappears, scale);
    }

    /** The same piece once a check refused it where it lies. */
    PieceState refused() {
        return new PieceState(x, y, zoneId, false, tries + 1, solvedAt, putAt, turn, null, null, scale);
    }

    PieceState by(double across, double down) {
        return at(x + across, y + down, zoneId);
    }

    PieceState at(double newX, double newY, String zone) {
        return new PieceState(newX, newY, zone, settled, tries, solvedAt, putAt, turn, waits, disappeared, scale);
    }
}
