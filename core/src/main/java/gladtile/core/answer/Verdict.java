package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * What became of a piece that was put somewhere, of what was typed, or of a check.
 *
 * @param says what was found
 * @param zoneId the zone, or the gap, that judged; absent when the piece lies in no zone
 * @param x left edge of the piece now, in page units; 0 where no piece was put
 * @param y top edge of the piece now, in page units; likewise
 * @param rests where that is
 * @param why it was turned away, or what is still wrong with what may stay; absent for neither
 * @param reply the zone's own words and sound; absent for the usual ones
 * @param hint earned by so many refusals; absent for none
 * @param count of a check; absent else
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record Verdict(
        Says says,
        @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId,
        double x,
        double y,
        Rests rests,
        @JsonInclude(JsonInclude.Include.NON_NULL) VerdictReason why,
        @JsonInclude(JsonInclude.Include.NON_NULL) Reply reply,
        @JsonInclude(JsonInclude.Include.NON_NULL) String hint,
        @JsonInclude(JsonInclude.Include.NON_NULL) Count count) {
    /** What a zone finds of a piece. */
    public enum Says {
        BELONGS,
        DOES_NOT_BELONG,
        /** No zone was asked, or the zone does not say yet. */
        NOT_JUDGED,
        /** A teacher has to decide. */
        CANNOT_DECIDE,
        /** Everything that was to be checked was. */
        CHECKED
    }

    /** Where a piece is after it was put. */
    public enum Rests {
        IN_SLOT,
        WHERE_PUT,
        HOME,
        /** Accepted and no longer to be seen. */
        DISAPPEARED,
        /** Back in the supply it came off: it is no more. */
        TAKEN_BACK
    }

    /** What is between a zone and all that it wants, where nothing that lies there is wrong by itself. */
    public enum Missing {
        /** All that lies there belongs; some of what belongs is not there yet. */
        MORE,
        /** The values add up to less than the total. */
        TOO_LITTLE,
        /** The values add up to more than the total. */
        TOO_MUCH
    }

    /**
     * How many were right in a check. Parts of a total that is not met are neither right nor wrong, and not counted.
     *
     * @param missing absent when nothing is
     */
    public record Count(
            int right,
            int of,
            @JsonInclude(JsonInclude.Include.NON_NULL) Missing missing) {
        public Count(int right, int of) {
            this(right, of, null);
        }

        /** Both together; of two things that are missing, the one to say is too much, then too little. */
        public Count and(Count other) {
            Missing both = missing == null || other.missing != null && other.missing.compareTo(missing) > 0
                    ? other.missing
                    : missing;
            return new Count(right + other.right, of + other.of, both);
        }
    }

    public Verdict {
        Bounds.present("verdict.says", says);
        Bounds.present("verdict.rests", rests);
    }

    public Verdict(Says says, String zoneId, double x, double y, Rests rests) {
        this(says, zoneId, x, y, rests, null, null, null, null);
    }

    /** It belongs there and waits until it is turned right. */
    static Verdict notTurnedYet(String zoneId, double x, double y) {
        return new Verdict(Says.NOT_JUDGED, zoneId, x, y, Rests.WHERE_PUT, VerdictReason.TURNED, null, null, null);
    }

    static Verdict rejected(String zoneId, double x, double y, Rests rests, VerdictReason why) {
        return new Verdict(Says.DOES_NOT_BELONG, zoneId, x, y, rests, why, null, null, null);
    }

    /** Of a check of so many pieces and gaps. */
    public static Verdict checked(Count count) {
        return new Verdict(Says.CHECKED, null, 0, 0, Rests.WHERE_PUT, null, null, null, count);
    }

    /** Of what was typed into a gap. */
    public static Verdict typed(Says says, String gapId) {
        return new Verdict(says, gapId, 0, 0, Rests.WHERE_PUT);
    }

    /** The same somewhere else. */
    Verdict at(double newX, double newY) {
        return new Verdict(says, zoneId, newX, newY, rests, why, reply, hint, count);
    }

    Verdict by(double across, double down) {
        return at(x + across, y + down);
    }

    public Verdict with(Reply newReply, String newHint) {
        Reply own = newReply == null || newReply.equals(Reply.NONE) ? null : newReply;
        return new Verdict(says, zoneId, x, y, rests, why, own, newHint, count);
    }

    public boolean belongs() {
        return says == Says.BELONGS;
    }

    /** Whether it counts as a try that went wrong. */
    public boolean refused() {
        return says == Says.DOES_NOT_BELONG && (why == null || why.counts());
    }
}
