package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * What lies under every item of a page.
 *
 * @param colour {@code #rrggbb}
 * @param picture above the colour; may be absent
 * @param fit how the picture lies; absent for {@link Fit#FILL}
 * @param crop the part of the picture that is used; absent for all of it
 * @param pattern above both; may be absent
 */
public record Paper(
        String colour,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture,
        @JsonInclude(JsonInclude.Include.NON_NULL) Fit fit,
        @JsonInclude(JsonInclude.Include.NON_NULL) Crop crop,
        @JsonInclude(JsonInclude.Include.NON_NULL) Pattern pattern) {
    /** How a picture lies on the paper. */
    public enum Fit {
        /** All of it shows; the colour shows beside it. */
        FIT,
        /** It fills the page and is cut where it stands out. */
        FILL,
        /** Again and again at a quarter of the page's width. */
        TILE
    }

    public static final Paper PLAIN = new Paper("#ffffff", null);

    public Paper {
        Colour.check("paper.colour", colour);
        fit = fit == Fit.FILL ? null : fit;
    }

    public Paper(String colour, PictureRef picture) {
        this(colour, picture, null, null, null);
    }

    public static Paper of(String colour) {
        return new Paper(colour, null);
    }
}
