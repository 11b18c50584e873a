package gladtile.server.attempts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.answer.Verdict;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.assignments.AssignmentService.AssignmentChanged;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The attempts that this machine knows, each read from the database when it is first asked for. */
@Component
class AttemptCache {
    private static final int MOST = 5_000;

    private final AttemptStore store;
    private final MoveLogStore log;
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final Cache<UUID, CachedAttempt> cache =
            Caffeine.newBuilder().maximumSize(MOST).build();

    AttemptCache(AttemptStore store, MoveLogStore log, AssignmentService assignments, ActivityVersionService versions) {
        this.versions = versions;
        this.store = store;
        this.log = log;
        this.assignments = assignments;
    }

    /** Null when there is no such attempt. */
    CachedAttempt get(UUID schoolId, UUID attemptId) {
        return cache.get(attemptId, id -> load(schoolId, id));
    }

    /** It was stepped on elsewhere, or brought to another version: it is read anew when it is asked for. */
    void forget(UUID attemptId) {
        cache.invalidate(attemptId);
    }

    /** More time, or another version: what was made ready for an assignment's attempts is made ready anew. */
    @EventListener
    void changed(AssignmentChanged change) {
        cache.asMap().values().removeIf(cached -> cached.assignmentId.equals(change.id()));
    }

    private CachedAttempt load(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId)
                .map(row -> {
                    Assignment assignment =
                            assignments.anyones(schoolId, row.assignmentId()).orElseThrow();
                    ActivityVersion version = versions.of(assignment, row.versionId(), row.holderId());
                    Map<UUID, Optional<Verdict>> seen = log.verdicts(schoolId, attemptId);
                    return new CachedAttempt(row, version, row.current(version.rules()), seen);
                })
                .orElse(null);
    }
}
