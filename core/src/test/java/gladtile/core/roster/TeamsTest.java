package gladtile.core.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class TeamsTest {
    private static List<UUID> students(int count) {
        List<UUID> all = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            all.add(new UUID(0, i));
        }
        return all;
    }

    private static double strength(List<UUID> team, Map<UUID, Double> strength) {
        return team.stream().mapToDouble(strength::get).sum();
    }

    /** Laws of any deal: everybody is in one team, and sizes differ by one at most. */
    private static void isFair(List<UUID> students, List<List<UUID>> teams) {
        assertThat(teams.stream().flatMap(List::stream)).containsExactlyInAnyOrderElementsOf(students);
        int most = teams.stream().mapToInt(List::size).max().orElseThrow();
        int least = teams.stream().mapToInt(List::size).min().orElseThrow();
        assertThat(most - least).isLessThanOrEqualTo(1);
    }

    @Test
    void every_deal_is_fair_and_the_same_for_the_same_seed() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            List<UUID> students = students(1 + random.nextInt(40));
            int teams = 1 + random.nextInt(12);
            long seed = random.nextLong();
            Map<UUID, Double> strength = new HashMap<>();
            students.forEach(id -> {
                if (random.nextInt(5) > 0) {
                    strength.put(id, random.nextDouble());
                }
            });
            isFair(students, Teams.random(students, teams, seed));
            isFair(students, Teams.balanced(students, teams, strength, seed));
            assertThat(Teams.random(students, teams, seed)).isEqualTo(Teams.random(students, teams, seed));
            assertThat(Teams.balanced(students, teams, strength, seed))
                    .isEqualTo(Teams.balanced(students, teams, strength, seed));
        }
    }

    @Test
    void balanced_teams_are_closer_in_strength_than_teams_by_chance() {
        Random random = new Random(9);
        double balanced = 0;
        double chance = 0;
        for (int round = 0; round < 100; round++) {
            List<UUID> students = students(24);
            Map<UUID, Double> strength = new HashMap<>();
            students.forEach(id -> strength.put(id, random.nextDouble()));
            balanced += spread(Teams.balanced(students, 6, strength, round), strength);
            chance += spread(Teams.random(students, 6, round), strength);
        }
        assertThat(balanced).isLessThan(chance / 3);
    }

    private static double spread(List<List<UUID>> teams, Map<UUID, Double> strength) {
        List<Double> all = teams.stream().map(team -> strength(team, strength)).toList();
        return Collections.max(all) - Collections.min(all);
    }

    @Test
    void no_more_teams_than_students_and_at_least_one() {
        assertThat(Teams.random(students(3), 8, 1)).hasSize(3);
        assertThatThrownBy(() -> Teams.random(students(3), 0, 1)).isInstanceOf(OutOfBounds.class);
        assertThat(Teams.balanced(students(4), 2, Map.of(), 1)).hasSize(2);
    }
}
