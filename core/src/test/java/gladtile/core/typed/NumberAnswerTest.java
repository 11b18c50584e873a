package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.OutOfBounds;
import gladtile.core.typed.TypedRule.Notation;
import gladtile.core.typed.TypedRule.NumberRule;
import java.util.List;
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
                "3,500"
            })
    void one_number_has_many_spellings(String written) {
        assertThat(TypedJudge.judge(number(3.5, 0), written).isTaken())
                .as(written)
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource({"POINT, 3.5", "COMMA, '3,5'", "FRACTION, 7/2", "MIXED, 3 1/2", "PERCENT, 3500/10%", "POWERS, 35·10^-1"})
    void a_spelling_that_is_not_allowed_is_named(Notation notation, String written) {
        List<Notation> others = ALL.stream().filter(one -> one != notation).toList();
        Typed typed = TypedJudge.judge(new NumberRule(3.5, 0, false, others, null, false), written);
        assertThat(typed.isTaken()).isFalse();
        assertThat(typed.why()).contains("not taken");
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
        assertThat(TypedJudge.judge(share, "189").why()).contains("too little");
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
        assertThat(TypedJudge.judge(unit(3, "km", false), "3").why()).contains("unit is missing");
        assertThat(TypedJudge.judge(unit(3, "km", false), "3 km").isTaken()).isTrue();
        assertThat(TypedJudge.judge(unit(3, "km", false), "3000 m").why()).contains("another unit");
        assertThat(TypedJudge.judge(unit(3, "km", true), "3000m").isTaken()).isTrue();
        assertThat(TypedJudge.judge(unit(3, "km", true), "3 kg").why()).contains("something else");
        assertThat(TypedJudge.judge(unit(3, "km", true), "3 blobs").why()).contains("no unit");
        assertThat(TypedJudge.judge(unit(10, "m/s", true), "36 km/h").isTaken()).isTrue();
        assertThatThrownBy(() -> unit(3, "blob", true)).isInstanceOf(OutOfBounds.class);
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
        "1, hPa, Pa, 100"
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
