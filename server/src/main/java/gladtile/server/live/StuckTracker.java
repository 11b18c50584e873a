package gladtile.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.analysis.Stuck;
import gladtile.core.analysis.StudentPace;
import gladtile.core.analysis.StudentPace.Tried;
import gladtile.core.analysis.TypicalTimes;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Standing;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Beat;
import gladtile.server.attempts.AttemptQueries.JudgedPart;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How each student of a running assignment gets on. Only what was judged since it was last asked is read. */
@Component
class StuckTracker {
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AttemptQueries works;
    private final Clock clock;
    private final Cache<UUID, Tracks> known = Caffeine.newBuilder()
            .maximumSize(200)
            .expireAfterAccess(Duration.ofMinutes(30))
            .build();

    StuckTracker(AssignmentService assignments, ActivityVersionService versions, AttemptQueries works, Clock clock) {
        this.versions = versions;
        this.assignments = assignments;
        this.works = works;
        this.clock = clock;
    }

    private static final class Tracks {
        private final Map<UUID, List<Tried>> tries = new HashMap<>();
        private final Map<UUID, Long> upTo = new HashMap<>();
        private final Map<UUID, StudentPace> stuckTracker = new HashMap<>();
        private TypicalTimes typical = TypicalTimes.of(List.of());
    }

    /** Where those who work are stuck now, by student or team. */
    Map<UUID, Stuck> stuck(Assignment assignment) {
        List<Beat> beats = works.beats(assignment);
        Tracks tracks = known.get(assignment.id(), id -> new Tracks());
        Map<UUID, Stuck> stuck = new HashMap<>();
        synchronized (tracks) {
            read(assignment, beats, tracks);
            for (Beat beat : beats) {
                if (beat.standing() == Standing.WORKING) {
                    Stuck.of(tracks.stuckTracker.get(beat.id()), tracks.typical, clock.instant())
                            .ifPresent(one -> stuck.put(beat.holderId(), one));
                }
            }
        }
        return stuck;
    }

    private void read(Assignment assignment, List<Beat> beats, Tracks tracks) {
        Map<UUID, Beat> changed = new HashMap<>();
        Map<UUID, Long> after = new HashMap<>();
        for (Beat beat : beats) {
            long upTo = tracks.upTo.getOrDefault(beat.id(), -1L);
            if (upTo < beat.seq()) {
                changed.put(beat.id(), beat);
                after.put(beat.id(), Math.max(0, upTo));
            }
        }
        if (changed.isEmpty()) {
            return;
        }
        Map<UUID, Set<String>> columns = new HashMap<>();
        for (JudgedPart part : works.judged(assignment.schoolId(), after)) {
            // A move that came in since the beats were taken is read again with the next ones.
            boolean due = part.seq() > tracks.upTo.getOrDefault(part.attemptId(), -1L)
                    && part.seq() <= changed.get(part.attemptId()).seq();
            if (due) {
                UUID version = changed.get(part.attemptId()).versionId();
                Set<String> ids = columns.computeIfAbsent(version, id -> ids(assignment, id));
                Tried.of(part.outcome(), ids, part.at())
                        .ifPresent(one -> tracks.tries
                                .computeIfAbsent(part.attemptId(), id -> new ArrayList<>())
                                .add(one));
            }
        }
        changed.forEach((id, beat) -> {
            tracks.upTo.put(id, beat.seq());
            tracks.stuckTracker.put(id, StudentPace.of(beat.begunAt(), tracks.tries.getOrDefault(id, List.of())));
        });
        tracks.typical = TypicalTimes.of(tracks.stuckTracker.values());
    }

    private Set<String> ids(Assignment assignment, UUID versionId) {
        Set<String> ids = new HashSet<>();
        versions.of(assignment.schoolId(), versionId).rules().placements().stream()
                .map(Placement::itemId)
                .forEach(ids::add);
        return ids;
    }
}
