package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.List;

/**
 * The part of a picture that is shown; the item's frame holds just this part.
 *
 * @param x left edge, as a share of the picture's width, 0 to 1; the others likewise
 * @param outline corners of what stays, as shares of the cropped box; empty for all of it
 */
public record Crop(
        double x,
        double y,
        double width,
        double height,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Point> outline) {
    private static final double LEAST = 0.01;

    public Crop {
        Bounds.within("crop.x", x, 0, 1 - LEAST);
        Bounds.within("crop.y", y, 0, 1 - LEAST);
        Bounds.within("crop.width", width, LEAST, 1 - x + 1e-9);
        Bounds.within("crop.height", height, LEAST, 1 - y + 1e-9);
        outline = outline == null ? List.of() : List.copyOf(outline);
        Bounds.count("crop.outline", outline.size(), Bounds.CORNERS);
        outline.forEach(Point::checkShare);
    }
}
