package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * How a shape looks.
 *
 * @param sides of a polygon, 3 to 20; other forms keep the number for when they become one
 * @param fill {@code #rrggbb}; absent for hollow
 * @param outline {@code #rrggbb}; absent for none
 * @param thickness of the outline in page units
 */
public record ShapeLook(
        ShapeForm form,
        int sides,
        @JsonInclude(JsonInclude.Include.NON_NULL) String fill,
        @JsonInclude(JsonInclude.Include.NON_NULL) String outline,
        double thickness,
        Dash dash) {
    public ShapeLook {
        Bounds.present("shape.form", form);
        Bounds.within("shape.sides", sides, Bounds.SIDES_LEAST, Bounds.SIDES_MOST);
        if (fill != null) {
            Colour.check("shape.fill", fill);
        }
        if (outline != null) {
            Colour.check("shape.outline", outline);
        }
        Bounds.within("shape.thickness", thickness, Bounds.THICKNESS_LEAST, Bounds.THICKNESS_MOST);
        Bounds.present("shape.dash", dash);
    }

    public static ShapeLook of(ShapeForm form, String fill, String outline) {
        return new ShapeLook(form, 5, fill, outline, 4, Dash.SOLID);
    }
}
