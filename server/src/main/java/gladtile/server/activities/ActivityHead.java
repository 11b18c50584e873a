package gladtile.server.activities;

import gladtile.core.page.Page;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;

/**
 * An activity as a list shows it: its first page is its picture.
 *
 * @param owner whose it is, by name
 * @param access what the asker may do with it
 * @param sharedWith how many colleagues it is shared with
 */
public record ActivityHead(
        UUID id,
        String title,
        int pages,
        int placements,
        OffsetDateTime updatedAt,
        Page firstPage,
        List<String> tags,
        boolean archived,
        String owner,
        Access access,
        int sharedWith) {}
