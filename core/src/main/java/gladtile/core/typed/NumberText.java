package gladtile.core.typed;

import gladtile.core.typed.TypedRule.Notation;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads a number as people write it: exactly, with what stands behind it. */
final class NumberText {
    private static final Pattern MIXED = Pattern.compile("([+-]?)(\\d{1,40}) +(\\d{1,40})/(\\d{1,40})(.*)");
    private static final Pattern FRACTION = Pattern.compile("([+-]?\\d{1,40})/(\\d{1,40})(.*)");
    /** Digits, with what may stand between them, and a power of ten behind them. */
    private static final Pattern DECIMAL = Pattern.compile("([+-]?)(\\d[\\d .,']{0,80}|[.,]\\d{1,40})"
            + "(?: ?[·×*x] ?10\\^([+-]?\\d{1,3})(?![\\d.,])|[eE]([+-]?\\d{1,3})(?![\\d.,]))?(.*)");

    private static final Pattern POWER_ALONE = Pattern.compile("([+-]?)10\\^([+-]?\\d{1,3})(?![\\d.,])(.*)");
    /** Whole numbers in groups of three, by one sign throughout. */
    private static final Pattern GROUPED = Pattern.compile("\\d{1,3}([ .,'])\\d{3}(?:\\1\\d{3})*");

    private NumberText() {}

    /** @param rest what stands behind the number, without white space around it */
    record Read(BigFraction value, Set<Notation> notations, String rest) {}

    /**
     * Every way in which it can be read: 1,234 is one and a bit to some, and over a thousand to others. Empty when it
     * begins with no number.
     */
    static List<Read> read(String written) {
        String text = tidy(written);
        Matcher mixed = MIXED.matcher(text);
        if (mixed.matches()) {
            return one(fraction(mixed.group(1) + mixed.group(2), mixed.group(3), mixed.group(4), mixed.group(5)));
        }
        Matcher fraction = FRACTION.matcher(text);
        if (fraction.matches()) {
            return one(fraction(null, fraction.group(1), fraction.group(2), fraction.group(3)));
        }
        Matcher power = POWER_ALONE.matcher(text);
        if (power.matches()) {
            BigDecimal value = BigDecimal.ONE.scaleByPowerOfTen(Integer.parseInt(power.group(2)));
            return one(percent(
                    exact(power.group(1).equals("-") ? value.negate() : value),
                    EnumSet.of(Notation.POWERS),
                    power.group(3)));
        }
        Matcher decimal = DECIMAL.matcher(text);
        if (!decimal.matches()) {
            return List.of();
        }
        String exponent = decimal.group(3) == null ? decimal.group(4) : decimal.group(3);
        // What belongs to the number no longer than it can: "12 500 m", but "5 m" and "5, or so".
        String digits = decimal.group(2).strip();
        List<Read> all = new ArrayList<>();
        for (Digits found : Digits.of(digits)) {
            Set<Notation> used =
                    found.notation() == null ? EnumSet.noneOf(Notation.class) : EnumSet.of(found.notation());
            BigDecimal value = new BigDecimal(decimal.group(1) + found.plain());
            if (exponent != null) {
                used.add(Notation.POWERS);
                value = value.scaleByPowerOfTen(Integer.parseInt(exponent));
            }
            all.add(percent(exact(value), used, decimal.group(5)));
        }
        return all;
    }

    private static List<Read> one(Read read) {
        return read == null ? List.of() : List.of(read);
    }

    /** Digits read in one way. @param notation the decimal sign that was used; null for none */
    private record Digits(String plain, Notation notation) {
        /** By the forms of English (1,234.5), German and Spanish (1.234,5), French and SI (1 234,5), Swiss (1'234.5). */
        static List<Digits> of(String written) {
            List<Digits> all = new ArrayList<>();
            if (written.matches("\\d+")) {
                return List.of(new Digits(written, null));
            }
            if (written.matches("\\d+[.,]?") || written.matches("\\d*[.,]\\d+")) {
                int sign = Math.max(written.indexOf('.'), written.indexOf(','));
                String whole = written.substring(0, sign);
                String parts = written.substring(sign + 1);
                // A sign at the end is a full stop.
                all.add(new Digits(
                        (whole.isEmpty() ? "0" : whole) + (parts.isEmpty() ? "" : "." + parts),
                        parts.isEmpty() ? null : written.charAt(sign) == '.' ? Notation.POINT : Notation.COMMA));
            }
            if (GROUPED.matcher(written).matches()) {
                all.add(new Digits(written.replaceAll("\\D", ""), null));
            }
            Matcher both = Pattern.compile("(\\d{1,3}(?:([ .,'])\\d{3})(?:\\2\\d{3})*)([.,])(\\d{1,40})")
                    .matcher(written);
            if (both.matches() && !both.group(2).equals(both.group(3))) {
                all.add(new Digits(
                        both.group(1).replaceAll("\\D", "") + "." + both.group(4),
                        both.group(3).equals(".") ? Notation.POINT : Notation.COMMA));
            }
            return all;
        }
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
            } else if (c >= '！' && c <= '～') {
                // The wide forms of the signs of ASCII stand in its order.
                text.append((char) (c - 0xFEE0));
            } else {
                text.append(
                        switch (c) {
                            case '٫' -> '.';
                            case '٬' -> ',';
                            case '⁄', '∕' -> '/';
                            case '٪' -> '%';
                            case '’' -> '\'';
                            case '⋅', '∙' -> '·';
                            default -> c;
                        });
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
