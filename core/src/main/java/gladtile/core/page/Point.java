package gladtile.core.page;

import gladtile.core.Bounds;

/** A place on a page, in page units: x to the right, y down; within an item, in shares of its box. */
public record Point(double x, double y) {
    /** Refuses a point that is not within a box whose sides are 1, a small way over its edge allowed. */
    static void checkShare(Point point) {
        Bounds.within("point.x", Bounds.present("point", point).x, -1, 2);
        Bounds.within("point.y", point.y, -1, 2);
    }

    static void checkOnPage(Point point) {
        Bounds.within("point.x", Bounds.present("point", point).x, -Bounds.COORDINATE, Bounds.COORDINATE);
        Bounds.within("point.y", point.y, -Bounds.COORDINATE, Bounds.COORDINATE);
    }
}
