package gladtile.core.answer;

import gladtile.core.measure.ZoneArea;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Finds places for pieces that settle in a zone, below the zone's label. A place is the highest, then the leftmost,
 * where the piece neither overlaps what lies there nor leaves the zone.
 */
public final class Slots {
    /** Page units between pieces and towards the zone's edge. */
    static final double GAP = 16;
    /** Page units kept free at the top of a zone that has a label. */
    static final double LABEL = 56;
    /** What two boxes may share without being said to overlap, in page units. */
    private static final double TOUCH = 1e-6;

    /** So many pieces are fitted by trying places; more only in rows. */
    private static final int SEARCHED = 60;

    private Slots() {}

    /**
     * In a zone that is a box; in others see {@link ShapedSlots}.
     *
     * @param lying where those are that came before
     * @param coming home frame of the one to be placed
     * @return its left top corner in page units; where no place is free, as low and as far right as the zone allows
     */
    static Point next(Zone zone, List<Frame> lying, Frame coming) {
        return inBox(zone, lying, coming, GAP).orElseGet(() -> {
            Frame box = zone.frame();
            return new Point(
                    Math.max(box.x(), box.x() + box.width() - GAP - coming.width()),
                    Math.max(box.y(), box.y() + box.height() - GAP - coming.height()));
        });
    }

    private static Optional<Point> inBox(Zone zone, List<Frame> lying, Frame coming, double gap) {
        Frame box = zone.frame();
        double left = box.x() + gap;
        double top = box.y() + (zone.labelInside() ? LABEL : gap);
        double right = box.x() + box.width() - gap - coming.width() + TOUCH;
        double bottom = box.y() + box.height() - gap - coming.height() + TOUCH;
        TreeSet<Double> downs = new TreeSet<>(List.of(top));
        TreeSet<Double> acrosses = new TreeSet<>(List.of(left));
        for (Frame one : lying) {
            downs.add(one.y() + one.height() + gap);
            acrosses.add(one.x() + one.width() + gap);
        }
        for (double y : downs) {
            for (double x : acrosses) {
                if (y >= top && y <= bottom && x >= left && x <= right && isFree(x, y, coming, lying, gap)) {
                    return Optional.of(new Point(x, y));
                }
            }
        }
        return Optional.empty();
    }

    static boolean isFree(double x, double y, Frame coming, List<Frame> lying, double gap) {
        for (Frame one : lying) {
            if (x < one.x() + one.width() + gap - TOUCH
                    && one.x() < x + coming.width() + gap - TOUCH
                    && y < one.y() + one.height() + gap - TOUCH
                    && one.y() < y + coming.height() + gap - TOUCH) {
                return false;
            }
        }
        return true;
    }

    /**
     * Places for all of these at once, the highest pieces first; with less room between them where they fit no other
     * way. In no order of arrival can a piece then be without its place.
     *
     * @return in the order of {@code pieces}; empty when they do not fit
     */
    public static Optional<List<Frame>> plan(Zone zone, List<Frame> pieces) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparingDouble((Integer i) -> -pieces.get(i).height())
                .thenComparingDouble(i -> -pieces.get(i).width()));
        for (double gap : new double[] {GAP, GAP / 2, 2}) {
            Frame[] places = zone.shape() == null ? rows(zone, pieces, order, gap) : null;
            if (places == null && pieces.size() <= SEARCHED) {
                places = searched(zone, pieces, order, gap);
            }
            if (places != null) {
                return Optional.of(List.of(places));
            }
        }
        return Optional.empty();
    }

    /** Rows, each as high as its first piece; null when they do not fit so. */
    private static Frame[] rows(Zone zone, List<Frame> pieces, List<Integer> order, double gap) {
        Frame box = zone.frame();
        double right = box.x() + box.width() - gap + TOUCH;
        double bottom = box.y() + box.height() - gap + TOUCH;
        double x = box.x() + gap;
        double y = box.y() + (zone.labelInside() ? LABEL : gap);
        double high = 0;
        Frame[] places = new Frame[pieces.size()];
        for (int i : order) {
            Frame one = pieces.get(i);
            if (high > 0 && x + one.width() > right) {
                x = box.x() + gap;
                y += high + gap;
                high = 0;
            }
            high = Math.max(high, one.height());
            if (x + one.width() > right || y + one.height() > bottom) {
                return null;
            }
            places[i] = Frame.of(x, y, one.width(), one.height());
            x += one.width() + gap;
        }
        return places;
    }

    private static Frame[] searched(Zone zone, List<Frame> pieces, List<Integer> order, double gap) {
        Frame[] places = new Frame[pieces.size()];
        List<Frame> lying = new ArrayList<>();
        ZoneArea area = ZoneArea.of(zone);
        // Pieces of one size, as most are, have the same places.
        Map<Frame, OutlinePlaces> known = new HashMap<>();
        for (int i : order) {
            Frame one = pieces.get(i);
            Optional<Point> at = zone.shape() == null
                    ? inBox(zone, lying, one, gap)
                    : known.computeIfAbsent(
                                    Frame.of(0, 0, one.width(), one.height()),
                                    size -> new OutlinePlaces(zone, area, size, gap))
                            .firstFree(one, lying, gap);
            if (at.isEmpty()) {
                return null;
            }
            places[i] = Frame.of(at.get().x(), at.get().y(), one.width(), one.height());
            lying.add(places[i]);
        }
        return places;
    }
}
