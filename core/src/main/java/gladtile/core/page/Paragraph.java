package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * How one paragraph of a text is set; what is absent is as in the box's own style.
 *
 * @param list whether a bullet or a number stands before it
 */
public record Paragraph(
        @JsonInclude(JsonInclude.Include.NON_NULL) WordStyle.Align align,
        @JsonInclude(JsonInclude.Include.NON_NULL) ListKind list) {
    /** What stands before a paragraph. */
    public enum ListKind {
        BULLET,
        NUMBER
    }

    public static final Paragraph PLAIN = new Paragraph(null, null);
}
