package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.server.accounts.Sessions;
import gladtile.server.accounts.SignIn;
import gladtile.server.accounts.SignInAnswers;
import gladtile.server.accounts.Source;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.classes.Classes;
import gladtile.server.classes.Classes.Student;
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
@RequestMapping("/api/join/{code}")
class JoinController {
    private final Assignments assignments;
    private final Workers workers;
    private final Classes classes;
    private final SignIn signIn;
    private final Sessions sessions;

    JoinController(Assignments assignments, Workers workers, Classes classes, SignIn signIn, Sessions sessions) {
        this.assignments = assignments;
        this.workers = workers;
        this.classes = classes;
        this.signIn = signIn;
        this.sessions = sessions;
    }

    /** What stands behind a code: enough to find one's own name, nothing of the activity. */
    record JoinView(String title, String className, List<Student> students) {}

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
            String className,
            List<Student> students,
            Assignment assignment) {}

    @GetMapping
    JoinView look(@PathVariable String code, HttpServletRequest request) {
        Door door = door(code, request);
        return new JoinView(door.title(), door.className(), door.students());
    }

    @PostMapping("/sign-in")
    Joined signIn(
            @PathVariable String code,
            @RequestBody PinRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        Door door = door(code, request);
        boolean known = door.students().stream().anyMatch(one -> one.id().equals(asked.studentId()));
        SignIn.Result result = known
                ? signIn.student(door.schoolId(), door.code(), asked.studentId(), asked.pin(), Source.of(request))
                : new SignIn.Wrong(SignIn.UNTOLD);
        Who who = SignInAnswers.welcomed(result, SignInAnswers.Door.PIN, sessions, request, response);
        return new Joined(door.assignment() == null ? null : door.assignment().id(), who.name());
    }

    private Door door(String code, HttpServletRequest request) {
        Source from = Source.of(request);
        signIn.codesWait(from).ifPresent(wait -> {
            throw SignInAnswers.waiting(wait, "join.codes");
        });
        Optional<Door> found = assignments
                .byCode(code)
                // With its class a code ends too.
                .filter(one -> !classes.isArchived(one.schoolId(), one.classId()))
                .map(one -> new Door(
                        one.schoolId(), one.id().toString(), one.title(), one.className(), workers.students(one), one))
                .or(() -> classes.byCode(code)
                        .map(one -> new Door(
                                one.schoolId(),
                                one.id().toString(),
                                "",
                                one.name(),
                                classes.students(one.schoolId(), one.id()),
                                null)));
        return found.orElseGet(() -> {
            signIn.codeFailed(from);
            throw Problem.of(HttpStatus.NOT_FOUND, "No class has that code. Look at the board and try again.");
        });
    }
}
