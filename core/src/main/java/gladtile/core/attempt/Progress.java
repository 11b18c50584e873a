package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;

/**
 * How far an attempt is.
 *
 * @param solved placements that are solved now
 * @param on page id to how many of them; pages with none are left out
 * @param score in points, of what was judged so far
 * @param left milliseconds left of each countdown that runs; see {@link Countdown#left}
 */
public record Progress(
        int solved,
        Map<String, Integer> on,
        Score score,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Long> left) {
    public static Progress of(AttemptState state, Rules rules, Instant at) {
        Map<String, Integer> on = new TreeMap<>();
        int solved = 0;
        for (Placement placement : rules.placements()) {
            if (state.isSolved(placement, rules)) {
                on.merge(placement.pageId(), 1, Integer::sum);
                solved++;
            }
        }
        return new Progress(solved, on, Score.of(state, rules), Countdown.left(state, rules, at));
    }
}
