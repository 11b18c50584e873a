package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.typed.Effort;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class ComputingBudgetTest {
    private static final TypedRule WORST = new TypedRule.MathsRule("(a+b+c+d)^20");
    private static final TypedRule USUAL = new TypedRule.MathsRule("2(a+b)");
    private static final long SECOND = 1_000_000_000L;

    private final AtomicLong nanos = new AtomicLong();
    private final ComputingBudget budget = new ComputingBudget(nanos::get);
    private final UUID greedy = UUID.randomUUID();
    private final UUID child = UUID.randomUUID();

    private int asked(UUID who, TypedRule rule, String answer, int times) {
        AtomicInteger judged = new AtomicInteger();
        for (int i = 0; i < times; i++) {
            try {
                budget.spend(who, 1, () -> TypedJudge.judge(rule, answer));
                judged.incrementAndGet();
            } catch (Problem tooMuch) {
                assertThat(tooMuch.getMessage()).contains("more than can be worked out");
            }
        }
        return judged.get();
    }

    @Test
    void who_asks_for_the_worst_without_pause_gets_the_most_and_then_a_little_each_second() {
        long cost = Effort.of(() -> TypedJudge.judge(WORST, "(d+c+b+a)^20")).steps();
        assertThat(cost).isGreaterThan(Effort.OF_ONE / 10);
        int most = (int) (ComputingBudget.MOST / cost);
        assertThat(asked(greedy, WORST, "(d+c+b+a)^20", most + 100)).isBetween(most, most + 1);
        assertThat(budget.isUsedUp(greedy)).isTrue();
        assertThat(budget.isUsedUp(child)).isFalse();
        nanos.addAndGet(10 * SECOND);
        assertThat(budget.isUsedUp(greedy)).isFalse();
        int again = (int) (10 * ComputingBudget.A_SECOND / cost);
        assertThat(asked(greedy, WORST, "(d+c+b+a)^20", again + 100)).isBetween(again - 1, again + 1);
    }

    @Test
    void usual_answers_are_never_held_up() {
        assertThat(asked(child, USUAL, "2a + 2b", 2_000)).isEqualTo(2_000);
    }

    @Test
    void what_many_requests_might_cost_is_set_aside_before_it_is_known() {
        budget.spend(greedy, 20, () -> {
            assertThatThrownBy(() -> budget.spend(greedy, 1, () -> "more")).isInstanceOf(Problem.class);
            return "worked out";
        });
        // It cost nothing, so all of it is there again; also where the work failed.
        assertThatThrownBy(() -> budget.spend(greedy, 20, () -> {
                    throw new IllegalStateException("broken");
                }))
                .isInstanceOf(IllegalStateException.class);
        assertThat(budget.<String>spend(greedy, 20, () -> "fine")).isEqualTo("fine");
    }
}
