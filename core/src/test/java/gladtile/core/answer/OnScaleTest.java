package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Frame;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Page;
import gladtile.core.activity.Paper;
import gladtile.core.activity.Picture;
import gladtile.core.activity.PictureRef;
import gladtile.core.activity.Point;
import gladtile.core.activity.Zone;
import gladtile.core.activity.ZoneScale;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Pieces at a value: on a number line, a scale of time, an axis. */
class OnScaleTest {
    private static final double WIDTH = 80;

    private static Judge judge(Zone zone, double value, ZoneRule rule) {
        Picture piece = new Picture(
                "p", Frame.of(700, 800, WIDTH, 60), Movement.FREE, "p", PictureRef.library("2600"), "OpenMoji");
        Page page = new Page("page", "", Paper.PLAIN, List.of(zone, piece));
        AnswerKey key = Activity.blank("", "page")
                .key()
                .with("z", "p", Decision.BELONGS)
                .with("p", Facts.NONE.withValue(value))
                .with("z", rule);
        return Judge.of(page, key);
    }

    private static Zone line(Frame frame, ZoneScale scale) {
        return new Zone("z", frame, "", "").withScale(scale);
    }

    @Test
    void it_is_said_that_a_value_is_too_low_or_too_high_only_where_the_teacher_allows_it() {
        ZoneScale up = new ZoneScale(0, 10, 1, 1, false);
        ZoneScale down = new ZoneScale(10, 0, 1, 1, false);
        for (ZoneScale scale : List.of(up, down)) {
            Zone zone = line(Frame.of(100, 200, 1120, 300), scale);
            ZoneRule usual = new ZoneRule(Settle.STAYS, Return.GLIDES_HOME);
            for (int value = 0; value <= 10; value++) {
                double x = 160 + 100 * (scale == up ? value : 10 - value) - WIDTH / 2;
                Why quiet =
                        judge(zone, 5, usual).judge("p", x, 300, There.NOBODY).why();
                Why told = judge(zone, 5, usual.withSide(true))
                        .judge("p", x, 300, There.NOBODY)
                        .why();
                assertThat(quiet).isEqualTo(value == 5 ? null : Why.WRONG_PLACE);
                assertThat(told).isEqualTo(value == 5 ? null : value < 5 ? Why.TOO_LOW : Why.TOO_HIGH);
            }
        }
    }

    /** QTI's equal with an absolute tolerance takes what lies within it, both ends among them; here in BigDecimal. */
    @Test
    void a_piece_is_right_within_the_tolerance_of_its_value() {
        Random random = new Random(3);
        int right = 0;
        for (int i = 0; i < 20_000; i++) {
            double from = random.nextInt(200) / 10.0 - 10;
            double to = from + (random.nextBoolean() ? 1 : -1) * (1 + random.nextInt(100)) / 4.0;
            Frame frame = Frame.of(100 + random.nextInt(100), 200, 500 + random.nextInt(800), 300);
            Zone zone = line(frame, new ZoneScale(from, to, 0.25, 4, false));
            double value = Math.round((from + random.nextDouble() * (to - from)) * 1000) / 1000.0;
            double tolerance = random.nextInt(8) / 4.0;
            double middle = frame.x() + random.nextInt((int) frame.width());
            BigDecimal inset = BigDecimal.valueOf(ZoneScale.INSET);
            BigDecimal share = BigDecimal.valueOf(middle)
                    .subtract(BigDecimal.valueOf(frame.x()))
                    .subtract(inset)
                    .divide(
                            BigDecimal.valueOf(frame.width()).subtract(inset.multiply(new BigDecimal(2))),
                            MathContext.DECIMAL128)
                    .max(BigDecimal.ZERO)
                    .min(BigDecimal.ONE);
            BigDecimal at = BigDecimal.valueOf(from)
                    .add(share.multiply(BigDecimal.valueOf(to).subtract(BigDecimal.valueOf(from))));
            BigDecimal off = at.subtract(BigDecimal.valueOf(value)).abs().subtract(BigDecimal.valueOf(tolerance));
            Verdict verdict = judge(zone, value, ZoneRule.USUAL.withTolerance(tolerance))
                    .judge("p", middle - WIDTH / 2, 300, There.NOBODY);
            if (off.abs().doubleValue() > 1e-5) {
                assertThat(verdict.belongs())
                        .as("%s wanted, %s there", value, at)
                        .isEqualTo(off.signum() < 0);
            }
            right += verdict.belongs() ? 1 : 0;
        }
        assertThat(right).isBetween(1_000, 15_000);
    }

    @Test
    void it_snaps_to_the_closest_tick_and_ticks_are_exact() {
        ZoneScale tenths = new ZoneScale(0, 1, 0.1, 5, true);
        assertThat(tenths.ticks()).isEqualTo(10);
        for (int i = 0; i <= 10; i++) {
            assertThat(tenths.tick(i)).isEqualByComparingTo(new BigDecimal(i).movePointLeft(1));
        }
        Zone zone = line(Frame.of(100, 200, 1120, 300), tenths);
        // 1,000 units from 160 to 1,160: 0.7 lies at 860; put at 893, 0.733, it goes to 0.7.
        Verdict verdict =
                judge(zone, 0.7, ZoneRule.USUAL.withTolerance(0.0)).judge("p", 893 - WIDTH / 2, 300, There.NOBODY);
        assertThat(verdict.belongs()).isTrue();
        assertThat(verdict.x() + WIDTH / 2).isEqualTo(860);
        assertThat(judge(zone, 0.7, ZoneRule.USUAL.withTolerance(0.0))
                        .judge("p", 915 - WIDTH / 2, 300, There.NOBODY)
                        .refused())
                .isTrue();
    }

    /** A scale of time: hours of the day, where 14:30 is 14.5; and one that runs down, as magnitudes do. */
    @Test
    void what_is_shown_as_the_solution_is_right_also_turned_and_backwards() {
        Random random = new Random(9);
        for (int i = 0; i < 2_000; i++) {
            boolean snaps = random.nextBoolean();
            ZoneScale scale =
                    random.nextBoolean() ? new ZoneScale(8, 20, 0.5, 2, snaps) : new ZoneScale(8, -6, 1, 1, snaps);
            double value = scale.tick(random.nextInt(scale.ticks() + 1)).doubleValue();
            Zone zone = line(new Frame(100, 300, 1_200, 260, random.nextInt(8) * 45), scale);
            Judge judge = judge(zone, value, ZoneRule.USUAL);
            Point shown = judge.shownAt("z", "p", There.NOBODY);
            Verdict verdict = judge.judge("p", shown.x(), shown.y(), There.NOBODY);
            assertThat(verdict.belongs())
                    .as("%s on %s turned %s", value, scale, zone.frame().turn())
                    .isTrue();
            assertThat(Math.hypot(verdict.x() - shown.x(), verdict.y() - shown.y()))
                    .isLessThan(1e-6);
        }
    }

    @Test
    void a_scale_that_is_none_is_refused_with_its_bound() {
        for (double[] bad :
                new double[][] {{1, 1, 0.5}, {0, 1, 0}, {0, 1_000, 1}, {0, 2_000_000, 1_000_000}, {Double.NaN, 1, 1}}) {
            assertThatThrownBy(() -> new ZoneScale(bad[0], bad[1], bad[2], 1, false))
                    .isInstanceOfSatisfying(
                            OutOfBounds.class,
                            refused -> assertThat(refused.bound()).startsWith("scale."));
        }
        assertThatThrownBy(() -> new ZoneScale(0, 1, 1, 0, false)).isInstanceOf(OutOfBounds.class);
    }
}
