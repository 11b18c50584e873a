package gladtile.core.answer;

/** Why a piece is turned away, or not right. */
public enum VerdictReason {
    /** It does not belong in that zone. */
    NOT_HERE,
    /** The zone holds no more. */
    FULL,
    /** No more copies of that piece are wanted. */
    TOO_MANY,
    /** With it the values would add up to more than the total. */
    TOO_MUCH,
    /** It belongs there, but not at that place in the order. */
    WRONG_PLACE,
    /** It belongs there, at a larger value; said only where the zone tells so. */
    TOO_LOW,
    /** It belongs there, at a smaller value; said only where the zone tells so. */
    TOO_HIGH,
    /** It belongs there, at a later time; said only where the zone tells so. */
    TOO_EARLY,
    /** It belongs there, at an earlier time; said only where the zone tells so. */
    TOO_LATE,
    /** It belongs there, further to the right; said only where a pair of axes tells so. */
    TOO_FAR_LEFT,
    /** It belongs there, further to the left; said only where a pair of axes tells so. */
    TOO_FAR_RIGHT,
    /** Its two values are the other way round; said only where a pair of axes tells so. */
    OTHER_AXIS,
    /** It belongs there, turned otherwise; at once it is not refused, but waits for its turn. */
    TURNED,
    /** It does not go with what lies in the zones that are answered together. */
    NOT_WITH_THESE,
    /** The zone was tried as often as it may be. */
    NO_MORE_TRIES;

    /** Whether a student is to blame, so that it counts as a refusal. */
    public boolean counts() {
        return this != FULL && this != NO_MORE_TRIES;
    }
}
