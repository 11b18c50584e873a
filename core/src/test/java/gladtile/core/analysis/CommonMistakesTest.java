package gladtile.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.analysis.CommonMistakes.Counted;
import gladtile.core.analysis.CommonMistakes.Missed;
import gladtile.core.analysis.StudentPace.Tried;
import gladtile.core.attempt.Outcome;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.WordStyle;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Where misses went, and how long things took, for all that is judged: one by one, together, or typed. */
class CommonMistakesTest {
    private static final Instant T = Instant.parse("2026-03-02T08:00:00Z");
    private static final Page PAGE = new Page(
            "p1",
            "Sky",
            Paper.PLAIN,
            List.of(
                    Some.zone("light", 0, 0, 300, 300),
                    Some.zone("sum", 400, 0, 300, 300),
                    Some.piece("sun", 0, 800),
                    Some.piece("seven", 200, 800),
                    new Gap("first", Frame.of(0, 500, 200, 60), "First planet", null, WordStyle.PLAIN)));
    private static final Set<String> PLACEMENTS = Set.of("sun", "sum", "first");

    private static Counted wrong(String item, String zone, String text, int count) {
        return new Counted(new Outcome(item, zone, false, text), count);
    }

    @Test
    void a_piece_was_put_somewhere_a_whole_zone_was_given_something_and_a_gap_was_typed_into() {
        Map<String, List<Missed>> missed = CommonMistakes.of(
                List.of(PAGE),
                PLACEMENTS,
                List.of(
                        wrong("sun", "sum", null, 2),
                        wrong("seven", "sum", null, 3),
                        wrong("first", "first", "Venus", 1),
                        wrong("first", "first", "Mars", 4),
                        wrong("gone", "gone", null, 9),
                        new Counted(new Outcome("sun", "light", true, null), 7)));
        assertThat(missed.keySet()).isEqualTo(Set.of("sun", "sum", "first"));
        assertThat(missed.get("sun")).extracting(Missed::count).containsExactly(2);
        assertThat(missed.get("sun").get(0).zone())
                .isEqualTo(Some.zone("sum", 0, 0, 9, 9).name());
        assertThat(missed.get("sum"))
                .containsExactly(new Missed(null, Some.piece("seven", 0, 0).name(), null, 3));
        assertThat(missed.get("first"))
                .containsExactly(new Missed(null, null, "Mars", 4), new Missed(null, null, "Venus", 1));
    }

    private static Tried tried(Outcome outcome, int at) {
        return Tried.of(outcome, PLACEMENTS, T.plusSeconds(at)).orElseThrow();
    }

    @Test
    void a_zone_solved_as_one_takes_from_the_last_placement_solved_to_its_last_piece() {
        List<Tried> tries = new ArrayList<>();
        tries.add(tried(new Outcome("sun", "light", true, null), 10));
        tries.add(tried(new Outcome("seven", "sum", true, null), 20));
        tries.add(tried(new Outcome("eight", "sum", false, null), 25));
        tries.add(tried(new Outcome("five", "sum", true, null), 40));
        tries.add(tried(new Outcome("sum", "sum", true, null), 40));
        StudentPace pace = StudentPace.of(T, tries);
        assertThat(pace.seconds()).isEqualTo(Map.of("sun", 10.0, "sum", 30.0));
        assertThat(pace.refused()).isEmpty();
        assertThat(StudentPace.of(T, tries.subList(0, 2)).progressAt())
                .as("each piece of it is progress, so nobody is called stuck over it")
                .isEqualTo(T.plusSeconds(20));
    }

    @Test
    void what_one_check_found_right_took_all_the_same_time() {
        StudentPace pace = StudentPace.of(
                T,
                List.of(
                        tried(new Outcome("sun", "light", true, null), 60),
                        tried(new Outcome("first", "first", true, "Mercury"), 60)));
        assertThat(pace.seconds()).isEqualTo(Map.of("sun", 60.0, "first", 60.0));
    }
}
