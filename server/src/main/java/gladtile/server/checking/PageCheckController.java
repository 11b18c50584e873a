package gladtile.server.checking;

import gladtile.core.check.Finding;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The page check of an activity as it is now. */
@RestController
@RequestMapping("/api/v1/activities/{id}/page-check")
class PageCheckController {
    /** A list that long is no longer read; the rest shows when these are mended. */
    private static final int MOST = 500;

    private final ActivityService activities;
    private final PageCheckService checks;

    PageCheckController(ActivityService activities, PageCheckService checks) {
        this.activities = activities;
        this.checks = checks;
    }

    /**
     * @param seq of the activity that was checked
     * @param total how many were found; the first {@link #MOST} are here
     * @param passed kinds of trouble of which none was found
     */
    record CheckedPages(long seq, int total, List<FindingView> findings, int passed, Map<String, PagePoints> worth) {}

    @GetMapping
    CheckedPages check(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        ActivityService.Current current = activities.read(user, id).orElseThrow(() -> Problem.notThere("activity"));
        List<Finding> findings = checks.of(user.schoolId(), id, current.activity());
        List<FindingView> found = findings.stream()
                .limit(MOST)
                .map(finding -> FindingView.of(finding, current.activity().key()))
                .toList();
        long kinds = findings.stream().map(Finding::kind).distinct().count();
        return new CheckedPages(
                current.seq(),
                findings.size(),
                found,
                (int) (Finding.Kind.values().length - kinds),
                PagePoints.of(current.activity()));
    }
}
