package gladtile.server.attempts;

import gladtile.core.answer.Verdict;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.server.assignments.ActivityVersion;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** An attempt as this machine knows it. Its monitor orders the moves that arrive here. */
final class CachedAttempt {
    /** A move that comes again does so soon; an older one is found in the database, whose key refuses it. */
    private static final int REMEMBERED = 512;

    final UUID assignmentId;
    final ActivityVersion version;
    final AttemptRules rules;
    final UUID holderId;
    final boolean askedFor;
    final int round;
    final Instant begunAt;
    Instant handedInAt;
    Instant handedInMadeAt;
    AttemptState state;
    Instant madeAt;
    final Map<UUID, Optional<Verdict>> seen;

    CachedAttempt(AttemptRow row, ActivityVersion version, AttemptState state, Map<UUID, Optional<Verdict>> seen) {
        this.assignmentId = row.assignmentId();
        this.version = version;
        this.rules = version.rules();
        this.holderId = row.holderId();
        this.askedFor = row.askedFor();
        this.round = row.round();
        this.begunAt = row.begunAt();
        this.handedInAt = row.handedInAt();
        this.handedInMadeAt = row.handedInMadeAt();
        this.state = state;
        if (!row.tail().isEmpty()) {
            this.madeAt = row.tail().get(row.tail().size() - 1).madeAt();
        }
        int most = Math.max(REMEMBERED, 2 * seen.size());
        this.seen = new LinkedHashMap<>() {
            @Override
            protected boolean removeEldestEntry(Map.Entry<UUID, Optional<Verdict>> eldest) {
                return size() > most;
            }
        };
        this.seen.putAll(seen);
    }

    /** As it is now; its monitor is held while it is read. */
    synchronized AttemptQueries.Work work(UUID attemptId) {
        return new AttemptQueries.Work(attemptId, holderId, round, version, state, begunAt, handedInAt, handedInMadeAt);
    }
}
