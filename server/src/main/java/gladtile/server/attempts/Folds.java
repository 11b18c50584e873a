package gladtile.server.attempts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.answer.Verdict;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Assignments.AssignmentChanged;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** The attempts that this machine knows, each read from the database when it is first asked for. */
@Component
class Folds {
    private static final int MOST = 5_000;

    private final AttemptStore store;
    private final MoveLogStore log;
    private final Assignments assignments;
    private final Cache<UUID, Fold> folds =
            Caffeine.newBuilder().maximumSize(MOST).build();

    Folds(AttemptStore store, MoveLogStore log, Assignments assignments) {
        this.store = store;
        this.log = log;
        this.assignments = assignments;
    }

    /** Null when there is no such attempt. */
    Fold get(UUID schoolId, UUID attemptId) {
        return folds.get(attemptId, id -> load(schoolId, id));
    }

    /** It was stepped on elsewhere, or brought to another edition: it is read anew when it is asked for. */
    void forget(UUID attemptId) {
        folds.invalidate(attemptId);
    }

    /** More time, or another edition: what was made ready for an assignment's attempts is made ready anew. */
    @EventListener
    void changed(AssignmentChanged change) {
        folds.asMap().values().removeIf(fold -> fold.assignmentId.equals(change.id()));
    }

    private Fold load(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId)
                .map(row -> {
                    Assignment assignment =
                            assignments.anyones(schoolId, row.assignmentId()).orElseThrow();
                    Assignments.Edition edition = assignments.edition(assignment, row.editionId(), row.holderId());
                    Map<UUID, Optional<Verdict>> seen = log.verdicts(schoolId, attemptId);
                    return new Fold(row, edition, row.current(edition.rules()), seen);
                })
                .orElse(null);
    }
}
