package gladtile.core.present;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;

/**
 * Whose turn it is: each of those who are there is as likely as any other, and nobody comes twice before all have come.
 *
 * @param next empty where nobody is there
 * @param round all who came in this round, the last one last
 * @param left how many of those who are there have not come yet
 */
public record NameDraw(Optional<String> next, List<String> round, int left) {
    /**
     * @param present ids of those who are there; each once
     * @param before the round as it was
     */
    public static NameDraw of(List<String> present, List<String> before, RandomGenerator random) {
        Set<String> came = new HashSet<>(before);
        List<String> open = present.stream().filter(id -> !came.contains(id)).toList();
        boolean fresh = open.isEmpty();
        // Whoever came last does not open the next round, unless nobody else is there.
        String last = before.isEmpty() ? null : before.get(before.size() - 1);
        List<String> from = !fresh
                ? open
                : present.size() < 2
                        ? present
                        : present.stream().filter(id -> !id.equals(last)).toList();
        if (from.isEmpty()) {
            return new NameDraw(Optional.empty(), List.copyOf(before), 0);
        }
        String next = from.get(random.nextInt(from.size()));
        List<String> round = fresh ? new ArrayList<>() : new ArrayList<>(before);
        round.add(next);
        Set<String> now = new HashSet<>(round);
        int left = (int) present.stream().filter(id -> !now.contains(id)).count();
        return new NameDraw(Optional.of(next), List.copyOf(round), left);
    }
}
