package gladtile.server.attempts;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.answer.Verdict;
import gladtile.core.assigned.ResultVisibility;
import gladtile.core.assigned.Sharing;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Progress;
import gladtile.core.json.MergePatch;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Speech;
import gladtile.core.present.Lead;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.lessons.LessonService;
import gladtile.server.support.ComputingBudget;
import gladtile.server.support.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** A student's own work. */
@RestController
@RequestMapping("/api/v1/attempts")
class AttemptController {
    private final AttemptService attempts;
    private final AttemptQueries works;
    private final MoveService mover;
    private final LessonService lessons;
    private final Clock clock;

    private final ComputingBudget budget;

    AttemptController(
            AttemptService attempts,
            AttemptQueries works,
            MoveService mover,
            LessonService lessons,
            Clock clock,
            ComputingBudget budget) {
        this.lessons = lessons;
        this.budget = budget;
        this.attempts = attempts;
        this.works = works;
        this.mover = mover;
        this.clock = clock;
    }

    record OpenRequest(UUID assignmentId) {
        OpenRequest {
            Bounds.present("open.assignmentId", assignmentId);
        }
    }

    /**
     * @param versionId another one once the teacher has brought the work up to the latest version
     * @param sides the other sides that settling has brought up, by the id of the thing
     */
    record AttemptView(
            UUID id,
            UUID assignmentId,
            UUID versionId,
            StudentView view,
            AttemptState state,
            int placements,
            Progress progress,
            Map<String, OtherSide> sides,
            PathProgress course,
            Around around) {}

    /**
     * What holds around an attempt now.
     *
     * @param now by the server's clock
     * @param held whether the teacher holds everyone, with what words
     * @param closed whether the teacher closed editing
     * @param round from 1
     * @param apart whether each of them turns the pages for themselves
     * @param with those who work on it together; empty for one alone
     * @param lead what the wall tells; absent for nothing
     */
    record Around(
            Instant now,
            Sharing sharing,
            TimeWindow window,
            TimeWindow.Stage stage,
            boolean paused,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) String words,
            boolean closed,
            int round,
            boolean apart,
            ResultVisibility after,
            String className,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> with,
            @JsonInclude(JsonInclude.Include.NON_NULL) Lead lead) {}

    /** @param sentAt by the device's clock as the request leaves it, by which a wrong clock is found out */
    record Moves(
            List<Move> moves,
            @JsonInclude(JsonInclude.Include.NON_NULL) Instant sentAt) {
        Moves {
            Bounds.count("moves", Bounds.present("moves", moves).size(), Bounds.MOVES_IN_ONE_REQUEST);
            moves.forEach(move -> Bounds.present("move", move));
            int typed = count(moves, act -> act instanceof Act.Type);
            Bounds.count("moves.typed", typed, Bounds.TYPED_IN_ONE_REQUEST);
            Bounds.time("moves.sentAt", sentAt);
        }

        /** How many of them may judge typed answers. */
        private int judging() {
            return count(
                    moves, act -> act instanceof Act.Type || act instanceof Act.Check || act instanceof Act.HandIn);
        }

        private static int count(List<Move> moves, Predicate<Act> wanted) {
            return (int) moves.stream().map(Move::act).filter(wanted).count();
        }
    }

    /**
     * What moves changed.
     *
     * @param from how many moves had been made in the state that the patch is for; absent where a move came again, and
     *     the patch is for an empty object then
     * @param patch what is otherwise in the state, as JSON Merge Patch (RFC 7396); of what was drawn and said it says
     *     nothing, since that is what was sent
     * @param verdicts by move id, for those that were judged
     * @param opened pages that are open now and were not before
     */
    record Moved(
            long seq,
            @JsonInclude(JsonInclude.Include.NON_NULL) Long from,
            @Schema(implementation = Object.class) JsonNode patch,
            Progress progress,
            Map<UUID, Verdict> verdicts,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, OtherSide> sides,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Speech> said,
            PathProgress course,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<StudentView.StudentPage> opened) {}

    /** Goes on with the student's attempt, or begins it. */
    @PostMapping
    AttemptView open(@AuthenticationPrincipal CurrentUser user, @RequestBody OpenRequest asked) {
        AttemptService.Opening opening =
                attempts.open(user, asked.assignmentId()).orElseThrow(() -> Problem.notThere("assignment"));
        if (opening instanceof AttemptService.NotYet notYet) {
            throw Problem.rule(notYet.barred().name(), notYet.words());
        }
        return view(((AttemptService.Open) opening).opened());
    }

    /**
     * An attempt as it is now: for a second device, and for team mates.
     *
     * @param page that this member of a team is on; passed over where it is not open, or pages are turned together
     */
    @GetMapping("/{id}")
    AttemptView now(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @RequestParam(required = false) String page) {
        AttemptService.Opened opened = attempts.own(user, id).orElseThrow(() -> Problem.notThere("attempt"));
        return view(page == null ? opened : attempts.at(opened, page));
    }

    private AttemptView view(AttemptService.Opened opened) {
        AttemptState seen = attempts.seen(opened);
        AttemptRules rules = opened.version().rules();
        return new AttemptView(
                opened.id(),
                opened.assignment().id(),
                opened.version().id(),
                works.view(opened.version(), seen),
                seen,
                rules.placements().size(),
                works.progress(seen, rules),
                rules.broughtUp(seen),
                works.course(seen, rules),
                around(opened));
    }

    private Around around(AttemptService.Opened opened) {
        AssignmentService.Assignment assignment = opened.assignment();
        Instant now = clock.instant();
        TimeWindow window = assignment.window(opened.assignee().id());
        return new Around(
                now,
                assignment.terms().shared(),
                window,
                window.at(now),
                assignment.control().pausedAt() != null,
                assignment.control().words(),
                assignment.control().closedAt() != null,
                opened.round(),
                assignment.terms().apart() && opened.assignee().team(),
                assignment.terms().seen(),
                assignment.className(),
                opened.assignee().team()
                        ? opened.assignee().members().stream()
                                .map(Student::name)
                                .toList()
                        : List.of(),
                lessons.leadOf(assignment).orElse(null));
    }

    @PostMapping("/{id}/moves")
    Moved move(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Moves asked) {
        MoveService.Result result = budget.spend(
                        user.id(), asked.judging(), () -> mover.move(user, id, asked.moves(), asked.sentAt()))
                .orElseThrow(() -> Problem.notThere("attempt"));
        if (result instanceof MoveService.NoneMade none) {
            throw Problem.rule(
                            none.refused().rule().name(),
                            Problem.unchanged(none.refused().message()))
                    .with("move", none.index());
        }
        if (result instanceof MoveService.NotNow none) {
            throw Problem.rule(
                            none.barred().name(),
                            Problem.unchanged(none.barred().message()))
                    .with("move", none.index());
        }
        MoveService.AllMade made = (MoveService.AllMade) result;
        AttemptState now = made.state();
        return new Moved(
                now.seq(),
                made.before().map(AttemptState::seq).orElse(null),
                MergePatch.between(made.before().map(AttemptState::withoutOwn).orElse(null), now.withoutOwn()),
                made.progress(),
                made.verdicts(),
                made.sides(),
                made.said(),
                made.course(),
                made.opened());
    }
}
