package gladtile.server.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.assigned.ResultVisibility;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.core.page.FileRef;
import gladtile.core.review.PinnedWords;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.attempts.AttemptService;
import gladtile.server.attempts.AttemptService.Opened;
import gladtile.server.review.ReviewService.Kept;
import gladtile.server.support.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What came back, for the student, and going on with it. */
@RestController
@RequestMapping("/api/v1/attempts/{id}")
class ReturnedController {
    private final AttemptService attempts;
    private final ReviewService reviews;
    private final Clock clock;

    ReturnedController(AttemptService attempts, ReviewService reviews, Clock clock) {
        this.attempts = attempts;
        this.reviews = reviews;
        this.clock = clock;
    }

    /**
     * A review as the student sees it: nothing of what was not sent, and no reason that a teacher noted.
     *
     * @param sent whether the teacher sent it back; else only whether it may be tried again is told
     * @param right the placements that are right, where that may be known
     * @param mayImprove whether a new round can be begun now
     */
    record Returned(
            boolean sent,
            @JsonInclude(Include.NON_NULL) Instant sentAt,
            String words,
            @JsonInclude(Include.NON_NULL) Score score,
            List<PinnedWords> pins,
            @JsonInclude(Include.NON_NULL) FileRef voice,
            boolean mayImprove) {}

    @GetMapping("/review")
    Returned returned(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        Opened opened = own(user, id);
        if (opened.round() > 1 && opened.state().standing() != Standing.HANDED_IN) {
            // While it is improved, what was said of the round before is what one goes by.
            return attempts.roundBefore(user.schoolId(), opened)
                    .flatMap(before -> reviews.sent(user.schoolId(), before))
                    .map(kept -> new Returned(
                            true,
                            kept.sentAt(),
                            kept.sent().words(),
                            null,
                            kept.sent().pins(),
                            kept.sent().voice(),
                            false))
                    .orElseGet(() -> new Returned(false, null, "", null, List.of(), null, false));
        }
        return reviews.sent(user.schoolId(), id)
                .map(kept -> new Returned(
                        true,
                        kept.sentAt(),
                        kept.sent().words(),
                        opened.assignment().terms().seen() == ResultVisibility.NOTHING && kept.score() == null
                                ? null
                                : kept.score(),
                        kept.sent().pins(),
                        kept.sent().voice(),
                        mayImprove(user, opened, kept)))
                .orElseGet(() ->
                        new Returned(false, null, "", null, List.of(), null, mayImprove(user, opened, Kept.NONE)));
    }

    /** Begins the next round, from where the last one ended. */
    @PostMapping("/rounds")
    @ResponseStatus(HttpStatus.CREATED)
    NextRound improve(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        Opened opened = own(user, id);
        Kept kept = reviews.sent(user.schoolId(), id).orElse(Kept.NONE);
        if (!mayImprove(user, opened, kept)) {
            throw Problem.rule("NO_MORE_ROUNDS", "This cannot be improved now. What you handed in is kept.");
        }
        boolean asked = kept.sentAt() != null && kept.sent().mayImprove();
        Opened next = attempts.nextRound(opened, asked);
        return new NextRound(next.id(), next.round());
    }

    record NextRound(UUID attemptId, int round) {}

    private boolean mayImprove(CurrentUser user, Opened opened, Kept kept) {
        if (!attempts.goesOn(user, opened)) {
            return false;
        }
        if (opened.state().standing() != Standing.HANDED_IN || opened.round() >= Bounds.ROUNDS) {
            return false;
        }
        TimeWindow.Stage stage =
                opened.assignment().window(opened.assignee().id()).at(clock.instant());
        Integer rounds = opened.assignment().terms().rounds();
        boolean byThemselves = rounds != null && opened.round() < rounds;
        boolean asked = kept.sentAt() != null && kept.sent().mayImprove();
        // What a teacher sends back to be improved is open again, whatever the dates say.
        return asked || byThemselves && stage != TimeWindow.Stage.CLOSED;
    }

    private Opened own(CurrentUser user, UUID id) {
        return attempts.own(user, id).orElseThrow(() -> Problem.notThere("attempt"));
    }
}
