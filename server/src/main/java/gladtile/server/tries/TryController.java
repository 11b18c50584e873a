package gladtile.server.tries;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Progress;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Speech;
import gladtile.core.present.Presented;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.support.ComputingBudget;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Trying an activity as a student: the same view, the same judge; nothing is kept for good. */
@RestController
@RequestMapping("/api/v1/activities/{id}/tries")
class TryController {
    private static final int MOST_MOVES = 2_000;
    /** All are judged anew where a try is told from its start, and one may cost some tens of milliseconds. */
    private static final int MOST_TYPED = 200;

    private final ActivityService activities;
    private final TryMemory memory;
    private final Clock clock;
    private final ComputingBudget budget;

    private final MessageRenderer messages;

    TryController(
            ActivityService activities,
            TryMemory memory,
            Clock clock,
            ComputingBudget budget,
            MessageRenderer messages) {
        this.messages = messages;
        this.activities = activities;
        this.memory = memory;
        this.clock = clock;
        this.budget = budget;
    }

    /**
     * @param tryId by which it can be gone on with; absent where that is not wanted
     * @param after how many moves were made in it before these; absent for none
     * @param moves those that follow
     * @param presented every page is open and nothing is counted down, as in front of a class; absent for as students have it
     */
    record TryRequest(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID tryId,
            @JsonInclude(JsonInclude.Include.NON_NULL) Integer after,
            List<Move> moves,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean presented) {
        TryRequest {
            after = after == null ? 0 : after;
            Bounds.within("try.after", after, 0, MOST_MOVES);
            Bounds.count("try.moves", after + Bounds.present("try.moves", moves).size(), MOST_MOVES);
            moves.forEach(move -> Bounds.present("move", move));
            int typed = (int) moves.stream()
                    .filter(move -> move.act() instanceof Act.Type)
                    .count();
            Bounds.count("try.typed", typed, MOST_TYPED);
        }

        private boolean isPresented() {
            return Boolean.TRUE.equals(presented);
        }
    }

    /**
     * @param verdict of the last move, when it put a piece down
     * @param sides the other sides that settling has brought up
     */
    record Tried(
            StudentView view,
            AttemptState state,
            int placements,
            Progress progress,
            @JsonInclude(JsonInclude.Include.NON_NULL) Verdict verdict,
            Map<String, OtherSide> sides,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Speech> said,
            PathProgress course) {}

    @PostMapping
    Tried attempt(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TryRequest asked) {
        ActivityService.Current current = activities.read(user, id).orElseThrow(() -> Problem.notThere("activity"));
        TryMemory.Key key = asked.tryId() == null
                ? null
                : new TryMemory.Key(user.id(), id, current.seq(), asked.tryId(), asked.isPresented());
        int typed = (int) asked.moves().stream()
                .filter(move -> move.act() instanceof Act.Type)
                .count();
        return budget.spend(user.id(), typed, () -> tried(begun(key, current.activity(), asked), key, asked.moves()));
    }

    /** From where it goes on. */
    private TryMemory.Try begun(TryMemory.Key key, Activity made, TryRequest asked) {
        if (asked.after() > 0) {
            return memory.of(key)
                    .filter(known -> known.state().seq() == asked.after())
                    .orElseThrow(
                            () -> Problem.rule(
                                    "TRY_NOT_KNOWN",
                                    "This try is not remembered, or the activity was changed. Tell all its moves from the start."));
        }
        Activity activity = asked.isPresented() ? Presented.of(made) : made;
        AttemptRules rules = AttemptRules.of(activity);
        Instant began =
                asked.moves().isEmpty() ? clock.instant() : asked.moves().get(0).deviceTime();
        return new TryMemory.Try(activity, rules, AttemptState.start(rules, began));
    }

    private Tried tried(TryMemory.Try begun, TryMemory.Key key, List<Move> moves) {
        AttemptRules rules = begun.rules();
        AttemptState state = begun.state();
        Verdict verdict = null;
        for (Move move : moves) {
            MoveResult result = state.with(move, rules);
            if (result instanceof MoveResult.Refused refused) {
                throw Problem.rule(refused.rule().name(), refused.message());
            }
            MoveResult.Made made = (MoveResult.Made) result;
            state = made.state();
            verdict = made.verdict().orElse(null);
        }
        if (key != null) {
            memory.keep(key, new TryMemory.Try(begun.activity(), rules, state));
        }
        Instant now = clock.instant();
        return new Tried(
                StudentView.of(
                        begun.activity(), rules, PathProgress.open(state, rules, now), messages.on(begun.activity())),
                state,
                rules.placements().size(),
                Progress.of(state, rules, now),
                verdict,
                rules.broughtUp(state),
                rules.said(state.pieces()),
                PathProgress.of(state, rules, now));
    }
}
