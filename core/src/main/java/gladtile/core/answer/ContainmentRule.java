package gladtile.core.answer;

/** How much of a piece must be in a drop zone for it to have been put there. */
public enum ContainmentRule {
    /** The usual. */
    MIDDLE,
    /** Any of it. */
    TOUCHES,
    /** More than half of its area. */
    MOSTLY,
    /** All of it. */
    WHOLLY
}
