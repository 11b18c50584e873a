package gladtile.core.present;

import gladtile.core.Bounds;
import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * What is read of a line or a polygon while its corners are pulled. Lengths in page units, angles in degrees.
 *
 * @param sides from each corner to the next; of two corners the one between them
 * @param angles inside, at each corner, more than 180 where it points inwards; empty where it crosses itself, or is a line
 * @param area 0 for a line; absent, as not a number, where it crosses itself
 */
public record MeasuredPolygon(List<Double> sides, List<Double> angles, double area) {
    public static final int CORNERS_MOST = 20;

    public MeasuredPolygon {
        sides = List.copyOf(sides);
        angles = List.copyOf(angles);
    }

    /** @param corners 2 to {@link #CORNERS_MOST}, in their order */
    public static MeasuredPolygon of(List<Point> corners) {
        int count = Bounds.count("polygon.corners", corners.size(), CORNERS_MOST);
        Bounds.within("polygon.corners", count, 2, CORNERS_MOST);
        List<Double> sides = new ArrayList<>();
        for (int i = 0; i < (count == 2 ? 1 : count); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % count);
            sides.add(Math.hypot(b.x() - a.x(), b.y() - a.y()));
        }
        if (count == 2) {
            return new MeasuredPolygon(sides, List.of(), 0);
        }
        if (crosses(corners)) {
            return new MeasuredPolygon(sides, List.of(), Double.NaN);
        }
        double twice = 0;
        for (int i = 0; i < count; i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % count);
            twice += a.x() * b.y() - b.x() * a.y();
        }
        List<Double> angles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            angles.add(angle(
                    corners.get((i + count - 1) % count),
                    corners.get(i),
                    corners.get((i + 1) % count),
                    Math.signum(twice)));
        }
        return new MeasuredPolygon(sides, angles, Math.abs(twice) / 2);
    }

    private static double angle(Point before, Point at, Point after, double way) {
        double ax = after.x() - at.x();
        double ay = after.y() - at.y();
        double bx = before.x() - at.x();
        double by = before.y() - at.y();
        double turned = Math.toDegrees(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) * way;
        return turned < 0 ? turned + 360 : turned;
    }

    /** Whether two sides meet anywhere but where one follows the other. */
    private static boolean crosses(List<Point> corners) {
        int count = corners.size();
        for (int i = 0; i < count; i++) {
            for (int k = i + 2; k < count; k++) {
                boolean next = i == 0 && k == count - 1;
                if (!next && meet(corners.get(i), corners.get(i + 1), corners.get(k), corners.get((k + 1) % count))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean meet(Point a, Point b, Point c, Point d) {
        double one = side(a, b, c) * side(a, b, d);
        double other = side(c, d, a) * side(c, d, b);
        boolean apart = Math.max(a.x(), b.x()) < Math.min(c.x(), d.x())
                || Math.max(c.x(), d.x()) < Math.min(a.x(), b.x())
                || Math.max(a.y(), b.y()) < Math.min(c.y(), d.y())
                || Math.max(c.y(), d.y()) < Math.min(a.y(), b.y());
        return one <= 0 && other <= 0 && !apart;
    }

    private static double side(Point a, Point b, Point c) {
        return Math.signum((b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x()));
    }
}
