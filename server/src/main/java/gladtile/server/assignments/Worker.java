package gladtile.server.assignments;

import gladtile.server.classes.Classes.Student;
import java.util.List;
import java.util.UUID;

/**
 * Who holds one attempt: a student, or a team.
 *
 * @param members of a team; of a student themselves alone
 * @param team whether it is a team
 */
public record Worker(UUID id, String name, List<Student> members, boolean team) {
    static Worker of(Student student) {
        return new Worker(student.id(), student.name(), List.of(student), false);
    }
}
