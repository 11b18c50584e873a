package gladtile.core.measure;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.List;

/**
 * The area that a drop zone takes up on its page, its turn included. Made once for a zone; page units.
 *
 * <p>Long because the outlines that a zone may have are one closed list, and each question about an area is answered for all of them in one place.
 */
public final class ZoneArea {
    /** An ellipse is held against whole pieces as a polygon of so many corners; 99.9 % of its area. */
    private static final int ROUND = 96;
    /** What rounding may take from an edge that counts as inside. */
    private static final double EDGE = 1e-9;
    /** Across and down, for a point well inside. */
    private static final int LOOKS = 24;

    private final Frame frame;
    private final boolean box;
    private final boolean round;
    private final double cos;
    private final double sin;
    private final double[] xs;
    private final double[] ys;
    private final Outline around;
    private final SideBands bands;
    /** Looked for when it is asked for first. */
    private volatile Point inside;

    private ZoneArea(Zone zone) {
        frame = zone.frame();
        ZoneShape shape = zone.shape();
        cos = Math.cos(Math.toRadians(frame.turn()));
        sin = Math.sin(Math.toRadians(frame.turn()));
        box = shape == null;
        round = shape != null && shape.kind() == ZoneShape.Kind.ELLIPSE;
        List<Point> corners = corners(frame, shape);
        xs = corners.stream().mapToDouble(Point::x).toArray();
        ys = corners.stream().mapToDouble(Point::y).toArray();
        around = around();
        bands = new SideBands(ys, EDGE);
    }

    public static ZoneArea of(Zone zone) {
        return new ZoneArea(zone);
    }

    private static List<Point> corners(Frame frame, ZoneShape shape) {
        if (shape == null) {
            return frame.corners();
        }
        List<Point> within = shape.kind() == ZoneShape.Kind.ELLIPSE
                ? Polygon.regular(ROUND, frame.width(), frame.height())
                : shape.corners().stream()
                        .map(one -> new Point(one.x() * frame.width(), one.y() * frame.height()))
                        .toList();
        List<Point> placed = new ArrayList<>(within.size());
        within.forEach(one -> placed.add(frame.onPage(one.x(), one.y())));
        return placed;
    }

    private Outline around() {
        double left = Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (int i = 0; i < xs.length; i++) {
            left = Math.min(left, xs[i]);
            right = Math.max(right, xs[i]);
            top = Math.min(top, ys[i]);
            bottom = Math.max(bottom, ys[i]);
        }
        return new Outline(left, top, right, bottom);
    }

    /** Whether it is the whole of its frame. */
    public boolean isBox() {
        return box;
    }

    /** The upright box around it. */
    public Outline box() {
        return around;
    }

    /** Its corners in order; of an ellipse, corners along it. */
    public List<Point> corners() {
        List<Point> corners = new ArrayList<>(xs.length);
        for (int i = 0; i < xs.length; i++) {
            corners.add(new Point(xs[i], ys[i]));
        }
        return corners;
    }

    /** Whether a point lies in it; its edge counts as inside. */
    public boolean contains(Point point) {
        if (box) {
            return frame.contains(point);
        }
        if (round) {
            return inEllipse(point);
        }
        double x = point.x();
        double y = point.y();
        if (x < around.left() - EDGE
                || x > around.right() + EDGE
                || y < around.top() - EDGE
                || y > around.bottom() + EDGE) {
            return false;
        }
        boolean inside = false;
        int[] beside = bands.in(bands.from(y));
        for (int i : beside) {
            int j = before(i);
            if (ys[i] > y != ys[j] > y) {
                double across = (xs[j] - xs[i]) * (y - ys[i]) / (ys[j] - ys[i]) + xs[i];
                if (x < across) {
                    inside = !inside;
                }
            }
        }
        return inside || isOnEdge(x, y, beside);
    }

    private int before(int corner) {
        return corner == 0 ? xs.length - 1 : corner - 1;
    }

    private boolean isOnEdge(double x, double y, int[] beside) {
        for (int i : beside) {
            int j = before(i);
            boolean near = x >= Math.min(xs[i], xs[j]) - EDGE
                    && x <= Math.max(xs[i], xs[j]) + EDGE
                    && y >= Math.min(ys[i], ys[j]) - EDGE
                    && y <= Math.max(ys[i], ys[j]) + EDGE;
            if (near && toSide(i, j, x, y) <= EDGE * EDGE) {
                return true;
            }
        }
        return false;
    }

    /** The square of how far a point lies from one side. */
    private double toSide(int i, int j, double x, double y) {
        double dx = xs[j] - xs[i];
        double dy = ys[j] - ys[i];
        double length = dx * dx + dy * dy;
        double share = length == 0 ? 0 : ((x - xs[i]) * dx + (y - ys[i]) * dy) / length;
        share = Math.max(0, Math.min(1, share));
        double across = xs[i] + share * dx - x;
        double down = ys[i] + share * dy - y;
        return across * across + down * down;
    }

    private boolean inEllipse(Point point) {
        double dx = point.x() - (frame.x() + frame.width() / 2);
        double dy = point.y() - (frame.y() + frame.height() / 2);
        double across = (dx * cos + dy * sin) / (frame.width() / 2);
        double down = (dy * cos - dx * sin) / (frame.height() / 2);
        return across * across + down * down <= 1 + EDGE;
    }

    /** How far a point lies from the closest place of its edge; of an ellipse, from the polygon along it. */
    public double toEdge(Point at) {
        return toEdge(at.x(), at.y());
    }

    private double toEdge(double x, double y) {
        double closest = Double.MAX_VALUE;
        for (int i = 0, j = xs.length - 1; i < xs.length; j = i++) {
            closest = Math.min(closest, toSide(i, j, x, y));
        }
        return Math.sqrt(closest);
    }

    /** Whether it has any point in common with a convex outline, an edge or a corner too. */
    public boolean touches(List<Point> convex) {
        Lies lies = lies(convex);
        if (lies != Lies.ACROSS) {
            return lies == Lies.WITHIN;
        }
        BoxClip piece = round ? null : BoxClip.of(convex);
        if (piece != null) {
            return meets(piece, top(convex), bottom(convex), EDGE) || contains(convex.get(0));
        }
        for (Point corner : convex) {
            if (contains(corner)) {
                return true;
            }
        }
        for (int i = 0, j = xs.length - 1; i < xs.length; j = i++) {
            for (int k = 0; k < convex.size(); k++) {
                Point a = convex.get(k);
                Point b = convex.get((k + 1) % convex.size());
                if (meet(xs[j], ys[j], xs[i], ys[i], a, b)) {
                    return true;
                }
            }
        }
        // It may lie wholly within the piece.
        return Polygon.contains(convex, new Point(xs[0], ys[0]));
    }

    private boolean meets(BoxClip piece, double top, double bottom, double near) {
        return piece.meets(xs, ys, bands, bands.from(top - EDGE), bands.from(bottom + EDGE), near);
    }

    private static double top(List<Point> corners) {
        double top = Double.MAX_VALUE;
        for (Point corner : corners) {
            top = Math.min(top, corner.y());
        }
        return top;
    }

    private static double bottom(List<Point> corners) {
        double bottom = -Double.MAX_VALUE;
        for (Point corner : corners) {
            bottom = Math.max(bottom, corner.y());
        }
        return bottom;
    }

    /** How an outline lies to it, as far as the boxes around both and around each of its sides tell. */
    private enum Lies {
        APART,
        WITHIN,
        /** One of its sides may cross the other outline. */
        ACROSS
    }

    /** Of many zones most are far from a piece, and of those that are not most hold it far from their edge. */
    private Lies lies(List<Point> convex) {
        double left = Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (Point corner : convex) {
            left = Math.min(left, corner.x());
            right = Math.max(right, corner.x());
            top = Math.min(top, corner.y());
            bottom = Math.max(bottom, corner.y());
        }
        if (right < around.left() - EDGE
                || left > around.right() + EDGE
                || bottom < around.top() - EDGE
                || top > around.bottom() + EDGE) {
            return Lies.APART;
        }
        // Between an ellipse and the corners along it lies a sliver, of which its sides tell nothing.
        if (round) {
            return Lies.ACROSS;
        }
        int last = bands.from(bottom + EDGE);
        for (int band = bands.from(top - EDGE); band <= last; band++) {
            for (int i : bands.in(band)) {
                int j = before(i);
                if (Math.min(xs[i], xs[j]) <= right + EDGE
                        && Math.max(xs[i], xs[j]) >= left - EDGE
                        && Math.min(ys[i], ys[j]) <= bottom + EDGE
                        && Math.max(ys[i], ys[j]) >= top - EDGE) {
                    return Lies.ACROSS;
                }
            }
        }
        return contains(convex.get(0)) ? Lies.WITHIN : Lies.APART;
    }

    private static boolean meet(double x1, double y1, double x2, double y2, Point a, Point b) {
        double a1 = (x2 - x1) * (a.y() - y1) - (y2 - y1) * (a.x() - x1);
        double b1 = (x2 - x1) * (b.y() - y1) - (y2 - y1) * (b.x() - x1);
        double p1 = (b.x() - a.x()) * (y1 - a.y()) - (b.y() - a.y()) * (x1 - a.x());
        double p2 = (b.x() - a.x()) * (y2 - a.y()) - (b.y() - a.y()) * (x2 - a.x());
        boolean apart = Math.max(x1, x2) < Math.min(a.x(), b.x())
                || Math.max(a.x(), b.x()) < Math.min(x1, x2)
                || Math.max(y1, y2) < Math.min(a.y(), b.y())
                || Math.max(a.y(), b.y()) < Math.min(y1, y2);
        return !apart && a1 * b1 <= 0 && p1 * p2 <= 0;
    }

    /**
     * The share of a convex outline's area that lies in it, 0 to 1: its own outline clipped by each side of the convex
     * one (Sutherland and Hodgman, Reentrant polygon clipping, 1974), which leaves the area right for hollows too.
     */
    public double shareOf(List<Point> convex) {
        double whole = signed(convex);
        if (whole == 0) {
            return 0;
        }
        Lies lies = lies(convex);
        if (lies != Lies.ACROSS) {
            return lies == Lies.WITHIN ? 1 : 0;
        }
        BoxClip piece = BoxClip.of(convex);
        if (piece != null) {
            return Math.min(1, piece.areaIn(xs, ys) / piece.area());
        }
        double[] x = xs.clone();
        double[] y = ys.clone();
        int n = x.length;
        for (int side = 0; side < convex.size() && n > 0; side++) {
            Point a = convex.get(side);
            Point b = convex.get((side + 1) % convex.size());
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double[] nextX = new double[2 * n];
            double[] nextY = new double[2 * n];
            int kept = 0;
            for (int i = 0, j = n - 1; i < n; j = i++) {
                double from = Math.signum(whole) * (dx * (y[j] - a.y()) - dy * (x[j] - a.x()));
                double to = Math.signum(whole) * (dx * (y[i] - a.y()) - dy * (x[i] - a.x()));
                if (from >= 0 != to >= 0) {
                    double share = from / (from - to);
                    nextX[kept] = x[j] + share * (x[i] - x[j]);
                    nextY[kept++] = y[j] + share * (y[i] - y[j]);
                }
                if (to >= 0) {
                    nextX[kept] = x[i];
                    nextY[kept++] = y[i];
                }
            }
            x = nextX;
            y = nextY;
            n = kept;
        }
        double twice = 0;
        for (int i = 0, j = n - 1; i < n; j = i++) {
            twice += x[j] * y[i] - x[i] * y[j];
        }
        return Math.min(1, Math.abs(twice / 2 / whole));
    }

    private static double signed(List<Point> corners) {
        double twice = 0;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            twice += corners.get(j).x() * corners.get(i).y()
                    - corners.get(i).x() * corners.get(j).y();
        }
        return twice / 2;
    }

    /** Whether an upright box lies in it as a whole, edges included. */
    public boolean holds(double left, double top, double width, double height) {
        double right = left + width;
        double bottom = top + height;
        if (left < around.left() - EDGE
                || right > around.right() + EDGE
                || top < around.top() - EDGE
                || bottom > around.bottom() + EDGE) {
            return false;
        }
        if (!box && !round) {
            // No side of the zone runs through it, so that it lies within as a whole, or beside.
            BoxClip place = BoxClip.upright(left, top, width, height);
            return !meets(place, top, bottom, -EDGE) && contains(new Point((left + right) / 2, (top + bottom) / 2));
        }
        List<Point> corners =
                List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
        for (Point corner : corners) {
            if (!contains(corner)) {
                return false;
            }
        }
        return true;
    }

    /** A point as far inside as is found on a grid, or the middle of its box where that lies inside a convex one. */
    public Point inside() {
        if (box || round) {
            return frame.middle();
        }
        if (inside == null) {
            inside = deepest();
        }
        return inside;
    }

    private Point deepest() {
        Point best = new Point(xs[0], ys[0]);
        double deepest = -1;
        for (int i = 0; i < LOOKS; i++) {
            for (int j = 0; j < LOOKS; j++) {
                Point at = new Point(
                        around.left() + around.width() * (i + 0.5) / LOOKS,
                        around.top() + around.height() * (j + 0.5) / LOOKS);
                double deep = contains(at) ? toEdge(at.x(), at.y()) : -1;
                if (deep > deepest + EDGE) {
                    deepest = deep;
                    best = at;
                }
            }
        }
        return best;
    }
}
