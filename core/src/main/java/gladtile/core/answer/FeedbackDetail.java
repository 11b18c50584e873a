package gladtile.core.answer;

/** What a check shows. */
public enum FeedbackDetail {
    /** Which pieces are right and which are not. */
    WHICH,
    /** Only how many are right. */
    HOW_MANY
}
