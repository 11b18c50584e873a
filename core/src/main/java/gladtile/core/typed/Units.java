package gladtile.core.typed;

import static javax.measure.MetricPrefix.CENTI;
import static javax.measure.MetricPrefix.DECI;
import static javax.measure.MetricPrefix.KILO;
import static javax.measure.MetricPrefix.MEGA;
import static javax.measure.MetricPrefix.MICRO;
import static javax.measure.MetricPrefix.MILLI;
import static javax.measure.MetricPrefix.NANO;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.measure.Unit;
import tech.units.indriya.AbstractUnit;

/** The units of the classroom by their symbols, alone or as products and quotients of powers: km, m/s^2, kg·m. */
final class Units {
    private static final Map<String, Unit<?>> KNOWN = new LinkedHashMap<>();
    private static final Pattern PART = Pattern.compile("([^0-9^*/·]+)(?:\\^?(-?[0-9]))?");

    static {
        Unit<?> metre = tech.units.indriya.unit.Units.METRE;
        Unit<?> gram = tech.units.indriya.unit.Units.GRAM;
        Unit<?> second = tech.units.indriya.unit.Units.SECOND;
        Unit<?> litre = tech.units.indriya.unit.Units.LITRE;
        prefixed("m", metre, true);
        prefixed("g", gram, false);
        KNOWN.put("t", tech.units.indriya.unit.Units.KILOGRAM.multiply(1000));
        KNOWN.put("s", second);
        KNOWN.put("ms", second.prefix(MILLI));
        KNOWN.put("min", second.multiply(60));
        KNOWN.put("h", second.multiply(3600));
        KNOWN.put("d", second.multiply(86_400));
        for (String l : new String[] {"l", "L"}) {
            KNOWN.put(l, litre);
            KNOWN.put("m" + l, litre.prefix(MILLI));
            KNOWN.put("c" + l, litre.prefix(CENTI));
            KNOWN.put("d" + l, litre.prefix(DECI));
        }
        // Exact by definition of the inch (0.0254 m) and the pound (0.45359237 kg): NIST SP 811, appendix B.
        KNOWN.put("in", metre.multiply(254).divide(10_000));
        KNOWN.put("ft", metre.multiply(3048).divide(10_000));
        KNOWN.put("yd", metre.multiply(9144).divide(10_000));
        KNOWN.put("mi", metre.multiply(1_609_344).divide(1000));
        KNOWN.put(
                "lb",
                tech.units.indriya.unit.Units.KILOGRAM.multiply(45_359_237).divide(100_000_000));
        KNOWN.put(
                "oz",
                tech.units.indriya.unit.Units.KILOGRAM.multiply(28_349_523_125L).divide(1_000_000_000_000L));
        KNOWN.put("ha", metre.pow(2).multiply(10_000));
        // Light year: Julian year times the speed of light; astronomical unit: IAU 2012 resolution B2.
        KNOWN.put("ly", metre.multiply(9_460_730_472_580_800L));
        KNOWN.put("au", metre.multiply(149_597_870_700L));
        KNOWN.put("K", tech.units.indriya.unit.Units.KELVIN);
        KNOWN.put("°C", tech.units.indriya.unit.Units.CELSIUS);
        Unit<?> newton = tech.units.indriya.unit.Units.NEWTON;
        KNOWN.put("N", newton);
        KNOWN.put("kN", newton.prefix(KILO));
        Unit<?> joule = tech.units.indriya.unit.Units.JOULE;
        KNOWN.put("J", joule);
        KNOWN.put("kJ", joule.prefix(KILO));
        KNOWN.put("kWh", joule.multiply(3_600_000));
        Unit<?> watt = tech.units.indriya.unit.Units.WATT;
        KNOWN.put("W", watt);
        KNOWN.put("kW", watt.prefix(KILO));
        KNOWN.put("MW", watt.prefix(MEGA));
        KNOWN.put("Pa", tech.units.indriya.unit.Units.PASCAL);
        KNOWN.put("hPa", tech.units.indriya.unit.Units.PASCAL.multiply(100));
        KNOWN.put("V", tech.units.indriya.unit.Units.VOLT);
        KNOWN.put("A", tech.units.indriya.unit.Units.AMPERE);
        KNOWN.put("Ω", tech.units.indriya.unit.Units.OHM);
        KNOWN.put("Hz", tech.units.indriya.unit.Units.HERTZ);
        KNOWN.put("°", tech.units.indriya.unit.Units.RADIAN.multiply(Math.PI / 180));
        KNOWN.put("rad", tech.units.indriya.unit.Units.RADIAN);
    }

    private Units() {}

    private static void prefixed(String symbol, Unit<?> unit, boolean length) {
        KNOWN.put(symbol, unit);
        KNOWN.put("k" + symbol, unit.prefix(KILO));
        KNOWN.put("m" + symbol, unit.prefix(MILLI));
        KNOWN.put("µ" + symbol, unit.prefix(MICRO));
        if (length) {
            KNOWN.put("d" + symbol, unit.prefix(DECI));
            KNOWN.put("c" + symbol, unit.prefix(CENTI));
            KNOWN.put("n" + symbol, unit.prefix(NANO));
        }
    }

    /** Empty when there is no such unit. */
    static Optional<Unit<?>> of(String written) {
        String symbol = tidy(written);
        if (symbol.isEmpty() || symbol.length() > 40) {
            return Optional.empty();
        }
        Unit<?> known = KNOWN.get(symbol);
        return known != null ? Optional.of(known) : compound(symbol);
    }

    /** The same symbol written in one way. */
    static String tidy(String written) {
        return written.strip()
                .replace(" ", "")
                .replace("²", "^2")
                .replace("³", "^3")
                .replace('⋅', '·')
                .replace('*', '·')
                .replace('μ', 'µ')
                .replace("℃", "°C");
    }

    private static Optional<Unit<?>> compound(String symbol) {
        Unit<?> unit = AbstractUnit.ONE;
        Matcher part = PART.matcher(symbol);
        int at = 0;
        boolean below = false;
        while (at < symbol.length()) {
            if (at > 0) {
                char sign = symbol.charAt(at);
                if (sign != '/' && sign != '·') {
                    return Optional.empty();
                }
                below = sign == '/';
                at++;
            }
            if (!part.find(at) || part.start() != at || !KNOWN.containsKey(part.group(1))) {
                return Optional.empty();
            }
            int power = part.group(2) == null ? 1 : Integer.parseInt(part.group(2));
            Unit<?> factor = KNOWN.get(part.group(1)).pow(power);
            unit = below ? unit.divide(factor) : unit.multiply(factor);
            at = part.end();
        }
        return Optional.of(unit);
    }

    /** A number of one unit as a number of the other; empty when the two measure different things. */
    static Optional<Double> convert(double value, Unit<?> from, Unit<?> to) {
        if (!from.isCompatible(to)) {
            return Optional.empty();
        }
        try {
            return Optional.of(from.getConverterToAny(to).convert(value));
        } catch (javax.measure.IncommensurableException e) {
            return Optional.empty();
        }
    }
}
