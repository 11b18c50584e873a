package gladtile.core.answer;

import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The places for pieces of one size within an outline, whatever lies there: on a grid, since no edge of the zone says where
 * a place begins; the highest first, then the leftmost. They are looked for as far as they are asked for, and no place
 * twice. For one thread.
 */
final class OutlinePlaces {
    /** So many places across or down are tried. */
    private static final int GRID = 40;

    private final ZoneArea area;
    private final double width;
    private final double height;
    private final double left;
    private final double step;
    private double x;
    private double y;

    /** @param size of the pieces @param gap to the zone's edge */
    OutlinePlaces(Zone zone, ZoneArea area, Frame size, double gap) {
        this.area = area;
        width = size.width();
        height = size.height();
        Outline around = area.box();
        step = Math.max(4, Math.max(around.width(), around.height()) / GRID);
        left = around.left() + gap;
        x = left;
        y = around.top() + (zone.labelInside() ? Slots.LABEL : gap);
    }

    /** The next one that was not asked for before, of those that are wanted; null when there is none. */
    private Point further(Predicate<Point> wanted) {
        while (y + height <= area.box().bottom()) {
            while (x + width <= area.box().right()) {
                Point at = new Point(x, y);
                x += step;
                if (wanted.test(at) && area.holds(at.x(), at.y(), width, height)) {
                    return at;
                }
            }
            x = left;
            y += step;
        }
        return null;
    }

    /**
     * The first place that is as far from all that lie there. What was not free is not asked for again: whoever looks for
     * places puts more there, and takes nothing away.
     */
    Optional<Point> firstFree(Frame piece, List<Frame> lying, double gap) {
        return Optional.ofNullable(further(at -> Slots.isFree(at.x(), at.y(), piece, lying, gap)));
    }

    List<Point> all() {
        List<Point> all = new ArrayList<>();
        for (Point at = further(any -> true); at != null; at = further(any -> true)) {
            all.add(at);
        }
        return all;
    }
}
