package gladtile.server.checking;

import gladtile.core.check.Finding;
import gladtile.server.accounts.Who;
import gladtile.server.activities.Activities;
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
@RequestMapping("/api/activities/{id}/check")
class CheckController {
    /** A list that long is no longer read; the rest shows when these are mended. */
    private static final int MOST = 500;

    private final Activities activities;
    private final Checks checks;

    CheckController(Activities activities, Checks checks) {
        this.activities = activities;
        this.checks = checks;
    }

    /**
     * @param seq of the activity that was checked
     * @param total how many were found; the first {@link #MOST} are here
     * @param passed kinds of trouble of which none was found
     */
    record CheckedPages(long seq, int total, List<Found> findings, int passed, Map<String, PageWorth> worth) {}

    @GetMapping
    CheckedPages check(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        Activities.Current current = activities.read(who, id).orElseThrow(() -> Problem.notThere("activity"));
        List<Finding> findings = checks.of(who.schoolId(), id, current.activity());
        List<Found> found = findings.stream()
                .limit(MOST)
                .map(finding -> Found.of(finding, current.activity().key()))
                .toList();
        long kinds = findings.stream().map(Finding::kind).distinct().count();
        return new CheckedPages(
                current.seq(),
                findings.size(),
                found,
                (int) (Finding.Kind.values().length - kinds),
                PageWorth.of(current.activity()));
    }
}
