package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * How some letters look otherwise than the box's own style; what is absent is as in that style.
 *
 * @param size in page units
 * @param colour {@code #rrggbb}
 * @param link present when the letters lead somewhere
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record Look(
        @JsonInclude(JsonInclude.Include.NON_NULL) Double size,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean bold,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean italic,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean underline,
        @JsonInclude(JsonInclude.Include.NON_NULL) String colour,
        @JsonInclude(JsonInclude.Include.NON_NULL) Font font,
        @JsonInclude(JsonInclude.Include.NON_NULL) Script script,
        @JsonInclude(JsonInclude.Include.NON_NULL) Link link) {
    /** Letters above or below the line. */
    public enum Script {
        SUB,
        SUPER
    }

    public static final Look PLAIN = new Look(null, null, null, null, null, null, null);

    public Look(Double size, Boolean bold, Boolean italic, Boolean underline, String colour, Font font, Script script) {
        this(size, bold, italic, underline, colour, font, script, null);
    }

    public Look {
        if (size != null) {
            Bounds.within("look.size", size, Bounds.LETTERS_LEAST, Bounds.LETTERS_MOST);
        }
        if (colour != null) {
            Colour.check("look.colour", colour);
        }
    }
}
