package gladtile.server.live;

import gladtile.core.activity.OtherSide;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Course;
import gladtile.core.attempt.Progress;
import gladtile.core.attempt.Rules;
import gladtile.core.student.StudentView;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.attempts.Attempts;
import gladtile.server.classes.Classes;
import gladtile.server.classes.Classes.Student;
import gladtile.server.live.Quilt.QuiltPage;
import gladtile.server.live.Quilt.QuiltRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Puts together what a teacher sees of a class at work. */
@Service
class Quilts {
    private final Assignments assignments;
    private final Attempts attempts;
    private final Classes classes;

    Quilts(Assignments assignments, Attempts attempts, Classes classes) {
        this.assignments = assignments;
        this.attempts = attempts;
        this.classes = classes;
    }

    /** A student's work as they left it. */
    record Left(
            String name,
            StudentView view,
            AttemptState state,
            int placements,
            Progress progress,
            Map<String, OtherSide> sides,
            Course course) {}

    Optional<Quilt> of(Who teacher, UUID assignmentId) {
        return assignments.read(teacher, assignmentId).map(assignment -> {
            Assignments.Edition edition = assignments.edition(assignment);
            Map<UUID, AttemptState> states = attempts.states(assignment);
            List<QuiltRow> rows = classes.students(assignment.schoolId(), assignment.classId()).stream()
                    .map(student -> Quilt.row(student, states.get(student.id()), edition.rules()))
                    .toList();
            return new Quilt(
                    assignment.id(),
                    assignment.title(),
                    assignment.className(),
                    assignment.joinCode(),
                    assignment.assignedAt(),
                    pages(edition),
                    rows);
        });
    }

    /** The row of one student, for telling open quilts of a change. */
    Optional<QuiltRow> row(Assignment assignment, UUID studentId) {
        Rules rules = assignments.edition(assignment).rules();
        return classes.students(assignment.schoolId(), assignment.classId()).stream()
                .filter(student -> student.id().equals(studentId))
                .findFirst()
                .map(student ->
                        Quilt.row(student, attempts.state(assignment, studentId).orElse(null), rules));
    }

    /** Empty when the assignment is not this teacher's or the student has not begun. */
    Optional<Left> left(Who teacher, UUID assignmentId, UUID studentId) {
        return assignments.read(teacher, assignmentId).flatMap(assignment -> {
            Assignments.Edition edition = assignments.edition(assignment);
            String name = classes.students(assignment.schoolId(), assignment.classId()).stream()
                    .filter(student -> student.id().equals(studentId))
                    .map(Student::name)
                    .findFirst()
                    .orElse("");
            return attempts.state(assignment, studentId)
                    .map(state -> new Left(
                            name,
                            attempts.view(edition, state),
                            state,
                            edition.rules().placements().size(),
                            attempts.progress(state, edition.rules()),
                            edition.rules().broughtUp(state),
                            attempts.course(state, edition.rules())));
        });
    }

    private static List<QuiltPage> pages(Assignments.Edition edition) {
        List<QuiltPage> pages = new ArrayList<>();
        edition.activity().pages().stream()
                .filter(page -> !page.leads().aside())
                .forEach(page -> pages.add(new QuiltPage(
                        page.id(),
                        page.name(),
                        edition.rules().placements().stream()
                                .filter(placement -> placement.pageId().equals(page.id()))
                                .toList())));
        return pages;
    }
}
