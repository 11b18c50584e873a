package gladtile.core.check;

import gladtile.core.activity.Item;
import gladtile.core.activity.Zone;
import gladtile.core.activity.ZoneScale;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetRule;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Pieces with a value that cannot be reached on their scale, and pieces without one. */
final class ScaleRule {
    private ScaleRule() {}

    static void check(OnPage on) {
        for (Zone zone : on.zones) {
            if (zone.scale() != null) {
                on.belonging(zone).forEach(piece -> reach(on, zone, piece));
            }
        }
    }

    private static void reach(OnPage on, Zone zone, Item piece) {
        ZoneScale scale = zone.scale();
        Double value = on.key.facts(piece.id()).value();
        List<String> about = List.of(piece.id(), zone.id());
        if (value == null) {
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    "%s has no value, so it is right anywhere on %s.".formatted(on.called(piece), on.called(zone)),
                    List.of());
            return;
        }
        double low = Math.min(scale.from(), scale.to());
        double high = Math.max(scale.from(), scale.to());
        List<Mend> mends = new ArrayList<>();
        ZoneRule rule = on.key.rule(zone.id());
        double tolerance = rule.tolerance() == null ? scale.step() / 2 : rule.tolerance();
        if (value < low - tolerance || value > high + tolerance) {
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    "%s has the value %s, and %s runs from %s to %s."
                            .formatted(on.called(piece), plain(value), on.called(zone), plain(low), plain(high)),
                    mends);
        } else if (scale.snaps() && toTick(scale, value) > tolerance) {
            mends.add(mend(on, zone, "Take pieces between the ticks", freely(scale)));
            Edit closer = new SetRule(on.page.id(), zone.id(), rule.withTolerance(null));
            mends.add(new Mend("Half a step off is right", closer));
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    "%s has the value %s, and no tick of %s is close enough."
                            .formatted(on.called(piece), plain(value), on.called(zone)),
                    mends);
        }
    }

    private static Mend mend(OnPage on, Zone zone, String label, ZoneScale scale) {
        return new Mend(label, new SetBody(on.page.id(), zone.withScale(scale)));
    }

    private static ZoneScale freely(ZoneScale scale) {
        return new ZoneScale(scale.from(), scale.to(), scale.step(), scale.numbered(), false);
    }

    private static double toTick(ZoneScale scale, double value) {
        double closest = Double.MAX_VALUE;
        for (int i = 0; i <= scale.ticks(); i++) {
            closest = Math.min(closest, Math.abs(scale.tick(i).doubleValue() - value));
        }
        return closest;
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
