package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Frame;
import gladtile.core.activity.Movement;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.measure.Arrangement;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Laws of bringing moments back, and of undo beside others. */
class HistoryLawsTest {
    @ParameterizedTest
    @ValueSource(longs = {51, 52, 53, 54, 55, 56})
    void the_difference_of_two_moments_leads_from_one_to_the_other_and_back(long seed) {
        Random random = new Random(seed);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity then = Some.activity(random, 3, 7);
        Activity now = then;
        for (int i = 0; i < 60; i++) {
            now = edits.any(now).apply(now) instanceof Applied result ? result.activity() : now;
            if (i % 10 == 9) {
                assertLeads(now, then);
                assertLeads(then, now);
            }
        }
    }

    private static void assertLeads(Activity from, Activity to) {
        Optional<Edit> edit = Difference.between(from, to);
        Activity there =
                edit.map(step -> ((Applied) step.apply(from)).activity()).orElse(from);
        // Decisions about what is no piece are left in neither.
        assertThat(there.pages()).isEqualTo(to.pages());
        assertThat(there.title()).isEqualTo(to.title());
        assertThat(there.key().rules()).isEqualTo(to.key().rules());
        edit.ifPresent(step -> assertThat(((Applied) step.invert(from).apply(there)).activity())
                .isEqualTo(from));
    }

    @Test
    void nothing_leads_from_an_activity_to_itself() {
        Activity sky = Some.sky();
        assertThat(Difference.between(sky, sky)).isEmpty();
    }

    @Test
    void decisions_are_brought_back_too() {
        Activity sky = Some.sky();
        Edit fix = new SetMovement("p1", "sun", Movement.FIXED);
        Activity now = ((Applied) fix.apply(sky)).activity();
        Edit back = Difference.between(now, sky).orElseThrow();
        assertThat(((Applied) back.apply(now)).activity()).isEqualTo(sky);
    }

    @Test
    void two_edits_conflict_when_they_set_the_same_of_the_same_thing() {
        Edit mine = new SetFrame("p1", "sun", Frame.of(0, 0, 9, 9));
        assertThat(Conflict.between(mine, new SetFrame("p1", "sun", Frame.of(5, 5, 9, 9))))
                .isTrue();
        assertThat(Conflict.between(mine, Transform.moved("p1", List.of("moon", "sun"), 3, 3)))
                .isTrue();
        assertThat(Conflict.between(mine, new Arrange("p1", List.of("sun"), Arrangement.LEFT)))
                .isTrue();
        assertThat(Conflict.between(mine, new SetFrame("p1", "moon", Frame.of(5, 5, 9, 9))))
                .isFalse();
        assertThat(Conflict.between(mine, new SetDescription("p1", "sun", "Sun")))
                .isFalse();
        assertThat(Conflict.between(new Together(List.of(mine, new SetTitle("a"))), new SetTitle("b")))
                .isTrue();
    }

    @Test
    void everything_that_can_be_done_is_told_in_words() {
        Random random = new Random(5);
        RandomEdits edits = new RandomEdits(random, "a");
        Activity now = Some.activity(random, 2, 6);
        for (int i = 0; i < 400; i++) {
            assertThat(Told.of(edits.any(now))).isNotBlank().hasSizeLessThan(200);
        }
    }
}
