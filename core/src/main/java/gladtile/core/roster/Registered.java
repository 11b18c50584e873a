package gladtile.core.roster;

import java.util.List;

/**
 * Classes as a school's register hands them out: who is in which, by the register's own ids.
 *
 * @param enrolments of students only
 */
public record Registered(List<RegisteredClass> classes, List<RegisteredStudent> students, List<Enrolment> enrolments) {
    /** @param id unique within the register */
    public record RegisteredClass(String id, String title) {}

    /** @param id unique within the register */
    public record RegisteredStudent(String id, String name) {}

    /** That a student is in a class, by their ids. */
    public record Enrolment(String classId, String studentId) {}

    public Registered {
        classes = List.copyOf(classes);
        students = List.copyOf(students);
        enrolments = List.copyOf(enrolments);
    }
}
