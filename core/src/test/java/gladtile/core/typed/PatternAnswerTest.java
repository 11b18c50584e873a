package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.typed.Typed.Says;
import gladtile.core.typed.TypedRule.PatternRule;
import java.util.concurrent.atomic.AtomicLong;
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

    /** A pattern that would try for ever is stopped by the clock, and nobody is told that they are wrong. */
    @Test
    void a_pattern_that_never_ends_is_stopped() {
        AtomicLong nanos = new AtomicLong();
        Deadline deadline = Deadline.in(50, () -> nanos.addAndGet(1_000_000));
        Typed typed = PatternAnswer.judge(new PatternRule("(a|aa)+$"), "a".repeat(60) + "b", deadline);
        assertThat(typed.says()).isEqualTo(Says.CANNOT_DECIDE);
    }
}
