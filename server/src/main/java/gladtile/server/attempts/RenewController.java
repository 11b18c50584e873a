package gladtile.server.attempts;

import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Bringing an assignment to a newer edition. */
@RestController
@RequestMapping("/api/assignments/{id}/renew")
class RenewController {
    private final Assignments assignments;
    private final Renewals renewals;

    RenewController(Assignments assignments, Renewals renewals) {
        this.assignments = assignments;
        this.renewals = renewals;
    }

    /** What it would change, for whom; nothing is changed. */
    @GetMapping
    Renewals.Account preview(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return renewals.preview(who, mine(who, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping
    Renewals.Account renew(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return renewals.renew(who, mine(who, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    private Assignment mine(Who who, UUID id) {
        return assignments.read(who, id).orElseThrow(() -> Problem.notThere("assignment"));
    }
}
