package gladtile.core.answer;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Point;
import gladtile.core.activity.Zone;
import java.util.List;

/**
 * Finds the place of the next piece that settles in a zone: rows from the top left, below the zone's label, each as
 * high as its highest piece. While the pieces fit, none overlaps another or leaves the zone; a piece that no longer
 * fits is laid as low and as far right as the zone allows.
 */
final class Slots {
    /** Page units between pieces and towards the zone's edge. */
    static final double GAP = 16;
    /** Page units kept free at the top of a zone that has a label. */
    static final double LABEL = 56;

    private Slots() {}

    /**
     * @param there home frames of those that came before, in their order
     * @param coming home frame of the one to be placed
     * @return its left top corner in page units
     */
    static Point next(Zone zone, List<Frame> there, Frame coming) {
        Frame box = zone.frame();
        double left = box.x() + GAP;
        double right = box.x() + box.width() - GAP;
        double x = left;
        double y = box.y() + (zone.label().isBlank() ? GAP : LABEL);
        double rowHeight = 0;
        for (Frame piece : there) {
            if (x > left && x + piece.width() > right) {
                x = left;
                y += rowHeight + GAP;
                rowHeight = 0;
            }
            x += piece.width() + GAP;
            rowHeight = Math.max(rowHeight, piece.height());
        }
        if (x > left && x + coming.width() > right) {
            x = left;
            y += rowHeight + GAP;
        }
        double lowest = box.y() + box.height() - GAP - coming.height();
        double rightmost = right - coming.width();
        return new Point(Math.max(box.x(), Math.min(x, rightmost)), Math.max(box.y(), Math.min(y, lowest)));
    }
}
