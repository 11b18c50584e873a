package gladtile.core.typed;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.measure.IncommensurableException;
import javax.measure.MeasurementException;
import javax.measure.Unit;
import javax.measure.quantity.Temperature;
import systems.uom.ucum.UCUM;
import systems.uom.ucum.format.UCUMFormat;
import tech.units.indriya.AbstractUnit;

/**
 * Units as school writes them: km, m/s², kg·m, km·h⁻¹, J/(kg·K). The units themselves, their prefixes and their factors are
 * those of the Unified Code for Units of Measure; here is only how a school spells them.
 */
final class Units {
    /** What school spells otherwise than the code. */
    private static final Map<String, String> SPELLED = Map.ofEntries(
            Map.entry("°C", "Cel"),
            Map.entry("°F", "[degF]"),
            Map.entry("°", "deg"),
            Map.entry("in", "[in_i]"),
            Map.entry("ft", "[ft_i]"),
            Map.entry("yd", "[yd_i]"),
            Map.entry("mi", "[mi_i]"),
            Map.entry("lb", "[lb_av]"),
            Map.entry("oz", "[oz_av]"),
            Map.entry("ha", "har"),
            Map.entry("ly", "[ly]"),
            Map.entry("sec", "s"),
            Map.entry("Å", "Ao"));

    private static final Set<String> ASTRONOMICAL = Set.of("au", "AU", "AE", "ua");

    /** Two units written as one, with a prefix before the first. */
    private static final java.util.regex.Pattern JOINED = java.util.regex.Pattern.compile("([kMGm]?)(Wh|Ah|Nm|mph)");

    private static final int LONGEST = 60;
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    /** Reading the code is slow, and classes write the same few units again and again. */
    private static final Map<String, Optional<Unit<?>>> READ = new ConcurrentHashMap<>();

    private static final int READ_MOST = 2_000;
    private static final Unit<Temperature> FAHRENHEIT_DEGREE =
            UCUM.KELVIN.multiply(5).divide(9);

    private Units() {}

    /** Empty when there is no such unit. */
    static Optional<Unit<?>> of(String written) {
        String symbol = tidy(written);
        if (symbol.isEmpty() || symbol.length() > LONGEST) {
            return Optional.empty();
        }
        Optional<Unit<?>> known = READ.get(symbol);
        if (known == null) {
            known = new Reader(symbol).whole();
            if (READ.size() < READ_MOST) {
                READ.put(symbol, known);
            }
        }
        return known;
    }

    /** The same unit written in one way: one sign for times, powers behind the symbol, no space around signs. */
    static String tidy(String written) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < written.length(); i++) {
            char c = written.charAt(i);
            int raised = RAISED.indexOf(c);
            switch (c) {
                case '·', '⋅', '∙', '*', '×', '.' -> text.append('·');
                case 'μ', 'µ' -> text.append('u');
                case '\u2126', '\u03a9' -> text.append("Ohm");
                case '℃' -> text.append("°C");
                case '℉' -> text.append("°F");
                case '\u212a' -> text.append('K');
                case '\u212b' -> text.append('Å');
                case 'º' -> text.append('°');
                case '⁻', '−', '–' -> text.append('-');
                case '∕', '⁄' -> text.append('/');
                case '^' ->
                    text.append(
                            i + 1 < written.length() && "-⁻−–0123456789".indexOf(written.charAt(i + 1)) >= 0
                                    ? ""
                                    : "^");
                default ->
                    text.append(raised >= 0 ? Character.forDigit(raised, 10) : Character.isSpaceChar(c) ? ' ' : c);
            }
        }
        return text.toString()
                .strip()
                .replaceAll("\\s*([·/()])\\s*", "$1")
                .replaceAll("° +([CF])", "°$1")
                .replaceAll("\\s+(-?\\d)", "$1")
                .replaceAll("\\s+", "·");
    }

    /** Products and quotients from the left, brackets, and whole powers. */
    private static final class Reader {
        private final String text;
        private int at;

        Reader(String text) {
            this.text = text;
        }

        Optional<Unit<?>> whole() {
            // Alone, a degree is a temperature; beside others it is a difference.
            boolean alone = text.matches("[^·/()0-9-]+");
            Unit<?> unit = alone ? symbol(text, true) : product();
            return unit == null || !alone && at < text.length() ? Optional.empty() : Optional.of(unit);
        }

        /** Null when it is no unit. */
        private Unit<?> product() {
            Unit<?> unit = factor();
            while (unit != null && at < text.length() && (text.charAt(at) == '·' || text.charAt(at) == '/')) {
                boolean below = text.charAt(at++) == '/';
                Unit<?> next = factor();
                if (next == null) {
                    return null;
                }
                unit = below ? unit.divide(next) : unit.multiply(next);
            }
            return unit;
        }

        private Unit<?> factor() {
            Unit<?> unit;
            if (at < text.length() && text.charAt(at) == '(') {
                at++;
                unit = product();
                if (unit == null || at >= text.length() || text.charAt(at++) != ')') {
                    return null;
                }
            } else {
                int from = at;
                while (at < text.length() && "·/()-0123456789".indexOf(text.charAt(at)) < 0) {
                    at++;
                }
                String name = text.substring(from, at);
                unit = name.equals("") && at < text.length() && text.charAt(at) == '1' ? one() : symbol(name, false);
            }
            return unit == null ? null : raised(unit);
        }

        /** 1/s. */
        private Unit<?> one() {
            at++;
            return AbstractUnit.ONE;
        }

        private Unit<?> raised(Unit<?> unit) {
            int from = at;
            if (at < text.length() && text.charAt(at) == '-') {
                at++;
            }
            while (at < text.length() && Character.isDigit(text.charAt(at))) {
                at++;
            }
            String power = text.substring(from, at);
            if (power.isEmpty()) {
                return unit;
            }
            return power.length() > 2 || power.equals("-") ? null : unit.pow(Integer.parseInt(power));
        }

        private static Unit<?> symbol(String name, boolean alone) {
            if (name.isEmpty()) {
                return null;
            }
            if (!alone && name.equals("°C")) {
                return UCUM.KELVIN;
            }
            if (!alone && name.equals("°F")) {
                return FAHRENHEIT_DEGREE;
            }
            var joined = JOINED.matcher(name);
            if (joined.matches()) {
                String prefix = joined.group(1);
                return switch (joined.group(2)) {
                    case "Wh" -> product(prefix + "W", "h");
                    case "Ah" -> product(prefix + "A", "h");
                    case "Nm" -> product(prefix + "N", "m");
                    default -> prefix.isEmpty() ? code("[mi_i]").divide(code("h")) : null;
                };
            }
            if (ASTRONOMICAL.contains(name)) {
                // IAU 2012 resolution B2; the library has it rounded.
                return UCUM.METER.multiply(149_597_870_700L);
            }
            String spelled = SPELLED.get(name);
            // The code has signs of its own, which school has not.
            return spelled != null ? code(spelled) : name.chars().allMatch(Character::isLetter) ? code(name) : null;
        }

        private static Unit<?> product(String first, String second) {
            return code(first).multiply(code(second));
        }

        private static Unit<?> code(String symbol) {
            try {
                return UCUMFormat.getInstance(UCUMFormat.Variant.CASE_SENSITIVE).parse(symbol);
            } catch (MeasurementException | IllegalArgumentException e) {
                return null;
            }
        }
    }

    /** Whether a unit is one of temperature, so that a difference is told from a temperature. */
    static boolean isTemperature(Unit<?> unit) {
        return unit.isCompatible(UCUM.KELVIN);
    }

    /** The unit that differences are measured in: of degrees, the steps without where they begin. */
    static Unit<?> ofDifferences(Unit<?> unit) {
        if (!isTemperature(unit)) {
            return unit;
        }
        double zero = value(0, unit);
        double step = value(1, unit) - zero;
        return Math.abs(step - 1) < 1e-9 ? UCUM.KELVIN : Math.abs(step * 9 - 5) < 1e-9 ? FAHRENHEIT_DEGREE : unit;
    }

    private static double value(double of, Unit<?> unit) {
        return convert(of, unit, UCUM.KELVIN).orElseThrow();
    }

    /** A number of one unit as a number of the other; empty when the two measure different things. */
    static Optional<Double> convert(double value, Unit<?> from, Unit<?> to) {
        if (!from.isCompatible(to)) {
            return Optional.empty();
        }
        try {
            return Optional.of(from.getConverterToAny(to).convert(value));
        } catch (IncommensurableException e) {
            return Optional.empty();
        }
    }
}
