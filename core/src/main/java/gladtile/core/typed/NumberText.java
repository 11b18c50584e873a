package gladtile.core.typed;

import gladtile.core.typed.TypedRule.Notation;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.EnumSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads a number as people write it: exactly, with what stands behind it. */
final class NumberText {
    private static final Pattern MIXED = Pattern.compile("([+-]?)(\\d{1,40}) +(\\d{1,40})/(\\d{1,40})(.*)");
    private static final Pattern FRACTION = Pattern.compile("([+-]?\\d{1,40})/(\\d{1,40})(.*)");
    private static final Pattern DECIMAL =
            Pattern.compile("([+-]?)(\\d{1,40}(?: \\d{3}(?!\\d))*|)(?:([.,])(\\d{1,40}))?"
                    + "(?:(?:[·×*x] ?10\\^?|[eE])([+-]?\\d{1,3})(?![\\d.,]))?(.*)");

    private NumberText() {}

    /** @param rest what stands behind the number, without white space around it */
    record Read(BigFraction value, Set<Notation> notations, String rest) {}

    /** Null when it begins with no number. */
    static Read read(String written) {
        String text = tidy(written);
        Matcher mixed = MIXED.matcher(text);
        if (mixed.matches()) {
            return fraction(mixed.group(1) + mixed.group(2), mixed.group(3), mixed.group(4), mixed.group(5));
        }
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return fraction(null, fraction.group(1), fraction.group(2), fraction.group(3));
        }
        Matcher decimal = DECIMAL.matcher(text);
        if (!decimal.matches() || decimal.group(2).isEmpty() && decimal.group(4) == null) {
            return null;
        }
        Set<Notation> used = EnumSet.noneOf(Notation.class);
        String digits = decimal.group(1)
                + (decimal.group(2).isEmpty() ? "0" : decimal.group(2).replace(" ", ""));
        if (decimal.group(3) != null) {
            used.add(decimal.group(3).equals(".") ? Notation.POINT : Notation.COMMA);
            digits += "." + decimal.group(4);
        }
        BigDecimal value = new BigDecimal(digits);
        if (decimal.group(5) != null) {
            used.add(Notation.POWERS);
            value = value.scaleByPowerOfTen(Integer.parseInt(decimal.group(5)));
        }
        return percent(exact(value), used, decimal.group(6));
    }

    private static Read fraction(String whole, String above, String below, String rest) {
        BigInteger under = new BigInteger(below);
        if (under.signum() == 0) {
            return null;
        }
        BigFraction part = BigFraction.of(new BigInteger(above), under);
        if (whole == null) {
            return percent(part, EnumSet.of(Notation.FRACTION), rest);
        }
        BigFraction value =
                BigFraction.of(new BigInteger(whole.replace("+", "")).abs()).add(part);
        return percent(whole.startsWith("-") ? value.negate() : value, EnumSet.of(Notation.MIXED), rest);
    }

    private static Read percent(BigFraction value, Set<Notation> used, String rest) {
        String behind = rest.strip();
        if (behind.startsWith("%")) {
            used.add(Notation.PERCENT);
            return new Read(value.divide(100), used, behind.substring(1).strip());
        }
        return new Read(value, used, behind);
    }

    /** Digits of any script, minus signs of any length, raised digits after a ten, and fractions in one sign. */
    private static String tidy(String written) {
        StringBuilder text = new StringBuilder();
        String raised = "⁰¹²³⁴⁵⁶⁷⁸⁹";
        boolean power = false;
        String stripped = written.strip();
        for (int i = 0; i < stripped.length(); i++) {
            char c = stripped.charAt(i);
            int up = raised.indexOf(c);
            boolean ten = text.toString().endsWith("10") || power;
            if (ten && (up >= 0 || c == '⁻')) {
                text.append(power ? "" : "^").append(up >= 0 ? String.valueOf(up) : "-");
                power = true;
                continue;
            }
            power = false;
            if (c == '−' || c == '–' || c == '‐') {
                text.append('-');
            } else if (Character.getType(c) == Character.OTHER_NUMBER && c >= '¼') {
                String parts = Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC)
                        .replace('⁄', '/');
                boolean behindDigit = !text.isEmpty() && Character.isDigit(text.charAt(text.length() - 1));
                text.append(behindDigit ? " " : "").append(parts);
            } else if (Character.isSpaceChar(c)) {
                text.append(' ');
            } else if (Character.isDigit(c)) {
                text.append(Character.digit(c, 10));
            } else {
                text.append(c == '٫' ? '.' : c == '⁄' ? '/' : c == '٪' ? '%' : c);
            }
        }
        return text.toString()
                .replaceAll("^([+-]) +", "$1")
                .replaceAll("(\\d) */ *(\\d)", "$1/$2")
                .replaceAll("(\\d) *([·×*]) *(10)", "$1$2$3");
    }

    /** A double as the decimal number that it is written as. */
    static BigFraction decimal(double value) {
        return exact(BigDecimal.valueOf(value));
    }

    private static BigFraction exact(BigDecimal value) {
        return value.scale() > 0
                ? BigFraction.of(value.unscaledValue(), BigInteger.TEN.pow(value.scale()))
                : BigFraction.of(value.toBigIntegerExact());
    }

    static String said(double value) {
        BigDecimal rounded =
                new BigDecimal(value).round(new java.math.MathContext(6)).stripTrailingZeros();
        return rounded.scale() < -12 ? rounded.toString() : rounded.toPlainString();
    }
}
