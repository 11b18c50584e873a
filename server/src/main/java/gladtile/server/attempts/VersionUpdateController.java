package gladtile.server.attempts;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Bringing an assignment to a newer version. */
@RestController
@RequestMapping("/api/v1/assignments/{id}/version-update")
class VersionUpdateController {
    private final AssignmentService assignments;
    private final VersionUpdateService versionUpdates;

    VersionUpdateController(AssignmentService assignments, VersionUpdateService versionUpdates) {
        this.assignments = assignments;
        this.versionUpdates = versionUpdates;
    }

    /** What it would change, for whom; nothing is changed. */
    @GetMapping
    VersionUpdateService.Account preview(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return versionUpdates.preview(user, mine(user, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping
    VersionUpdateService.Account updateVersion(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return versionUpdates.updateVersion(user, mine(user, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    private Assignment mine(CurrentUser user, UUID id) {
        return assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
    }
}
