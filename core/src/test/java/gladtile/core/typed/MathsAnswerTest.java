package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import cc.redberry.rings.Rings;
import gladtile.core.OutOfBounds;
import gladtile.core.typed.Typed.Says;
import gladtile.core.typed.TypedRule.MathsRule;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MathsAnswerTest {
    /** What is right does not depend on how busy the machine is. */
    private static Says inItsOwnTime(String wanted, String answer) {
        return MathsAnswer.judge(new MathsRule(wanted), answer).says();
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
        "2sin(x), sin(x)+sin(x)",
        "-x^2, -(x^2)",
        "-x^2, -x²",
        "-2^2, -4",
        "2^3^2, 512",
        "2^-1, 1/2",
        "exp(x), e^x",
        "exp(2), e*e",
        "ln(x)+1, 1+ln x",
        "ln(e), 1",
        "log(10), 1",
        "|x|, abs(x)",
        "|x|, |-x|",
        "2|x|+1, 1+|x|*2",
        "|-3|, 3",
        "||x|-1|, abs(abs(x)-1)",
        "sin(x), sin x",
        "sin(2x), sin 2x",
        "sin(x)^2, sin²(x)",
        "sin(x)^2, sin² x",
        "sin(x)cos(x), cos x sin x",
        "sin(x+1), sin(1+x)",
        "cos(-x), cos(x)",
        "-sin(x), sin(-x)",
        "½x, x/2",
        "1½x, 3x/2",
        "x/2, x½",
        "12x, １２x",
        "2x+1, ２ｘ＋１",
        "sqrt(4), 2",
        "√9·x, 3x",
        "sqrt(1/4), 0.5",
        "sqrt((0-4)/(0-9)), 2/3",
        "sqrt(4/(3-12)*(0-1)), 2/3",
        "x^((0-4)/(0-2)), x^2",
        "x^(4/(0-2)), 1/x^2",
        "2^(1+2), 8",
        "x^(1+1), x²",
        "5, 5.",
        "x+y, {x}+[y]",
        "7, '٧'"
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
        "-x^2, x^2",
        "-2^2, 4",
        "2^3^2, 64",
        "|x|, x",
        "x, 2 3",
        "sin(x), sinus",
        "x+1, |x+1",
        "x, ^2",
        "x, sqrt",
        "½x, ⅓x",
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

    /** The same answer is found the same, to the last step, however often and beside whatever it is judged. */
    @Test
    void what_it_costs_is_counted_in_steps() {
        String large = "(a+b+c+d+f)^9";
        Typed first = MathsAnswer.judge(new MathsRule(large), large + "+0");
        Thread[] busy = new Thread[4];
        for (int i = 0; i < busy.length; i++) {
            busy[i] = new Thread(() -> MathsAnswer.judge(new MathsRule(large), large));
            busy[i].start();
        }
        for (int i = 0; i < 5; i++) {
            assertThat(MathsAnswer.judge(new MathsRule(large), large + "+0")).isEqualTo(first);
        }
        assertThat(MathsAnswer.judge(new MathsRule("(x+1)^9"), "(x+1)^9", new Steps(20))
                        .says())
                .isEqualTo(Says.CANNOT_DECIDE);
        assertThat(MathsAnswer.judge(new MathsRule("(x+1)^9"), "(x+1)^9", new Steps(2000))
                        .says())
                .isEqualTo(Says.TAKEN);
    }

    @Test
    void a_key_that_divides_by_zero_turns_nobody_away() {
        for (String key : List.of("1/(x-x)", "x/0", "sqrt(-4)", "0^-1", "ln(0)")) {
            assertThat(says(key, "5")).as(key).isEqualTo(Says.CANNOT_DECIDE);
            assertThat(MathsAnswer.defined(new MathsRule(key))).as(key).isFalse();
        }
        assertThat(MathsAnswer.defined(new MathsRule("1/(x-y)"))).isTrue();
        assertThat(says("x", "1/(y-y)")).isEqualTo(Says.NOT_TAKEN);
    }

    /** Precedence against an evaluator of its own: a recursive descent over random texts with spaces and signs. */
    @Test
    void random_sums_of_numbers_are_what_exact_arithmetic_says() {
        Random random = new Random(3);
        for (int i = 0; i < 2000; i++) {
            StringBuilder text = new StringBuilder();
            BigFraction value = number(random, 0, text);
            if (value == null || text.length() > 900) {
                continue;
            }
            String is = value.getDenominator().equals(BigInteger.ONE)
                    ? value.getNumerator().toString()
                    : value.getNumerator() + "/" + value.getDenominator();
            assertThat(says(is, text.toString())).as("%s = %s", text, is).isEqualTo(Says.TAKEN);
            assertThat(says(is + "+1/7", text.toString())).as("%s", text).isEqualTo(Says.NOT_TAKEN);
        }
    }

    /** Writes a random expression and says what it is; null where it divides by zero or grows too large. */
    private static BigFraction number(Random random, int level, StringBuilder text) {
        // 0: a sum, 1: a product, 2: a power, 3: an atom.
        switch (level) {
            case 0 -> {
                boolean minus = random.nextInt(4) == 0;
                text.append(minus ? "-" : "");
                BigFraction left = number(random, 1, text);
                left = left == null || !minus ? left : left.negate();
                for (int n = random.nextInt(3); n > 0 && left != null; n--) {
                    boolean plus = random.nextBoolean();
                    text.append(plus ? " + " : "-");
                    BigFraction right = number(random, 1, text);
                    left = right == null ? null : plus ? left.add(right) : left.subtract(right);
                }
                return left;
            }
            case 1 -> {
                BigFraction left = number(random, 2, text);
                for (int n = random.nextInt(3); n > 0 && left != null; n--) {
                    boolean times = random.nextBoolean();
                    text.append(times ? "·" : "/");
                    boolean minus = random.nextInt(5) == 0;
                    text.append(minus ? "-" : "");
                    BigFraction right = number(random, 2, text);
                    if (right == null || !times && right.signum() == 0) {
                        return null;
                    }
                    right = minus ? right.negate() : right;
                    left = times ? left.multiply(right) : left.divide(right);
                }
                return left;
            }
            case 2 -> {
                BigFraction base = number(random, 3, text);
                if (base != null && base.getNumerator().bitLength() > 300) {
                    return null;
                }
                if (random.nextInt(3) > 0 || base == null) {
                    return base;
                }
                int power = random.nextInt(-2, 4);
                text.append("^").append(power);
                int tower = random.nextInt(3) == 0 && power > 0 ? random.nextInt(1, 3) : 1;
                if (tower > 1) {
                    text.append("^").append(tower);
                }
                int whole = (int) Math.pow(power, tower);
                return base.signum() == 0 && whole < 0 ? null : base.pow(whole);
            }
            default -> {
                if (random.nextInt(4) == 0 && text.length() < 60) {
                    text.append("(");
                    BigFraction inside = number(random, 0, text);
                    text.append(")");
                    return inside;
                }
                int whole = random.nextInt(1, 9);
                text.append(whole);
                return BigFraction.of(whole);
            }
        }
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
