package gladtile.core.measure;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The neat shape that a rough stroke probably means; only ever a suggestion.
 *
 * <p>A stroke is simplified to its corners by the Ramer–Douglas–Peucker algorithm. One that stays close to its chord
 * is a line; one that comes back to its beginning is an ellipse, when its points lie nearer to the ellipse in its box
 * than to its own corners joined, else a triangle, a rectangle or a polygon; a straight one that ends in a hook on
 * both sides is an arrow.
 *
 * @param sides of a polygon; 0 for other kinds
 * @param frame where it would lie
 * @param ends the two ends of a line or an arrow, in the order they were drawn; empty for other kinds
 */
public record NeatShape(Kind kind, int sides, Frame frame, List<Point> ends) {
    /** What can be told. */
    public enum Kind {
        LINE,
        ARROW,
        ELLIPSE,
        TRIANGLE,
        RECTANGLE,
        POLYGON
    }

    /** Shorter strokes, in page units, are dots and letters. */
    private static final double SHORTEST = 40;

    private static final double CORNER = 0.055;
    private static final double CLOSED = 0.22;
    private static final double UPRIGHT = 9;
    private static final double FLAT = 156;
    private static final int MOST_SIDES = 8;

    /** @param points of the stroke in the order they were drawn, in page units */
    public static Optional<NeatShape> of(List<Point> points) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        double size = size(points);
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        if (size < SHORTEST) {
            return Optional.empty();
        }
        if (distance(first, last) > CLOSED * length(points)) {
            return open(points, size);
        }
        return closed(points, size);
    }

    private static Optional<NeatShape> open(List<Point> points, double size) {
        List<Point> corners = simplified(points, CORNER * size);
        Point first = corners.get(0);
        if (corners.size() == 2) {
            return Optional.of(between(Kind.LINE, first, corners.get(1)));
        }
        // A shaft, then a head of two or three short sides, none of which goes on beyond the tip by much.
        Point tip = corners.get(1);
        double shaft = distance(first, tip);
        boolean head = corners.size() >= 4 && corners.size() <= 6;
        boolean left = false;
        boolean right = false;
        for (int i = 2; i < corners.size(); i++) {
            Point corner = corners.get(i);
            double far = distance(tip, corner);
            head &= far < 0.6 * shaft;
            if (far > 0.08 * shaft) {
                double side = side(first, tip, corner);
                left |= side < 0;
                right |= side > 0;
            }
        }
        return head && left && right ? Optional.of(between(Kind.ARROW, first, tip)) : Optional.empty();
    }

    private static Optional<NeatShape> closed(List<Point> points, double size) {
        List<Point> ring = new ArrayList<>(points);
        ring.add(points.get(0));
        List<Point> corners = corners(ring, size);
        Frame box = boxAt(points, 0);
        double offEllipse = points.stream()
                .mapToDouble(point -> offEllipse(box, point))
                .average()
                .orElse(1);
        double offCorners = points.stream()
                        .mapToDouble(point -> toRing(corners, point))
                        .average()
                        .orElse(0)
                / (0.5 * Math.min(box.width(), box.height()));
        int sides = corners.size();
        if (sides > MOST_SIDES || sides < 3 || offEllipse < offCorners && sides > 4) {
            return offEllipse < 0.2 ? Optional.of(new NeatShape(Kind.ELLIPSE, 0, box, List.of())) : Optional.empty();
        }
        if (sides == 3) {
            return Optional.of(new NeatShape(Kind.TRIANGLE, 3, box, List.of()));
        }
        if (sides == 4 && rightAngles(corners)) {
            double turn = slant(corners);
            return Optional.of(
                    new NeatShape(Kind.RECTANGLE, 4, boxAt(points, Math.abs(turn) < UPRIGHT ? 0 : turn), List.of()));
        }
        return Optional.of(new NeatShape(Kind.POLYGON, sides, box, List.of()));
    }

    /** The corners of a closed stroke; where it begins and ends counts only if it turns there. */
    private static List<Point> corners(List<Point> ring, double size) {
        // Begun at the point farthest from where the hand began, which is a corner of anything that has corners.
        int far = 0;
        for (int i = 1; i < ring.size(); i++) {
            if (distance(ring.get(0), ring.get(i)) > distance(ring.get(0), ring.get(far))) {
                far = i;
            }
        }
        List<Point> turned = new ArrayList<>(ring.subList(far, ring.size()));
        turned.addAll(ring.subList(0, far + 1));
        List<Point> corners = new ArrayList<>(simplified(turned, CORNER * 1.4 * size));
        corners.remove(corners.size() - 1);
        // Two corners close together are one, drawn roundly.
        for (int i = corners.size() - 1; i >= 0 && corners.size() > 3; i--) {
            if (distance(corners.get(i), corners.get((i + 1) % corners.size())) < 0.14 * size) {
                corners.remove(i);
            }
        }
        withoutFlat(corners);
        return corners;
    }

    /** What hardly turns is no corner. */
    private static void withoutFlat(List<Point> corners) {
        while (corners.size() > 3) {
            int flattest = 0;
            for (int i = 1; i < corners.size(); i++) {
                if (Polygon.angleAt(corners, i) > Polygon.angleAt(corners, flattest)) {
                    flattest = i;
                }
            }
            if (Polygon.angleAt(corners, flattest) < FLAT) {
                return;
            }
            corners.remove(flattest);
        }
    }

    private static boolean rightAngles(List<Point> corners) {
        for (int i = 0; i < 4; i++) {
            if (Math.abs(Polygon.angleAt(corners, i) - 90) > 24) {
                return false;
            }
        }
        return true;
    }

    /** The slant of the longest side against the nearest of upright and level, in degrees, -45 to 45. */
    private static double slant(List<Point> corners) {
        double longest = 0;
        double slant = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            if (distance(a, b) > longest) {
                longest = distance(a, b);
                double angle = Math.toDegrees(Math.atan2(b.y() - a.y(), b.x() - a.x()));
                slant = angle - 90 * Math.round(angle / 90);
            }
        }
        return slant;
    }

    /** The smallest box of that turn that holds all points. */
    private static Frame boxAt(List<Point> points, double turn) {
        double cos = Math.cos(Math.toRadians(-turn));
        double sin = Math.sin(Math.toRadians(-turn));
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Point point : points) {
            double x = point.x() * cos - point.y() * sin;
            double y = point.x() * sin + point.y() * cos;
            left = Math.min(left, x);
            right = Math.max(right, x);
            top = Math.min(top, y);
            bottom = Math.max(bottom, y);
        }
        double width = Math.max(4, right - left);
        double height = Math.max(4, bottom - top);
        double mx = (left + right) / 2;
        double my = (top + bottom) / 2;
        double x = mx * cos + my * sin;
        double y = -mx * sin + my * cos;
        return new Frame(x - width / 2, y - height / 2, width, height, turn);
    }

    private static NeatShape between(Kind kind, Point from, Point to) {
        return new NeatShape(kind, 0, boxAt(List.of(from, to), 0), List.of(from, to));
    }

    /** How far a point is from the ellipse in a box, as a share of its radius in that direction. */
    private static double offEllipse(Frame box, Point point) {
        Point middle = box.middle();
        double x = (point.x() - middle.x()) / (box.width() / 2);
        double y = (point.y() - middle.y()) / (box.height() / 2);
        return Math.abs(Math.hypot(x, y) - 1);
    }

    private static double toRing(List<Point> corners, Point point) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < corners.size(); i++) {
            least = Math.min(least, toSide(corners.get(i), corners.get((i + 1) % corners.size()), point));
        }
        return least;
    }

    private static List<Point> simplified(List<Point> points, double tolerance) {
        Point first = points.get(0);
        Point last = points.get(points.size() - 1);
        int farthest = -1;
        double most = tolerance;
        for (int i = 1; i < points.size() - 1; i++) {
            double off = toSide(first, last, points.get(i));
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        if (farthest < 0) {
            return List.of(first, last);
        }
        List<Point> kept = new ArrayList<>(simplified(points.subList(0, farthest + 1), tolerance));
        kept.remove(kept.size() - 1);
        kept.addAll(simplified(points.subList(farthest, points.size()), tolerance));
        return kept;
    }

    private static double toSide(Point a, Point b, Point point) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double whole = dx * dx + dy * dy;
        double share = whole == 0
                ? 0
                : Math.max(0, Math.min(1, ((point.x() - a.x()) * dx + (point.y() - a.y()) * dy) / whole));
        return Math.hypot(point.x() - a.x() - share * dx, point.y() - a.y() - share * dy);
    }

    private static double side(Point a, Point b, Point point) {
        return (b.x() - a.x()) * (point.y() - a.y()) - (b.y() - a.y()) * (point.x() - a.x());
    }

    private static double size(List<Point> points) {
        Frame box = boxAt(points, 0);
        return Math.hypot(box.width(), box.height());
    }

    private static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += distance(points.get(i - 1), points.get(i));
        }
        return length;
    }

    private static double distance(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }
}
