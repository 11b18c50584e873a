package gladtile.core.calculate;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * A calculator for the wall, in exact fractions: one third times three is one.
 *
 * <p>Powers go before × and ÷, these before + and −; what is equal goes from the left, powers from the right. A number
 * before an opening bracket is multiplied by it. {@code 10 %} is a tenth; after + and − it is that share of what stands
 * before, as on a pocket calculator: {@code 200 + 10 %} is 220 (common practice).
 */
public final class Calculator {
    /** Characters of what is typed. */
    public static final int LENGTH = 200;
    /** Digits of any number on the way, above or below the fraction bar. */
    public static final int DIGITS = 600;

    private static final int POWER = 200;
    /** Brackets and signs within each other. */
    private static final int DEEP = 60;

    private final String text;
    private int at;
    private int depth;

    private Calculator(String text) {
        this.text = text;
    }

    /** What comes of a line that was typed. */
    public sealed interface Outcome {}

    public record Result(CalculatedNumber number) implements Outcome {}

    /** @param message for whoever typed it @param at where it went wrong, 0 the first character; -1 for no single place */
    public record Refused(Message message, int at) implements Outcome {}

    /** Leaves the computation with a refusal; never seen outside. */
    private static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient Refused refused;

        Stop(Message message, int at) {
            super(message.key(), null, false, false);
            refused = new Refused(message, at);
        }
    }

    /** A value, and whether it was written as a percentage. */
    private record Value(BigFraction number, boolean percent) {}

    public static Outcome of(String typed) {
        Bounds.present("calculation", typed);
        if (typed.length() > LENGTH) {
            return new Refused(Message.of("calculator.too-long", "most", LENGTH), LENGTH);
        }
        Calculator calculator = new Calculator(typed);
        try {
            if (calculator.peek() == 0) {
                return new Refused(Message.of("calculator.nothing"), 0);
            }
            BigFraction sum = calculator.sum();
            if (calculator.peek() != 0) {
                throw calculator.unexpected();
            }
            return new Result(CalculatedNumber.of(sum));
        } catch (Stop stop) {
            return stop.refused;
        }
    }

    /** The next sign that is no space; 0 at the end. */
    private char peek() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at < text.length() ? text.charAt(at) : 0;
    }

    private Stop unexpected() {
        char sign = peek();
        if (sign == 0) {
            return new Stop(Message.of("calculator.ends-early"), text.length());
        }
        return new Stop(Message.of("calculator.does-not-fit", "sign", sign), at);
    }

    private BigFraction sum() {
        Value first = product();
        BigFraction sum = first.number();
        while (peek() == '+' || isMinus(peek())) {
            boolean plus = peek() == '+';
            at++;
            Value next = product();
            BigFraction share = next.percent() ? sum.multiply(next.number()) : next.number();
            sum = held(plus ? sum.add(share) : sum.subtract(share));
        }
        return sum;
    }

    private Value product() {
        Value first = power();
        BigFraction product = first.number();
        boolean alone = true;
        while (true) {
            char sign = peek();
            if (sign == '×' || sign == '*' || sign == '·') {
                at++;
                product = held(product.multiply(power().number()));
            } else if (sign == '÷' || sign == '/' || sign == ':') {
                int where = at++;
                BigFraction by = power().number();
                if (by.equals(BigFraction.ZERO)) {
                    throw new Stop(Message.of("calculator.divided-by-zero"), where);
                }
                product = held(product.divide(by));
            } else if (sign == '(') {
                product = held(product.multiply(power().number()));
            } else {
                return new Value(product, alone && first.percent());
            }
            alone = false;
        }
    }

    private Value power() {
        if (isMinus(peek()) || peek() == '+') {
            boolean minus = peek() != '+';
            at++;
            deeper();
            Value of = power();
            depth--;
            return minus ? new Value(of.number().negate(), of.percent()) : of;
        }
        BigFraction base = number();
        if (peek() == '²' || peek() == '³') {
            int raised = text.charAt(at++) == '²' ? 2 : 3;
            base = held(base.pow(raised));
        }
        if (peek() == '^') {
            int where = at++;
            deeper();
            BigFraction raised = power().number();
            depth--;
            base = raised(base, raised, where);
        }
        boolean percent = false;
        while (peek() == '%') {
            at++;
            base = base.divide(100);
            percent = true;
        }
        return new Value(base, percent);
    }

    private BigFraction raised(BigFraction base, BigFraction by, int where) {
        // Either part may carry the sign.
        if (!by.getDenominator().abs().equals(BigInteger.ONE)
                || by.getNumerator().abs().compareTo(BigInteger.valueOf(POWER)) > 0) {
            throw new Stop(Message.of("calculator.power", "least", POWER, "most", POWER), where);
        }
        int power = by.intValue();
        if (power <= 0 && base.equals(BigFraction.ZERO)) {
            throw new Stop(Message.of("calculator.no-power"), where);
        }
        return held(base.pow(power));
    }

    private void deeper() {
        if (++depth > DEEP) {
            throw new Stop(Message.of("calculator.too-deep", "most", DEEP), at);
        }
    }

    private BigFraction number() {
        if (peek() == '(') {
            int opened = at++;
            deeper();
            BigFraction within = sum();
            depth--;
            if (peek() != ')') {
                throw peek() == 0 ? new Stop(Message.of("calculator.bracket-open"), opened) : unexpected();
            }
            at++;
            return within;
        }
        int from = at;
        StringBuilder digits = new StringBuilder();
        int below = -1;
        while (at < text.length()) {
            char sign = text.charAt(at);
            if (sign >= '0' && sign <= '9') {
                digits.append(sign);
            } else if ((sign == '.' || sign == ',') && below < 0) {
                below = digits.length();
            } else {
                break;
            }
            at++;
        }
        if (digits.isEmpty()) {
            at = from;
            throw unexpected();
        }
        int places = below < 0 ? 0 : digits.length() - below;
        return BigFraction.of(new BigInteger(digits.toString()), BigInteger.TEN.pow(places));
    }

    private static boolean isMinus(char sign) {
        return sign == '-' || sign == '−';
    }

    private BigFraction held(BigFraction number) {
        int bits = Math.max(
                number.getNumerator().bitLength(), number.getDenominator().bitLength());
        if (bits > DIGITS / Math.log10(2)) {
            throw new Stop(Message.of("calculator.too-many-digits", "most", DIGITS), -1);
        }
        return number;
    }
}
