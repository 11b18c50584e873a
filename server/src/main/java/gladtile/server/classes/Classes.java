package gladtile.server.classes;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.roster.Roster;
import gladtile.server.accounts.Who;
import gladtile.server.support.UuidV7;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Classes and who is in them. A teacher sees the classes they are a member of. */
@Service
public class Classes {
    private final ClassStore store;

    Classes(ClassStore store) {
        this.store = store;
    }

    /** A class as a list shows it. */
    public record ClassHead(UUID id, String name, int students) {}

    /** A student by the name their class knows them by. */
    public record Student(UUID id, String name) {}

    public UUID create(UUID schoolId, String name) {
        UUID id = UuidV7.make();
        store.insert(schoolId, id, named(name));
        return id;
    }

    private static String named(String name) {
        String tidied = Roster.tidied(Bounds.text("class.name", name, Bounds.PERSON_NAME));
        if (tidied.isEmpty()) {
            throw new OutOfBounds("class.name", "a class has a name");
        }
        return tidied;
    }

    public void rename(UUID schoolId, UUID id, String name) {
        store.rename(schoolId, id, named(name));
    }

    /** What they did stays, and is there again once they are back. */
    public void leave(UUID schoolId, UUID classId, UUID personId) {
        store.removeMember(schoolId, classId, personId);
    }

    public void join(UUID schoolId, UUID classId, UUID personId) {
        store.addMember(schoolId, classId, personId);
    }

    public List<ClassHead> of(Who teacher) {
        return store.of(teacher.schoolId(), teacher.id());
    }

    public boolean isMember(UUID schoolId, UUID classId, UUID personId) {
        return store.isMember(schoolId, classId, personId);
    }

    /** By name. */
    public List<Student> students(UUID schoolId, UUID classId) {
        return store.students(schoolId, classId);
    }

    public Optional<String> name(UUID schoolId, UUID classId) {
        return store.name(schoolId, classId);
    }
}
