package gladtile.core.pagemap;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.message.Message;

/**
 * A way from one page to another.
 *
 * @param itemId the item that leads there; absent for the Next button
 * @param name what leads there
 * @param when what must be done first; absent for nothing
 */
public record PageLink(
        String from,
        String to,
        @JsonInclude(JsonInclude.Include.NON_NULL) String itemId,
        Message name,
        @JsonInclude(JsonInclude.Include.NON_NULL) Message when) {
    public PageLink(String from, String to, String itemId, Message name) {
        this(from, to, itemId, name, null);
    }
}
