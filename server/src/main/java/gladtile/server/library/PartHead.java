package gladtile.server.library;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.page.Page;
import java.time.OffsetDateTime;

/**
 * A part of a library as a list shows it.
 *
 * @param id of one that ships with the app its name there
 * @param owner by name; empty for those that ship with the app
 * @param mine whether the asker may change and share it
 * @param shared whether others may take it too
 * @param version from 1; 0 for those that ship with the app
 * @param page with what it consists of, for its picture; absent where that is too large for a list
 */
public record PartHead(
        String id,
        String name,
        String folder,
        Kind kind,
        String owner,
        boolean mine,
        boolean shared,
        int version,
        @JsonInclude(JsonInclude.Include.NON_NULL) OffsetDateTime updatedAt,
        @JsonInclude(JsonInclude.Include.NON_NULL) Page page) {
    /** What it is put on. */
    public enum Kind {
        /** Things, put on a page. */
        ITEMS,
        /** A whole page, put beside others. */
        PAGE
    }
}
