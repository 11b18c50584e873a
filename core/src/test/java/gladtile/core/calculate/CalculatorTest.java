package gladtile.core.calculate;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The calculator against BigDecimal, and against rules that every school teaches. */
class CalculatorTest {
    private static final MathContext MANY = new MathContext(120);

    private static CalculatedNumber result(String typed) {
        Calculator.Outcome outcome = Calculator.of(typed);
        assertThat(outcome).as(typed).isInstanceOf(Calculator.Result.class);
        return ((Calculator.Result) outcome).number();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 + 3 × 4 | 14",
                "(2 + 3) × 4 | 20",
                "2(3 + 4) | 14",
                "10 − 4 − 3 | 3",
                "100 ÷ 10 ÷ 5 | 2",
                "2^3^2 | 512",
                "-3² | -9",
                "(-3)² | 9",
                "2^-2 | 0.25",
                "200 + 10% | 220",
                "200 - 10 % | 180",
                "200 × 10 % | 20",
                "10 % | 0.1",
                "0,1 + 0.2 | 0.3",
                "1 ÷ 3 × 3 | 1",
                "7 - -2 | 9",
                "2 ^ (4 ÷ (1 - 3)) | 0.25",
                "6 ÷ (1 - 4) | -2",
                "--4 | 4",
                "3:4 | 0.75"
            })
    void works_out_as_taught(String typed, String wanted) {
        assertThat(result(typed).decimal()).isEqualTo(wanted);
        assertThat(result(typed).exact()).isTrue();
    }

    @Test
    void fractions_are_in_lowest_terms_and_mixed_above_one() {
        CalculatedNumber seven = result("1 + 3/4");
        assertThat(seven.fraction()).isEqualTo("7/4");
        assertThat(seven.mixed()).isEqualTo("1 3/4");
        assertThat(seven.decimal()).isEqualTo("1.75");
        CalculatedNumber third = result("-2/6");
        assertThat(third.fraction()).isEqualTo("-1/3");
        assertThat(third.mixed()).isNull();
        assertThat(third.decimal()).isEqualTo("-0.333333333333");
        assertThat(third.exact()).isFalse();
        assertThat(result("6/3").fraction()).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 ÷ 0 | divided-by-zero",
                "5 ÷ (2 - 2) | divided-by-zero",
                "2 + | ends-early",
                "(2 + 3 | bracket-open",
                "2 + 3) | does-not-fit",
                "2 $ 3 | does-not-fit",
                "1..2 | does-not-fit",
                "0^0 | no-power",
                "2^0.5 | power",
                "9^9^9 | power",
                "(9^200)^200 | too-many-digits"
            })
    void what_cannot_be_worked_out_is_refused_and_says_why(String typed, String why) {
        Calculator.Outcome outcome = Calculator.of(typed);
        assertThat(outcome).as(typed).isInstanceOf(Calculator.Refused.class);
        assertThat(((Calculator.Refused) outcome).message().key()).isEqualTo("calculator." + why);
    }

    @Test
    void anything_typed_is_answered() {
        String signs = "0123456789.,+-−×÷*/():^%²³ x";
        Random random = new Random(9);
        int results = 0;
        for (int i = 0; i < 40_000; i++) {
            StringBuilder typed = new StringBuilder();
            for (int k = random.nextInt(14); k >= 0; k--) {
                typed.append(signs.charAt(random.nextInt(signs.length())));
            }
            results += Calculator.of(typed.toString()) instanceof Calculator.Result ? 1 : 0;
        }
        assertThat(results).isGreaterThan(1_000);
        assertThat(Calculator.of("(".repeat(200))).isInstanceOf(Calculator.Refused.class);
        assertThat(Calculator.of("-".repeat(200))).isInstanceOf(Calculator.Refused.class);
        assertThat(Calculator.of("9".repeat(201))).isInstanceOf(Calculator.Refused.class);
    }

    /** Builds an expression, and beside it what BigDecimal makes of it, with brackets wherever the order is not sure. */
    private static final class Built {
        private final Random random;
        private final StringBuilder text = new StringBuilder();

        Built(Random random) {
            this.random = random;
        }

        BigDecimal sum(int deep) {
            BigDecimal value = product(deep);
            for (int i = random.nextInt(3); i > 0; i--) {
                boolean plus = random.nextBoolean();
                text.append(plus ? " + " : " − ");
                BigDecimal next = product(deep);
                value = plus ? value.add(next, MANY) : value.subtract(next, MANY);
            }
            return value;
        }

        private BigDecimal product(int deep) {
            BigDecimal value = factor(deep);
            for (int i = random.nextInt(3); i > 0; i--) {
                int from = text.length();
                boolean times = random.nextBoolean();
                text.append(times ? " × " : " ÷ ");
                BigDecimal next = factor(deep);
                if (!times && next.abs().compareTo(new BigDecimal("1e-60")) < 0) {
                    // What BigDecimal cannot divide by is left out.
                    text.setLength(from);
                    return value;
                }
                value = times ? value.multiply(next, MANY) : value.divide(next, MANY);
            }
            return value;
        }

        private BigDecimal factor(int deep) {
            if (deep > 0 && random.nextInt(3) == 0) {
                text.append('(');
                BigDecimal within = sum(deep - 1);
                text.append(')');
                return within;
            }
            String digits = String.valueOf(random.nextInt(1_000));
            if (random.nextInt(3) == 0) {
                digits += "." + random.nextInt(100);
            }
            text.append(digits);
            return new BigDecimal(digits);
        }
    }

    @Test
    void ten_thousand_expressions_are_as_BigDecimal_has_them() {
        int compared = 0;
        // Those that are longer than a line, or divide by nothing, are left out.
        for (int seed = 0; compared < 10_000 && seed < 30_000; seed++) {
            Built built = new Built(new Random(seed));
            BigDecimal wanted = built.sum(3);
            if (!(Calculator.of(built.text.toString()) instanceof Calculator.Result result)) {
                continue;
            }
            CalculatedNumber number = result.number();
            BigDecimal off = new BigDecimal(number.decimal()).subtract(wanted).abs();
            BigDecimal most = wanted.abs().max(new BigDecimal("1e-40")).multiply(new BigDecimal("1e-11"));
            assertThat(off).as("%s = %s", built.text, number).isLessThanOrEqualTo(most);
            compared++;
        }
        assertThat(compared).isEqualTo(10_000);
    }
}
