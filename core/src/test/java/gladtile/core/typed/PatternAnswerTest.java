package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.typed.Typed.Says;
import gladtile.core.typed.TypedRule.PatternRule;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

class PatternAnswerTest {
    @Test
    void the_whole_answer_must_fit() {
        PatternRule rule = new PatternRule("M(oon|ars)");
        assertThat(TypedJudge.judge(rule, " Mars ").isTaken()).isTrue();
        assertThat(TypedJudge.judge(rule, "Marsh").isTaken()).isFalse();
        assertThatThrownBy(() -> new PatternRule("("))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("pattern");
    }

    /** A pattern that would try for ever is stopped by its steps, and nobody is told that they are wrong. */
    @Test
    void a_pattern_that_never_ends_is_stopped_at_the_same_step_every_time() {
        PatternRule rule = new PatternRule("(a|aa)+\\1c");
        for (int i = 0; i < 5; i++) {
            assertThat(TypedJudge.judge(rule, "a".repeat(60) + "b").says()).isEqualTo(Says.CANNOT_DECIDE);
            assertThat(TypedJudge.judge(rule, "a".repeat(20) + "b").says()).isEqualTo(Says.NOT_TAKEN);
        }
    }

    /** On the small stack of a thread that was started for it, as on a large one. */
    @Test
    void how_deep_it_goes_does_not_depend_on_who_asks() throws Exception {
        PatternRule rule = new PatternRule("(?:(a)|(b)|(c d))*");
        String answer = "ab".repeat(450);
        AtomicReference<Typed> found = new AtomicReference<>();
        Thread small = new Thread(null, () -> found.set(TypedJudge.judge(rule, answer)), "small", 64 << 10);
        small.start();
        small.join();
        assertThat(found.get())
                .isEqualTo(TypedJudge.judge(rule, answer))
                .isEqualTo(Typed.taken(Message.of("typed.fits")));
    }
}
