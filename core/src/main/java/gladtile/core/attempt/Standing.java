package gladtile.core.attempt;

/** Whose turn it is with an attempt. */
public enum Standing {
    WORKING,
    HANDED_IN
}
