package gladtile.core.activity;

import gladtile.core.Bounds;

/**
 * How words look.
 *
 * @param size letter size in page units
 * @param colour {@code #rrggbb}
 */
public record WordStyle(double size, boolean bold, String colour, Align align) {
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
    }
}
