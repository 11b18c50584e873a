package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import gladtile.core.activity.Activity;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneScale;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Pieces at a value: on a number line, a scale of time, an axis.
 *
 * <p>Long because each scale is read by the same tables of values.
 */
class ScaleReadingTest {
    private static final double WIDTH = 80;

    private static Judge judge(Zone zone, double value, ZoneRule rule) {
        return judge(zone, PieceFacts.NONE.withValue(value), rule);
    }

    private static Judge judge(Zone zone, PieceFacts facts, ZoneRule rule) {
        Picture piece = new Picture(
                "p", Frame.of(700, 800, WIDTH, 60), Movement.FREE, "p", PictureRef.library("2600"), "OpenMoji");
        Page page = new Page("page", "", Paper.PLAIN, List.of(zone, piece));
        AnswerKey key = Activity.blank("", "page")
                .key()
                .with("z", "p", Decision.BELONGS)
                .with("p", facts)
                .with("z", rule);
        return Judge.of(page, key);
    }

    private static Zone line(Frame frame, ZoneScale scale) {
        return new Zone("z", frame, "", "").withScale(scale);
    }

    /**
     * QTI's equal with a relative tolerance (QTI 3.0 information model, 'equal'): the value given is right within the
     * value wanted times 1 ± t/100, both ends included. Structure from memory; reckoned here with BigDecimal.
     */
    @Test
    void a_tolerance_may_be_a_share_of_what_is_right() {
        Random random = new Random(21);
        int right = 0;
        for (int i = 0; i < 20_000; i++) {
            ZoneScale scale = new ZoneScale(-50, 150, 1, 10, false);
            Zone zone = line(Frame.of(100, 200, 1120, 300), scale);
            double wanted = random.nextInt(-50, 151);
            int percent = random.nextInt(101);
            double across = 60 + random.nextInt(0, 1001);
            BigDecimal is = onLine(across, 1120, scale);
            BigDecimal most = BigDecimal.valueOf(wanted).abs().multiply(BigDecimal.valueOf(percent, 2));
            Verdict verdict = judge(
                            zone,
                            PieceFacts.NONE.withValues(wanted, null),
                            ZoneRule.USUAL.withRelativeTolerance(percent / 100.0))
                    .judge("p", 100 + across - WIDTH / 2, 300, ZoneContents.NOBODY);
            BigDecimal off = is.subtract(BigDecimal.valueOf(wanted)).abs();
            assertThat(verdict.belongs())
                    .as("%s of %s ± %d %%", is, wanted, percent)
                    .isEqualTo(off.compareTo(most.add(new BigDecimal("0.000001"))) <= 0);
            right += verdict.belongs() ? 1 : 0;
        }
        assertThat(right).isBetween(2_000, 18_000);
        assertThatThrownBy(() -> ZoneRule.USUAL.withRelativeTolerance(1.5)).isInstanceOf(OutOfBounds.class);
    }

    /** (3, −2) and its like, on axes turned and not, held against the same sum in BigDecimal with an own way of turning. */
    @Test
    void a_pair_of_axes_takes_a_piece_at_its_two_values() {
        Random random = new Random(11);
        int right = 0;
        for (int i = 0; i < 20_000; i++) {
            double turn = random.nextInt(4) * 90;
            double side = 400 + random.nextInt(300);
            Frame frame = new Frame(200 + random.nextInt(300), 100, side, side, turn);
            ZoneScale along = new ZoneScale(-5, 5, 1, 1, false);
            ZoneScale up = random.nextBoolean() ? along : new ZoneScale(10, -10, 2, 1, false);
            Zone zone = line(frame, along).withUp(up);
            double x = random.nextInt(11) - 5;
            double y = random.nextInt(11) - 5;
            double tolerance = random.nextInt(5) / 2.0;
            double across = random.nextDouble() * side;
            double down = random.nextDouble() * side;
            BigDecimal isX = onLine(across, side, along);
            BigDecimal isY = onLine(side - down, side, up);
            // A square turned by quarters: each turn takes (across, down) to (side - down, across).
            double a = across;
            double d = down;
            for (int quarter = 0; quarter < turn / 90; quarter++) {
                double next = side - d;
                d = a;
                a = next;
            }
            Verdict verdict = judge(
                            zone,
                            PieceFacts.NONE.withValues(x, y),
                            ZoneRule.USUAL.withTolerance(tolerance).withSide(true))
                    .judge("p", frame.x() + a - WIDTH / 2, frame.y() + d - 30, ZoneContents.NOBODY);
            double offX = isX.subtract(BigDecimal.valueOf(x)).abs().doubleValue() - tolerance;
            double offY = isY.subtract(BigDecimal.valueOf(y)).abs().doubleValue() - tolerance;
            if (Math.abs(offX) > 1e-5 && Math.abs(offY) > 1e-5) {
                assertThat(verdict.belongs())
                        .as("(%s, %s) wanted, (%s, %s) there", x, y, isX, isY)
                        .isEqualTo(offX < 0 && offY < 0);
                if (!verdict.belongs() && verdict.why() != VerdictReason.OTHER_AXIS) {
                    VerdictReason side1 =
                            isX.doubleValue() < x ? VerdictReason.TOO_FAR_LEFT : VerdictReason.TOO_FAR_RIGHT;
                    boolean below = isY.doubleValue() < y == up.to() > up.from();
                    assertThat(verdict.why())
                            .isEqualTo(offX > 0 ? side1 : below ? VerdictReason.TOO_LOW : VerdictReason.TOO_HIGH);
                }
            }
            right += verdict.belongs() ? 1 : 0;
        }
        assertThat(right).isBetween(500, 8_000);
    }

    private static BigDecimal onLine(double across, double length, ZoneScale scale) {
        BigDecimal inset = BigDecimal.valueOf(ZoneScale.INSET);
        return BigDecimal.valueOf(across)
                .subtract(inset)
                .divide(BigDecimal.valueOf(length).subtract(inset.multiply(new BigDecimal(2))), MathContext.DECIMAL128)
                .max(BigDecimal.ZERO)
                .min(BigDecimal.ONE)
                .multiply(BigDecimal.valueOf(scale.to()).subtract(BigDecimal.valueOf(scale.from())))
                .add(BigDecimal.valueOf(scale.from()));
    }

    @Test
    void values_the_other_way_round_are_told_as_such_and_points_snap_to_the_grid() {
        ZoneScale ten = new ZoneScale(0, 10, 1, 1, true);
        // 1,000 units each way from (160, 1160): (7, 2) lies at 860 across and 960 down.
        Zone zone = line(Frame.of(100, 100, 1120, 1120), ten).withUp(ten);
        Judge judge = judge(zone, PieceFacts.NONE.withValues(7.0, 2.0), ZoneRule.USUAL.withSide(true));
        Verdict right = judge.judge("p", 893 - WIDTH / 2, 935 - 30, ZoneContents.NOBODY);
        assertThat(right.belongs()).isTrue();
        assertThat(right.x() + WIDTH / 2).isEqualTo(860);
        assertThat(right.y() + 30).isEqualTo(960);
        assertThat(judge.judge("p", 360 - WIDTH / 2, 460 - 30, ZoneContents.NOBODY)
                        .why())
                .isEqualTo(VerdictReason.OTHER_AXIS);
        assertThat(judge.shownAt("z", "p", ZoneContents.NOBODY)).isEqualTo(new Point(860 - WIDTH / 2, 960 - 30));
    }

    @Test
    void a_scale_of_time_is_in_whole_minutes_and_says_early_and_late() {
        ZoneScale day = new ZoneScale(480, 1200, 30, 2, true, ZoneScale.Reads.TIME);
        assertThat(day.said(870)).isEqualTo("14:30");
        assertThat(day.said(485)).isEqualTo("8:05");
        Zone zone = line(Frame.of(100, 200, 1120, 300), day);
        Judge judge = judge(zone, 870, ZoneRule.USUAL.withSide(true));
        for (int minute = 480; minute <= 1200; minute += 30) {
            double x = 160 + (minute - 480) / 720.0 * 1000 - WIDTH / 2;
            VerdictReason why = judge.judge("p", x, 300, ZoneContents.NOBODY).why();
            VerdictReason wanted =
                    minute < 870 ? VerdictReason.TOO_EARLY : minute > 870 ? VerdictReason.TOO_LATE : null;
            assertThat(why).as("at %d", minute).isEqualTo(wanted);
        }
        assertThatThrownBy(() -> new ZoneScale(0, 1500, 60, 1, true, ZoneScale.Reads.TIME))
                .isInstanceOf(OutOfBounds.class);
    }

    /** Every fraction with up to 24 parts, kept with three decimals, is read as it was meant, in lowest terms. */
    @Test
    void fractions_are_read_as_they_were_meant() {
        ZoneScale line = new ZoneScale(0, 3, 0.25, 1, true, ZoneScale.Reads.FRACTION);
        assertThat(line.said(0.75)).isEqualTo("3/4");
        assertThat(line.said(1.75)).isEqualTo("1 3/4");
        assertThat(line.said(-0.5)).isEqualTo("-1/2");
        assertThat(line.said(0.123)).isEqualTo("0.123");
        for (int parts = 2; parts <= ZoneScale.LARGEST_PART; parts++) {
            ZoneScale own = new ZoneScale(0, 1, 1.0 / parts, 1, true, ZoneScale.Reads.FRACTION);
            assertThat(own.ticks()).as("1/%d", parts).isEqualTo(parts);
            for (int i = 1; i < parts; i++) {
                int common =
                        BigInteger.valueOf(i).gcd(BigInteger.valueOf(parts)).intValue();
                assertThat(own.said(own.tick(i).doubleValue())).isEqualTo(i / common + "/" + parts / common);
            }
        }
    }

    @Test
    void it_is_said_that_a_value_is_too_low_or_too_high_only_where_the_teacher_allows_it() {
        ZoneScale up = new ZoneScale(0, 10, 1, 1, false);
        ZoneScale down = new ZoneScale(10, 0, 1, 1, false);
        for (ZoneScale scale : List.of(up, down)) {
            Zone zone = line(Frame.of(100, 200, 1120, 300), scale);
            ZoneRule usual = new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK);
            for (int value = 0; value <= 10; value++) {
                double x = 160 + 100 * (scale == up ? value : 10 - value) - WIDTH / 2;
                VerdictReason quiet = judge(zone, 5, usual)
                        .judge("p", x, 300, ZoneContents.NOBODY)
                        .why();
                VerdictReason told = judge(zone, 5, usual.withSide(true))
                        .judge("p", x, 300, ZoneContents.NOBODY)
                        .why();
                assertThat(quiet).isEqualTo(value == 5 ? null : VerdictReason.WRONG_PLACE);
                assertThat(told)
                        .isEqualTo(value == 5 ? null : value < 5 ? VerdictReason.TOO_LOW : VerdictReason.TOO_HIGH);
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
                    .judge("p", middle - WIDTH / 2, 300, ZoneContents.NOBODY);
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
        Verdict verdict = judge(zone, 0.7, ZoneRule.USUAL.withTolerance(0.0))
                .judge("p", 893 - WIDTH / 2, 300, ZoneContents.NOBODY);
        assertThat(verdict.belongs()).isTrue();
        assertThat(verdict.x() + WIDTH / 2).isEqualTo(860);
        assertThat(judge(zone, 0.7, ZoneRule.USUAL.withTolerance(0.0))
                        .judge("p", 915 - WIDTH / 2, 300, ZoneContents.NOBODY)
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
            Point shown = judge.shownAt("z", "p", ZoneContents.NOBODY);
            Verdict verdict = judge.judge("p", shown.x(), shown.y(), ZoneContents.NOBODY);
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
