package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.List;

/**
 * How a line runs and looks.
 *
 * @param points at least two, in shares of the frame
 * @param curved smoothly through its points, or straight from each to the next
 * @param colour {@code #rrggbb}
 * @param thickness in page units
 * @param from the id of the item that its beginning is joined to; absent for none
 * @param to the id of the item that its end is joined to; absent for none
 */
public record LineLook(
        List<Point> points,
        boolean curved,
        String colour,
        double thickness,
        Dash dash,
        LineEnd start,
        LineEnd end,
        @JsonInclude(JsonInclude.Include.NON_NULL) String from,
        @JsonInclude(JsonInclude.Include.NON_NULL) String to) {
    public LineLook {
        points = List.copyOf(Bounds.present("line.points", points));
        Bounds.within("line.points", points.size(), 2, Bounds.CORNERS);
        points.forEach(Point::checkShare);
        Colour.check("line.colour", colour);
        Bounds.within("line.thickness", thickness, Bounds.THICKNESS_LEAST, Bounds.THICKNESS_MOST);
        Bounds.present("line.dash", dash);
        Bounds.present("line.start", start);
        Bounds.present("line.end", end);
        if (from != null) {
            Bounds.id("line.from", from);
        }
        if (to != null) {
            Bounds.id("line.to", to);
        }
    }
}
