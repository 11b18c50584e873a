package gladtile.core.answer;

/**
 * What students may do on the pages besides what the pages want to be done.
 *
 * @param draw with a pen of their own
 * @param record what they say
 */
public record StudentTools(boolean draw, boolean record) {
    /** A pen is at hand on every sheet of paper; a microphone is wanted seldom. */
    public static final StudentTools USUAL = new StudentTools(true, false);
}
