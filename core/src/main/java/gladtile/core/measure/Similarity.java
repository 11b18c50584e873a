package gladtile.core.measure;

import gladtile.core.Bounds;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;

/**
 * Scales and turns about a point, then moves. A box stays a box under it, however it is turned, which it would not if
 * the two sides were scaled by different amounts.
 *
 * @param about the point that scaling and turning leave where it is, in page units
 * @param scale more than 0
 * @param turn degrees clockwise
 * @param dx page units to the right, afterwards
 * @param dy page units down, afterwards
 */
public record Similarity(Point about, double scale, double turn, double dx, double dy) {
    public Similarity {
        Bounds.present("by.about", about);
        Bounds.within("by.about", about.x(), -Bounds.COORDINATE, Bounds.COORDINATE);
        Bounds.within("by.about", about.y(), -Bounds.COORDINATE, Bounds.COORDINATE);
        Bounds.within("by.scale", scale, 0.001, 1_000);
        Bounds.within("by.turn", turn, -36_000, 36_000);
        Bounds.within("by.dx", dx, -2 * Bounds.COORDINATE, 2 * Bounds.COORDINATE);
        Bounds.within("by.dy", dy, -2 * Bounds.COORDINATE, 2 * Bounds.COORDINATE);
    }

    public Point of(Point point) {
        double radians = Math.toRadians(turn);
        double x = (point.x() - about.x()) * scale;
        double y = (point.y() - about.y()) * scale;
        return new Point(
                about.x() + x * Math.cos(radians) - y * Math.sin(radians) + dx,
                about.y() + x * Math.sin(radians) + y * Math.cos(radians) + dy);
    }

    /** The frame as it then lies; one that would pass a bound is kept within it. */
    public Frame of(Frame frame) {
        Point middle = of(frame.middle());
        double width = side(frame.width() * scale);
        double height = side(frame.height() * scale);
        return new Frame(
                place(middle.x() - width / 2),
                place(middle.y() - height / 2),
                width,
                height,
                frame.turn() + turn % 360);
    }

    private static double side(double side) {
        return Math.max(Bounds.SIDE_LEAST, Math.min(Bounds.SIDE_MOST, side));
    }

    private static double place(double at) {
        return Math.max(-Bounds.COORDINATE, Math.min(Bounds.COORDINATE, at));
    }
}
