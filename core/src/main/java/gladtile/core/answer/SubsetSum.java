package gladtile.core.answer;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Whether some of several whole numbers add up to a target, exactly: by the set of all sums that can be reached, each
 * with the number that reached it first (dynamic programming, as in Cormen et al., Introduction to Algorithms). Its
 * cost grows with the numbers times the different sums, which is bounded.
 */
public final class SubsetSum {
    /** Different sums that are kept: enough for every total a school adds up, and found in a fraction of a second. */
    static final int MOST = 200_000;

    /** Sums that are looked at in all, each of them once for each number; some tenths of a second. */
    public static final long STEPS = 3_000_000;

    private SubsetSum() {}

    /** What was found out. */
    public enum Answer {
        REACHED,
        NOT_REACHED,
        /** There are more different sums than {@link #MOST}, or it takes more steps than were given. */
        TOO_MANY
    }

    /** @param most how many of the numbers may be taken */
    public static Answer reaches(List<Long> numbers, long target, int most) {
        return reaches(numbers, target, most, STEPS);
    }

    /** @param steps at most so many sums are looked at */
    public static Answer reaches(List<Long> numbers, long target, int most, long steps) {
        Map<Long, Step> sums = sums(numbers, target, most, steps);
        return sums == null ? Answer.TOO_MANY : sums.containsKey(target) ? Answer.REACHED : Answer.NOT_REACHED;
    }

    /** The positions of numbers that add up to the target, at least one; empty when none do. */
    public static Optional<List<Integer>> find(List<Long> numbers, long target, int most) {
        Map<Long, Step> sums = sums(numbers, target, most, STEPS);
        if (sums == null || !sums.containsKey(target)) {
            return Optional.empty();
        }
        List<Integer> taken = new ArrayList<>();
        for (Step step = sums.get(target); step != null; step = step.before) {
            taken.add(0, step.number);
        }
        return Optional.of(taken);
    }

    /** The sum closest to the target that can be reached; empty when there are no numbers, or too many sums. */
    public static Optional<Long> nearest(List<Long> numbers, long target, int most) {
        return nearest(numbers, target, most, STEPS);
    }

    /** @param steps at most so many sums are looked at */
    public static Optional<Long> nearest(List<Long> numbers, long target, int most, long steps) {
        Map<Long, Step> sums = sums(numbers, Long.MAX_VALUE, most, steps);
        return sums == null
                ? Optional.empty()
                : sums.keySet().stream().min((a, b) -> Long.compare(Math.abs(a - target), Math.abs(b - target)));
    }

    /** The fewest numbers that reach a sum, and how. */
    private record Step(int number, Step before, int length) {}

    /** Null when there are too many. A sum is reached by at least one number. */
    private static Map<Long, Step> sums(List<Long> numbers, long target, int most, long steps) {
        boolean grows = numbers.stream().allMatch(number -> number >= 0);
        Map<Long, Step> sums = new HashMap<>();
        long left = steps;
        for (int i = 0; i < numbers.size(); i++) {
            long number = numbers.get(i);
            // Copied, since the entries of the map itself would change while it is added to.
            List<Map.Entry<Long, Step>> before = new ArrayList<>();
            sums.forEach((sum, step) -> before.add(Map.entry(sum, step)));
            offer(sums, number, new Step(i, null, 1), target, grows, most);
            for (Map.Entry<Long, Step> one : before) {
                Step step = one.getValue();
                offer(sums, one.getKey() + number, new Step(i, step, step.length + 1), target, grows, most);
            }
            left -= before.size();
            if (sums.size() > MOST || left < 0) {
                return null;
            }
        }
        return sums;
    }

    private static void offer(Map<Long, Step> sums, long sum, Step step, long target, boolean grows, int most) {
        if (step.length > most || grows && sum > target) {
            return;
        }
        // The shortest way is kept: only it can decide whether so many numbers are enough.
        sums.merge(sum, step, (a, b) -> a.length <= b.length ? a : b);
    }
}
