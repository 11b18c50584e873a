package gladtile.core.page;

import java.util.List;

/** Whether corners bound one area. */
final class SimpleOutline {
    private SimpleOutline() {}

    /** By the shoelace formula. */
    static double area(List<Point> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }

    /** Whether two of its sides cross, or one runs into another's inside. */
    static boolean crossesItself(List<Point> corners) {
        int n = corners.size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 2; j < n; j++) {
                boolean neighbours = i == 0 && j == n - 1;
                if (!neighbours && meet(corners.get(i), corners.get(i + 1), corners.get(j), corners.get((j + 1) % n))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean meet(Point a, Point b, Point c, Point d) {
        double c1 = side(a, b, c);
        double d1 = side(a, b, d);
        double a1 = side(c, d, a);
        double b1 = side(c, d, b);
        if (c1 == 0 && d1 == 0) {
            return inLine(a, b, c) || inLine(a, b, d) || inLine(c, d, a);
        }
        return c1 * d1 <= 0 && a1 * b1 <= 0;
    }

    private static double side(Point a, Point b, Point p) {
        return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
    }

    private static boolean inLine(Point a, Point b, Point p) {
        return Math.min(a.x(), b.x()) <= p.x()
                && p.x() <= Math.max(a.x(), b.x())
                && Math.min(a.y(), b.y()) <= p.y()
                && p.y() <= Math.max(a.y(), b.y());
    }
}
