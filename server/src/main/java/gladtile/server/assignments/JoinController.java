package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.SignIn;
import gladtile.server.accounts.SignInResponses;
import gladtile.server.accounts.SignInSource;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How students come in: a code, their name in the class list, their PIN. */
@RestController
@RequestMapping("/api/v1/join/{code}")
class JoinController {
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final ClassService classes;
    private final SignIn signIn;
    private final SessionService sessions;

    JoinController(
            AssignmentService assignments,
            AssigneeDirectory assignees,
            ClassService classes,
            SignIn signIn,
            SessionService sessions) {
        this.assignments = assignments;
        this.assignees = assignees;
        this.classes = classes;
        this.signIn = signIn;
        this.sessions = sessions;
    }

    /** What stands behind a code: enough to find one's own name, nothing of the activity. @param language of the class */
    record JoinView(String title, String className, List<Student> students, String language) {}

    /** @param pin four digits, or the names of the pictures with hyphens between them */
    record PinRequest(UUID studentId, String pin) {
        PinRequest {
            Bounds.present("join.studentId", studentId);
            Bounds.text("join.pin", pin, 60);
        }
    }

    /** @param assignmentId absent where the code is that of the class */
    record Joined(@JsonInclude(JsonInclude.Include.NON_NULL) UUID assignmentId, String name) {}

    /** Where a code leads. @param code what it leads to @param assignment null where it is the code of a class */
    private record Door(
            UUID schoolId,
            String code,
            String title,
            UUID classId,
            String className,
            List<Student> students,
            Assignment assignment) {}

    @GetMapping
    JoinView look(@PathVariable String code, HttpServletRequest request) {
        Door door = door(code, request);
        return new JoinView(
                door.title(), door.className(), door.students(), classes.language(door.schoolId(), door.classId()));
    }

    @PostMapping("/session")
    Joined signIn(
            @PathVariable String code,
            @RequestBody PinRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        Door door = door(code, request);
        boolean known = door.students().stream().anyMatch(one -> one.id().equals(asked.studentId()));
        SignIn.Result result = known
                ? signIn.student(door.schoolId(), door.code(), asked.studentId(), asked.pin(), SignInSource.of(request))
                : new SignIn.Wrong(SignIn.UNTOLD);
        CurrentUser user = SignInResponses.welcomed(result, SignInResponses.Door.PIN, sessions, request, response);
        return new Joined(door.assignment() == null ? null : door.assignment().id(), user.name());
    }

    private Door door(String code, HttpServletRequest request) {
        SignInSource from = SignInSource.of(request);
        signIn.codesWait(from).ifPresent(wait -> {
            throw SignInResponses.waiting(wait, "join.codes");
        });
        Optional<Door> found = assignments
                .byCode(code)
                // With its class a code ends too.
                .filter(one -> !classes.isArchived(one.schoolId(), one.classId()))
                .map(one -> new Door(
                        one.schoolId(),
                        one.id().toString(),
                        one.title(),
                        one.classId(),
                        one.className(),
                        assignees.students(one),
                        one))
                .or(() -> classes.byCode(code)
                        .map(one -> new Door(
                                one.schoolId(),
                                one.id().toString(),
                                "",
                                one.id(),
                                one.name(),
                                classes.students(one.schoolId(), one.id()),
                                null)));
        return found.orElseGet(() -> {
            signIn.codeFailed(from);
            throw Problem.of(HttpStatus.NOT_FOUND, Message.of("problem.no-such-code"));
        });
    }
}
