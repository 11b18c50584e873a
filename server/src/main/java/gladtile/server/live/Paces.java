package gladtile.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.analysis.Pace;
import gladtile.core.analysis.Pace.Tried;
import gladtile.core.analysis.Stuck;
import gladtile.core.analysis.TypicalTimes;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Standing;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.attempts.Attempts;
import gladtile.server.attempts.Attempts.JudgedPart;
import gladtile.server.attempts.Attempts.Work;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How each student of a running assignment gets on. Only what was judged since it was last asked is read. */
@Component
class Paces {
    private final Attempts attempts;
    private final Clock clock;
    private final Cache<UUID, Tracks> known = Caffeine.newBuilder()
            .maximumSize(200)
            .expireAfterAccess(Duration.ofMinutes(30))
            .build();

    Paces(Attempts attempts, Clock clock) {
        this.attempts = attempts;
        this.clock = clock;
    }

    private static final class Tracks {
        private final Map<UUID, List<Tried>> tries = new HashMap<>();
        private final Map<UUID, Long> upTo = new HashMap<>();
        private final Map<UUID, Pace> paces = new HashMap<>();
        private TypicalTimes typical = TypicalTimes.of(List.of());
    }

    /** Where those who work are stuck now, by attempt. */
    Map<UUID, Stuck> stuck(Assignment assignment, Collection<Work> works) {
        Tracks tracks = known.get(assignment.id(), id -> new Tracks());
        Map<UUID, Stuck> stuck = new HashMap<>();
        synchronized (tracks) {
            read(assignment, works, tracks);
            for (Work work : works) {
                if (work.state().standing() == Standing.WORKING) {
                    Stuck.of(tracks.paces.get(work.id()), tracks.typical, clock.instant())
                            .ifPresent(one -> stuck.put(work.id(), one));
                }
            }
        }
        return stuck;
    }

    private void read(Assignment assignment, Collection<Work> works, Tracks tracks) {
        List<UUID> changed = new ArrayList<>();
        Map<UUID, Work> byId = new HashMap<>();
        long after = Long.MAX_VALUE;
        for (Work work : works) {
            byId.put(work.id(), work);
            long known = tracks.upTo.getOrDefault(work.id(), -1L);
            if (known < work.state().seq()) {
                changed.add(work.id());
                after = Math.min(after, Math.max(0, known));
            }
        }
        if (changed.isEmpty()) {
            return;
        }
        Map<UUID, Set<String>> columns = new HashMap<>();
        for (JudgedPart part : attempts.judged(assignment.schoolId(), changed, after)) {
            Work work = byId.get(part.attemptId());
            if (part.seq() > tracks.upTo.getOrDefault(part.attemptId(), -1L)) {
                Set<String> ids = columns.computeIfAbsent(work.edition().id(), id -> ids(work));
                tried(part, ids)
                        .ifPresent(one -> tracks.tries
                                .computeIfAbsent(part.attemptId(), id -> new ArrayList<>())
                                .add(one));
            }
        }
        for (UUID id : changed) {
            Work work = byId.get(id);
            tracks.upTo.put(id, work.state().seq());
            tracks.paces.put(id, Pace.of(work.begunAt(), tracks.tries.getOrDefault(id, List.of())));
        }
        tracks.typical = TypicalTimes.of(tracks.paces.values());
    }

    private static Set<String> ids(Work work) {
        Set<String> ids = new HashSet<>();
        work.edition().rules().placements().stream().map(Placement::itemId).forEach(ids::add);
        return ids;
    }

    private static Optional<Tried> tried(JudgedPart part, Set<String> placements) {
        if (part.says() != Verdict.Says.BELONGS && part.says() != Verdict.Says.TURNED_AWAY) {
            return Optional.empty();
        }
        String id = placements.contains(part.itemId()) ? part.itemId() : part.zoneId();
        return placements.contains(id)
                ? Optional.of(new Tried(id, part.says() == Verdict.Says.BELONGS, part.at()))
                : Optional.empty();
    }
}
