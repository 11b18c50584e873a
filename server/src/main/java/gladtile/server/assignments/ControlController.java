package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.Control;
import gladtile.core.assigned.Extension;
import gladtile.core.assigned.WallTime;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.support.Problem;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a teacher does with an assignment while it runs. Of a series, with all of it. */
@RestController
@RequestMapping("/api/assignments/{id}")
class ControlController {
    private final Assignments assignments;
    private final Workers workers;
    private final Clock clock;

    ControlController(Assignments assignments, Workers workers, Clock clock) {
        this.assignments = assignments;
        this.workers = workers;
        this.clock = clock;
    }

    /** @param words what stands on the resting pages; may be empty */
    record HoldRequest(String words) {
        HoldRequest {
            words = Bounds.text("hold.words", words == null ? "" : words, 1_000);
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
    @PostMapping("/hold")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hold(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody HoldRequest asked) {
        control(
                who,
                id,
                was -> new Control(
                        was.heldAt() == null ? now() : was.heldAt(), asked.words(), was.shutAt(), was.withdrawnAt()));
    }

    @PostMapping("/go-on")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void goOn(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        control(who, id, was -> new Control(null, "", was.shutAt(), was.withdrawnAt()));
    }

    /** Nothing can be changed any more; handing in still can be done. */
    @PostMapping("/shut")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void shut(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        control(
                who,
                id,
                was -> new Control(
                        was.heldAt(), was.words(), was.shutAt() == null ? now() : was.shutAt(), was.withdrawnAt()));
    }

    @PostMapping("/open-again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void openAgain(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        control(who, id, was -> new Control(was.heldAt(), was.words(), null, was.withdrawnAt()));
    }

    /** No student sees it any more; what they did is kept. */
    @PostMapping("/withdraw")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        control(who, id, was -> new Control(was.heldAt(), was.words(), was.shutAt(), now()));
    }

    @PostMapping("/give-again")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void giveAgain(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        control(who, id, was -> new Control(was.heldAt(), was.words(), was.shutAt(), null));
    }

    /** Other dates and rules than those it was given with; the sharing stays. */
    @PostMapping("/terms")
    AssignTerms terms(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody TermsAsked asked) {
        Assignment assignment = mine(who, id);
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
    @PostMapping("/extensions/{holderId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void extend(
            @AuthenticationPrincipal Who who,
            @PathVariable UUID id,
            @PathVariable UUID holderId,
            @RequestBody ExtendRequest asked) {
        Assignment assignment = mine(who, id);
        if (workers.of(assignment).stream().noneMatch(one -> one.id().equals(holderId))) {
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

    @PostMapping("/code")
    FreshCode code(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return new FreshCode(assignments.renewCode(mine(who, id)));
    }

    private void control(Who who, UUID id, UnaryOperator<Control> change) {
        for (Assignment one : assignments.series(mine(who, id))) {
            assignments.control(one, change.apply(one.control()));
        }
    }

    private Assignment mine(Who who, UUID id) {
        return assignments.read(who, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    /** In microseconds, as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static boolean same(Integer one, Integer other) {
        return one == null ? other == null : one.equals(other);
    }
}
