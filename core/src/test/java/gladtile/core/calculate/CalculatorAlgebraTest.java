package gladtile.core.calculate;

import static org.assertj.core.api.Assertions.assertThat;

import cc.redberry.rings.Rational;
import cc.redberry.rings.Rings;
import cc.redberry.rings.bigint.BigInteger;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** 10,000 random expressions as a general-purpose algebra library, Rings, reads and works them out: to the last digit. */
class CalculatorAlgebraTest {
    private static final int EXPRESSIONS = 10_000;

    private static String expression(Random random, int depth) {
        if (depth == 0 || random.nextInt(5) == 0) {
            return Integer.toString(random.nextInt(40));
        }
        String one = expression(random, depth - 1);
        String other = expression(random, depth - 1);
        return switch (random.nextInt(6)) {
            case 0 -> one + "+" + other;
            case 1 -> one + "-" + other;
            case 2 -> one + "*" + other;
            case 3 -> "(" + one + ")*(" + other + ")";
            case 4 -> "(" + one + ")/(" + other + ")";
            default -> "(" + one + ")^" + random.nextInt(1, 4);
        };
    }

    private static String fraction(Rational<BigInteger> value) {
        BigInteger down = value.denominator();
        BigInteger up = value.numerator();
        // Either part may carry the sign there.
        if (down.signum() < 0) {
            down = down.negate();
            up = up.negate();
        }
        return down.isOne() ? up.toString() : up + "/" + down;
    }

    @Test
    void an_algebra_library_finds_the_same() {
        Random random = new Random(20261130);
        int fractions = 0;
        int refused = 0;
        for (int i = 0; i < EXPRESSIONS; i++) {
            String typed = expression(random, 4);
            Calculator.Outcome outcome = Calculator.of(typed);
            Rational<BigInteger> wanted;
            try {
                wanted = Rings.Q.parse(typed);
            } catch (ArithmeticException divided) {
                assertThat(outcome).as(typed).isInstanceOf(Calculator.Refused.class);
                refused++;
                continue;
            }
            if (outcome instanceof Calculator.Refused why) {
                // Longer than what stands on a wall.
                assertThat(why.message().key()).as(typed).isEqualTo("calculator.too-many-digits");
                refused++;
                continue;
            }
            CalculatedNumber number = ((Calculator.Result) outcome).number();
            if (number.fraction() == null && !number.exact()) {
                // Whole, and longer than what stands on a wall: rounded, and said to be.
                assertThat(new BigDecimal(number.decimal()))
                        .as(typed)
                        .isEqualByComparingTo(
                                new BigDecimal(fraction(wanted)).round(new MathContext(12, RoundingMode.HALF_UP)));
                continue;
            }
            String found = number.fraction() == null ? number.decimal() : number.fraction();
            assertThat(found).as(typed).isEqualTo(fraction(wanted));
            fractions += number.fraction() == null ? 0 : 1;
        }
        assertThat(fractions).isGreaterThan(2_000);
        assertThat(refused).isBetween(50, EXPRESSIONS / 5);
    }
}
