package gladtile.core.answer;

/** When a zone, or a gap that is typed into, says what it thinks. */
public enum JudgeTiming {
    AT_ONCE,
    /** When the student asks for it. */
    ON_CHECK,
    /** Only once the work is handed in. */
    ON_HAND_IN
}
