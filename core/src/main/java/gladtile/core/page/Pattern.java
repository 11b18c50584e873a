package gladtile.core.page;

import gladtile.core.Bounds;

/**
 * Lines or dots printed on the paper.
 *
 * @param pitch page units from one line or dot to the next
 * @param colour {@code #rrggbb}
 */
public record Pattern(Kind kind, double pitch, String colour) {
    /** What is printed. */
    public enum Kind {
        DOTS,
        RULED,
        SQUARES,
        /** Two axes that cross in the middle, with a number at each line. */
        AXES,
        ISOMETRIC,
        /** Staves of five lines; the pitch is the space between two of them. */
        STAVES
    }

    public Pattern {
        Bounds.present("pattern.kind", kind);
        Bounds.within("pattern.pitch", pitch, Bounds.PITCH_LEAST, Bounds.PITCH_MOST);
        Colour.check("pattern.colour", colour);
    }
}
