package gladtile.core.assigned;

/** What a student sees once the work is handed in, before the teacher has sent it back. */
public enum ResultVisibility {
    NOTHING,
    RIGHT_AND_WRONG,
    SOLUTION
}
