package gladtile.server.classes;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.classes.ClassService.Student;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Students whom two teachers have. Whoever has a student can set their PIN, and so come in as them: nobody gets a
 * colleague's student without the colleague's yes, and who resets a secret tells the others.
 */
@Service
public class StudentRequestService {
    private final StudentRequestStore store;
    private final ClassService classes;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    StudentRequestService(
            StudentRequestStore store, ClassService classes, ApplicationEventPublisher events, Clock clock) {
        this.store = store;
        this.classes = classes;
        this.events = events;
        this.clock = clock;
    }

    /** A colleague asks. @param count of the students @param to a teacher who has some of them */
    public record AskedFor(UUID schoolId, UUID classId, String className, String by, int count, UUID to) {}

    /** A new PIN, or new pictures. @param others the teachers who have the student too */
    public record SecretReset(UUID schoolId, UUID studentId, String student, String by, List<UUID> others) {}

    /** What a colleague asks for. @param by their name */
    public record StudentRequest(UUID classId, String className, String by, List<Student> students) {}

    /** Whether a teacher may take a student into a class without asking anybody. */
    boolean isFree(CurrentUser teacher, UUID studentId) {
        List<UUID> teachers = store.teachersOf(teacher.schoolId(), studentId);
        return teachers.isEmpty() || teachers.contains(teacher.id());
    }

    /** Asks those who have these students. */
    void ask(CurrentUser teacher, UUID classId, List<UUID> students) {
        Map<UUID, Set<UUID>> asked = new LinkedHashMap<>();
        for (UUID student : students) {
            store.ask(teacher.schoolId(), classId, student, teacher.id(), OffsetDateTime.now(clock));
            for (UUID colleague : store.teachersOf(teacher.schoolId(), student)) {
                asked.computeIfAbsent(colleague, id -> new LinkedHashSet<>()).add(student);
            }
        }
        String name = classes.name(teacher.schoolId(), classId).orElse("");
        asked.forEach((colleague, of) -> events.publishEvent(
                new AskedFor(teacher.schoolId(), classId, name, teacher.name(), of.size(), colleague)));
    }

    /** What colleagues ask a teacher for. */
    List<StudentRequest> toAnswer(CurrentUser teacher) {
        Map<UUID, StudentRequest> all = new LinkedHashMap<>();
        for (StudentRequestStore.Asked one : store.toAnswer(teacher.schoolId(), teacher.id())) {
            all.computeIfAbsent(
                            one.classId(), id -> new StudentRequest(id, one.className(), one.by(), new ArrayList<>()))
                    .students()
                    .add(new Student(one.studentId(), one.student(), false));
        }
        return List.copyOf(all.values());
    }

    /** The names of those who were asked for, for a class, and of whom nobody has said anything yet. */
    List<String> waiting(UUID schoolId, UUID classId) {
        return store.forClass(schoolId, classId).stream()
                .map(StudentRequestStore.Asked::student)
                .toList();
    }

    /**
     * Says yes or no, for those of the students whom the teacher has.
     *
     * @return empty when nobody asks that of them
     */
    @Transactional
    public Optional<StudentRequest> answer(CurrentUser teacher, UUID classId, boolean yes) {
        Optional<StudentRequest> asked = toAnswer(teacher).stream()
                .filter(one -> one.classId().equals(classId))
                .findFirst();
        asked.ifPresent(request -> {
            List<UUID> students = request.students().stream().map(Student::id).toList();
            store.remove(teacher.schoolId(), classId, students);
            if (yes) {
                students.forEach(student -> classes.join(teacher.schoolId(), classId, student));
            }
        });
        return asked;
    }

    /** Tells the others who have a student that their secret is another now. */
    void wasReset(CurrentUser teacher, Student student) {
        List<UUID> others = store.teachersOf(teacher.schoolId(), student.id()).stream()
                .filter(one -> !one.equals(teacher.id()))
                .toList();
        if (!others.isEmpty()) {
            events.publishEvent(
                    new SecretReset(teacher.schoolId(), student.id(), student.name(), teacher.name(), others));
        }
    }
}
