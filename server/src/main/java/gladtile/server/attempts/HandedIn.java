package gladtile.server.attempts;

import gladtile.server.assignments.AssignmentService.Assignment;
import java.util.UUID;

/** Work was handed in. @param holderId the student or the team */
public record HandedIn(Assignment assignment, UUID holderId, UUID attemptId) {}
