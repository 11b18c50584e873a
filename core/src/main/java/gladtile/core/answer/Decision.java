package gladtile.core.answer;

/** What the answer key says of one piece in one zone. A cell that says nothing is undecided. */
public enum Decision {
    BELONGS,
    DOES_NOT_BELONG,
    UNDECIDED
}
