package gladtile.core.answer;

/** A short sound that ships with the app. */
public enum Sound {
    CHIME,
    BELL,
    DRUM,
    WHOOSH,
    KNOCK
}
