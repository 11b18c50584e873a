package gladtile.core.analysis;

import gladtile.core.attempt.Outcome;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one student gets on, from what was judged of their work.
 *
 * @param seconds placement's item id to the time from what was solved last before it until it was solved first; what one
 *     check found right took all the same time
 * @param refused placement's item id to how often it was refused since it was last right, in the order of trying
 * @param progressAt when something was last right, or when they began
 * @param last the placement tried last; null for none
 */
public record StudentPace(Map<String, Double> seconds, Map<String, Integer> refused, Instant progressAt, String last) {
    /** Whoever leaves a page for longer than this was away from it, not working at it. */
    static final double MOST_SECONDS = 1_800;

    /**
     * One judgement.
     *
     * @param itemId of the placement
     * @param right also for a piece that belongs in a zone which is solved as one
     * @param solved whether the placement was solved by it
     */
    public record Tried(String itemId, boolean right, boolean solved, Instant at) {
        public Tried(String itemId, boolean right, Instant at) {
            this(itemId, right, right, at);
        }

        /** Empty when it counts for none of these placements. */
        public static Optional<Tried> of(Outcome outcome, Collection<String> placements, Instant at) {
            String id = CommonMistakes.placementOf(outcome, placements);
            return id == null
                    ? Optional.empty()
                    : Optional.of(new Tried(id, outcome.right(), outcome.right() && id.equals(outcome.itemId()), at));
        }
    }

    /** @param tries in the order in which they were made */
    public static StudentPace of(Instant begun, List<Tried> tries) {
        Map<String, Double> seconds = new HashMap<>();
        Map<String, Integer> refused = new HashMap<>();
        Instant progress = begun;
        Instant since = begun;
        Instant solved = begun;
        String last = null;
        for (Tried one : tries) {
            last = one.itemId();
            if (!one.right()) {
                refused.merge(one.itemId(), 1, Integer::sum);
                continue;
            }
            refused.remove(one.itemId());
            progress = one.at();
            if (!one.solved()) {
                continue;
            }
            if (!one.at().equals(solved)) {
                since = solved;
                solved = one.at();
            }
            double took = Duration.between(since, solved).toMillis() / 1000.0;
            seconds.putIfAbsent(one.itemId(), Math.max(0, Math.min(MOST_SECONDS, took)));
        }
        return new StudentPace(seconds, refused, progress, last);
    }

    /** The time for each placement in the middle, of those who had it right. */
    public static Map<String, Double> medians(Collection<StudentPace> stuckTracker) {
        Map<String, List<Double>> all = new HashMap<>();
        stuckTracker.forEach(pace -> pace.seconds()
                .forEach((id, seconds) ->
                        all.computeIfAbsent(id, one -> new ArrayList<>()).add(seconds)));
        Map<String, Double> medians = new HashMap<>();
        all.forEach((id, seconds) -> medians.put(id, TypicalTimes.median(seconds)));
        return medians;
    }
}
