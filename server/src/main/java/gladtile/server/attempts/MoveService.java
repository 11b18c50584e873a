package gladtile.server.attempts;

import gladtile.core.answer.Verdict;
import gladtile.core.assigned.BlockReason;
import gladtile.core.assigned.DeviceClock;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.PieceState;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.StateChange;
import gladtile.core.message.Message;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Speech;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.MoveStore.Append;
import gladtile.server.attempts.MoveStore.Judged;
import gladtile.server.files.RecordingService;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/**
 * Makes students' moves: judged by the rules, written durably, told to whoever looks on. Another machine that stepped an
 * attempt on is noticed at the write, and the attempt is read anew.
 */
@Service
public class MoveService {
    private static final int RETRIES = 4;

    private final AttemptCache cache;
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final MoveWriter writer;
    private final RecordingService recordings;
    private final RefusedMoveService refusedMoves;
    private final StudentViewService seen;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    private final OpenedPages opened;

    MoveService(
            AttemptCache cache,
            AssignmentService assignments,
            AssigneeDirectory assignees,
            MoveWriter writer,
            RecordingService recordings,
            RefusedMoveService refusedMoves,
            StudentViewService seen,
            ApplicationEventPublisher events,
            Clock clock,
            OpenedPages opened) {
        this.opened = opened;
        this.cache = cache;
        this.assignments = assignments;
        this.assignees = assignees;
        this.writer = writer;
        this.recordings = recordings;
        this.refusedMoves = refusedMoves;
        this.seen = seen;
        this.events = events;
        this.clock = clock;
    }

    /** What came of moves. */
    public sealed interface Result {}

    /**
     * All were made.
     *
     * @param before as the sender knew it; empty when a move came again, since its sender missed what became of it
     * @param state as its student may see it now
     * @param verdicts by move id, for those that were judged
     * @param sides the other sides that settling has brought up
     * @param said what pieces say that have settled now
     * @param opened the pages that are open now and were not before; all that are open when a move came again, unless
     *     nothing ever opens
     */
    public record AllMade(
            Optional<AttemptState> before,
            AttemptState state,
            Progress progress,
            Map<UUID, Verdict> verdicts,
            Map<String, OtherSide> sides,
            Map<String, Speech> said,
            PathProgress course,
            List<StudentView.StudentPage> opened)
            implements Result {}

    /** None was made. @param index of the first that broke a rule */
    public record NoneMade(int index, MoveResult.Refused refused) implements Result {}

    /** None was made: the assignment does not take that now. @param index of the first that was barred */
    public record NotNow(int index, BlockReason barred) implements Result {}

    /**
     * Makes moves in their order, all or none. Those whose id was seen before are not made again; they get the verdict
     * they got.
     *
     * @param sentAt by the device's clock, when the request left it; null where it does not say
     * @return empty when the attempt is not this student's nor their team's
     */
    public Optional<Result> move(CurrentUser student, UUID attemptId, List<Move> moves, Instant sentAt) {
        for (int i = 0; i < RETRIES; i++) {
            CachedAttempt cached = cache.get(student.schoolId(), attemptId);
            Assignment assignment = cached == null
                    ? null
                    : assignments
                            .anyones(student.schoolId(), cached.assignmentId)
                            .orElse(null);
            if (assignment == null || !assignees.holds(assignment, cached.holderId, student.id())) {
                return Optional.empty();
            }
            Result result;
            synchronized (cached) {
                result = !assignees.goesOnWith(assignment, cached.holderId, student.id())
                        ? new NotNow(0, BlockReason.IN_A_TEAM)
                        : make(new Request(student, attemptId, assignment, moves, sentAt), cached);
            }
            if (result != null) {
                refusedMoves.keep(student, attemptId, moves, result);
                if (result instanceof AllMade made) {
                    events.publishEvent(new AttemptChanged(
                            student.schoolId(),
                            cached.assignmentId,
                            cached.holderId,
                            attemptId,
                            made.state().seq()));
                    if (moves.stream().anyMatch(move -> move.act() instanceof Act.HandIn)) {
                        events.publishEvent(new HandedIn(assignment, cached.holderId, attemptId));
                    }
                }
                return Optional.of(result);
            }
            cache.forget(attemptId);
        }
        throw new IllegalStateException("attempt " + attemptId + " is stepped on elsewhere again and again");
    }

    private record Request(
            CurrentUser student, UUID attemptId, Assignment assignment, List<Move> moves, Instant sentAt) {}

    /** Null when the fold is behind the database. */
    private Result make(Request asked, CachedAttempt cached) {
        List<Move> moves = asked.moves;
        Assignment assignment = asked.assignment;
        TimeWindow usual = assignment.window(cached.holderId);
        TimeWindow window = cached.askedFor ? new TimeWindow(usual.opensAt(), usual.dueAt(), null) : usual;
        Instant madeAt = cached.madeAt;
        AttemptState before = cached.state;
        Instant at = now();
        AttemptState state = before;
        List<Judged> made = new ArrayList<>(moves.size());
        Map<UUID, Verdict> verdicts = new HashMap<>();
        AttemptState beforeHandIn = null;
        Map<UUID, Optional<Verdict>> fresh = new HashMap<>();
        for (int i = 0; i < moves.size(); i++) {
            Move move = moves.get(i);
            Optional<Verdict> told = cached.seen.getOrDefault(move.id(), fresh.get(move.id()));
            if (told == null) {
                Instant put = DeviceClock.put(move.deviceTime(), asked.sentAt, at, madeAt);
                Instant thisAt = DeviceClock.decides(put, at);
                Optional<BlockReason> barred =
                        BlockReason.move(assignment.terms(), assignment.control(), window, move.act(), thisAt);
                if (barred.isPresent()) {
                    return new NotNow(i, barred.get());
                }
                if (seen.tellsTooMuch(assignment, state, move.act())) {
                    return new NoneMade(
                            i,
                            new MoveResult.Refused(
                                    MoveResult.Rule.SOLUTION_NOT_SHOWN, Message.of("move.solution-not-shown")));
                }
                MoveResult result = state.with(move, cached.rules, thisAt);
                if (result instanceof MoveResult.Refused refused) {
                    return new NoneMade(i, refused);
                }
                Made done = (Made) result;
                beforeHandIn = move.act() instanceof Act.HandIn ? state : beforeHandIn;
                StateChange change =
                        StateChange.isKeptFor(move.act()) ? StateChange.between(state, done.state()) : null;
                state = done.state();
                told = done.verdict();
                fresh.put(move.id(), told);
                made.add(new Judged(move, told, done.outcomes(), change, at, put, asked.student.id()));
                madeAt = put;
            }
            told.ifPresent(verdict -> verdicts.put(move.id(), verdict));
        }
        NoneMade unheard = keepSounds(asked, made);
        if (unheard != null) {
            return unheard;
        }
        int solved = state.solved(cached.rules);
        if (!made.isEmpty()) {
            Append append = new Append(
                    asked.student.schoolId(),
                    asked.attemptId,
                    cached.version.id(),
                    cached.state.seq(),
                    made,
                    state,
                    solved);
            if (beforeHandIn != null) {
                seen.handingIn(assignment, asked.attemptId, cached.version, beforeHandIn);
            }
            if (!writer.write(append)) {
                return null;
            }
            cached.state = state;
            cached.madeAt = madeAt;
            Judged handIn = append.handIn();
            if (handIn != null) {
                cached.handedInAt = handIn.at();
                cached.handedInMadeAt = handIn.madeAt();
            }
            cached.seen.putAll(fresh);
        }
        if (assignment.terms().apart()) {
            // A move that came again was not looked at again, so what it says of its page is no proof.
            state = PathProgress.at(state, cached.rules, pageOf(moves, state), at);
        }
        state = seen.of(assignment, asked.attemptId, cached.version, state);
        boolean cameAgain = made.size() < moves.size();
        Map<String, PieceState> changed = cameAgain ? state.pieces() : changed(before, state);
        return new AllMade(
                cameAgain
                        ? Optional.empty()
                        : Optional.of(seen.of(assignment, asked.attemptId, cached.version, before)),
                state,
                Progress.of(state, cached.rules, at),
                verdicts,
                cached.rules.broughtUp(state),
                cached.rules.said(changed),
                PathProgress.of(state, cached.rules, at),
                opened.between(cached, cameAgain ? null : before, state, at));
    }

    /** The page that whoever made these moves is on. */
    private static String pageOf(List<Move> moves, AttemptState state) {
        String page = state.pageId();
        for (Move move : moves) {
            page = move.act().pageId() == null ? page : move.act().pageId();
        }
        return page;
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

    /** Before their moves are written: what is on a page is never cleared away. @return null when all are there */
    private NoneMade keepSounds(Request asked, List<Judged> made) {
        for (Judged one : made) {
            if (one.move().act() instanceof Act.Say say
                    && !recordings.keep(asked.student, say.recording().file().sha256())) {
                return new NoneMade(
                        asked.moves.indexOf(one.move()),
                        new MoveResult.Refused(MoveResult.Rule.NO_SUCH_SOUND, Message.of("move.no-such-sound")));
            }
        }
        return null;
    }

    /** In microseconds, as the database keeps it, so that a fold read anew judges by the very same time. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
