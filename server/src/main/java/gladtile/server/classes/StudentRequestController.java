package gladtile.server.classes;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.classes.StudentRequestService.StudentRequest;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What colleagues ask for: to have a teacher's students in a class of theirs too. */
@RestController
@RequestMapping("/api/v1/student-requests")
class StudentRequestController {
    private final StudentRequestService requests;

    StudentRequestController(StudentRequestService requests) {
        this.requests = requests;
    }

    /** @param yes whether the students come to that class; else nothing is changed for anybody */
    record StudentRequestAnswer(boolean yes) {}

    @GetMapping
    PagedList<StudentRequest> list(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(requests.toAnswer(user), one -> one.classId() + one.by(), paging);
    }

    @PutMapping("/{classId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID classId,
            @RequestBody StudentRequestAnswer asked) {
        requests.answer(user, classId, asked.yes()).orElseThrow(() -> Problem.notThere("request"));
    }
}
