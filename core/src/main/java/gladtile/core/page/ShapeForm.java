package gladtile.core.page;

/** The forms that shapes have. */
public enum ShapeForm {
    RECTANGLE,
    ELLIPSE,
    TRIANGLE,
    STAR,
    HEART,
    ARROW,
    TICK,
    CROSS,
    SPEECH,
    THOUGHT,
    /** A regular polygon of 3 to 20 sides. */
    POLYGON
}
