package gladtile.core.roster;

import gladtile.core.Bounds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;

/** Puts the students of a class into teams whose sizes differ by one at most. */
public final class Teams {
    private Teams() {}

    /** @param seed the same one gives the same teams */
    public static List<List<UUID>> random(List<UUID> students, int teams, long seed) {
        List<UUID> mixed = new ArrayList<>(students);
        Collections.shuffle(mixed, random(seed));
        return dealt(mixed, teams);
    }

    /**
     * Teams that are about equally strong: dealt out from the strongest on, each round the other way round, so that
     * whoever chose first before chooses last now.
     *
     * @param strength of a student, such as the share of points so far; those without any count as the middle one
     */
    public static List<List<UUID>> balanced(List<UUID> students, int teams, Map<UUID, Double> strength, long seed) {
        List<Double> known = students.stream()
                .map(strength::get)
                .filter(s -> s != null)
                .sorted()
                .toList();
        double middle = known.isEmpty() ? 0 : known.get(known.size() / 2);
        List<UUID> order = new ArrayList<>(students);
        Collections.shuffle(order, random(seed));
        order.sort(Comparator.comparingDouble((UUID id) -> strength.getOrDefault(id, middle))
                .reversed());
        int count = bounded(students, teams);
        List<UUID> snake = new ArrayList<>();
        for (int from = 0, round = 0; from < order.size(); from += count, round++) {
            List<UUID> some = new ArrayList<>(order.subList(from, Math.min(order.size(), from + count)));
            // The last round may be short: its places are still those at the end that is due.
            if (round % 2 == 1) {
                while (some.size() < count) {
                    some.add(null);
                }
                Collections.reverse(some);
            }
            snake.addAll(some);
        }
        return dealt(snake, count);
    }

    /** Seeds near to one another begin alike in Random itself; mixed first, they do not. */
    private static Random random(long seed) {
        return new Random(new SplittableRandom(seed).nextLong());
    }

    private static List<List<UUID>> dealt(List<UUID> order, int teams) {
        int count = bounded(order, teams);
        List<List<UUID>> dealt = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            dealt.add(new ArrayList<>());
        }
        for (int i = 0; i < order.size(); i++) {
            if (order.get(i) != null) {
                dealt.get(i % count).add(order.get(i));
            }
        }
        return dealt;
    }

    private static int bounded(List<UUID> students, int teams) {
        Bounds.within("teams.count", teams, 1, Bounds.TEAMS);
        return Math.max(1, Math.min(teams, students.size()));
    }
}
