package gladtile.core.analysis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The time that a class typically needs for each placement: the median of those who had it right. A placement that fewer
 * than {@link #ENOUGH} had right yet takes the median of all placements.
 */
public final class TypicalTimes {
    static final int ENOUGH = 3;
    /** Before anybody had anything right. */
    static final double GUESS = 60;

    private final Map<String, Double> medians = new HashMap<>();
    private final double overall;

    private TypicalTimes(Collection<StudentPace> stuckTracker) {
        Map<String, List<Double>> all = new HashMap<>();
        List<Double> every = new ArrayList<>();
        for (StudentPace pace : stuckTracker) {
            pace.seconds().forEach((id, seconds) -> {
                all.computeIfAbsent(id, one -> new ArrayList<>()).add(seconds);
                every.add(seconds);
            });
        }
        overall = every.size() < ENOUGH ? GUESS : median(every);
        all.forEach((id, seconds) -> {
            if (seconds.size() >= ENOUGH) {
                medians.put(id, median(seconds));
            }
        });
    }

    public static TypicalTimes of(Collection<StudentPace> stuckTracker) {
        return new TypicalTimes(stuckTracker);
    }

    /** Seconds. */
    public double at(String itemId) {
        return medians.getOrDefault(itemId, overall);
    }

    static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        Collections.sort(sorted);
        int middle = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(middle) : (sorted.get(middle - 1) + sorted.get(middle)) / 2;
    }
}
