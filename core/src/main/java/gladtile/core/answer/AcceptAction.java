package gladtile.core.answer;

/** What an accepted piece does. */
public enum AcceptAction {
    /** It settles in a slot of the zone, laid out by computation. */
    IN_SLOT,
    /** It stays where it was put. */
    STAYS,
    /** It melts away. */
    DISAPPEARS,
    /** It settles in a slot and turns to its other side, where it has one. */
    TURNS_OVER
}
