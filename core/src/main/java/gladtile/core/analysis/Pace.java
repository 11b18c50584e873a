package gladtile.core.analysis;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How one student gets on, from what was judged of their work.
 *
 * @param seconds placement's item id to the time from the last progress before it until it was right first
 * @param refused placement's item id to how often it was refused since it was last right, in the order of trying
 * @param progressAt when something was last right, or when they began
 * @param last the placement tried last; null for none
 */
public record Pace(Map<String, Double> seconds, Map<String, Integer> refused, Instant progressAt, String last) {
    /** Whoever leaves a page for longer than this was away from it, not working at it. */
    static final double MOST_SECONDS = 1_800;

    /** One judgement. @param itemId of the placement */
    public record Tried(String itemId, boolean right, Instant at) {}

    /** @param tries in the order in which they were made */
    public static Pace of(Instant begun, List<Tried> tries) {
        Map<String, Double> seconds = new HashMap<>();
        Map<String, Integer> refused = new HashMap<>();
        Instant progress = begun;
        String last = null;
        for (Tried one : tries) {
            last = one.itemId();
            if (!one.right()) {
                refused.merge(one.itemId(), 1, Integer::sum);
                continue;
            }
            double took = Duration.between(progress, one.at()).toMillis() / 1000.0;
            seconds.putIfAbsent(one.itemId(), Math.max(0, Math.min(MOST_SECONDS, took)));
            refused.remove(one.itemId());
            progress = one.at();
        }
        return new Pace(seconds, refused, progress, last);
    }

    /** The time for each placement in the middle, of those who had it right. */
    public static Map<String, Double> medians(Collection<Pace> paces) {
        Map<String, List<Double>> all = new HashMap<>();
        paces.forEach(pace -> pace.seconds()
                .forEach((id, seconds) ->
                        all.computeIfAbsent(id, one -> new ArrayList<>()).add(seconds)));
        Map<String, Double> medians = new HashMap<>();
        all.forEach((id, seconds) -> medians.put(id, TypicalTimes.median(seconds)));
        return medians;
    }
}
