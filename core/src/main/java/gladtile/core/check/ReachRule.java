package gladtile.core.check;

import gladtile.core.answer.Decision;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetMovement;
import gladtile.core.edit.SetTraits;
import gladtile.core.measure.ZoneArea;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.List;

/** A piece that belongs in a zone which it cannot be moved to. */
final class ReachRule {
    /** Steps along a rail that are tried; a zone is never as thin as one. */
    private static final int STEPS = 400;

    private ReachRule() {}

    static void check(CheckedPage on) {
        for (Zone zone : on.zones) {
            for (Item piece : on.belonging(zone)) {
                if (on.carries(piece, zone)) {
                    carriesIt(on, piece, zone);
                } else if (!on.isCarried(zone)
                        && piece.movement() instanceof Movement.Rail rail
                        && !passes(rail, piece.frame(), zone)) {
                    on.found(
                            Finding.Kind.CANNOT_REACH,
                            List.of(piece.id(), zone.id()),
                            Message.of("page-check.rail-elsewhere", "piece", on.called(piece), "zone", on.called(zone)),
                            List.of(
                                    new Mend(
                                            Message.of("page-check.mend.move-freely"),
                                            new SetMovement(on.page.id(), piece.id(), Movement.FREE)),
                                    new Mend(
                                            Message.of("page-check.mend.lead-rail"),
                                            new SetMovement(on.page.id(), piece.id(), towards(rail, piece, zone)))));
                }
            }
        }
        // A piece that goes with another can have cells from before it was made so.
        for (Item item : on.page.items()) {
            if (item.isPiece() && !on.isPiece(item)) {
                grouped(on, item);
            }
        }
    }

    private static void carriesIt(CheckedPage on, Item piece, Zone zone) {
        on.found(
                Finding.Kind.CANNOT_REACH,
                List.of(piece.id(), zone.id()),
                Message.of("page-check.carries-zone", "piece", on.called(piece), "zone", on.called(zone)),
                List.of(new Mend(
                        Message.of("page-check.mend.turned-away"),
                        new Decide(on.page.id(), zone.id(), piece.id(), Decision.DOES_NOT_BELONG))));
    }

    private static void grouped(CheckedPage on, Item item) {
        for (Zone zone : on.zones) {
            if (on.key.said(zone.id(), item.id()) == Decision.BELONGS) {
                on.found(
                        Finding.Kind.CANNOT_REACH,
                        List.of(item.id(), zone.id()),
                        Message.of("page-check.in-group", "piece", on.called(item)),
                        List.of(new Mend(
                                Message.of("page-check.mend.out-of-group"),
                                new SetTraits(
                                        on.page.id(),
                                        item.id(),
                                        item.traitsOrNone().withGroups(List.of())))));
                return;
            }
        }
    }

    private static boolean passes(Movement.Rail rail, Frame home, Zone zone) {
        Point middle = home.middle();
        ZoneArea area = ZoneArea.of(zone);
        if (!rail.stops().isEmpty()) {
            return rail.stops().stream().anyMatch(stop -> area.contains(along(rail, middle, stop)));
        }
        for (int i = 0; i <= STEPS; i++) {
            if (area.contains(along(rail, middle, (double) i / STEPS))) {
                return true;
            }
        }
        return false;
    }

    private static Point along(Movement.Rail rail, Point home, double share) {
        return new Point(
                home.x() + rail.from().x() + (rail.to().x() - rail.from().x()) * share,
                home.y() + rail.from().y() + (rail.to().y() - rail.from().y()) * share);
    }

    private static Movement.Rail towards(Movement.Rail rail, Item piece, Zone zone) {
        Point home = piece.frame().middle();
        Point to = ZoneArea.of(zone).inside();
        Point end = new Point(to.x() - home.x(), to.y() - home.y());
        return new Movement.Rail(end.equals(new Point(0, 0)) ? rail.from() : new Point(0, 0), end, List.of());
    }
}
