package gladtile.server.live;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.assigned.AssignTerms;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptService;
import gladtile.server.live.ProgressService.Left;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
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
@RequestMapping("/api/v1/assignments")
class AssignedController {
    private final AssignmentService assignments;
    private final AttemptService attempts;
    private final AssigneeDirectory assignees;
    private final ProgressService progress;
    private final LiveNews news;

    AssignedController(
            AssignmentService assignments,
            AttemptService attempts,
            AssigneeDirectory assignees,
            ProgressService progress,
            LiveNews news) {
        this.assignments = assignments;
        this.attempts = attempts;
        this.assignees = assignees;
        this.progress = progress;
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
    PagedList<AssignedHead> list(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        List<Assignment> all = assignments.of(user);
        Map<UUID, AttemptService.Counts> counts = attempts.counts(
                user.schoolId(), all.stream().map(Assignment::id).toList());
        return PagedList.of(
                all.stream().map(assignment -> head(assignment, counts)).toList(), AssignedHead::id, paging);
    }

    @GetMapping("/{id}/progress")
    ProgressTable table(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return progress.of(user, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    /** Server-sent events: {@code row} with a student's new row whenever their work changed. */
    @GetMapping(path = "/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
        return news.open(SessionService.listener(user), user.schoolId(), id);
    }

    @GetMapping("/{id}/students/{studentId}")
    Left left(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID studentId,
            @RequestParam(required = false) Integer round) {
        return progress.left(user, id, studentId, round).orElseThrow(() -> Problem.notThere("student's work"));
    }

    private AssignedHead head(Assignment assignment, Map<UUID, AttemptService.Counts> counts) {
        AttemptService.Counts count = counts.getOrDefault(assignment.id(), AttemptService.Counts.NONE);
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
                assignees.of(assignment).size(),
                count.joined(),
                count.handedIn());
    }
}
