package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.OutOfBounds;
import gladtile.core.typed.TypedRule.Notation;
import gladtile.core.typed.TypedRule.NumberRule;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberAnswerTest {
    private static final List<Notation> ALL = List.of(Notation.values());

    private static NumberRule number(double value, double tolerance) {
        return new NumberRule(value, tolerance, false, ALL, null, false);
    }

    private static NumberRule unit(double value, String unit, boolean converts) {
        return new NumberRule(value, 0, false, ALL, unit, converts);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "3.5",
                "3,5",
                "7/2",
                "3 1/2",
                "3½",
                "350%",
                "350 %",
                "35·10^-1",
                "0.35e1",
                "35×10⁻¹",
                "+3.50",
                "٣٫٥",
                "７/２",
                "3,500",
                "３．５",
                "3.5e0",
                "0.0035 x 10^3",
                "0,0035 × 10³"
            })
    void one_number_has_many_spellings(String written) {
        assertThat(TypedJudge.judge(number(3.5, 0), written).isTaken())
                .as(written)
                .isTrue();
    }

    /** How the five languages and the SI write a thousand and a bit; forms of CLDR's number patterns (from memory). */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1234567.5",
                "1234567,5",
                "1,234,567.5",
                "1.234.567,5",
                "1 234 567,5",
                "1\u202f234\u202f567,5",
                "1\u00a0234\u00a0567,5",
                "1'234'567.5",
                "1’234’567.5",
                "١٬٢٣٤٬٥٦٧٫٥",
                "1.2345675·10^6",
                "1,2345675 x 10^6"
            })
    void thousands_are_read_in_the_forms_of_many_countries(String written) {
        assertThat(TypedJudge.judge(number(1_234_567.5, 0), written).isTaken())
                .as(written)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "10^3, 1000",
        "10³, 1000",
        "-10^3, -1000",
        "10^-2, 0.01",
        "1.5 x 10^3, 1500",
        "1.5x10^3, 1500",
        "1.5 · 10³, 1500",
        "5., 5",
        "'5,', 5",
        "'1,000', 1000",
        "'1,000', 1",
        "1.000, 1000",
        "12 500, 12500",
        ".5, 0.5"
    })
    void powers_of_ten_and_stops_are_read(String written, double value) {
        assertThat(TypedJudge.judge(number(value, 0), written).isTaken())
                .as(written)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "2·103, 2000",
        "2·103, 206",
        "2 10, 210",
        "1.23.4, 1.234",
        "1.2345.678, 12345678",
        "'1,23,456', 123456",
        "12 34, 1234",
        "10^, 10",
        "'1 234,567 8', 1234.5678"
    })
    void what_only_looks_like_it_is_not_taken(String written, double value) {
        assertThat(TypedJudge.judge(number(value, 0), written).isTaken())
                .as(written)
                .isFalse();
    }

    /** Random values written in each country's way against java.text's own formatting of them. */
    @Test
    void what_the_platform_writes_for_a_language_is_read_as_that_number() {
        Random random = new Random(8);
        for (java.util.Locale locale : List.of(
                java.util.Locale.ENGLISH,
                java.util.Locale.GERMAN,
                java.util.Locale.FRENCH,
                java.util.Locale.forLanguageTag("es"),
                java.util.Locale.forLanguageTag("ar-EG-u-nu-arab"),
                java.util.Locale.forLanguageTag("de-CH"))) {
            java.text.NumberFormat format = java.text.NumberFormat.getNumberInstance(locale);
            format.setMaximumFractionDigits(3);
            for (int i = 0; i < 300; i++) {
                double value = Math.round(random.nextDouble() * Math.pow(10, 3 + random.nextInt(9))) / 1000.0;
                String written = format.format(random.nextBoolean() ? value : -value)
                        .replace("\u200f", "")
                        .replace("\u061c", "");
                double meant = written.contains("-") || written.startsWith("−") ? -value : value;
                assertThat(TypedJudge.judge(number(meant, 0), written).isTaken())
                        .as("%s in %s", written, locale)
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"POINT, 3.5", "COMMA, '3,5'", "FRACTION, 7/2", "MIXED, 3 1/2", "PERCENT, 3500/10%", "POWERS, 35·10^-1"})
    void a_spelling_that_is_not_allowed_is_named(Notation notation, String written) {
        List<Notation> others = ALL.stream().filter(one -> one != notation).toList();
        Typed typed = TypedJudge.judge(new NumberRule(3.5, 0, false, others, null, false), written);
        assertThat(typed.isTaken()).isFalse();
        assertThat(typed.why().key()).isEqualTo("typed.notation");
    }

    @ParameterizedTest
    @ValueSource(strings = {"three", "--3", "3..5", "1/0", "3.5 apples", ".", "/2"})
    void what_is_no_number_is_not_taken(String written) {
        assertThat(TypedJudge.judge(number(3.5, 100), written).isTaken())
                .as(written)
                .isFalse();
    }

    /** The edge of a tolerance is inside, exactly, as 0.1 + 0.2 would not be in binary arithmetic. */
    @Test
    void the_tolerance_is_exact_and_its_edge_counts() {
        assertThat(TypedJudge.judge(number(0.3, 0.1), "0.2").isTaken()).isTrue();
        assertThat(TypedJudge.judge(number(0.3, 0.1), "0.4").isTaken()).isTrue();
        assertThat(TypedJudge.judge(number(0.3, 0.1), "0.4000000000000000001").isTaken())
                .isFalse();
        NumberRule share = new NumberRule(200, 0.05, true, ALL, null, false);
        assertThat(TypedJudge.judge(share, "190").isTaken()).isTrue();
        assertThat(TypedJudge.judge(share, "189").why().key()).isEqualTo("typed.too-little");
    }

    /** The values of "equal" with absolute and relative tolerance in QTI 2.1's information model (from memory). */
    @Test
    void it_agrees_with_the_open_standard_on_equal_with_tolerance() {
        assertThat(TypedJudge.judge(number(10, 0.5), "10.5").isTaken()).isTrue();
        assertThat(TypedJudge.judge(number(10, 0.5), "10.51").isTaken()).isFalse();
        assertThat(TypedJudge.judge(new NumberRule(10, 0.05, true, ALL, null, false), "10.5")
                        .isTaken())
                .isTrue();
    }

    @Test
    void a_unit_is_wanted_where_it_is_and_other_units_only_where_they_may_be() {
        assertThat(TypedJudge.judge(unit(3, "km", false), "3").why().key()).isEqualTo("typed.unit-missing");
        assertThat(TypedJudge.judge(unit(3, "km", false), "3 km").isTaken()).isTrue();
        assertThat(TypedJudge.judge(unit(3, "km", false), "3000 m").why().key()).isEqualTo("typed.other-unit");
        assertThat(TypedJudge.judge(unit(3, "km", true), "3000m").isTaken()).isTrue();
        assertThat(TypedJudge.judge(unit(3, "km", true), "3 kg").why().key()).isEqualTo("typed.other-quantity");
        assertThat(TypedJudge.judge(unit(3, "km", true), "3 blobs").why().key()).isEqualTo("typed.unit-not-known");
        assertThat(TypedJudge.judge(unit(10, "m/s", true), "36 km/h").isTaken()).isTrue();
        assertThatThrownBy(() -> unit(3, "blob", true)).isInstanceOf(OutOfBounds.class);
    }

    /** Ten degrees warmer is ten kelvin warmer; ten degrees are 283.15 kelvin. */
    @Test
    void a_difference_of_temperatures_is_told_from_a_temperature() {
        NumberRule warm = new NumberRule(10, 0.01, false, ALL, "°C", true);
        NumberRule warmer = new NumberRule(10, 0.01, false, ALL, "°C", true, true);
        assertThat(TypedJudge.judge(warm, "283.15 K").isTaken()).isTrue();
        assertThat(TypedJudge.judge(warm, "50 °F").isTaken()).isTrue();
        assertThat(TypedJudge.judge(warm, "10 K").isTaken()).isFalse();
        assertThat(TypedJudge.judge(warmer, "10 K").isTaken()).isTrue();
        assertThat(TypedJudge.judge(warmer, "18 °F").isTaken()).isTrue();
        assertThat(TypedJudge.judge(warmer, "283.15 K").isTaken()).isFalse();
        assertThat(TypedJudge.judge(warmer, "10 ℃").isTaken()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"blob", "km//h", "km/", "·m", "(m", "m)", "m^", "kk", "2", "m^99999", "[", "{x}", "m-"})
    void what_is_no_unit_is_said_to_be_none(String written) {
        assertThat(Units.of(written)).as(written).isEmpty();
    }

    /** Factors of NIST Special Publication 811 (2008), appendix B.8, and the SI brochure; exact unless said. */
    @ParameterizedTest
    @CsvSource({
        "1, in, cm, 2.54",
        "1, ft, m, 0.3048",
        "1, yd, m, 0.9144",
        "1, mi, km, 1.609344",
        "1, lb, kg, 0.45359237",
        "1, oz, g, 28.349523125",
        "1, ha, m^2, 10000",
        "1, l, cm^3, 1000",
        "1, kWh, kJ, 3600",
        "1, km/h, m/s, 0.277777777777778",
        "1, h, s, 3600",
        "1, d, min, 1440",
        "0, °C, K, 273.15",
        "1, au, km, 149597870.7",
        "180, °, rad, 3.14159265358979",
        "1, t, kg, 1000",
        "1, g/cm^3, kg/m^3, 1000",
        "1, N, kg·m/s^2, 1",
        "1, hPa, Pa, 100",
        "1, km·h⁻¹, m/s, 0.277777777777778",
        "1, m s^-1, km/h, 3.6",
        "1, m s-1, km/h, 3.6",
        "212, °F, °C, 100",
        "32, °F, K, 273.15",
        "-40, °F, °C, -40",
        "1, mA, A, 0.001",
        "1, Nm, J, 1",
        "1, kNm, N·m, 1000",
        "1, \u03a9, V/A, 1",
        "1, k\u2126, \u03a9, 1000",
        "1, MΩ, kΩ, 1000",
        "1, µm, nm, 1000",
        "1, μs, ns, 1000",
        "1, J/(kg·K), J/(kg·°C), 1",
        "1, kWh, MJ, 3.6",
        "1, mph, km/h, 1.609344",
        "1, cm², mm², 100",
        "1, 1/s, Hz, 1",
        "1, L, mL, 1000",
        "1, bar, kPa, 100",
        "1, dm³, l, 1",
        "1, GHz, Hz, 1000000000",
        "1, Å, nm, 0.1"
    })
    void units_are_converted_by_the_published_factors(double value, String from, String to, double expected) {
        assertThat(Units.convert(
                                value,
                                Units.of(from).orElseThrow(),
                                Units.of(to).orElseThrow())
                        .orElseThrow())
                .isCloseTo(expected, within(Math.abs(expected) * 1e-12));
    }
}
