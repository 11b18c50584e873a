package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.AssignmentControl;
import gladtile.core.assigned.Extension;
import gladtile.core.assigned.WallTime;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.support.Problem;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher does with an assignment while it runs. Of a series, with all of it. */
@RestController
@RequestMapping("/api/v1/assignments/{id}")
class ControlController {
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final Clock clock;

    ControlController(AssignmentService assignments, AssigneeDirectory assignees, Clock clock) {
        this.assignments = assignments;
        this.assignees = assignees;
        this.clock = clock;
    }

    /** @param words what stands on the resting pages; may be empty */
    record PauseRequest(String words) {
        PauseRequest {
            words = Bounds.text("pause.words", words == null ? "" : words, 1_000);
        }
    }

    /**
     * @param until as the clock on the wall shows it; absent for as everybody
     * @param moreSeconds on top of the time limit; absent for none
     */
    record ExtendRequest(
            @JsonInclude(Include.NON_NULL) LocalDateTime until,
            @JsonInclude(Include.NON_NULL) Integer moreSeconds) {}

    record FreshCode(String joinCode) {}

    /** Everybody's pages rest. */
    @PutMapping("/pause")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void pause(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody PauseRequest asked) {
        control(
                user,
                id,
                was -> new AssignmentControl(
                        was.pausedAt() == null ? now() : was.pausedAt(),
                        asked.words(),
                        was.closedAt(),
                        was.withdrawnAt()));
    }

    @DeleteMapping("/pause")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void resume(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        control(user, id, was -> new AssignmentControl(null, "", was.closedAt(), was.withdrawnAt()));
    }

    /** Nothing can be changed any more; handing in still can be done. */
    @PutMapping("/editing-lock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lockEditing(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        control(
                user,
                id,
                was -> new AssignmentControl(
                        was.pausedAt(),
                        was.words(),
                        was.closedAt() == null ? now() : was.closedAt(),
                        was.withdrawnAt()));
    }

    @DeleteMapping("/editing-lock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unlockEditing(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        control(user, id, was -> new AssignmentControl(was.pausedAt(), was.words(), null, was.withdrawnAt()));
    }

    /** No student sees it any more; what they did is kept. */
    @PutMapping("/withdrawal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        control(user, id, was -> new AssignmentControl(was.pausedAt(), was.words(), was.closedAt(), now()));
    }

    @DeleteMapping("/withdrawal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undoWithdrawal(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        control(user, id, was -> new AssignmentControl(was.pausedAt(), was.words(), was.closedAt(), null));
    }

    /** Other dates and rules than those it was given with; the sharing stays. */
    @PutMapping("/terms")
    AssignTerms terms(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TermsRequest asked) {
        Assignment assignment = mine(user, id);
        AssignTerms was = assignment.terms();
        AssignTerms now = asked.terms();
        if (now.shared() != was.shared() || now.mixes() != was.mixes() || !same(now.seconds(), was.seconds())) {
            throw Problem.rule(
                    "FROZEN",
                    "Who works on what, the order of the pieces and the time limit stay as they were given. "
                            + "Nothing was changed. Assign it anew to change them.");
        }
        assignments.series(assignment).forEach(one -> assignments.setTerms(one, now));
        return now;
    }

    /** An empty request takes the extension back. */
    @PutMapping("/extensions/{holderId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void extend(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID holderId,
            @RequestBody ExtendRequest asked) {
        Assignment assignment = mine(user, id);
        if (assignees.find(assignment, holderId).isEmpty()) {
            throw Problem.notThere("student");
        }
        Extension extension = null;
        if (asked.until() != null || asked.moreSeconds() != null) {
            Instant until = asked.until() == null
                    ? null
                    : WallTime.at(
                            "extension.until", asked.until(), assignment.terms().where());
            extension = new Extension(until, asked.moreSeconds()).fits(assignment.terms());
        }
        for (Assignment one : assignments.series(assignment)) {
            assignments.extend(one, holderId, extension);
        }
    }

    @PostMapping("/join-codes")
    FreshCode code(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return new FreshCode(assignments.newJoinCode(mine(user, id)));
    }

    private void control(CurrentUser user, UUID id, UnaryOperator<AssignmentControl> change) {
        for (Assignment one : assignments.series(mine(user, id))) {
            assignments.control(one, change.apply(one.control()));
        }
    }

    private Assignment mine(CurrentUser user, UUID id) {
        return assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    /** In microseconds, as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static boolean same(Integer one, Integer other) {
        return one == null ? other == null : one.equals(other);
    }
}
