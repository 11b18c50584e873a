package gladtile.server.attempts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.OtherSide;
import gladtile.core.activity.Speech;
import gladtile.core.answer.Verdict;
import gladtile.core.assigned.After;
import gladtile.core.assigned.Barred;
import gladtile.core.assigned.DeviceClock;
import gladtile.core.assigned.Window;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AfterView;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Course;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.PieceState;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Rules;
import gladtile.core.attempt.Standing;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Assignments.AssignmentChanged;
import gladtile.server.assignments.Worker;
import gladtile.server.assignments.Workers;
import gladtile.server.attempts.AttemptStore.Append;
import gladtile.server.attempts.AttemptStore.Judged;
import gladtile.server.classes.Classes.Student;
import gladtile.server.files.Recordings;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
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
    private final Workers workers;
    private final ApplicationEventPublisher events;
    private final MoveWriter writer;
    private final Recordings recordings;
    private final Clock clock;
    private final Cache<UUID, Fold> folds =
            Caffeine.newBuilder().maximumSize(FOLDS).build();

    Attempts(
            AttemptStore store,
            Assignments assignments,
            Workers workers,
            ApplicationEventPublisher events,
            MoveWriter writer,
            Recordings recordings,
            Clock clock) {
        this.store = store;
        this.assignments = assignments;
        this.workers = workers;
        this.events = events;
        this.writer = writer;
        this.recordings = recordings;
        this.clock = clock;
    }

    /** An attempt as it stands. @param round from 1 */
    public record Opened(
            UUID id,
            Assignment assignment,
            Worker worker,
            int round,
            Assignments.Edition edition,
            AttemptState state) {}

    /** What came of opening. */
    public sealed interface Opening {}

    /** There it is. */
    public record Open(Opened opened) implements Opening {}

    /** It cannot be begun yet. @param words why, as a student is told */
    public record NotYet(Barred barred, String words) implements Opening {}

    /** Where an attempt stands, without what is in it. @param handedInAt by the device's clock put right; null before */
    public record Head(UUID id, int round, Standing standing, Instant handedInAt, int solved) {}

    /** That somebody is at work: their newest round, without what is in it. */
    public record Beat(UUID id, UUID holderId, UUID editionId, long seq, Standing standing, Instant begunAt) {}

    /** One move, as it was judged. @param itemId of the piece or gap; null for a check */
    public record JudgedPart(UUID attemptId, long seq, String itemId, String zoneId, Verdict.Says says, Instant at) {}

    /** One move as it is kept. @param byId who made it; null where that was not kept yet */
    public record Logged(long seq, Move move, Optional<Verdict> verdict, Instant at, Instant madeAt, UUID byId) {}

    /** What moves go out from, from that number on. */
    public record Base(long seq, UUID editionId, AttemptState state) {}

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
            Assignments.Edition edition,
            AttemptState state,
            Instant begunAt,
            Instant handedInAt,
            Instant handedInMadeAt) {
        public boolean late(Assignment assignment) {
            Instant due = assignment.window(holderId).dueAt();
            return due != null && handedInMadeAt != null && handedInMadeAt.isAfter(due);
        }
    }

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

    /** None was made: the assignment does not take that now. @param index of the first that was barred */
    public record NotNow(int index, Barred barred) implements Result {}

    /** An attempt as this machine knows it. Its monitor orders the moves that arrive here. */
    private static final class Fold {
        /** A move that comes again does so soon; an older one is found in the database, whose key refuses it. */
        private static final int REMEMBERED = 512;

        private final UUID assignmentId;
        private final Assignments.Edition edition;
        private final Rules rules;
        private final UUID holderId;
        private final boolean askedFor;
        private final int round;
        private final Instant begunAt;
        private Instant handedInAt;
        private Instant handedInMadeAt;
        private AttemptState state;
        private Instant madeAt;
        private final Map<UUID, Optional<Verdict>> seen;

        Fold(AttemptStore.Row row, Assignments.Edition edition, AttemptState state, Map<UUID, Optional<Verdict>> seen) {
            this.assignmentId = row.assignmentId();
            this.edition = edition;
            this.rules = edition.rules();
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
    }

    /** A piece that a zone turned away. */
    public record Miss(String pieceId, String zoneId, int count) {}

    /** How far a class is with an assignment. */
    public record Counts(int joined, int handedIn) {
        public static final Counts NONE = new Counts(0, 0);
    }

    /** By assignment; those nobody joined are left out. */
    public Map<UUID, Counts> counts(UUID schoolId, Collection<UUID> assignmentIds) {
        return store.counts(schoolId, assignmentIds);
    }

    /** By assignment and by student or team. */
    public Map<UUID, Map<UUID, Head>> heads(UUID schoolId, Collection<UUID> assignmentIds, Collection<UUID> holders) {
        return store.heads(schoolId, assignmentIds, holders);
    }

    /**
     * Opens the newest round of the student's, or their team's, work, making the first one. Whoever began something goes
     * on with it, even when they are in another class now. Empty when it is not for the student.
     */
    public Optional<Opening> open(Who student, UUID assignmentId) {
        Assignment assignment =
                assignments.anyones(student.schoolId(), assignmentId).orElse(null);
        if (assignment == null || assignment.control().withdrawnAt() != null) {
            return Optional.empty();
        }
        UUID school = student.schoolId();
        Worker worker = workers.holder(assignment, student.id()).orElse(null);
        UUID holder = worker == null ? student.id() : worker.id();
        AttemptStore.Row row = store.of(school, assignmentId, holder).orElse(null);
        if (row == null && worker == null) {
            return Optional.empty();
        }
        if (row == null) {
            NotYet barred = barred(assignment, worker);
            if (barred != null) {
                return Optional.of(barred);
            }
            Assignments.Edition edition = assignments.edition(assignment, assignment.editionId(), holder);
            UUID id = UuidV7.make();
            AttemptState start = AttemptState.start(edition.rules(), now());
            store.insert(school, id, assignmentId, holder, new AttemptStore.Round(1, false, edition.id()), start);
            row = store.of(school, assignmentId, holder).orElseThrow();
            events.publishEvent(new AttemptChanged(school, assignmentId, holder, row.id(), 0));
        }
        Worker who = worker != null ? worker : alone(student);
        // Ready for the first move, which a whole class makes at the same moment.
        folds.get(row.id(), id -> load(school, id));
        return Optional.of(new Open(opened(assignment, who, row)));
    }

    private static Worker alone(Who student) {
        return new Worker(
                student.id(), student.name(), List.of(new Student(student.id(), student.name(), false)), false);
    }

    private Opened opened(Assignment assignment, Worker worker, AttemptStore.Row row) {
        Assignments.Edition edition = assignments.edition(assignment, row.editionId(), row.holderId());
        return new Opened(row.id(), assignment, worker, row.round(), edition, current(row, edition.rules()));
    }

    private NotYet barred(Assignment assignment, Worker worker) {
        if (assignment.window(worker.id()).at(clock.instant()) == Window.Stage.NOT_YET) {
            return new NotYet(Barred.NOT_OPEN_YET, "This is not open yet. Come back later.");
        }
        if (assignment.window(worker.id()).at(clock.instant()) == Window.Stage.CLOSED) {
            return new NotYet(Barred.CLOSED, "This is closed and was not begun. Ask your teacher for more time.");
        }
        return waitsFor(assignment, worker)
                .map(before -> new NotYet(
                        Barred.NOT_OPEN_YET,
                        "“%s” comes first. Hand it in, then this opens.".formatted(before.title())))
                .orElse(null);
    }

    /** The one of its series that is to be handed in first; empty when there is none. */
    private Optional<Assignment> waitsFor(Assignment assignment, Worker worker) {
        if (assignment.position() == 0) {
            return Optional.empty();
        }
        Assignment before = assignments.series(assignment).get(assignment.position() - 1);
        Head head = store.heads(before.schoolId(), List.of(before.id()), List.of(worker.id()))
                .getOrDefault(before.id(), Map.of())
                .get(worker.id());
        return head == null || head.round() == 1 && head.standing() == Standing.WORKING
                ? Optional.of(before)
                : Optional.empty();
    }

    /** An attempt of the student's, or of their team. */
    public Optional<Opened> own(Who student, UUID attemptId) {
        return store.read(student.schoolId(), attemptId).flatMap(row -> {
            Assignment assignment =
                    assignments.anyones(student.schoolId(), row.assignmentId()).orElseThrow();
            return isHolder(assignment, row.holderId(), student.id())
                    ? Optional.of(opened(
                            assignment, workers.holder(assignment, student.id()).orElseGet(() -> alone(student)), row))
                    : Optional.empty();
        });
    }

    private boolean isHolder(Assignment assignment, UUID holderId, UUID studentId) {
        return holderId.equals(studentId)
                || workers.holder(assignment, studentId)
                        .filter(worker -> worker.id().equals(holderId))
                        .isPresent();
    }

    /**
     * Begins the round after one that was handed in: everything lies as it was left. If there is a later round already,
     * that one.
     *
     * @param askedFor whether the teacher sent it back to be improved, so that it is open past the closing time
     */
    public Opened nextRound(Opened last, boolean askedFor) {
        UUID school = last.assignment().schoolId();
        UUID holder = last.worker().id();
        AttemptStore.Row newest =
                store.of(school, last.assignment().id(), holder).orElseThrow();
        if (newest.round() == last.round()) {
            AttemptState start = last.state().nextRound(last.edition().rules(), now());
            UUID id = UuidV7.make();
            store.insert(
                    school,
                    id,
                    last.assignment().id(),
                    holder,
                    new AttemptStore.Round(
                            last.round() + 1, askedFor, last.edition().id()),
                    start);
            newest = store.of(school, last.assignment().id(), holder).orElseThrow();
            events.publishEvent(
                    new AttemptChanged(school, last.assignment().id(), holder, newest.id(), AttemptChanged.ANEW));
        }
        return opened(last.assignment(), last.worker(), newest);
    }

    /** The newest round of every student or team, by student or team. */
    public Map<UUID, AttemptState> states(Assignment assignment) {
        Map<UUID, AttemptState> states = new HashMap<>();
        works(assignment)
                .forEach((holder, rounds) ->
                        states.put(holder, rounds.get(rounds.size() - 1).state()));
        return states;
    }

    /** Every round of everybody, by student or team, the first round first. */
    public Map<UUID, List<Work>> works(Assignment assignment) {
        Map<UUID, List<Work>> works = new HashMap<>();
        for (AttemptStore.Row row : store.all(assignment.schoolId(), assignment.id())) {
            works.computeIfAbsent(row.holderId(), id -> new ArrayList<>()).add(0, work(assignment, row));
        }
        return works;
    }

    private Work work(Assignment assignment, AttemptStore.Row row) {
        Assignments.Edition edition = assignments.edition(assignment, row.editionId(), row.holderId());
        return new Work(
                row.id(),
                row.holderId(),
                row.round(),
                edition,
                current(row, edition.rules()),
                row.begunAt(),
                row.handedInAt(),
                row.handedInMadeAt());
    }

    /** Of all attempts at an assignment, which pieces were turned away where, and how often. */
    public List<Miss> misses(Assignment assignment) {
        return store.misses(assignment.schoolId(), assignment.id());
    }

    /** What was judged since, each attempt's in its order. @param after attempt to the move after which it is asked for */
    public List<JudgedPart> judged(UUID schoolId, Map<UUID, Long> after) {
        return store.judged(schoolId, after);
    }

    /** All that was judged of an assignment, each attempt's in its order. */
    public List<JudgedPart> judged(Assignment assignment) {
        return store.judged(assignment.schoolId(), assignment.id());
    }

    public List<Logged> log(UUID schoolId, UUID attemptId) {
        return store.log(schoolId, attemptId);
    }

    public List<Base> bases(UUID schoolId, UUID attemptId) {
        return store.bases(schoolId, attemptId);
    }

    /** Any attempt, by its id. */
    public Optional<Work> work(Assignment assignment, UUID attemptId) {
        return store.read(assignment.schoolId(), attemptId)
                .filter(row -> row.assignmentId().equals(assignment.id()))
                .map(row -> work(assignment, row));
    }

    /** The assignment that an attempt belongs to. */
    public Optional<UUID> assignmentOf(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId).map(AttemptStore.Row::assignmentId);
    }

    /** Of each student or team the newest round, without what is in it. */
    public List<Beat> beats(Assignment assignment) {
        return store.beats(assignment.schoolId(), assignment.id());
    }

    /** An attempt as this machine knows it, without asking the database where it was moved on here. */
    public Optional<Work> current(Assignment assignment, UUID attemptId) {
        Fold fold = folds.get(attemptId, id -> load(assignment.schoolId(), id));
        if (fold == null || !fold.assignmentId.equals(assignment.id())) {
            return Optional.empty();
        }
        synchronized (fold) {
            return Optional.of(new Work(
                    attemptId,
                    fold.holderId,
                    fold.round,
                    fold.edition,
                    fold.state,
                    fold.begunAt,
                    fold.handedInAt,
                    fold.handedInMadeAt));
        }
    }

    /** The newest round of one student or team. */
    public Optional<Work> newest(Assignment assignment, UUID holderId) {
        return store.of(assignment.schoolId(), assignment.id(), holderId).map(row -> work(assignment, row));
    }

    /**
     * Brings an attempt to another edition.
     *
     * @return false when it was stepped on meanwhile, so that nothing was changed
     */
    public boolean renew(Assignment assignment, Work work, UUID editionId, AttemptState state) {
        boolean renewed =
                store.renew(assignment.schoolId(), work.id(), work.state().seq(), editionId, state);
        folds.invalidate(work.id());
        if (renewed) {
            events.publishEvent(new AttemptChanged(
                    assignment.schoolId(), assignment.id(), work.holderId(), work.id(), AttemptChanged.ANEW));
        }
        return renewed;
    }

    /** More time, or another edition: what was made ready for an assignment's attempts is made ready anew. */
    @EventListener
    void changed(AssignmentChanged change) {
        folds.asMap().values().removeIf(fold -> fold.assignmentId.equals(change.id()));
    }

    /**
     * Makes moves in their order, all or none. Those whose id was seen before are not made again; they get the verdict
     * they got.
     *
     * @param sentAt by the device's clock, when the request left it; null where it does not say
     * @return empty when the attempt is not this student's nor their team's
     */
    public Optional<Result> move(Who student, UUID attemptId, List<Move> moves, Instant sentAt) {
        for (int i = 0; i < RETRIES; i++) {
            Fold fold = folds.get(attemptId, id -> load(student.schoolId(), id));
            Assignment assignment = fold == null
                    ? null
                    : assignments.anyones(student.schoolId(), fold.assignmentId).orElse(null);
            if (assignment == null || !isHolder(assignment, fold.holderId, student.id())) {
                return Optional.empty();
            }
            Result result;
            synchronized (fold) {
                result = make(new Request(student, attemptId, assignment, moves, sentAt), fold);
            }
            if (result != null) {
                if (result instanceof AllMade made) {
                    events.publishEvent(new AttemptChanged(
                            student.schoolId(),
                            fold.assignmentId,
                            fold.holderId,
                            attemptId,
                            made.state().seq()));
                    if (moves.stream().anyMatch(move -> move.act() instanceof Act.HandIn)) {
                        events.publishEvent(new HandedIn(assignment, fold.holderId, attemptId));
                    }
                }
                return Optional.of(result);
            }
            folds.invalidate(attemptId);
        }
        throw new IllegalStateException("attempt " + attemptId + " is stepped on elsewhere again and again");
    }

    private record Request(Who student, UUID attemptId, Assignment assignment, List<Move> moves, Instant sentAt) {}

    /** Null when the fold is behind the database. */
    private Result make(Request asked, Fold fold) {
        List<Move> moves = asked.moves;
        Assignment assignment = asked.assignment;
        Window usual = assignment.window(fold.holderId);
        Window window = fold.askedFor ? new Window(usual.opensAt(), usual.dueAt(), null) : usual;
        Instant madeAt = fold.madeAt;
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
                Instant thisAt = DeviceClock.put(move.deviceTime(), asked.sentAt, at, madeAt);
                Optional<Barred> barred =
                        Barred.move(assignment.terms(), assignment.control(), window, move.act(), thisAt);
                if (barred.isPresent()) {
                    return new NotNow(i, barred.get());
                }
                MoveResult result = state.with(move, fold.rules, thisAt);
                if (result instanceof MoveResult.Refused refused) {
                    return new NoneMade(i, refused);
                }
                if (move.act() instanceof Act.Say say
                        && !recordings.keep(
                                asked.student.schoolId(), say.recording().file().sha256())) {
                    return new NoneMade(
                            i,
                            new MoveResult.Refused(
                                    MoveResult.Rule.NO_SUCH_SOUND, "that sound is not here; say it again"));
                }
                Made done = (Made) result;
                state = done.state();
                told = done.verdict();
                fresh.put(move.id(), told);
                made.add(new Judged(move, told, at, thisAt, asked.student.id()));
                madeAt = thisAt;
            }
            told.ifPresent(verdict -> verdicts.put(move.id(), verdict));
        }
        int solved = state.solved(fold.rules);
        if (!made.isEmpty()) {
            Append append = new Append(
                    asked.student.schoolId(),
                    asked.attemptId,
                    fold.edition.id(),
                    fold.state.seq(),
                    made,
                    state,
                    solved);
            if (!writer.write(append)) {
                return null;
            }
            fold.state = state;
            fold.madeAt = madeAt;
            Judged handIn = append.handIn();
            if (handIn != null) {
                fold.handedInAt = handIn.at();
                fold.handedInMadeAt = handIn.madeAt();
            }
            fold.seen.putAll(fresh);
        }
        if (assignment.terms().seen() == After.NOTHING) {
            state = AfterView.untold(state, fold.rules);
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
        return open.isEmpty() ? List.of() : StudentView.pages(fold.edition.activity(), fold.rules, open);
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

    /** An attempt's state as its student may see it now. */
    public AttemptState seen(Opened opened) {
        return opened.assignment().terms().seen() == After.NOTHING
                ? AfterView.untold(opened.state(), opened.edition().rules())
                : opened.state();
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
            if (!(state.with(one.move(), rules, one.madeAt()) instanceof Made made)) {
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
                    Assignment assignment =
                            assignments.anyones(schoolId, row.assignmentId()).orElseThrow();
                    Assignments.Edition edition = assignments.edition(assignment, row.editionId(), row.holderId());
                    Map<UUID, Optional<Verdict>> seen = store.verdicts(schoolId, attemptId);
                    return new Fold(row, edition, current(row, edition.rules()), seen);
                })
                .orElse(null);
    }
}
