package gladtile.core.measure;

import gladtile.core.page.Point;
import java.util.List;

/**
 * A box, turned or not, against an outline with many corners: asked of every piece that is put down, so it makes nothing
 * and looks at each side of the outline once.
 */
final class BoxClip {
    /** What rounding may take from two sides of a box that stand upright on each other, as a share of their lengths. */
    private static final double UPRIGHT = 1e-9;

    private final double left;

    private final double top;
    private final double alongX;
    private final double alongY;
    private final double width;
    private final double height;

    private BoxClip(Point corner, double alongX, double alongY, double width, double height) {
        left = corner.x();
        top = corner.y();
        this.alongX = alongX;
        this.alongY = alongY;
        this.width = width;
        this.height = height;
    }

    /** Null for what is no box of some area, with corners in clockwise order. */
    static BoxClip of(List<Point> convex) {
        if (convex.size() != 4) {
            return null;
        }
        Point a = convex.get(0);
        Point b = convex.get(1);
        Point c = convex.get(2);
        Point d = convex.get(3);
        double acrossX = b.x() - a.x();
        double acrossY = b.y() - a.y();
        double downX = d.x() - a.x();
        double downY = d.y() - a.y();
        double width = Math.hypot(acrossX, acrossY);
        double height = Math.hypot(downX, downY);
        double turned = acrossX * downY - acrossY * downX;
        boolean upright = Math.abs(acrossX * downX + acrossY * downY) <= UPRIGHT * width * height;
        boolean closes = Math.abs(a.x() + c.x() - b.x() - d.x()) + Math.abs(a.y() + c.y() - b.y() - d.y())
                <= UPRIGHT * (width + height);
        return turned > 0 && upright && closes ? new BoxClip(a, acrossX / width, acrossY / width, width, height) : null;
    }

    static BoxClip upright(double left, double top, double width, double height) {
        return new BoxClip(new Point(left, top), 1, 0, width, height);
    }

    double area() {
        return width * height;
    }

    private double along(double x, double y) {
        return (x - left) * alongX + (y - top) * alongY;
    }

    private double down(double x, double y) {
        return (y - top) * alongX - (x - left) * alongY;
    }

    /**
     * The area that the box has in common with an outline: under each side of it, what lies in the box (Green's theorem).
     */
    double areaIn(double[] xs, double[] ys) {
        double sum = 0;
        int last = xs.length - 1;
        double x1 = along(xs[last], ys[last]);
        double y1 = down(xs[last], ys[last]);
        for (int i = 0; i < xs.length; i++) {
            double x2 = along(xs[i], ys[i]);
            double y2 = down(xs[i], ys[i]);
            sum += under(x1, y1, x2, y2);
            x1 = x2;
            y1 = y2;
        }
        return Math.abs(sum);
    }

    /** What lies in the box above a side that runs from one point to another, less than 0 where it runs leftwards. */
    private double under(double x1, double y1, double x2, double y2) {
        if (x1 > x2) {
            return -under(x2, y2, x1, y1);
        }
        if (x1 == x2 || x2 <= 0 || x1 >= width || y1 <= 0 && y2 <= 0) {
            return 0;
        }
        double slope = (y2 - y1) / (x2 - x1);
        double from = Math.max(0, x1);
        double to = Math.min(width, x2);
        double yFrom = y1 + slope * (from - x1);
        double yTo = y1 + slope * (to - x1);
        if (yFrom >= height && yTo >= height) {
            return height * (to - from);
        }
        double low = Math.min(yFrom, yTo);
        double high = Math.max(yFrom, yTo);
        if (low >= 0 && high <= height) {
            return (yFrom + yTo) / 2 * (to - from);
        }
        if (high <= 0) {
            return 0;
        }
        // It crosses the top or the foot of the box: from low to high, held to both.
        double steep = (to - from) / (high - low);
        double start = Math.max(low, 0);
        double end = Math.min(high, height);
        return steep * ((start + end) / 2 * (end - start) + (high - end) * height);
    }

    /**
     * Whether a side of an outline has a point in the box.
     *
     * @param bands of the outline's sides, from {@code first} to {@code last} all that can have one
     * @param near as far beside the box as still counts; less than 0 for as far within
     */
    boolean meets(double[] xs, double[] ys, SideBands bands, int first, int last, double near) {
        for (int band = first; band <= last; band++) {
            for (int i : bands.in(band)) {
                int j = i == 0 ? xs.length - 1 : i - 1;
                double x = along(xs[j], ys[j]);
                double y = down(xs[j], ys[j]);
                if (crosses(x, y, along(xs[i], ys[i]) - x, down(xs[i], ys[i]) - y, near)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether a side has a part in the box (Liang and Barsky, A new concept and method for line clipping, 1984). */
    private boolean crosses(double x, double y, double dx, double dy, double near) {
        double from = 0;
        double to = 1;
        for (int side = 0; side < 4; side++) {
            double by = side == 0 ? -dx : side == 1 ? dx : side == 2 ? -dy : dy;
            double room = (side == 0 ? x : side == 1 ? width - x : side == 2 ? y : height - y) + near;
            if (by == 0) {
                if (room < 0) {
                    return false;
                }
            } else if (by < 0) {
                from = Math.max(from, room / by);
            } else {
                to = Math.min(to, room / by);
            }
            if (from > to) {
                return false;
            }
        }
        return true;
    }
}
