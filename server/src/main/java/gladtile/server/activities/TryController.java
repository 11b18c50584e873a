package gladtile.server.activities;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.OtherSide;
import gladtile.core.activity.Speech;
import gladtile.core.answer.Verdict;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Progress;
import gladtile.core.present.Presented;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.ComputingBudget;
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

/** Trying an activity as a student: the same view, the same judge; nothing is kept. */
@RestController
@RequestMapping("/api/v1/activities/{id}/tries")
class TryController {
    private static final int MOST_MOVES = 2_000;
    /** All are judged anew at each move of a try, and one may cost some tens of milliseconds. */
    private static final int MOST_TYPED = 200;

    private final ActivityService activities;

    private final Clock clock;

    private final ComputingBudget budget;

    TryController(ActivityService activities, Clock clock, ComputingBudget budget) {
        this.budget = budget;
        this.activities = activities;
        this.clock = clock;
    }

    /**
     * @param moves all moves of this try from its start, since the server remembers none
     * @param presented every page is open and nothing is counted down, as in front of a class; absent for as students have it
     */
    record TryRequest(List<Move> moves, Boolean presented) {
        TryRequest {
            Bounds.count("try.moves", Bounds.present("try.moves", moves).size(), MOST_MOVES);
            moves.forEach(move -> Bounds.present("move", move));
            int typed = (int) moves.stream()
                    .filter(move -> move.act() instanceof Act.Type)
                    .count();
            Bounds.count("try.typed", typed, MOST_TYPED);
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
    Tried attempt(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id, @RequestBody TryRequest asked) {
        Activity made = activities
                .read(who, id)
                .orElseThrow(() -> Problem.notThere("activity"))
                .activity();
        Activity activity = Boolean.TRUE.equals(asked.presented()) ? Presented.of(made) : made;
        int typed = (int) asked.moves().stream()
                .filter(move -> move != null && move.act() instanceof Act.Type)
                .count();
        return budget.spend(who.id(), typed, () -> tried(activity, asked));
    }

    private Tried tried(Activity activity, TryRequest asked) {
        AttemptRules rules = AttemptRules.of(activity);
        Instant began =
                asked.moves().isEmpty() ? clock.instant() : asked.moves().get(0).deviceTime();
        AttemptState state = AttemptState.start(rules, began);
        Verdict verdict = null;
        for (Move move : asked.moves()) {
            MoveResult result = state.with(Bounds.present("move", move), rules);
            if (result instanceof MoveResult.Refused refused) {
                throw Problem.rule(refused.rule().name(), refused.message() + ".");
            }
            MoveResult.Made made = (MoveResult.Made) result;
            state = made.state();
            verdict = made.verdict().orElse(null);
        }
        Instant now = clock.instant();
        return new Tried(
                StudentView.of(activity, rules, PathProgress.open(state, rules, now)),
                state,
                rules.placements().size(),
                Progress.of(state, rules, now),
                verdict,
                rules.broughtUp(state),
                rules.said(state.pieces()),
                PathProgress.of(state, rules, now));
    }
}
