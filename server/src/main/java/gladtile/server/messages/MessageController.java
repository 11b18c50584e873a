package gladtile.server.messages;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptService;
import gladtile.server.attempts.AttemptService.Opened;
import gladtile.server.live.StudentNews;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A word to one or to all, and the line on which a student's page hears of it. */
@RestController
class MessageController {
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final AttemptService attempts;
    private final MessageService words;
    private final StudentNews news;

    MessageController(
            AssignmentService assignments,
            AssigneeDirectory assignees,
            AttemptService attempts,
            MessageService words,
            StudentNews news) {
        this.assignments = assignments;
        this.assignees = assignees;
        this.attempts = attempts;
        this.words = words;
        this.news = news;
    }

    /** @param holderId a student or team; absent for all */
    record SayRequest(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID holderId, String words) {
        SayRequest {
            if (Bounds.text("say.words", words, Bounds.SAID_LENGTH).isBlank()) {
                throw new OutOfBounds("say.words", Message.of("bound.say.words"));
            }
        }
    }

    @PostMapping("/api/v1/assignments/{id}/messages")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody SayRequest asked) {
        Assignment assignment = assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
        if (asked.holderId() != null
                && assignees.find(assignment, asked.holderId()).isEmpty()) {
            throw Problem.notThere("student");
        }
        words.say(user, assignment, asked.holderId(), asked.words());
    }

    @GetMapping("/api/v1/attempts/{id}/messages")
    PagedList<MessageService.Word> heard(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        Opened opened = own(user, id);
        return PagedList.of(words.to(opened.assignment(), opened.assignee().id()), MessageService.Word::id, paging);
    }

    /** Server-sent events: {@code moved} when the work changed, {@code around} when something around it did. */
    @GetMapping(path = "/api/v1/attempts/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return news.open(SessionService.listener(user), own(user, id));
    }

    private Opened own(CurrentUser user, UUID id) {
        return attempts.own(user, id).orElseThrow(() -> Problem.notThere("attempt"));
    }
}
