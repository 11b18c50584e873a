package gladtile.core.page;

/** The letters that ship with the app, for what stands on pages. */
public enum Font {
    ANDIKA,
    ATKINSON,
    LEXEND,
    OPEN_DYSLEXIC
}
