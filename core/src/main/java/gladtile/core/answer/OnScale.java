package gladtile.core.answer;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Point;
import gladtile.core.activity.Zone;
import gladtile.core.activity.ZoneScale;
import java.math.BigDecimal;

/** What a zone with a scale makes of the places in it. */
final class OnScale {
    /** What rounding to a place on the page may take, as a share of a step. */
    private static final BigDecimal ROUNDING = new BigDecimal("0.000001");

    private final Frame box;
    private final ZoneScale scale;
    private final BigDecimal tolerance;

    private OnScale(Zone zone, ZoneRule rule) {
        box = zone.frame();
        scale = zone.scale();
        BigDecimal step = BigDecimal.valueOf(scale.step());
        BigDecimal wanted =
                rule.tolerance() == null ? step.divide(BigDecimal.valueOf(2)) : BigDecimal.valueOf(rule.tolerance());
        tolerance = wanted.add(step.multiply(ROUNDING));
    }

    /** Null for a zone without a scale. */
    static OnScale of(Zone zone, ZoneRule rule) {
        return zone.scale() == null ? null : new OnScale(zone, rule);
    }

    /** The value at a point of the page. */
    BigDecimal at(Point middle) {
        return scale.at(left(middle), box.width());
    }

    /** How far a point lies along the scale, from the zone's left edge before turning. */
    private double left(Point middle) {
        double radians = Math.toRadians(-box.turn());
        double dx = middle.x() - (box.x() + box.width() / 2);
        double dy = middle.y() - (box.y() + box.height() / 2);
        return dx * Math.cos(radians) - dy * Math.sin(radians) + box.width() / 2;
    }

    boolean isRight(Point middle, BigDecimal value) {
        return at(middle).subtract(value).abs().compareTo(tolerance) <= 0;
    }

    /** Where a piece that is put somewhere comes to rest: there, or at the closest tick. */
    Point rest(Point middle) {
        if (!scale.snaps()) {
            return middle;
        }
        double by = scale.across(at(middle).doubleValue(), box.width()) - left(middle);
        double radians = Math.toRadians(box.turn());
        return new Point(middle.x() + by * Math.cos(radians), middle.y() + by * Math.sin(radians));
    }

    /** Where the middle of a piece of that value lies, half way down the zone. */
    Point place(BigDecimal value) {
        return box.onPage(scale.across(value.doubleValue(), box.width()), box.height() / 2);
    }
}
