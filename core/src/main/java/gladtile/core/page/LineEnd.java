package gladtile.core.page;

/** What stands at an end of a line. */
public enum LineEnd {
    PLAIN,
    ARROW,
    DOT,
    BAR
}
