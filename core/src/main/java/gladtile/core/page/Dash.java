package gladtile.core.page;

/** How a line, an outline or a stroke is broken. */
public enum Dash {
    SOLID,
    DASHED,
    DOTTED
}
