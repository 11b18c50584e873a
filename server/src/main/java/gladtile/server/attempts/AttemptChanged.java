package gladtile.server.attempts;

import java.util.UUID;

/**
 * An attempt took moves, began, or was brought to another version.
 *
 * @param holderId the student or the team
 * @param seq how many moves were made; past all counting where everything is to be looked at anew
 */
public record AttemptChanged(UUID schoolId, UUID assignmentId, UUID holderId, UUID attemptId, long seq) {
    public static final long ANEW = Long.MAX_VALUE;
}
