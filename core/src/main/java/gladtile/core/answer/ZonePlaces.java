package gladtile.core.answer;

import gladtile.core.answer.Verdict.Rests;
import gladtile.core.answer.Verdict.Says;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import java.util.ArrayList;
import java.util.List;

/** Where pieces come to rest in a zone that takes them. */
final class ZonePlaces {
    private final JudgedZone on;
    private final ZoneOrder order;
    /** Null for a box. */
    private final ShapedSlots shaped;
    /** Places for everything that may settle here; empty when they do not all fit, or it is judged later. */
    private final List<Frame> plan;

    ZonePlaces(JudgedZone on, ZoneOrder order) {
        this.on = on;
        this.order = order;
        shaped = on.zone.shape() == null ? null : new ShapedSlots(on.zone, on.area);
        ZoneRequirements room = on.set == null ? on.wants : on.wants.withCapacity(1);
        List<Item> belonging = on.pieces.values().stream()
                .filter(piece -> on.belongs.contains(piece.id()))
                .toList();
        // Before anything is judged, a place that was planned for what belongs would tell what does.
        boolean planned = on.laysInSlots()
                && on.cells == null
                && on.rule.layout() == null
                && on.rule.when() == JudgeTiming.AT_ONCE;
        plan = planned
                ? Slots.plan(on.zone, settling(room, ZoneCapacity.fitted(on.zone, on.rule, belonging)))
                        .orElse(List.of())
                : List.of();
    }

    /** The boxes of everything that can settle in a zone at one time; of more than it holds, the largest. */
    static List<Frame> settling(ZoneRequirements wants, List<Item> belonging) {
        List<Frame> boxes = new ArrayList<>();
        for (Item piece : belonging) {
            Supply supply = piece.traitsOrNone().supply();
            int most = supply == null ? 1 : wants.counts().getOrDefault(piece.id(), mostCopies(wants, supply));
            for (int i = 0; i < most; i++) {
                boxes.add(piece.frame());
            }
        }
        if (wants.capacity() != null && boxes.size() > wants.capacity()) {
            boxes.sort((a, b) -> Double.compare(b.width() * b.height(), a.width() * a.height()));
            return boxes.subList(0, wants.capacity());
        }
        return boxes;
    }

    /** Of an endless supply nobody can know; one is reckoned with. */
    private static int mostCopies(ZoneRequirements wants, Supply supply) {
        if (wants.capacity() != null) {
            return Math.min(wants.capacity(), supply.most());
        }
        return supply.copies() == null ? 1 : supply.copies();
    }

    /** A piece that is taken, whether or not it is judged yet, with where it rests. */
    Verdict taken(Says says, Item piece, double x, double y, Point middle, List<PlacedPiece> lying) {
        if (on.scale != null) {
            Point rest = on.scale.rest(middle);
            return new Verdict(says, on.id(), x + rest.x() - middle.x(), y + rest.y() - middle.y(), Rests.WHERE_PUT);
        }
        // What turns in its place, as a hand of a clock, would not be about its middle in a slot. Before anything is
        // judged it must go where all others go: else its place would tell that it belongs.
        boolean inPlace = says == Says.BELONGS && on.rightTurn(piece.id()) != null;
        if (!on.laysInSlots() || inPlace) {
            return new Verdict(says, on.id(), x, y, Rests.WHERE_PUT);
        }
        Point at = slotFor(piece, middle, lying);
        return new Verdict(says, on.id(), at.x(), at.y(), Rests.IN_SLOT);
    }

    /** A place where a piece that belongs here would rest, for showing the solution. */
    Point shown(Item piece, List<PlacedPiece> lying) {
        Frame home = piece.frame();
        if (on.cells != null) {
            int place = on.cells.first(piece.id());
            Frame box = PieceFit.box(on.zone, on.rule, piece, home);
            int within = place > on.cells.length() ? on.cells.length() : place;
            return around(on.cells.corner(within, box.width(), box.height()), home, box);
        }
        if (on.onScale(piece.id()) != null) {
            return corner(on.scale.place(on.onScale(piece.id())), home);
        }
        if (on.rightTurn(piece.id()) != null && on.area.contains(home.middle())) {
            return new Point(home.x(), home.y());
        }
        if (on.regions != null) {
            return on.regions
                    .place(on.regionOf(piece.id()), home, frames(lying))
                    .orElseGet(() -> corner(on.area.inside(), home));
        }
        return slotFor(piece, on.area.inside(), lying);
    }

    /** The left top corner of the whole piece, of which a smaller one about the same middle may be drawn. */
    private Point slotFor(Item piece, Point middle, List<PlacedPiece> lying) {
        Frame home = piece.frame();
        Frame box = PieceFit.box(on.zone, on.rule, piece, home);
        return around(slot(box, middle, lying), home, box);
    }

    private static Point around(Point at, Frame home, Frame box) {
        return new Point(at.x() - (home.width() - box.width()) / 2, at.y() - (home.height() - box.height()) / 2);
    }

    private static Point corner(Point middle, Frame home) {
        return new Point(middle.x() - home.width() / 2, middle.y() - home.height() / 2);
    }

    private Point slot(Frame box, Point middle, List<PlacedPiece> lying) {
        if (on.cells != null) {
            int place = on.cells.nearestFree(middle, order.taken(lying));
            return on.cells.corner(place == 0 ? on.cells.at(middle) : place, box.width(), box.height());
        }
        List<Frame> there = frames(lying);
        for (Frame place : plan) {
            boolean fits = place.width() == box.width() && place.height() == box.height();
            if (fits && there.stream().noneMatch(one -> overlap(one, place))) {
                return new Point(place.x(), place.y());
            }
        }
        if (on.rule.layout() != null) {
            return Layouts.next(on.zone, on.area, on.rule.layout(), there, box);
        }
        return shaped == null ? Slots.next(on.zone, there, box) : shaped.next(there, box);
    }

    /** The boxes in which pieces are drawn in the zone. */
    private List<Frame> frames(List<PlacedPiece> lying) {
        List<Frame> there = new ArrayList<>(lying.size());
        for (PlacedPiece one : lying) {
            Item piece = on.item(one);
            Frame whole = Frame.of(
                    one.x(), one.y(), piece.frame().width(), piece.frame().height());
            there.add(PieceFit.box(on.zone, on.rule, piece, whole));
        }
        return there;
    }

    private static boolean overlap(Frame a, Frame b) {
        return a.x() < b.x() + b.width()
                && b.x() < a.x() + a.width()
                && a.y() < b.y() + b.height()
                && b.y() < a.y() + a.height();
    }
}
