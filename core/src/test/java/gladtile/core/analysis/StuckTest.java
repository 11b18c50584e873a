package gladtile.core.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.analysis.StudentPace.Tried;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class StuckTest {
    private static final Instant T = Instant.parse("2026-11-28T10:00:00Z");

    private static Tried wrong(String id, int at) {
        return new Tried(id, false, T.plusSeconds(at));
    }

    private static Tried right(String id, int at) {
        return new Tried(id, true, T.plusSeconds(at));
    }

    private static StudentPace pace(Tried... tries) {
        return StudentPace.of(T, List.of(tries));
    }

    @Test
    void time_counts_from_the_last_progress_and_only_until_it_was_right_first() {
        StudentPace pace = pace(right("sun", 30), wrong("moon", 40), right("moon", 75), right("sun", 90));
        assertThat(pace.seconds()).containsEntry("sun", 30.0).containsEntry("moon", 45.0);
        assertThat(pace.progressAt()).isEqualTo(T.plusSeconds(90));
        assertThat(pace.refused()).isEmpty();
    }

    @Test
    void whoever_was_away_over_night_did_not_think_all_that_time() {
        assertThat(pace(right("sun", 80_000)).seconds()).containsEntry("sun", StudentPace.MOST_SECONDS);
    }

    @Test
    void the_typical_time_is_the_median_of_the_class() {
        List<StudentPace> stuckTracker = new ArrayList<>();
        for (int seconds : new int[] {10, 50, 30, 40}) {
            stuckTracker.add(pace(right("sun", seconds)));
        }
        TypicalTimes typical = TypicalTimes.of(stuckTracker);
        assertThat(typical.at("sun")).isEqualTo(35);
        // Nobody was there yet: the median of all placements.
        assertThat(typical.at("comet")).isEqualTo(35);
        assertThat(TypicalTimes.of(List.of()).at("sun")).isEqualTo(TypicalTimes.GUESS);
    }

    @Test
    void stuck_is_two_refusals_and_no_progress_for_longer_than_the_class_needs() {
        TypicalTimes typical =
                TypicalTimes.of(List.of(pace(right("sun", 40)), pace(right("sun", 40)), pace(right("sun", 40))));
        StudentPace twice = pace(wrong("sun", 10), wrong("sun", 20));
        assertThat(Stuck.of(twice, typical, T.plusSeconds(40))).isEmpty();
        assertThat(Stuck.of(twice, typical, T.plusSeconds(41))).contains(new Stuck("sun", 2, 41, 40));
        StudentPace once = pace(wrong("sun", 10));
        assertThat(Stuck.of(once, typical, T.plusSeconds(500))).isEmpty();
    }

    @Test
    void progress_anywhere_or_going_on_to_something_else_ends_it() {
        TypicalTimes typical = TypicalTimes.of(List.of());
        Instant late = T.plusSeconds(300);
        StudentPace went = pace(wrong("sun", 10), wrong("sun", 20), wrong("moon", 30));
        assertThat(Stuck.of(went, typical, late)).isEmpty();
        StudentPace solved = pace(wrong("sun", 10), wrong("sun", 20), right("sun", 30));
        assertThat(Stuck.of(solved, typical, late)).isEmpty();
        StudentPace nothing = pace();
        assertThat(Stuck.of(nothing, typical, late)).isEmpty();
    }

    @Test
    void a_quick_class_makes_nobody_stuck_within_seconds() {
        TypicalTimes quick =
                TypicalTimes.of(List.of(pace(right("sun", 1)), pace(right("sun", 1)), pace(right("sun", 1))));
        StudentPace twice = pace(wrong("sun", 1), wrong("sun", 2));
        assertThat(Stuck.of(twice, quick, T.plusSeconds(10))).isEmpty();
        assertThat(Stuck.of(twice, quick, T.plusSeconds(21))).isPresent();
    }

    @Test
    void rounds_are_told_of_those_only_who_handed_in_again() {
        Rounds rounds = Rounds.of(List.of(List.of(1.0, 2.0, 4.0), List.of(3.0), List.of(2.0, 2.0), List.of(5.0, 4.0)));
        assertThat(rounds.improved()).isEqualTo(1);
        assertThat(rounds.same()).isEqualTo(1);
        assertThat(rounds.worse()).isEqualTo(1);
        assertThat(rounds.before()).isCloseTo(8 / 3.0, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(rounds.after()).isCloseTo(10 / 3.0, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(Rounds.of(List.of(List.of(1.0))).again()).isZero();
    }
}
