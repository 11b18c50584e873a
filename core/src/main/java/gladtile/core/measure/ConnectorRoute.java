package gladtile.core.measure;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.util.List;

/**
 * The way a connector takes between the two boxes it joins: out of the sides that face each other, with at most two
 * bends half way between. It never runs through either box, unless they overlap; then it is the line between their
 * middles.
 */
public final class ConnectorRoute {
    private ConnectorRoute() {}

    /** @return two to four points on the page, from the first box to the second */
    public static List<Point> between(Frame from, Frame to) {
        Outline a = Outline.of(from);
        Outline b = Outline.of(to);
        double across = Math.max(b.left() - a.right(), a.left() - b.right());
        double down = Math.max(b.top() - a.bottom(), a.top() - b.bottom());
        if (across < 0 && down < 0) {
            return List.of(from.middle(), to.middle());
        }
        return across >= down ? acrossFrom(a, b) : downFrom(a, b);
    }

    private static List<Point> acrossFrom(Outline a, Outline b) {
        boolean right = b.left() >= a.right();
        Point start = new Point(right ? a.right() : a.left(), (a.top() + a.bottom()) / 2);
        Point end = new Point(right ? b.left() : b.right(), (b.top() + b.bottom()) / 2);
        double bend = (start.x() + end.x()) / 2;
        return start.y() == end.y()
                ? List.of(start, end)
                : List.of(start, new Point(bend, start.y()), new Point(bend, end.y()), end);
    }

    private static List<Point> downFrom(Outline a, Outline b) {
        boolean below = b.top() >= a.bottom();
        Point start = new Point((a.left() + a.right()) / 2, below ? a.bottom() : a.top());
        Point end = new Point((b.left() + b.right()) / 2, below ? b.top() : b.bottom());
        double bend = (start.y() + end.y()) / 2;
        return start.x() == end.x()
                ? List.of(start, end)
                : List.of(start, new Point(start.x(), bend), new Point(end.x(), bend), end);
    }
}
