package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/**
 * The form of a drop zone within its frame, where it is not the whole box.
 *
 * @param corners of a polygon, each from 0 to 1 across and down the frame; 3 to {@link Bounds#CORNERS}, whose sides meet
 *     nowhere else than in its corners and hold at least {@link #LEAST_AREA} of the frame; empty for an ellipse
 */
public record ZoneShape(
        Kind kind,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Point> corners) {
    /** A smaller share of the frame is no place to put something. */
    public static final double LEAST_AREA = 0.02;

    /** What it is bounded by. */
    public enum Kind {
        ELLIPSE,
        POLYGON
    }

    public static final ZoneShape ROUND = new ZoneShape(Kind.ELLIPSE, List.of());

    public ZoneShape {
        Bounds.present("zone.shape", kind);
        corners = corners == null ? List.of() : List.copyOf(corners);
        if (kind == Kind.ELLIPSE) {
            corners = List.of();
        } else {
            Bounds.within("zone.corners", corners.size(), 3, Bounds.CORNERS);
            check(corners);
        }
    }

    private static void check(List<Point> corners) {
        for (Point corner : corners) {
            if (!(corner.x() >= 0 && corner.x() <= 1 && corner.y() >= 0 && corner.y() <= 1)) {
                throw new OutOfBounds("zone.corners", Message.of("bound.zone.corners"));
            }
        }
        if (SimpleOutline.area(corners) < LEAST_AREA) {
            throw new OutOfBounds("zone.corners", Message.of("bound.zone.outline-area"));
        }
        if (SimpleOutline.crossesItself(corners)) {
            throw new OutOfBounds("zone.corners", Message.of("bound.zone.outline-crosses"));
        }
    }
}
