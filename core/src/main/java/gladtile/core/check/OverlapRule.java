package gladtile.core.check;

import gladtile.core.edit.SetFrame;
import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;

/** Zones over one another, where a drop is asked of the upper one only. */
final class OverlapRule {
    /** What two zones may share, in page units, as a line that both stand on. */
    private static final double TOUCH = 2;

    private OverlapRule() {}

    static void check(CheckedPage on) {
        for (int i = 0; i < on.zones.size(); i++) {
            for (int j = i + 1; j < on.zones.size(); j++) {
                Zone low = on.zones.get(i);
                Zone top = on.zones.get(j);
                Outline a = Outline.of(low.frame());
                Outline b = Outline.of(top.frame());
                double across = Math.min(a.right(), b.right()) - Math.max(a.left(), b.left());
                double down = Math.min(a.bottom(), b.bottom()) - Math.max(a.top(), b.top());
                boolean meant =
                        on.key.rule(low.id()).crosses() && on.key.rule(top.id()).crosses();
                if (!meant && across > TOUCH && down > TOUCH && cross(on, low, top)) {
                    on.found(
                            Finding.Kind.ZONES_OVERLAP,
                            List.of(top.id(), low.id()),
                            said(on, low, top),
                            mends(on, low, top));
                }
            }
        }
    }

    private static Message said(CheckedPage on, Zone low, Zone top) {
        boolean unseen = low.looks().hidden() && top.looks().hidden();
        return Message.of("page-check.zones-overlap", "low", on.called(low), "top", on.called(top), "unseen", unseen);
    }

    /** Boxes around two zones may lie over each other where the zones themselves do not. */
    private static boolean cross(CheckedPage on, Zone low, Zone top) {
        if (low.shape() == null && top.shape() == null) {
            return true;
        }
        ZoneArea a = on.area(low);
        ZoneArea b = on.area(top);
        return a.corners().stream().anyMatch(b::contains)
                || b.corners().stream().anyMatch(a::contains)
                || a.contains(b.inside())
                || b.contains(a.inside());
    }

    private static List<Mend> mends(CheckedPage on, Zone low, Zone top) {
        List<Mend> mends = new ArrayList<>();
        Item item = on.page.item(top.id()).orElse(null);
        if (item != null) {
            List<Outline> others = on.zones.stream()
                    .filter(zone -> zone != top)
                    .map(zone -> Outline.of(zone.frame()))
                    .toList();
            FreeSpot.near(item.frame(), others)
                    .ifPresent(free -> mends.add(new Mend(
                            Message.of("page-check.mend.move-aside", "letter", on.letter(top)),
                            new SetFrame(on.page.id(), item.id(), free))));
        }
        Item lower = on.page.item(low.id()).orElse(null);
        if (lower != null
                && lower.frame().turn() == 0
                && item != null
                && item.frame().turn() == 0) {
            Frame less = shortened(lower.frame(), item.frame());
            if (less != null) {
                mends.add(new Mend(
                        Message.of("page-check.mend.smaller-zone", "letter", on.letter(low)),
                        new SetFrame(on.page.id(), lower.id(), less)));
            }
        }
        return mends;
    }

    /** The larger part of a box that the other leaves, cut straight; null when little is left. */
    private static Frame shortened(Frame low, Frame top) {
        Frame best = null;
        double right = low.x() + low.width();
        double bottom = low.y() + low.height();
        double[][] parts = {
            {low.x(), low.y(), top.x() - 10 - low.x(), low.height()},
            {top.x() + top.width() + 10, low.y(), right - top.x() - top.width() - 10, low.height()},
            {low.x(), low.y(), low.width(), top.y() - 10 - low.y()},
            {low.x(), top.y() + top.height() + 10, low.width(), bottom - top.y() - top.height() - 10}
        };
        for (double[] part : parts) {
            boolean larger = best == null || part[2] * part[3] > best.width() * best.height();
            if (part[2] >= 80 && part[3] >= 80 && larger) {
                best = Frame.of(part[0], part[1], part[2], part[3]);
            }
        }
        return best;
    }
}
