package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.answer.Verdict;

/**
 * One zone in an attempt.
 *
 * @param refusals how often it refused something, and how many checks found something wrong in it
 * @param solvedAt the try, from 1, at which all that it wants as a whole was there first; 0 when not yet
 * @param last what the last check told, where only the number is told; absent before
 */
public record ZoneState(
        int refusals,
        int solvedAt,
        @JsonInclude(JsonInclude.Include.NON_NULL) Verdict.Count last) {
    static final ZoneState NEW = new ZoneState(0, 0, null);

    ZoneState refused() {
        return new ZoneState(refusals + 1, solvedAt, last);
    }

    ZoneState solved() {
        return solvedAt > 0 ? this : new ZoneState(refusals, refusals + 1, last);
    }

    ZoneState told(Verdict.Count count) {
        return new ZoneState(refusals, solvedAt, count);
    }
}
