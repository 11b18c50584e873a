package gladtile.core.pagemap;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * A way from one page to another.
 *
 * @param itemId the item that leads there; absent for the Next button
 * @param name what leads there, in words
 * @param when what must be done first, in words; absent for nothing
 */
public record PageLink(
        String from,
        String to,
        @JsonInclude(JsonInclude.Include.NON_NULL) String itemId,
        String name,
        @JsonInclude(JsonInclude.Include.NON_NULL) String when) {
    public PageLink(String from, String to, String itemId, String name) {
        this(from, to, itemId, name, null);
    }
}
