package gladtile.core.page;

import gladtile.core.Bounds;

/**
 * Letters of one look on a line.
 *
 * @param x page units from the line's own beginning
 */
public record Run(String text, double x, Look look) {
    public Run {
        Bounds.text("run.text", text, Bounds.WORDS_LENGTH);
        Bounds.within("run.x", x, 0, 10_000_000);
        Bounds.present("run.look", look);
    }
}
