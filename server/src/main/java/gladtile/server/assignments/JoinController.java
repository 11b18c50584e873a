package gladtile.server.assignments;

import gladtile.core.Bounds;
import gladtile.server.accounts.Sessions;
import gladtile.server.accounts.SignIn;
import gladtile.server.accounts.SignInAnswers;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.classes.Classes;
import gladtile.server.classes.Classes.Student;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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
    private final Classes classes;
    private final SignIn signIn;
    private final Sessions sessions;

    JoinController(Assignments assignments, Classes classes, SignIn signIn, Sessions sessions) {
        this.assignments = assignments;
        this.classes = classes;
        this.signIn = signIn;
        this.sessions = sessions;
    }

    /** What stands behind a code: enough to find one's own name, nothing of the activity. */
    record JoinView(String title, String className, List<Student> students) {}

    record PinRequest(UUID studentId, String pin) {
        PinRequest {
            Bounds.present("join.studentId", studentId);
            Bounds.text("join.pin", pin, 20);
        }
    }

    record Joined(UUID assignmentId, String name) {}

    @GetMapping
    JoinView look(@PathVariable String code, HttpServletRequest request) {
        Assignment assignment = assignment(code, request);
        return new JoinView(
                assignment.title(),
                assignment.className(),
                classes.students(assignment.schoolId(), assignment.classId()));
    }

    @PostMapping("/sign-in")
    Joined signIn(
            @PathVariable String code,
            @RequestBody PinRequest asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        Assignment assignment = assignment(code, request);
        boolean inClass = classes.isMember(assignment.schoolId(), assignment.classId(), asked.studentId());
        SignIn.Result result =
                inClass ? signIn.student(assignment.schoolId(), asked.studentId(), asked.pin()) : new SignIn.Wrong();
        Who who = SignInAnswers.welcomed(result, "name and PIN", sessions, request, response);
        return new Joined(assignment.id(), who.name());
    }

    private Assignment assignment(String code, HttpServletRequest request) {
        String address = request.getRemoteAddr();
        if (!signIn.mayTryCodes(address)) {
            throw Problem.of(HttpStatus.TOO_MANY_REQUESTS, "Too many codes were tried from here. Wait 10 minutes.")
                    .with("bound", "join.codes");
        }
        return assignments.byCode(code).orElseGet(() -> {
            signIn.codeFailed(address);
            throw Problem.of(HttpStatus.NOT_FOUND, "No class has that code. Look at the board and try again.");
        });
    }
}
