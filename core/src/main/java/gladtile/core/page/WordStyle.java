package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * How words look.
 *
 * @param size letter size in page units
 * @param colour {@code #rrggbb}
 * @param font absent for Andika
 * @param spacing from one baseline to the next, in letter sizes; absent for the usual 1.35
 */
public record WordStyle(
        double size,
        boolean bold,
        String colour,
        Align align,
        @JsonInclude(JsonInclude.Include.NON_NULL) Font font,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double spacing) {
    /** Where each line begins within its box. */
    public enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    public static final WordStyle PLAIN = new WordStyle(40, false, "#1f2d33", Align.LEFT);

    public WordStyle {
        Bounds.within("style.size", size, Bounds.LETTERS_LEAST, Bounds.LETTERS_MOST);
        Colour.check("style.colour", colour);
        Bounds.present("style.align", align);
        font = font == Font.ANDIKA ? null : font;
        if (spacing != null) {
            Bounds.within("style.spacing", spacing, 0.8, 4);
        }
    }

    public WordStyle(double size, boolean bold, String colour, Align align) {
        this(size, bold, colour, align, null, null);
    }
}
