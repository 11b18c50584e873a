package gladtile.core.activity;

import gladtile.core.Bounds;

/**
 * One line as it was measured, so that every drawing of the page breaks its words alike.
 *
 * @param text what stands on the line, without the space or line end it broke at
 * @param baseline page units below the top of the box
 * @param width page units from the first letter's start to the last letter's end
 */
public record WordLine(String text, double baseline, double width) {
    public WordLine {
        Bounds.text("line.text", text, Bounds.WORDS_LENGTH);
        Bounds.within("line.baseline", baseline, 0, 1_000_000);
        Bounds.within("line.width", width, 0, 10_000_000);
    }
}
