package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * What lies under every item of a page.
 *
 * @param colour {@code #rrggbb}
 * @param picture fills the page above the colour and is cropped to it; may be absent
 */
public record Paper(
        String colour,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture) {
    public static final Paper PLAIN = new Paper("#ffffff", null);

    public Paper {
        Colour.check("paper.colour", colour);
    }

    public static Paper of(String colour) {
        return new Paper(colour, null);
    }
}
