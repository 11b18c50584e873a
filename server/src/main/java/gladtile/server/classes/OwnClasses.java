package gladtile.server.classes;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever asks about a class or a student of it must teach that class. */
@Component
class OwnClasses {
    private final ClassService classes;

    OwnClasses(ClassService classes) {
        this.classes = classes;
    }

    /** @throws Problem 404 where it is not a class of theirs */
    void check(CurrentUser user, UUID id) {
        if (!classes.isMember(user.schoolId(), id, user.id())) {
            throw Problem.notThere("class");
        }
    }

    /** @throws Problem 404 where no such student is in a class of theirs */
    Student student(CurrentUser user, UUID id, UUID studentId) {
        check(user, id);
        return classes.students(user.schoolId(), id).stream()
                .filter(one -> one.id().equals(studentId))
                .findFirst()
                .orElseThrow(() -> Problem.notThere("student"));
    }
}
