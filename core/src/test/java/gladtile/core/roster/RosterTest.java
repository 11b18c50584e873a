package gladtile.core.roster;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RosterTest {
    @Test
    void a_list_says_who_comes_who_is_there_and_whom_it_does_not_have() {
        Roster roster = Roster.of(List.of("Ada", "Bo", "Zoë"), List.of("  ada ", "Cyrus\u00a0 B", "", "Zoe\u0308"));
        assertThat(roster.added()).containsExactly("Cyrus B");
        assertThat(roster.there()).containsExactly("Ada", "Zoë");
        assertThat(roster.missing()).containsExactly("Bo");
        assertThat(roster.wrong()).isEmpty();
    }

    @Test
    void what_stands_in_the_way_is_said_all_at_once() {
        Roster roster = Roster.of(List.of(), List.of("Ada", "ADA", "x".repeat(Bounds.PERSON_NAME + 1), "Bo"));
        assertThat(roster.wrong()).hasSize(2);
        assertThat(roster.wrong().get(0)).isEqualTo(Message.of("class-list.twice", "name", "ADA"));
        assertThat(roster.wrong().get(1).key()).isEqualTo("class-list.name-too-long");
        assertThat(Roster.of(List.of("Ada"), List.of(" ", "")).wrong()).containsExactly(Message.of("class-list.empty"));
        List<String> many = IntStream.rangeClosed(0, Bounds.CLASS_SIZE)
                .mapToObj(i -> "Student " + i)
                .toList();
        assertThat(Roster.of(List.of(), many).wrong().get(0).arguments()).containsEntry("most", Bounds.CLASS_SIZE);
    }

    /** Law: once a list was added, the same list adds nobody, and everyone of the class is there or missing. */
    @Test
    void what_nobody_sees_makes_no_other_name() {
        Roster roster = Roster.of(List.of("Ada"), List.of("A\u200bda", "\uFEFFBo", "Bo\u200e", "Ｃyrus", "Cyrus"));
        assertThat(roster.there()).containsExactly("Ada");
        assertThat(roster.added()).containsExactly("Bo", "Ｃyrus");
        assertThat(roster.wrong()).hasSize(2);
        // A joiner that a letter needs stays.
        assertThat(Roster.tidied("نیم\u200cفاصله")).isEqualTo("نیم\u200cفاصله");
    }

    @Test
    void the_same_list_twice_adds_nobody() {
        Random random = new Random(5);
        for (int round = 0; round < 200; round++) {
            List<String> now = names(random, 20);
            Roster once = Roster.of(now, names(random, 20));
            if (!once.wrong().isEmpty()) {
                continue;
            }
            List<String> after = new ArrayList<>(now);
            after.addAll(once.added());
            List<String> list = new ArrayList<>(once.added());
            list.addAll(once.there());
            Roster twice = Roster.of(after, list);
            assertThat(twice.added()).isEmpty();
            assertThat(twice.there()).containsExactlyInAnyOrderElementsOf(list);
            assertThat(twice.there().size() + twice.missing().size()).isEqualTo(after.size());
        }
    }

    private static List<String> names(Random random, int most) {
        return random.ints(random.nextInt(most), 0, 60)
                .distinct()
                .mapToObj(i -> "Star " + i)
                .toList();
    }
}
