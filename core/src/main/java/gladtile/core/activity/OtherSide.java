package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * What stands on the back of an item.
 *
 * @param colour {@code #rrggbb}
 * @param words lie in its middle; may be absent
 * @param picture as large as fits; may be absent
 * @param byTap students may turn it over by tapping; else only settling or a lens shows it
 */
public record OtherSide(
        String colour,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordContent words,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef picture,
        boolean byTap) {
    public OtherSide {
        Colour.check("side.colour", colour);
        Bounds.text("side.words", words == null ? "" : words.text(), Bounds.NAME_LENGTH);
    }
}
