package gladtile.core.present;

import gladtile.core.Bounds;
import gladtile.core.page.Point;
import java.util.List;

/**
 * A ruler, a set square, a protractor or a pair of compasses that lies on a page. Page units; degrees.
 *
 * @param x across, of where its working edge begins; of a protractor, of its middle; of compasses, of their point
 * @param y down, of the same
 * @param turn clockwise about that point
 * @param length of its working edge; of a protractor, its radius; of compasses, how far they are open
 */
public record Instrument(Kind kind, double x, double y, double turn, double length) {
    /** What it is. */
    public enum Kind {
        RULER,
        /** Its right angle lies at the beginning; both other angles are 45°. */
        SET_SQUARE_45,
        /** Its right angle lies at the beginning; the angle at the end of its working edge is 30°. */
        SET_SQUARE_30_60,
        /** A half disc above its base. */
        PROTRACTOR,
        FULL_PROTRACTOR,
        /** A point and, as far from it as it is open, a pencil that goes round. */
        COMPASSES
    }

    public static final double LENGTH_LEAST = 20;
    public static final double LENGTH_MOST = 2_400;
    /** How wide a ruler is. */
    public static final double RULER_WIDTH = 110;

    private static final double SQRT_3 = Math.sqrt(3);

    public Instrument {
        Bounds.present("instrument.kind", kind);
        Bounds.within("instrument.length", length, LENGTH_LEAST, LENGTH_MOST);
    }

    /** A straight edge, from one end to the other, before it is turned and put in its place. */
    record Edge(Point from, Point to) {}

    List<Edge> edges() {
        Point zero = new Point(0, 0);
        Point end = new Point(length, 0);
        return switch (kind) {
            case RULER ->
                List.of(new Edge(zero, end), new Edge(new Point(0, RULER_WIDTH), new Point(length, RULER_WIDTH)));
            case SET_SQUARE_45 -> triangle(zero, end, new Point(0, length));
            case SET_SQUARE_30_60 -> triangle(zero, end, new Point(0, length / SQRT_3));
            case PROTRACTOR -> List.of(new Edge(new Point(-length, 0), end));
            case FULL_PROTRACTOR, COMPASSES -> List.of();
        };
    }

    private static List<Edge> triangle(Point a, Point b, Point c) {
        return List.of(new Edge(a, b), new Edge(b, c), new Edge(c, a));
    }

    private boolean isRound() {
        return kind == Kind.PROTRACTOR || kind == Kind.FULL_PROTRACTOR || kind == Kind.COMPASSES;
    }

    /** A point of the page as it lies to the instrument: along its working edge, and down from it. */
    Point within(Point page) {
        double r = Math.toRadians(-turn);
        double dx = page.x() - x;
        double dy = page.y() - y;
        return new Point(dx * Math.cos(r) - dy * Math.sin(r), dx * Math.sin(r) + dy * Math.cos(r));
    }

    Point onPage(Point own) {
        double r = Math.toRadians(turn);
        return new Point(
                x + own.x() * Math.cos(r) - own.y() * Math.sin(r), y + own.x() * Math.sin(r) + own.y() * Math.cos(r));
    }

    /** The point of any of its edges that is closest to a point of the page: where a pen is held that follows it. */
    public Point closest(Point page) {
        Point own = within(page);
        Point best = null;
        for (Edge edge : edges()) {
            best = closer(own, best, onEdge(own, edge));
        }
        if (isRound()) {
            best = closer(own, best, onArc(own));
        }
        return onPage(best);
    }

    private static Point closer(Point own, Point one, Point other) {
        return one == null || far(own, other) < far(own, one) ? other : one;
    }

    private static double far(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static Point onEdge(Point own, Edge edge) {
        double dx = edge.to().x() - edge.from().x();
        double dy = edge.to().y() - edge.from().y();
        double along =
                ((own.x() - edge.from().x()) * dx + (own.y() - edge.from().y()) * dy) / (dx * dx + dy * dy);
        double share = Math.max(0, Math.min(1, along));
        return new Point(edge.from().x() + share * dx, edge.from().y() + share * dy);
    }

    private Point onArc(Point own) {
        double out = Math.hypot(own.x(), own.y());
        if (out == 0) {
            return new Point(0, -length);
        }
        if (kind == Kind.PROTRACTOR && own.y() > 0) {
            return new Point(own.x() < 0 ? -length : length, 0);
        }
        return new Point(own.x() / out * length, own.y() / out * length);
    }

    /** How far along its working edge a point lies, 0 at its beginning. */
    public double along(Point page) {
        return within(page).x();
    }

    /** The angle of a protractor's scale at which a point is seen from its middle: 0 on the right, counter-clockwise, 0 to 360. */
    public double angle(Point page) {
        Point own = within(page);
        double degrees = Math.toDegrees(Math.atan2(-own.y(), own.x()));
        return (degrees + 360) % 360;
    }
}
