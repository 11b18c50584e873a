package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.page.Supply;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * How far an attempt is.
 *
 * @param solved placements that are solved now
 * @param on page id to how many of them; pages with none are left out
 * @param waiting page id to how many pieces lie in zones, and words stand in gaps, that are judged later; never more than
 *     there are placements to be solved yet; pages with none are left out
 * @param score in points, of what was judged so far
 * @param left milliseconds left of each countdown that runs; see {@link Countdown#left}
 */
public record Progress(
        int solved,
        Map<String, Integer> on,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Integer> waiting,
        Score score,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Long> left) {
    public static Progress of(AttemptState state, AttemptRules rules, Instant at) {
        Map<String, Integer> on = new TreeMap<>();
        Map<String, Integer> open = new TreeMap<>();
        int solved = 0;
        for (Placement placement : rules.placements()) {
            if (state.isSolved(placement, rules)) {
                on.merge(placement.pageId(), 1, Integer::sum);
                solved++;
            } else {
                open.merge(placement.pageId(), 1, Integer::sum);
            }
        }
        Map<String, Integer> waiting = new TreeMap<>();
        open.forEach((page, most) -> {
            int lying = waiting(state, rules, page);
            if (lying > 0) {
                waiting.put(page, Math.min(most, lying));
            }
        });
        return new Progress(solved, on, waiting, Score.of(state, rules), Countdown.left(state, rules, at));
    }

    private static int waiting(AttemptState state, AttemptRules rules, String pageId) {
        Set<String> ids = rules.itemIds(pageId);
        long gaps = state.typed().entrySet().stream()
                .filter(one -> ids.contains(one.getKey()) && one.getValue().waits())
                .count();
        long pieces = state.pieces().entrySet().stream()
                .filter(one -> one.getValue().isWaiting() && ids.contains(Supply.originalOf(one.getKey())))
                .count();
        return (int) (gaps + pieces);
    }
}
