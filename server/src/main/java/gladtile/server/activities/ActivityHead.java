package gladtile.server.activities;

import gladtile.core.activity.Page;
import java.time.OffsetDateTime;
import java.util.UUID;

/** An activity as a list shows it: its first page is its picture. */
public record ActivityHead(
        UUID id, String title, int pages, int placements, OffsetDateTime updatedAt, Page firstPage) {}
