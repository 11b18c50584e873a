package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.page.Stroke;

/** A stroke that a student drew. @param stroke its points in tenths of a page unit from the page's left top corner */
public record DrawnStroke(String id, Stroke stroke) {
    public DrawnStroke {
        Bounds.id("drawn.id", id);
        Bounds.present("drawn.stroke", stroke);
    }
}
