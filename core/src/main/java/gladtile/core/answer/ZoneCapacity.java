package gladtile.core.answer;

import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import java.util.List;

/** Whether a zone has room for everything that may settle in it at one time. */
public final class ZoneCapacity {
    private ZoneCapacity() {}

    /** The pieces as large as they are drawn in the zone. */
    static List<Item> fitted(Zone zone, ZoneRule rule, List<Item> pieces) {
        return pieces.stream()
                .map(piece -> piece.withFrame(PieceFit.box(zone, rule, piece, piece.frame())))
                .toList();
    }

    /** @param pieces those that belong there */
    public static boolean fits(Zone zone, ZoneRule rule, List<Item> pieces) {
        List<Item> belonging = fitted(zone, rule, pieces);
        if (rule.accept() == AcceptAction.STAYS || rule.accept() == AcceptAction.DISAPPEARS) {
            return true;
        }
        Sequence sequence = rule.wanted().sequence();
        if (sequence == null && rule.layout() != null) {
            return Layouts.fits(zone, rule.layout(), ZonePlaces.settling(rule.wanted(), belonging));
        }
        if (sequence == null) {
            return Slots.plan(zone, ZonePlaces.settling(rule.wanted(), belonging))
                    .isPresent();
        }
        int length = Math.max(1, sequence.length());
        boolean down = sequence.runs() == Sequence.Direction.DOWNWARDS;
        double top = zone.labelInside() ? Slots.LABEL : 0;
        double width = down ? zone.frame().width() : zone.frame().width() / length;
        double height = (zone.frame().height() - top) / (down ? length : 1);
        return belonging.stream()
                .allMatch(
                        piece -> piece.frame().width() <= width && piece.frame().height() <= height);
    }
}
