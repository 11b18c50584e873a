package gladtile.server.attempts;

import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * An attempt's own row.
 *
 * @param holderId the student or the team
 * @param round from 1
 * @param askedFor whether the teacher sent the round before back to be improved
 * @param kept the state as it was last kept, which may be some moves behind {@code seq}
 * @param tail the moves since then, oldest first
 * @param handedInAt by the server's clock; null before
 * @param handedInMadeAt by the device's clock put right; null before
 */
record AttemptRow(
        UUID id,
        UUID assignmentId,
        UUID holderId,
        int round,
        boolean askedFor,
        UUID versionId,
        AttemptState kept,
        List<ArrivedMove> tail,
        Instant begunAt,
        Instant handedInAt,
        Instant handedInMadeAt) {
    /**
     * The kept state with the moves since then. What they had judged was kept with them; the others do the same
     * whenever they are made, and each was taken once, so none can be refused now.
     */
    AttemptState current(AttemptRules rules) {
        AttemptState state = kept;
        for (ArrivedMove one : tail) {
            state = one.on(state, rules);
        }
        return state;
    }
}
