package gladtile.core.check;

import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetRule;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneScale;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Pieces with a value that cannot be reached on their scale, pieces without one, and ticks closer than a finger. */
final class ScaleRule {
    private ScaleRule() {}

    /** One line of a zone. @param put the zone with another such line */
    private record Line(
            ZoneScale scale, double length, Function<ZoneScale, Zone> put, Function<PieceFacts, Double> value) {}

    static void check(CheckedPage on) {
        for (Zone zone : on.zones) {
            if (zone.scale() == null) {
                continue;
            }
            List<Line> lines = lines(zone);
            for (Line line : lines) {
                if (!on.belonging(zone).isEmpty()) {
                    closeTicks(on, zone, line);
                }
                on.belonging(zone).forEach(piece -> reach(on, zone, line, piece));
            }
        }
    }

    private static List<Line> lines(Zone zone) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(zone.scale(), zone.frame().width(), zone::withScale, PieceFacts::value));
        if (zone.up() != null) {
            lines.add(new Line(zone.up(), zone.frame().height(), zone::withUp, PieceFacts::valueUp));
        }
        return lines;
    }

    /** What is told apart must lie as far apart as a finger is exact. */
    private static void closeTicks(CheckedPage on, Zone zone, Line line) {
        ZoneScale scale = line.scale();
        // A share of the value that is right is nothing next to zero.
        double off = tolerance(on.key.rule(zone.id()), scale, 0);
        double apart = Math.abs(scale.across(scale.from() + Math.max(scale.step(), 2 * off), line.length())
                - scale.across(scale.from(), line.length()));
        if (apart * SizeRules.TABLET >= SizeRules.TARGET || scale.ticks() < 2) {
            return;
        }
        double unit = apart / Math.max(scale.step(), 2 * off);
        double enough = Math.ceil((SizeRules.TARGET / SizeRules.TABLET / unit / 2 + 0.001) * 1000) / 1000;
        ZoneRule rule = on.key.rule(zone.id()).withTolerance(enough);
        on.found(
                Finding.Kind.TICKS_TOO_CLOSE,
                List.of(zone.id()),
                Message.of(
                        "page-check.ticks-too-close",
                        "zone",
                        on.called(zone),
                        "apart",
                        Math.floor(apart * SizeRules.TABLET),
                        "needed",
                        SizeRules.TARGET),
                List.of(new Mend(
                        Message.of("page-check.mend.off-by", "by", scale.reads() == null ? scale.said(enough) : enough),
                        new SetRule(on.page.id(), zone.id(), rule))));
    }

    private static double tolerance(ZoneRule rule, ZoneScale scale, double value) {
        if (rule.tolerance() == null) {
            return scale.step() / 2;
        }
        return rule.relative() == null ? rule.tolerance() : rule.tolerance() * Math.abs(value);
    }

    private static void reach(CheckedPage on, Zone zone, Line line, Item piece) {
        ZoneScale scale = line.scale();
        Double value = line.value().apply(on.key.facts(piece.id()));
        List<String> about = List.of(piece.id(), zone.id());
        if (value == null) {
            String key = zone.up() == null ? "page-check.no-value" : "page-check.one-value-missing";
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    Message.of(key, "piece", on.called(piece), "zone", on.called(zone)),
                    List.of());
            return;
        }
        double low = Math.min(scale.from(), scale.to());
        double high = Math.max(scale.from(), scale.to());
        List<Mend> mends = new ArrayList<>();
        ZoneRule rule = on.key.rule(zone.id());
        double tolerance = tolerance(rule, scale, value);
        if (value < low - tolerance || value > high + tolerance) {
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    Message.of(
                            "page-check.value-outside",
                            "piece",
                            on.called(piece),
                            "value",
                            scale.said(value),
                            "zone",
                            on.called(zone),
                            "low",
                            scale.said(low),
                            "high",
                            scale.said(high)),
                    mends);
        } else if (scale.snaps() && toTick(scale, value) > tolerance) {
            Zone freely = line.put().apply(scale.withSnaps(false));
            mends.add(new Mend(Message.of("page-check.mend.between-ticks"), new SetBody(on.page.id(), freely)));
            mends.add(new Mend(
                    Message.of("page-check.mend.half-a-step"),
                    new SetRule(on.page.id(), zone.id(), rule.withTolerance(null))));
            on.found(
                    Finding.Kind.VALUE_OUT_OF_REACH,
                    about,
                    Message.of(
                            "page-check.no-tick",
                            "piece",
                            on.called(piece),
                            "value",
                            scale.said(value),
                            "zone",
                            on.called(zone)),
                    mends);
        }
    }

    private static double toTick(ZoneScale scale, double value) {
        double closest = Double.MAX_VALUE;
        for (int i = 0; i <= scale.ticks(); i++) {
            closest = Math.min(closest, Math.abs(scale.tick(i).doubleValue() - value));
        }
        return closest;
    }
}
