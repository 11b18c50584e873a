package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * What became of a piece that was put somewhere.
 *
 * @param says what was found
 * @param zoneId the zone that judged; absent when the piece lies in no zone
 * @param x left edge of the piece now, in page units
 * @param y top edge of the piece now, in page units
 * @param rests where that is
 */
public record Verdict(
        Says says,
        @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId,
        double x,
        double y,
        Rests rests) {
    /** What a zone finds of a piece. */
    public enum Says {
        BELONGS,
        TURNED_AWAY,
        /** No zone was asked. */
        NOT_JUDGED
    }

    /** Where a piece is after it was put. */
    public enum Rests {
        IN_SLOT,
        WHERE_PUT,
        HOME,
        /** Back in the supply it came off: it is no more. */
        TAKEN_BACK
    }

    public Verdict {
        Bounds.present("verdict.says", says);
        Bounds.present("verdict.rests", rests);
    }

    public boolean belongs() {
        return says == Says.BELONGS;
    }
}
