package gladtile.core.measure;

import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;

/** Questions about a closed outline of straight sides, given by its corners in order. Page units. */
public final class Polygon {
    private Polygon() {}

    /** Whole area by the shoelace formula; never negative. The outline must not cross itself. */
    public static double area(List<Point> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }

    /** Whether a point lies inside, by counting the sides that a ray to the right crosses; a side itself is either. */
    public static boolean contains(List<Point> corners, Point point) {
        boolean inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            Point a = corners.get(i);
            Point b = corners.get(j);
            boolean spans = a.y() > point.y() != b.y() > point.y();
            if (spans && point.x() < (b.x() - a.x()) * (point.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The angle at a corner between the sides that meet there, in degrees, 0 to 180. */
    public static double angleAt(List<Point> corners, int corner) {
        int n = corners.size();
        Point at = corners.get(corner);
        Point before = corners.get((corner + n - 1) % n);
        Point after = corners.get((corner + 1) % n);
        double ax = before.x() - at.x();
        double ay = before.y() - at.y();
        double bx = after.x() - at.x();
        double by = after.y() - at.y();
        return Math.toDegrees(Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)));
    }

    /** The corners of a regular polygon in a box, the first at the middle of its top. */
    public static List<Point> regular(int sides, double width, double height) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            double angle = 2 * Math.PI * i / sides - Math.PI / 2;
            corners.add(new Point(width / 2 * (1 + Math.cos(angle)), height / 2 * (1 + Math.sin(angle))));
        }
        return corners;
    }
}
