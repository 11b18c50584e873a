package gladtile.server.activities;

import java.util.UUID;

/** A colleague may look at an activity, or edit it. @param by the name of whoever shares it */
public record ActivityShared(
        UUID schoolId, UUID activityId, String title, String by, UUID colleague, boolean mayEdit) {}
