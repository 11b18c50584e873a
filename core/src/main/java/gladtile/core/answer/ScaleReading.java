package gladtile.core.answer;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneScale;
import java.math.BigDecimal;

/** What a zone with a scale, or with a pair of axes, makes of the places in it. */
final class ScaleReading {
    /** What rounding to a place on the page may take, as a share of a step. */
    private static final BigDecimal ROUNDING = new BigDecimal("0.000001");

    private final Frame box;
    private final Axis along;
    /** Null for a single line. */
    private final Axis up;

    /** @param up null for any, and on a single line */
    record Value(BigDecimal along, BigDecimal up) {}

    /** @param share of the value that is right, by which it may be off besides */
    private record Axis(ZoneScale scale, BigDecimal tolerance, BigDecimal share, double length) {
        static Axis of(ZoneScale scale, ZoneRule rule, double length) {
            BigDecimal step = BigDecimal.valueOf(scale.step());
            BigDecimal rounding = step.multiply(ROUNDING);
            if (rule.tolerance() == null) {
                return new Axis(scale, step.divide(BigDecimal.valueOf(2)).add(rounding), BigDecimal.ZERO, length);
            }
            BigDecimal off = BigDecimal.valueOf(rule.tolerance());
            return rule.relative() == null
                    ? new Axis(scale, off.add(rounding), BigDecimal.ZERO, length)
                    : new Axis(scale, rounding, off, length);
        }

        BigDecimal at(double across) {
            return scale.at(across, length);
        }

        boolean isRight(BigDecimal value, BigDecimal wanted) {
            BigDecimal most =
                    share.signum() == 0 ? tolerance : tolerance.add(wanted.abs().multiply(share));
            return value.subtract(wanted).abs().compareTo(most) <= 0;
        }

        /** By how much what lies there is moved to rest at a tick. */
        double toRest(double across) {
            return scale.snaps() ? scale.across(at(across).doubleValue(), length) - across : 0;
        }

        /** Whether what lies at a value lies nearer to the scale's beginning than what is wanted. */
        boolean isBefore(BigDecimal value, BigDecimal wanted) {
            return value.compareTo(wanted) < 0 == scale.to() > scale.from();
        }
    }

    private ScaleReading(Zone zone, ZoneRule rule) {
        box = zone.frame();
        along = Axis.of(zone.scale(), rule, box.width());
        up = zone.up() == null ? null : Axis.of(zone.up(), rule, box.height());
    }

    /** Null for a zone without a scale. */
    static ScaleReading of(Zone zone, ZoneRule rule) {
        return zone.scale() == null ? null : new ScaleReading(zone, rule);
    }

    /** The values at a point of the page. */
    Value at(Point middle) {
        Point within = within(middle);
        return new Value(along.at(within.x()), up == null ? null : up.at(box.height() - within.y()));
    }

    /** A point of the page from the zone's left top corner before turning. */
    private Point within(Point middle) {
        double radians = Math.toRadians(-box.turn());
        double dx = middle.x() - (box.x() + box.width() / 2);
        double dy = middle.y() - (box.y() + box.height() / 2);
        return new Point(
                dx * Math.cos(radians) - dy * Math.sin(radians) + box.width() / 2,
                dx * Math.sin(radians) + dy * Math.cos(radians) + box.height() / 2);
    }

    boolean isRight(Point middle, Value wanted) {
        Value is = at(middle);
        return along.isRight(is.along(), wanted.along()) && isRightUp(is.up(), wanted.up());
    }

    private boolean isRightUp(BigDecimal is, BigDecimal wanted) {
        return up == null || wanted == null || up.isRight(is, wanted);
    }

    /** To which side a piece is off that is not right. */
    VerdictReason side(Point middle, Value wanted) {
        Value is = at(middle);
        if (up == null) {
            boolean less = is.along().compareTo(wanted.along()) < 0;
            if (along.scale().reads() == ZoneScale.Reads.TIME) {
                return less ? VerdictReason.TOO_EARLY : VerdictReason.TOO_LATE;
            }
            return less ? VerdictReason.TOO_LOW : VerdictReason.TOO_HIGH;
        }
        boolean swapped =
                wanted.up() != null && along.isRight(is.along(), wanted.up()) && up.isRight(is.up(), wanted.along());
        if (swapped) {
            return VerdictReason.OTHER_AXIS;
        }
        if (!along.isRight(is.along(), wanted.along())) {
            return along.isBefore(is.along(), wanted.along())
                    ? VerdictReason.TOO_FAR_LEFT
                    : VerdictReason.TOO_FAR_RIGHT;
        }
        return up.isBefore(is.up(), wanted.up()) ? VerdictReason.TOO_LOW : VerdictReason.TOO_HIGH;
    }

    /** Where a piece that is put somewhere comes to rest: there, or at the closest tick. */
    Point rest(Point middle) {
        Point within = within(middle);
        double right = along.toRest(within.x());
        double down = up == null ? 0 : -up.toRest(box.height() - within.y());
        double radians = Math.toRadians(box.turn());
        return new Point(
                middle.x() + right * Math.cos(radians) - down * Math.sin(radians),
                middle.y() + right * Math.sin(radians) + down * Math.cos(radians));
    }

    /** Where the middle of a piece of that value lies; half way down the zone where it may be at any height. */
    Point place(Value value) {
        double across = along.scale().across(value.along().doubleValue(), box.width());
        double down = up == null || value.up() == null
                ? box.height() / 2
                : box.height() - up.scale().across(value.up().doubleValue(), box.height());
        return box.onPage(across, down);
    }
}
