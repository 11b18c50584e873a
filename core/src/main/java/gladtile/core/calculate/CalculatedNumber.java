package gladtile.core.calculate;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A result, in each way in which it is written.
 *
 * @param fraction in lowest terms, {@code -7/4}; absent for a whole number
 * @param mixed {@code -1 3/4}; absent where it is below one, or whole
 * @param decimal {@code -1.75}
 * @param exact whether the decimal is all of it; else it was rounded to twelve digits
 */
public record CalculatedNumber(
        @JsonInclude(JsonInclude.Include.NON_NULL) String fraction,
        @JsonInclude(JsonInclude.Include.NON_NULL) String mixed,
        String decimal,
        boolean exact) {
    private static final MathContext TWELVE = new MathContext(12, RoundingMode.HALF_UP);
    /** Digits of a number that is written out whole. */
    private static final int WRITTEN = 40;

    static CalculatedNumber of(BigFraction number) {
        // Either part may carry the sign.
        boolean turned = number.getDenominator().signum() < 0;
        BigInteger above = turned ? number.getNumerator().negate() : number.getNumerator();
        BigInteger below = number.getDenominator().abs();
        if (below.equals(BigInteger.ONE)) {
            BigDecimal whole = new BigDecimal(above);
            boolean exact = whole.precision() <= WRITTEN;
            return new CalculatedNumber(null, null, written(whole, exact), exact);
        }
        BigDecimal exactly = exactly(above, below);
        boolean exact = exactly != null && exactly.precision() <= WRITTEN && exactly.scale() <= WRITTEN;
        BigDecimal decimal = exact
                ? exactly
                : new BigDecimal(above).divide(new BigDecimal(below), TWELVE).stripTrailingZeros();
        BigInteger[] parts = above.abs().divideAndRemainder(below);
        String sign = above.signum() < 0 ? "-" : "";
        String mixed = parts[0].signum() == 0 ? null : "%s%s %s/%s".formatted(sign, parts[0], parts[1], below);
        return new CalculatedNumber(above + "/" + below, mixed, written(decimal, exact), exact);
    }

    /** Null where it has no end. */
    private static BigDecimal exactly(BigInteger above, BigInteger below) {
        BigInteger rest = below;
        for (BigInteger factor : new BigInteger[] {BigInteger.TWO, BigInteger.valueOf(5)}) {
            while (rest.mod(factor).signum() == 0) {
                rest = rest.divide(factor);
            }
        }
        return rest.equals(BigInteger.ONE)
                ? new BigDecimal(above).divide(new BigDecimal(below)).stripTrailingZeros()
                : null;
    }

    private static String written(BigDecimal number, boolean exact) {
        BigDecimal shown = exact ? number : number.round(TWELVE).stripTrailingZeros();
        boolean plain = shown.precision() - shown.scale() <= WRITTEN && shown.scale() <= WRITTEN;
        return plain ? shown.toPlainString() : shown.toString();
    }
}
