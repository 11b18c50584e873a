package gladtile.server.classes;

import gladtile.core.message.Message;
import gladtile.core.roster.Intake;
import gladtile.core.roster.Intake.Becomes;
import gladtile.core.roster.Intake.ClassIntake;
import gladtile.core.roster.Intake.StudentIntake;
import gladtile.formats.table.OneRoster;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.support.Locks;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes classes from a school's register: all that were chosen, or none. */
@Service
class ClassImportService {
    private final ClassImportStore store;
    private final ClassService classes;
    private final PersonService people;
    private final StudentRequestService requests;
    private final Locks locks;

    ClassImportService(
            ClassImportStore store,
            ClassService classes,
            PersonService people,
            StudentRequestService requests,
            Locks locks) {
        this.store = store;
        this.classes = classes;
        this.people = people;
        this.requests = requests;
        this.locks = locks;
    }

    /** @param passedOver what was not read, and why */
    record IntakePreview(Intake intake, List<String> passedOver) {}

    /**
     * @param fresh ids of those who cannot sign in yet: they need cards
     * @param asked how many are a colleague's, who was asked for them
     */
    record TakenClass(UUID id, String name, List<UUID> fresh, int asked) {}

    sealed interface Result {}

    record Looked(IntakePreview preview) implements Result {}

    record Taken(List<TakenClass> classes) implements Result {}

    record Refused(String bound, Message message) implements Result {}

    /** What the files would do; nothing is changed. @param files their contents by their names */
    Result look(CurrentUser teacher, Map<String, String> files) {
        OneRoster.Result read = OneRoster.read(files);
        if (read instanceof OneRoster.NoRegister none) {
            return new Refused("register.files", Message.literal(none.message()));
        }
        OneRoster.Read there = (OneRoster.Read) read;
        Intake intake = Intake.of(
                there.register(), store.classes(teacher.schoolId(), teacher.id()), store.students(teacher.schoolId()));
        return new Looked(new IntakePreview(intake, there.passedOver()));
    }

    /** @param chosen ids of classes in the register */
    @Transactional
    public Result take(CurrentUser teacher, Map<String, String> files, Set<String> chosen) {
        locks.take("register:" + teacher.schoolId());
        Result looked = look(teacher, files);
        if (!(looked instanceof Looked there)) {
            return looked;
        }
        Intake intake = there.preview().intake();
        if (!intake.wrong().isEmpty()) {
            return new Refused("register", intake.wrong().get(0));
        }
        Set<String> left = new HashSet<>(chosen);
        List<ClassIntake> wanted = new ArrayList<>();
        for (ClassIntake one : intake.classes()) {
            if (!left.remove(one.id())) {
                continue;
            }
            if (one.colleagues()) {
                return new Refused("register.class", Message.of("class-list.colleagues", "name", one.name()));
            }
            if (!one.wrong().isEmpty()) {
                return new Refused("register.class", one.wrong().get(0));
            }
            wanted.add(one);
        }
        if (!left.isEmpty() || wanted.isEmpty()) {
            return new Refused("register.class", Message.of("class-list.not-in-files"));
        }
        Map<String, UUID> fresh = new HashMap<>();
        String nobodys = people.secretOfNobody();
        return new Taken(
                wanted.stream().map(one -> take(teacher, one, fresh, nobodys)).toList());
    }

    private TakenClass take(CurrentUser teacher, ClassIntake wanted, Map<String, UUID> fresh, String nobodys) {
        UUID school = teacher.schoolId();
        UUID id = wanted.key() == null ? classes.create(school, wanted.name()) : UUID.fromString(wanted.key());
        classes.join(school, id, teacher.id());
        store.setClass(school, id, wanted.id());
        List<UUID> added = new ArrayList<>();
        List<UUID> asked = new ArrayList<>();
        for (StudentIntake one : wanted.students()) {
            UUID student;
            if (one.becomes() == Becomes.ADDED) {
                student = fresh.computeIfAbsent(
                        one.id(),
                        any -> people.addStudentWithSecret(school, one.name(), nobodys)
                                .id());
                added.add(student);
            } else {
                student = UUID.fromString(one.key());
            }
            if (one.becomes() == Becomes.JOINS && !requests.isFree(teacher, student)) {
                asked.add(student);
                continue;
            }
            people.setRegistered(school, student, one.id(), one.name());
            if (one.becomes() == Becomes.ADDED || one.becomes() == Becomes.JOINS) {
                classes.join(school, id, student);
            }
        }
        requests.ask(teacher, id, asked);
        return new TakenClass(id, wanted.name(), added, asked.size());
    }
}
