package gladtile.server.attempts;

import gladtile.core.analysis.CommonMistakes;
import gladtile.core.answer.Verdict;
import gladtile.core.assigned.DeviceClock;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.Outcome;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Standing;
import gladtile.core.attempt.StateChange;
import gladtile.core.student.StudentView;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.support.MessageRenderer;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Students' and teams' work as it is kept: for looking at, reviewing and counting. */
@Service
public class AttemptQueries {
    private final AttemptStore store;
    private final MoveLogStore log;
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AttemptCache cache;
    private final Clock clock;
    private final RefusedMoveStore refusedMoves;

    private final MessageRenderer messages;

    AttemptQueries(
            AttemptStore store,
            MoveLogStore log,
            RefusedMoveStore refusedMoves,
            AssignmentService assignments,
            ActivityVersionService versions,
            AttemptCache cache,
            Clock clock,
            MessageRenderer messages) {
        this.versions = versions;
        this.messages = messages;
        this.store = store;
        this.refusedMoves = refusedMoves;
        this.log = log;
        this.assignments = assignments;
        this.cache = cache;
        this.clock = clock;
    }

    /** What a student did in one round and could not be taken, in the order in which it arrived. */
    public List<RefusedMove> refusedMoves(UUID schoolId, UUID attemptId) {
        return refusedMoves.of(schoolId, attemptId);
    }

    /** That somebody is at work: their newest round, without what is in it. */
    public record Beat(UUID id, UUID holderId, UUID versionId, long seq, Standing standing, Instant begunAt) {}

    /** One thing that a move had judged. @param at when the move was made */
    public record JudgedPart(UUID attemptId, long seq, Outcome outcome, Instant at) {}

    /**
     * One move as it is kept.
     *
     * @param change what it did; null where that is not kept
     * @param byId who made it; null where that was not kept yet
     */
    public record Logged(
            long seq, Move move, Optional<Verdict> verdict, StateChange change, Instant at, Instant madeAt, UUID byId) {
        /** The attempt after it. */
        public AttemptState on(AttemptState before, AttemptRules rules) {
            return new ArrivedMove(move, at, madeAt, change).on(before, rules);
        }
    }

    /** What moves go out from, from that number on. */
    public record Base(long seq, UUID versionId, AttemptState state) {}

    /**
     * One round of a student's or team's work.
     *
     * @param handedInAt by the server's clock; null before
     * @param handedInMadeAt by the device's clock put right; null before
     */
    public record Work(
            UUID id,
            UUID holderId,
            int round,
            ActivityVersion version,
            AttemptState state,
            Instant begunAt,
            Instant handedInAt,
            Instant handedInMadeAt) {
        /** By the server's clock; when the device says that it was, stands beside. */
        public boolean late(Assignment assignment) {
            Instant due = assignment.window(holderId).dueAt();
            return due != null
                    && handedInAt != null
                    && DeviceClock.decides(handedInMadeAt, handedInAt).isAfter(due);
        }
    }

    /** Every round of everybody, by student or team, the first round first. */
    public Map<UUID, List<Work>> all(Assignment assignment) {
        Map<UUID, List<Work>> works = new HashMap<>();
        for (AttemptRow row : store.all(assignment.schoolId(), assignment.id())) {
            works.computeIfAbsent(row.holderId(), id -> new ArrayList<>()).add(0, work(assignment, row));
        }
        return works;
    }

    private Work work(Assignment assignment, AttemptRow row) {
        ActivityVersion version = versions.of(assignment, row.versionId(), row.holderId());
        return new Work(
                row.id(),
                row.holderId(),
                row.round(),
                version,
                row.current(version.rules()),
                row.begunAt(),
                row.handedInAt(),
                row.handedInMadeAt());
    }

    /** Of all attempts at an assignment, what was wrong, and how often. */
    public List<CommonMistakes.Counted> misses(Assignment assignment) {
        return log.misses(assignment.schoolId(), assignment.id());
    }

    /** What was judged since, each attempt's in its order. @param after attempt to the move after which it is asked for */
    public List<JudgedPart> judged(UUID schoolId, Map<UUID, Long> after) {
        return log.judged(schoolId, after);
    }

    /** All that was judged of an assignment, each attempt's in its order. */
    public List<JudgedPart> judged(Assignment assignment) {
        return log.judged(assignment.schoolId(), assignment.id());
    }

    public List<Logged> log(UUID schoolId, UUID attemptId) {
        return log.log(schoolId, attemptId);
    }

    public List<Base> bases(UUID schoolId, UUID attemptId) {
        return log.bases(schoolId, attemptId);
    }

    /** Any attempt, by its id. */
    public Optional<Work> one(Assignment assignment, UUID attemptId) {
        return store.read(assignment.schoolId(), attemptId)
                .filter(row -> row.assignmentId().equals(assignment.id()))
                .map(row -> work(assignment, row));
    }

    /** The assignment that an attempt belongs to. */
    public Optional<UUID> assignmentOf(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId).map(AttemptRow::assignmentId);
    }

    /** Of each student or team the newest round, without what is in it. */
    public List<Beat> beats(Assignment assignment) {
        return store.beats(assignment.schoolId(), assignment.id());
    }

    /** An attempt as this machine knows it, without asking the database where it was moved on here. */
    public Optional<Work> current(Assignment assignment, UUID attemptId) {
        CachedAttempt cached = cache.get(assignment.schoolId(), attemptId);
        return cached == null || !cached.assignmentId.equals(assignment.id())
                ? Optional.empty()
                : Optional.of(cached.work(attemptId));
    }

    /** The newest round of one student or team. */
    public Optional<Work> newest(Assignment assignment, UUID holderId) {
        return store.of(assignment.schoolId(), assignment.id(), holderId).map(row -> work(assignment, row));
    }

    /** How far an attempt is now. */
    public Progress progress(AttemptState state, AttemptRules rules) {
        return Progress.of(state, rules, clock.instant());
    }

    /** The way of an attempt through the pages as it is now. */
    public PathProgress course(AttemptState state, AttemptRules rules) {
        return PathProgress.of(state, rules, clock.instant());
    }

    /** What a student may know of a version now. */
    public StudentView view(ActivityVersion version, AttemptState state) {
        return StudentView.of(
                version.activity(),
                version.rules(),
                PathProgress.open(state, version.rules(), clock.instant()),
                messages.on(version.activity()));
    }
}
