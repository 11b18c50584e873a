package gladtile.core.activity;

/** What stands at an end of a line. */
public enum LineEnd {
    PLAIN,
    ARROW,
    DOT,
    BAR
}
