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
    VersionUpdateService.Account preview(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id) {
        return versionUpdates.preview(who, mine(who, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping
    VersionUpdateService.Account updateVersion(@AuthenticationPrincipal CurrentUser who, @PathVariable UUID id) {
        return versionUpdates.updateVersion(who, mine(who, id)).orElseThrow(() -> Problem.notThere("activity"));
    }

    private Assignment mine(CurrentUser who, UUID id) {
        return assignments.read(who, id).orElseThrow(() -> Problem.notThere("assignment"));
    }
}
