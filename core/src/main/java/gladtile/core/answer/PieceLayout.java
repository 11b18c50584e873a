package gladtile.core.answer;

/** How the pieces lie that settle in a zone. */
public enum PieceLayout {
    /** Side by side, in the middle of its height. */
    ROW,
    /** One below the other, in the middle of its width. */
    COLUMN,
    /** In cells of one size, row by row. */
    GRID,
    /** Around its middle, from the top on. */
    CIRCLE,
    /** On each other, each a little beside the one below. */
    STACK,
    /** On each other, as if thrown there. */
    HEAP
}
