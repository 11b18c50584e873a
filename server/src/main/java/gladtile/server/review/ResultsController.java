package gladtile.server.review;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.Attachment;
import gladtile.server.support.Problem;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What came of an assignment, for its teacher. */
@RestController
@RequestMapping("/api/v1/assignments/{id}/results")
class ResultsController {
    private final ResultsService results;
    private final ActivityLog log;

    ResultsController(ResultsService results, ActivityLog log) {
        this.results = results;
        this.log = log;
    }

    @GetMapping
    ResultsService.Figures figures(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return results.of(user, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    /** For spreadsheets. */
    @GetMapping(path = "/table", produces = "text/csv")
    ResponseEntity<byte[]> table(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        ResultsService.Table table = results.csv(user, id).orElseThrow(() -> Problem.notThere("assignment"));
        log.add(user.schoolId(), user.id(), LogEvent.RESULTS_SAVED, id);
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        Attachment.named("%s, %s, results.csv".formatted(table.title(), table.className())))
                .body(table.csv().getBytes(StandardCharsets.UTF_8));
    }
}
