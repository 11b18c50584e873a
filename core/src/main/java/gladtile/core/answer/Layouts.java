package gladtile.core.answer;

import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Places in a zone by a layout. A place depends on the zone, on what lies there and on the size of what comes, and on
 * nothing of the answers.
 */
final class Layouts {
    private static final double GAP = Slots.GAP;
    /** Page units from one piece of a stack to the next. */
    private static final double STEP = 7;
    /** The turn from one piece of a heap to the next, in radians: no two lie in one direction (the golden angle). */
    private static final double THROWN = Math.PI * (3 - Math.sqrt(5));

    private Layouts() {}

    /** @return the left top corner; where no place is free, in the middle of the zone */
    static Point next(Zone zone, ZoneArea area, PieceLayout layout, List<Frame> lying, Frame coming) {
        return free(zone, area, layout, lying, coming).orElseGet(() -> middle(room(zone, area), coming));
    }

    /** Empty where there is no room left; a stack and a heap have room for any number of what fits once. */
    static Optional<Point> free(Zone zone, ZoneArea area, PieceLayout layout, List<Frame> lying, Frame coming) {
        Box room = room(zone, area);
        if (coming.width() > room.width() || coming.height() > room.height()) {
            return Optional.empty();
        }
        return switch (layout) {
            case ROW, COLUMN ->
                firstFree(area, inLine(room, layout == PieceLayout.COLUMN, lying, coming), lying, coming);
            case GRID -> firstFree(area, cells(room, lying, coming), lying, coming);
            case CIRCLE -> firstFree(area, around(room, coming), lying, coming);
            case STACK -> Optional.of(stacked(room, lying.size(), coming));
            case HEAP -> Optional.of(thrown(room, lying.size(), coming));
        };
    }

    /** Whether all of these have room together, whichever comes first. */
    static boolean fits(Zone zone, PieceLayout layout, List<Frame> pieces) {
        if (!fitsIn(zone, layout, pieces)) {
            return false;
        }
        List<Frame> backwards = new ArrayList<>(pieces);
        java.util.Collections.reverse(backwards);
        return fitsIn(zone, layout, backwards);
    }

    private static boolean fitsIn(Zone zone, PieceLayout layout, List<Frame> pieces) {
        List<Frame> lying = new ArrayList<>();
        ZoneArea area = ZoneArea.of(zone);
        for (Frame piece : pieces) {
            Point at = free(zone, area, layout, lying, piece).orElse(null);
            if (at == null) {
                return false;
            }
            lying.add(Frame.of(at.x(), at.y(), piece.width(), piece.height()));
        }
        return true;
    }

    /** A box of any size, also of none. */
    private record Box(double x, double y, double width, double height) {
        Point middle() {
            return new Point(x + width / 2, y + height / 2);
        }
    }

    /** The box that pieces may lie in, below the label. */
    private static Box room(Zone zone, ZoneArea area) {
        Outline box = area.box();
        double top = zone.labelInside() ? Math.min(Slots.LABEL, box.height() / 2) : GAP;
        return new Box(
                box.left() + GAP,
                box.top() + top,
                Math.max(0, box.width() - 2 * GAP),
                Math.max(0, box.height() - top - GAP));
    }

    private static Point middle(Box room, Frame coming) {
        Point at = room.middle();
        return new Point(at.x() - coming.width() / 2, at.y() - coming.height() / 2);
    }

    private static Optional<Point> firstFree(ZoneArea area, List<Point> places, List<Frame> lying, Frame coming) {
        for (Point at : places) {
            boolean free = lying.stream()
                    .noneMatch(one -> at.x() < one.x() + one.width()
                            && one.x() < at.x() + coming.width()
                            && at.y() < one.y() + one.height()
                            && one.y() < at.y() + coming.height());
            if (free && area.holds(at.x(), at.y(), coming.width(), coming.height())) {
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    /** From the beginning on, and behind each piece that lies there. In a round zone the line begins further in. */
    private static List<Point> inLine(Box room, boolean down, List<Frame> lying, Frame coming) {
        Point middle = middle(room, coming);
        double end = down ? room.y() + room.height() - coming.height() : room.x() + room.width() - coming.width();
        List<Double> starts = new ArrayList<>();
        double first = down ? room.y() : room.x();
        for (double from = first; from <= end; from += GAP / 2) {
            starts.add(from);
        }
        for (Frame one : lying) {
            starts.add((down ? one.y() + one.height() : one.x() + one.width()) + GAP);
        }
        return starts.stream()
                .filter(from -> from <= end + 1e-6)
                .filter(from -> lying.stream().noneMatch(one -> tooClose(one, from, down, coming)))
                .sorted()
                .map(from -> down ? new Point(middle.x(), from) : new Point(from, middle.y()))
                .toList();
    }

    private static boolean tooClose(Frame one, double from, boolean down, Frame coming) {
        double begins = down ? one.y() : one.x();
        double ends = begins + (down ? one.height() : one.width());
        double size = down ? coming.height() : coming.width();
        return from < ends + GAP - 1e-6 && begins < from + size + GAP - 1e-6;
    }

    private static List<Point> cells(Box room, List<Frame> lying, Frame coming) {
        double wide = coming.width();
        double high = coming.height();
        for (Frame one : lying) {
            wide = Math.max(wide, one.width());
            high = Math.max(high, one.height());
        }
        int columns = Math.max(1, (int) Math.floor((room.width() + GAP) / (wide + GAP)));
        int rows = Math.max(1, (int) Math.floor((room.height() + GAP) / (high + GAP)));
        List<Point> places = new ArrayList<>(columns * rows);
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                places.add(new Point(
                        room.x() + c * (wide + GAP) + (wide - coming.width()) / 2,
                        room.y() + r * (high + GAP) + (high - coming.height()) / 2));
            }
        }
        return places;
    }

    /** As many around the middle as lie there without touching, the first at the top, then clockwise. */
    private static List<Point> around(Box room, Frame coming) {
        Point middle = room.middle();
        double across = (room.width() - coming.width()) / 2;
        double down = (room.height() - coming.height()) / 2;
        double side = Math.hypot(coming.width(), coming.height());
        double length = Math.PI * (across + down);
        int count = Math.max(1, (int) Math.floor(length / side));
        List<Point> places = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            double turn = 2 * Math.PI * i / count;
            places.add(new Point(
                    middle.x() + across * Math.sin(turn) - coming.width() / 2,
                    middle.y() - down * Math.cos(turn) - coming.height() / 2));
        }
        return places;
    }

    private static Point stacked(Box room, int below, Frame coming) {
        Point middle = middle(room, coming);
        double right = Math.min(room.x() + room.width() - coming.width() - middle.x(), below * STEP);
        double up = Math.min(middle.y() - room.y(), below * STEP);
        return new Point(middle.x() + right, middle.y() - up);
    }

    private static Point thrown(Box room, int below, Frame coming) {
        Point middle = middle(room, coming);
        double far = Math.sqrt(below) / Math.sqrt(below + 8.0);
        return new Point(
                middle.x() + far * (room.width() - coming.width()) / 2 * Math.cos(below * THROWN),
                middle.y() + far * (room.height() - coming.height()) / 2 * Math.sin(below * THROWN));
    }
}
