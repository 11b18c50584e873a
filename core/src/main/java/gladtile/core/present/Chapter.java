package gladtile.core.present;

import gladtile.core.Bounds;

/** Where a page begins in a recording. @param at milliseconds from its beginning, 0 or more @param name of the page */
public record Chapter(long at, String name) {
    public static final int MOST = 1_000;

    public Chapter {
        Bounds.within("chapter.at", at, 0, Caption.LATEST);
        Bounds.text("chapter.name", name, Bounds.NAME_LENGTH);
    }
}
