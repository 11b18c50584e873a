package gladtile.core.page;

import gladtile.core.Bounds;
import java.util.List;

/**
 * Where an item lies on its page: the box before turning, in page units, and its turn about its middle.
 *
 * @param x left edge before turning
 * @param y top edge before turning
 * @param width more than 0
 * @param height more than 0
 * @param turn degrees clockwise, kept in [0, 360)
 */
public record Frame(double x, double y, double width, double height, double turn) {
    public Frame {
        Bounds.within("frame.x", x, -Bounds.COORDINATE, Bounds.COORDINATE);
        Bounds.within("frame.y", y, -Bounds.COORDINATE, Bounds.COORDINATE);
        Bounds.within("frame.width", width, Bounds.SIDE_LEAST, Bounds.SIDE_MOST);
        Bounds.within("frame.height", height, Bounds.SIDE_LEAST, Bounds.SIDE_MOST);
        Bounds.within("frame.turn", turn, -36_000, 36_000);
        turn = ((turn % 360) + 360) % 360;
    }

    public static Frame of(double x, double y, double width, double height) {
        return new Frame(x, y, width, height, 0);
    }

    public Point middle() {
        return new Point(x + width / 2, y + height / 2);
    }

    public Frame at(double newX, double newY) {
        return new Frame(newX, newY, width, height, turn);
    }

    /** Where a point of the unturned box, counted from its left top corner, lies on the page. */
    public Point onPage(double left, double top) {
        double dx = left - width / 2;
        double dy = top - height / 2;
        double radians = Math.toRadians(turn);
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Point(x + width / 2 + dx * cos - dy * sin, y + height / 2 + dx * sin + dy * cos);
    }

    /** The four corners on the page, from the left top one on clockwise before turning. */
    public List<Point> corners() {
        return List.of(onPage(0, 0), onPage(width, 0), onPage(width, height), onPage(0, height));
    }

    /** Whether the point lies in the turned box; its edge counts as inside. */
    public boolean contains(Point point) {
        double dx = point.x() - (x + width / 2);
        double dy = point.y() - (y + height / 2);
        if (turn != 0) {
            double radians = Math.toRadians(-turn);
            double cos = Math.cos(radians);
            double sin = Math.sin(radians);
            double turnedX = dx * cos - dy * sin;
            dy = dx * sin + dy * cos;
            dx = turnedX;
        }
        return Math.abs(dx) <= width / 2 && Math.abs(dy) <= height / 2;
    }
}
