package gladtile.server.attempts;

import java.util.UUID;

/** An attempt took moves. */
public record AttemptChanged(UUID schoolId, UUID assignmentId, UUID studentId) {}
