package gladtile.server.attempts;

import java.util.UUID;

/** An attempt took moves, began, or was brought to another edition. @param holderId the student or the team */
public record AttemptChanged(UUID schoolId, UUID assignmentId, UUID holderId, UUID attemptId) {}
