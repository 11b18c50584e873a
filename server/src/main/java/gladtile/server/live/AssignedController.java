package gladtile.server.live;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.assigned.AssignTerms;
import gladtile.server.accounts.Sessions;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Workers;
import gladtile.server.attempts.Attempts;
import gladtile.server.live.Quilts.Left;
import gladtile.server.support.Problem;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What a teacher sees of what they gave out. */
@RestController
@RequestMapping("/api/assignments")
class AssignedController {
    private final Assignments assignments;
    private final Attempts attempts;
    private final Workers workers;
    private final Quilts quilts;
    private final LiveNews news;

    AssignedController(Assignments assignments, Attempts attempts, Workers workers, Quilts quilts, LiveNews news) {
        this.assignments = assignments;
        this.attempts = attempts;
        this.workers = workers;
        this.quilts = quilts;
        this.news = news;
    }

    /** An assignment as a list shows it. */
    record AssignedHead(
            UUID id,
            UUID activityId,
            UUID classId,
            String title,
            String className,
            String joinCode,
            OffsetDateTime assignedAt,
            AssignTerms terms,
            boolean withdrawn,
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID seriesId,
            int position,
            int students,
            int joined,
            int handedIn) {}

    @GetMapping
    List<AssignedHead> list(@AuthenticationPrincipal Who who) {
        List<Assignment> all = assignments.of(who);
        Map<UUID, Attempts.Counts> counts =
                attempts.counts(who.schoolId(), all.stream().map(Assignment::id).toList());
        return all.stream().map(assignment -> head(assignment, counts)).toList();
    }

    @GetMapping("/{id}/quilt")
    Quilt quilt(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return quilts.of(who, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    /** Server-sent events: {@code row} with a student's new row whenever their work changed. */
    @GetMapping(path = "/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        assignments.read(who, id).orElseThrow(() -> Problem.notThere("assignment"));
        return news.open(Sessions.listener(who), who.schoolId(), id);
    }

    @GetMapping("/{id}/students/{studentId}")
    Left left(
            @AuthenticationPrincipal Who who,
            @PathVariable UUID id,
            @PathVariable UUID studentId,
            @RequestParam(required = false) Integer round) {
        return quilts.left(who, id, studentId, round).orElseThrow(() -> Problem.notThere("student's work"));
    }

    private AssignedHead head(Assignment assignment, Map<UUID, Attempts.Counts> counts) {
        Attempts.Counts count = counts.getOrDefault(assignment.id(), Attempts.Counts.NONE);
        return new AssignedHead(
                assignment.id(),
                assignment.activityId(),
                assignment.classId(),
                assignment.title(),
                assignment.className(),
                assignment.joinCode(),
                assignment.assignedAt(),
                assignment.terms(),
                assignment.control().withdrawnAt() != null,
                assignment.seriesId(),
                assignment.position(),
                workers.of(assignment).size(),
                count.joined(),
                count.handedIn());
    }
}
