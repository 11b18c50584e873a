package gladtile.server.attempts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.OtherSide;
import gladtile.core.activity.Speech;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Course;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.PieceState;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Rules;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.attempts.AttemptStore.Append;
import gladtile.server.attempts.AttemptStore.Judged;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/**
 * Students' work. Each attempt's state is kept in memory as a fold of its moves, guarded by its sequence number in
 * the database: another machine that stepped it on is noticed at the write, and the fold is read anew.
 */
@Service
public class Attempts {
    private static final int RETRIES = 4;
    private static final int FOLDS = 5_000;

    private final AttemptStore store;
    private final Assignments assignments;
    private final ApplicationEventPublisher events;
    private final MoveWriter writer;
    private final Clock clock;
    private final Cache<UUID, Fold> folds =
            Caffeine.newBuilder().maximumSize(FOLDS).build();

    Attempts(
            AttemptStore store,
            Assignments assignments,
            ApplicationEventPublisher events,
            MoveWriter writer,
            Clock clock) {
        this.store = store;
        this.assignments = assignments;
        this.events = events;
        this.writer = writer;
        this.clock = clock;
    }

    /** A student's own attempt as it stands. */
    public record Opened(UUID id, Assignment assignment, Assignments.Edition edition, AttemptState state) {}

    /** What came of moves. */
    public sealed interface Result {}

    /**
     * All were made.
     *
     * @param changed the pieces that lie or count otherwise than before; all of them when a move came again, since its
     *     sender missed what became of it
     * @param gone copies that were taken back
     * @param verdicts by move id, for those that were judged
     * @param sides the other sides that settling has brought up
     * @param said what pieces say that have settled now
     * @param opened the pages that are open now and were not before; all that are open when a move came again, unless
     *     nothing ever opens
     */
    public record AllMade(
            AttemptState state,
            Map<String, PieceState> changed,
            Set<String> gone,
            Progress progress,
            Map<UUID, Verdict> verdicts,
            Map<String, OtherSide> sides,
            Map<String, Speech> said,
            Course course,
            List<StudentView.StudentPage> opened)
            implements Result {}

    /** None was made. @param index of the first that broke a rule */
    public record NoneMade(int index, MoveResult.Refused refused) implements Result {}

    /** An attempt as this machine knows it. Its monitor orders the moves that arrive here. */
    private static final class Fold {
        /** A move that comes again does so soon; an older one is found in the database, whose key refuses it. */
        private static final int REMEMBERED = 512;

        private final Assignment assignment;
        private final Rules rules;
        private final UUID studentId;
        private AttemptState state;
        private final Map<UUID, Optional<Verdict>> seen;

        Fold(
                Assignment assignment,
                Rules rules,
                UUID studentId,
                AttemptState state,
                Map<UUID, Optional<Verdict>> seen) {
            this.assignment = assignment;
            this.rules = rules;
            this.studentId = studentId;
            this.state = state;
            int most = Math.max(REMEMBERED, 2 * seen.size());
            this.seen = new LinkedHashMap<>() {
                @Override
                protected boolean removeEldestEntry(Map.Entry<UUID, Optional<Verdict>> eldest) {
                    return size() > most;
                }
            };
            this.seen.putAll(seen);
        }
    }

    /** A piece that a zone turned away. */
    public record Miss(String pieceId, String zoneId, int count) {}

    /** How far a class is with an assignment. */
    public record Counts(int joined, int handedIn) {
        public static final Counts NONE = new Counts(0, 0);
    }

    /** Of all that the teacher assigned, by assignment; those nobody joined are left out. */
    public Map<UUID, Counts> counts(Who teacher) {
        return store.counts(teacher.schoolId(), teacher.id());
    }

    /** Opens the student's attempt at an assignment of their class, making it the first time. */
    public Optional<Opened> open(Who student, UUID assignmentId) {
        return assignments.forStudent(student, assignmentId).map(assignment -> {
            Assignments.Edition edition = assignments.edition(assignment);
            UUID school = student.schoolId();
            AttemptStore.Row row = store.of(school, assignmentId, student.id()).orElseGet(() -> {
                store.insert(
                        school, UuidV7.make(), assignmentId, student.id(), AttemptState.start(edition.rules(), now()));
                events.publishEvent(new AttemptChanged(school, assignmentId, student.id()));
                return store.of(school, assignmentId, student.id()).orElseThrow();
            });
            return new Opened(row.id(), assignment, edition, current(row, edition.rules()));
        });
    }

    /** Every attempt of an assignment, by student. */
    public Map<UUID, AttemptState> states(Assignment assignment) {
        Rules rules = assignments.edition(assignment).rules();
        Map<UUID, AttemptState> states = new HashMap<>();
        store.all(assignment.schoolId(), assignment.id())
                .forEach(row -> states.put(row.studentId(), current(row, rules)));
        return states;
    }

    /** Of all attempts at an assignment, which pieces were turned away where, and how often. */
    public List<Miss> misses(Assignment assignment) {
        return store.misses(assignment.schoolId(), assignment.id());
    }

    public Optional<AttemptState> state(Assignment assignment, UUID studentId) {
        Rules rules = assignments.edition(assignment).rules();
        return store.of(assignment.schoolId(), assignment.id(), studentId).map(row -> current(row, rules));
    }

    /**
     * Makes moves in their order, all or none. Those whose id was seen before are not made again; they get the verdict
     * they got.
     *
     * @return empty when the attempt is not this student's
     */
    public Optional<Result> move(Who student, UUID attemptId, List<Move> moves) {
        for (int i = 0; i < RETRIES; i++) {
            Fold fold = folds.get(attemptId, id -> load(student.schoolId(), id));
            if (fold == null || !fold.studentId.equals(student.id())) {
                return Optional.empty();
            }
            Result result;
            synchronized (fold) {
                result = make(student.schoolId(), attemptId, fold, moves);
            }
            if (result != null) {
                if (result instanceof AllMade) {
                    events.publishEvent(new AttemptChanged(student.schoolId(), fold.assignment.id(), fold.studentId));
                }
                return Optional.of(result);
            }
            folds.invalidate(attemptId);
        }
        throw new IllegalStateException("attempt " + attemptId + " is stepped on elsewhere again and again");
    }

    /** Null when the fold is behind the database. */
    private Result make(UUID schoolId, UUID attemptId, Fold fold, List<Move> moves) {
        AttemptState before = fold.state;
        Instant at = now();
        AttemptState state = before;
        List<Judged> made = new ArrayList<>(moves.size());
        Map<UUID, Verdict> verdicts = new HashMap<>();
        Map<UUID, Optional<Verdict>> fresh = new HashMap<>();
        for (int i = 0; i < moves.size(); i++) {
            Move move = moves.get(i);
            Optional<Verdict> told = fold.seen.getOrDefault(move.id(), fresh.get(move.id()));
            if (told == null) {
                MoveResult result = state.with(move, fold.rules, at);
                if (result instanceof MoveResult.Refused refused) {
                    return new NoneMade(i, refused);
                }
                Made done = (Made) result;
                state = done.state();
                told = done.verdict();
                fresh.put(move.id(), told);
                made.add(new Judged(move, told, at));
            }
            told.ifPresent(verdict -> verdicts.put(move.id(), verdict));
        }
        int solved = state.solved(fold.rules);
        if (!made.isEmpty()) {
            if (!writer.write(new Append(schoolId, attemptId, fold.state.seq(), made, state, solved))) {
                return null;
            }
            fold.state = state;
            fold.seen.putAll(fresh);
        }
        Map<String, PieceState> changed = made.size() < moves.size() ? state.pieces() : changed(before, state);
        Set<String> gone = new HashSet<>(before.pieces().keySet());
        gone.removeAll(state.pieces().keySet());
        return new AllMade(
                state,
                changed,
                gone,
                Progress.of(state, fold.rules, at),
                verdicts,
                fold.rules.broughtUp(state),
                fold.rules.said(changed),
                Course.of(state, fold.rules, at),
                opened(fold, made.size() < moves.size() ? null : before, state, at));
    }

    /** @param before null for all that are open */
    private List<StudentView.StudentPage> opened(Fold fold, AttemptState before, AttemptState after, Instant at) {
        if (fold.rules.isFree()) {
            return List.of();
        }
        Set<String> open = Course.open(after, fold.rules, at);
        if (before != null) {
            open.removeAll(Course.open(before, fold.rules, at));
        }
        return open.isEmpty()
                ? List.of()
                : StudentView.pages(assignments.edition(fold.assignment).activity(), fold.rules, open);
    }

    /** In microseconds, as the database keeps it, so that a fold read anew judges by the very same time. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** How far an attempt is now. */
    public Progress progress(AttemptState state, Rules rules) {
        return Progress.of(state, rules, now());
    }

    /** The way of an attempt through the pages as it is now. */
    public Course course(AttemptState state, Rules rules) {
        return Course.of(state, rules, now());
    }

    /** What a student may know of an edition now. */
    public StudentView view(Assignments.Edition edition, AttemptState state) {
        return StudentView.of(edition.activity(), edition.rules(), Course.open(state, edition.rules(), now()));
    }

    private static Map<String, PieceState> changed(AttemptState before, AttemptState after) {
        Map<String, PieceState> changed = new HashMap<>();
        after.pieces().forEach((id, piece) -> {
            if (!piece.equals(before.pieces().get(id))) {
                changed.put(id, piece);
            }
        });
        return changed;
    }

    /** The kept state with the moves since then made again; each was taken once, so none can be refused now. */
    private static AttemptState current(AttemptStore.Row row, Rules rules) {
        AttemptState state = row.kept();
        for (AttemptStore.Arrived one : row.tail()) {
            if (!(state.with(one.move(), rules, one.at()) instanceof Made made)) {
                throw new IllegalStateException("attempt " + row.id() + " does not fold: move "
                        + one.move().id());
            }
            state = made.state();
        }
        return state;
    }

    private Fold load(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId)
                .map(row -> {
                    Who student = new Who(schoolId, row.studentId(), Who.Kind.STUDENT, "");
                    Assignment assignment =
                            assignments.forStudent(student, row.assignmentId()).orElseThrow();
                    Rules rules = assignments.edition(assignment).rules();
                    Map<UUID, Optional<Verdict>> seen = store.verdicts(schoolId, attemptId);
                    return new Fold(assignment, rules, row.studentId(), current(row, rules), seen);
                })
                .orElse(null);
    }
}
