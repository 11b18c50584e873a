package gladtile.server.activities;

import java.util.UUID;

/** An activity took an edit. */
public record ActivityChanged(UUID activityId, long seq) {}
