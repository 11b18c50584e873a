package gladtile.core.answer;

import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The places in a zone that is no box, made once for it: which of them lie within its outline depends on nothing but the
 * size of a piece, and is kept for as many sizes as a page usually has.
 */
final class ShapedSlots {
    private static final int SIZES = 32;

    private record Size(double width, double height) {}

    private final Zone zone;
    private final ZoneArea area;
    private final Map<Size, List<Point>> places = new ConcurrentHashMap<>();
    private volatile Point inside;

    ShapedSlots(Zone zone, ZoneArea area) {
        this.zone = zone;
        this.area = area;
    }

    /** As {@link Slots#next}. */
    Point next(List<Frame> lying, Frame coming) {
        for (Point at : placesFor(coming)) {
            if (Slots.isFree(at.x(), at.y(), coming, lying, Slots.GAP)) {
                return at;
            }
        }
        if (inside == null) {
            inside = area.inside();
        }
        return new Point(inside.x() - coming.width() / 2, inside.y() - coming.height() / 2);
    }

    private List<Point> placesFor(Frame coming) {
        Size size = new Size(coming.width(), coming.height());
        List<Point> known = places.get(size);
        if (known != null) {
            return known;
        }
        List<Point> made = new OutlinePlaces(zone, area, coming, Slots.GAP).all();
        if (places.size() < SIZES) {
            places.put(size, made);
        }
        return made;
    }
}
