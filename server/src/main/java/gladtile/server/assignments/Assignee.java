package gladtile.server.assignments;

import gladtile.server.classes.ClassService.Student;
import java.util.List;
import java.util.UUID;

/**
 * Who holds one attempt: a student, or a team.
 *
 * @param members of a team; of a student themselves alone
 * @param team whether it is a team
 */
public record Assignee(UUID id, String name, List<Student> members, boolean team) {
    static Assignee of(Student student) {
        return new Assignee(student.id(), student.name(), List.of(student), false);
    }
}
