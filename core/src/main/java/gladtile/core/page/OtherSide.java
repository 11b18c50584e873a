package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * What stands on the back of an item.
 *
 * @param colour {@code #rrggbb}
 * @param words lie in its middle; may be absent
 * @param picture as large as fits; may be absent
 * @param byTap students may turn it over; else only settling or a lens shows it
 * @param description what is to be seen on it, for those who do not see it; absent where its words say so
 */
public record OtherSide(
        String colour,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordContent words,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture,
        boolean byTap,
        @JsonInclude(JsonInclude.Include.NON_NULL) String description) {
    public OtherSide {
        Colour.check("side.colour", colour);
        Bounds.text("side.words", words == null ? "" : words.text(), Bounds.NAME_LENGTH);
        Bounds.text("side.description", description == null ? "" : description, Bounds.NAME_LENGTH);
        description = description == null || description.isBlank() ? null : description;
    }

    public OtherSide(String colour, WordContent words, PictureRef picture, boolean byTap) {
        this(colour, words, picture, byTap, null);
    }
}
