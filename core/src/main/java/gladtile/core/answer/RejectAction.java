package gladtile.core.answer;

/** What a refused piece does. */
public enum RejectAction {
    GOES_BACK,
    STAYS
}
