package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cc.redberry.rings.Rings;
import gladtile.core.OutOfBounds;
import gladtile.core.typed.Typed.Says;
import gladtile.core.typed.TypedRule.MathsRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MathsAnswerTest {
    /** What is right does not depend on how busy the machine is. */
    private static Says inItsOwnTime(String wanted, String answer) {
        return MathsAnswer.judge(new MathsRule(wanted), answer, Deadline.in(50, () -> 0))
                .says();
    }

    private static Says says(String wanted, String answer) {
        return TypedJudge.judge(new MathsRule(wanted), answer).says();
    }

    @ParameterizedTest
    @CsvSource({
        "2(x+1), 2x+2",
        "2(x+1), 2+2·x",
        "(x+1)^2, x²+2x+1",
        "(a+b)(a-b), a^2-b^2",
        "x/2, 0.5x",
        "'x/2', '0,5x'",
        "1/x+1/y, (x+y)/(xy)",
        "(x^2-1)/(x-1), x+1",
        "x^-1, 1/x",
        "3x−2, -2+3x",
        "πr², r^2*pi",
        "y=2x+1, 2y=4x+2",
        "y=2x+1, 2x-y=-1",
        "√(x)·2, 2sqrt(x)",
        "2sin(x), sin(x)+sin(x)"
    })
    void the_same_is_taken_however_it_is_written(String wanted, String answer) {
        assertThat(says(wanted, answer)).isEqualTo(Says.TAKEN);
    }

    @ParameterizedTest
    @CsvSource({
        "2(x+1), 2x+1",
        "(x+1)^2, x^2+1",
        "x, y",
        "1/x, x",
        "y=2x+1, y=2x-1",
        "x+1, y=x+1",
        "sqrt(x^2+1), x+1",
        "2sin(x), sin(2x)",
        "x+1, x+",
        "x+1, 'DROP(x)'",
        "1/x, 1/(x-x)"
    })
    void what_is_not_the_same_is_not_taken(String wanted, String answer) {
        assertThat(says(wanted, answer)).isEqualTo(Says.NOT_TAKEN);
    }

    @ParameterizedTest
    @CsvSource({"sin(x)^2+cos(x)^2, 1", "sqrt(x)*sqrt(x), x", "2^x*2^y, 2^(x+y)"})
    void what_cannot_be_decided_is_said_to_be_so(String wanted, String answer) {
        assertThat(says(wanted, answer)).isEqualTo(Says.CANNOT_DECIDE);
    }

    /** Random polynomials against their own expansion by a computer algebra library (Rings), and against one off by one. */
    @Test
    void it_is_never_wrong_on_random_polynomials() {
        Random random = new Random(12);
        var ring = Rings.MultivariateRing(2, Rings.Q);
        String[] names = {"x", "y"};
        for (int i = 0; i < 300; i++) {
            StringBuilder factored = new StringBuilder();
            var product = ring.getOne();
            for (int f = 1 + random.nextInt(3); f > 0; f--) {
                int a = random.nextInt(-5, 6);
                int b = random.nextInt(-5, 6);
                int c = random.nextInt(1, 6);
                factored.append("(")
                        .append(a)
                        .append("x+(")
                        .append(b)
                        .append(")y+")
                        .append(c)
                        .append(")");
                product = ring.multiply(product, ring.parse("%d*x + %d*y + %d".formatted(a, b, c), names));
            }
            String expanded = product.toString(names);
            assertThat(inItsOwnTime(factored.toString(), expanded))
                    .as("%s = %s", factored, expanded)
                    .isEqualTo(Says.TAKEN);
            assertThat(inItsOwnTime(factored.toString(), expanded + "+1")).isEqualTo(Says.NOT_TAKEN);
        }
    }

    @Test
    void a_very_large_answer_ends_in_time_and_is_never_taken_for_wrong() {
        String large = "(a+b+c+d+f+g+h+k)^40";
        assertThat(says(large, large + "+0")).isIn(Says.CANNOT_DECIDE, Says.TAKEN);
        assertThat(says(large, large + "+1")).isIn(Says.CANNOT_DECIDE, Says.NOT_TAKEN);
    }

    @Test
    void the_time_is_bounded_by_the_clock_that_is_given() {
        AtomicLong nanos = new AtomicLong();
        Deadline late = Deadline.in(50, () -> nanos.getAndAdd(60_000_000));
        Typed typed = MathsAnswer.judge(new MathsRule("(x+1)^9"), "(x+1)^9", late);
        assertThat(typed.says()).isEqualTo(Says.CANNOT_DECIDE);
    }

    @Test
    void an_equation_of_ten_thousand_letters_is_refused_by_its_bound() {
        String long_ = "x+".repeat(5_000) + "x";
        assertThatThrownBy(() -> new MathsRule(long_))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("typed.expression");
        assertThatThrownBy(() -> TypedJudge.judge(new MathsRule("x"), long_))
                .isInstanceOf(OutOfBounds.class)
                .hasMessageContaining("typed.answer");
        assertThatThrownBy(() -> new MathsRule("2+")).isInstanceOf(OutOfBounds.class);
        List<String> deep = new ArrayList<>();
        deep.add("(".repeat(400) + "x" + ")".repeat(400));
        assertThat(says("x", deep.get(0))).isEqualTo(Says.NOT_TAKEN);
    }
}
