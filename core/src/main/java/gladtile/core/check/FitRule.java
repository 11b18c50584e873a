package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.answer.ZoneCapacity;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetFrame;
import gladtile.core.measure.Outline;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;

/** Pieces that belong in a zone which has not the room to settle them all. */
final class FitRule {
    /** Page units that a zone is made larger by, tried one after another. */
    private static final int[] GROWN = {20, 40, 60, 80, 120, 160, 240, 320, 480, 640, 1000};

    private FitRule() {}

    static void check(CheckedPage on) {
        for (Zone zone : on.zones) {
            ZoneRule rule = one(on, zone, on.key.rule(zone.id()));
            if (rule.crosses() || zone.scale() != null) {
                continue;
            }
            List<Item> belonging = on.belonging(zone);
            Item large = belonging.stream()
                    .filter(piece -> rule.fitted() == null && isLarger(piece, zone))
                    .findFirst()
                    .orElse(null);
            if (large != null && !zone.looks().hidden() && ZoneCapacity.fits(zone, rule, belonging)) {
                on.found(
                        Finding.Kind.DOES_NOT_FIT,
                        List.of(zone.id()),
                        Message.of("page-check.larger-than-zone", "piece", on.called(large), "zone", on.called(zone)),
                        mends(on, zone, rule, belonging));
            }
            if (!belonging.isEmpty() && !ZoneCapacity.fits(zone, rule, belonging)) {
                on.found(
                        Finding.Kind.DOES_NOT_FIT,
                        List.of(zone.id()),
                        words(on, zone, belonging),
                        mends(on, zone, rule, belonging));
            }
        }
    }

    /** In either direction, by more than an edge that sticks out a little. */
    private static boolean isLarger(Item piece, Zone zone) {
        return piece.frame().width() > zone.frame().width() * 1.15
                || piece.frame().height() > zone.frame().height() * 1.15;
    }

    private static Message words(CheckedPage on, Zone zone, List<Item> belonging) {
        boolean copies =
                belonging.stream().anyMatch(piece -> piece.traitsOrNone().supply() != null);
        return Message.of(
                "page-check.does-not-fit",
                "count",
                belonging.size(),
                "copies",
                copies,
                "piece",
                on.called(belonging.get(0)),
                "zone",
                on.called(zone),
                "width",
                Math.round(zone.frame().width()),
                "height",
                Math.round(zone.frame().height()));
    }

    /** Zones that are answered together hold one piece each. */
    private static ZoneRule one(CheckedPage on, Zone zone, ZoneRule rule) {
        boolean together = on.key.sets().stream().anyMatch(set -> set.zoneIds().contains(zone.id()));
        return together ? rule.withWants(rule.wanted().withCapacity(1)) : rule;
    }

    private static List<Mend> mends(CheckedPage on, Zone zone, ZoneRule rule, List<Item> belonging) {
        List<Mend> mends = new ArrayList<>();
        Item item = on.page.item(zone.id()).orElse(null);
        if (item != null) {
            larger(on, zone, rule, belonging)
                    .ifPresent(frame -> mends.add(new Mend(
                            Message.of("page-check.mend.larger-zone", "letter", on.letter(zone)),
                            new SetFrame(on.page.id(), item.id(), frame))));
        }
        for (int percent = 90; percent >= 40; percent -= 10) {
            double scale = percent / 100.0;
            List<Item> smaller =
                    belonging.stream().map(piece -> scaled(piece, scale)).toList();
            if (ZoneCapacity.fits(zone, rule, smaller)) {
                List<Edit> edits = new ArrayList<>();
                smaller.forEach(piece -> edits.add(new SetFrame(on.page.id(), piece.id(), piece.frame())));
                mends.add(new Mend(
                        Message.of("page-check.mend.pieces-at", "percent", percent), CompositeEdit.orOne(edits)));
                break;
            }
        }
        return mends;
    }

    private static Item scaled(Item piece, double scale) {
        Frame frame = piece.frame();
        double width = Math.max(Bounds.SIDE_LEAST, frame.width() * scale);
        double height = Math.max(Bounds.SIDE_LEAST, frame.height() * scale);
        return piece.withFrame(new Frame(
                frame.x() + (frame.width() - width) / 2,
                frame.y() + (frame.height() - height) / 2,
                width,
                height,
                frame.turn()));
    }

    /** Grown to the right and downwards, then to the left and upwards, as long as no other zone is touched. */
    private static java.util.Optional<Frame> larger(CheckedPage on, Zone zone, ZoneRule rule, List<Item> belonging) {
        Frame box = zone.frame();
        if (box.turn() != 0) {
            return java.util.Optional.empty();
        }
        List<Outline> others = on.zones.stream()
                .filter(other -> other != zone)
                .map(other -> Outline.of(other.frame()))
                .toList();
        for (int by : GROWN) {
            for (double[] grown :
                    new double[][] {{0, 0, by, 0}, {0, 0, 0, by}, {0, 0, by, by}, {by, 0, by, by}, {by, by, by, by}}) {
                double x = Math.max(10, box.x() - grown[0]);
                double y = Math.max(10, box.y() - grown[1]);
                double right = Math.min(Bounds.PAGE_WIDTH - 10, box.x() + box.width() + grown[2]);
                double bottom = Math.min(Bounds.PAGE_HEIGHT - 10, box.y() + box.height() + grown[3]);
                if (right - x < box.width() || bottom - y < box.height()) {
                    continue;
                }
                Frame frame = Frame.of(x, y, right - x, bottom - y);
                boolean free = others.stream().noneMatch(other -> CheckedPage.overlap(other, Outline.of(frame)));
                if (free && ZoneCapacity.fits((Zone) zone.withFrame(frame), rule, belonging)) {
                    return java.util.Optional.of(frame);
                }
            }
        }
        return java.util.Optional.empty();
    }
}
