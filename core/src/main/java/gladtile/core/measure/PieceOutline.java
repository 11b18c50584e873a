package gladtile.core.measure;

import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import java.util.ArrayList;
import java.util.List;

/** The convex outline of a piece on the page, by which it is held against drop zones. */
public final class PieceOutline {
    private static final int ROUND = 48;

    private PieceOutline() {}

    /**
     * @param at where it lies, with its turn
     * @return corners in order; those of its box for what lies on a tile
     */
    public static List<Point> of(Item piece, Frame at) {
        if (piece instanceof Shape shape) {
            ShapeForm form = shape.look().form();
            if (form == ShapeForm.ELLIPSE) {
                return onPage(Polygon.regular(ROUND, at.width(), at.height()), at);
            }
            if (form == ShapeForm.POLYGON) {
                return onPage(Polygon.regular(shape.look().sides(), at.width(), at.height()), at);
            }
        }
        return at.corners();
    }

    private static List<Point> onPage(List<Point> corners, Frame at) {
        List<Point> placed = new ArrayList<>(corners.size());
        corners.forEach(corner -> placed.add(at.onPage(corner.x(), corner.y())));
        return placed;
    }
}
