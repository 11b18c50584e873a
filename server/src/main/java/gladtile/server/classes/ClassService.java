package gladtile.server.classes;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.roster.Roster;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.UuidV7;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes and who is in them. A teacher sees the classes they are a member of. */
@Service
public class ClassService {
    private final ClassStore store;
    private final ApplicationEventPublisher events;

    ClassService(ClassStore store, ApplicationEventPublisher events) {
        this.store = store;
        this.events = events;
    }

    /** A class as a list shows it. */
    public record ClassHead(UUID id, String name, int students, boolean archived) {}

    /**
     * A student by the name their class knows them by.
     *
     * @param pictures whether they sign in with pictures instead of a PIN
     */
    public record Student(UUID id, String name, boolean pictures) {}

    /** Who is in a class, or in which of its teams, changed. */
    public record ClassChanged(UUID schoolId, UUID classId) {}

    public UUID create(UUID schoolId, String name) {
        UUID id = UuidV7.make();
        store.insert(schoolId, id, named(name));
        return id;
    }

    private static String named(String name) {
        String tidied = Roster.tidied(Bounds.text("class.name", name, Bounds.PERSON_NAME));
        if (tidied.isEmpty()) {
            throw new OutOfBounds("class.name", Message.of("bound.class.name"));
        }
        return tidied;
    }

    public void rename(UUID schoolId, UUID id, String name) {
        store.rename(schoolId, id, named(name));
    }

    /** @param language null for that of the school */
    public void setLanguage(UUID schoolId, UUID id, String language) {
        store.setLanguage(schoolId, id, language);
    }

    /** Its own language; empty where it has that of the school. */
    public Optional<String> ownLanguage(UUID schoolId, UUID id) {
        return store.ownLanguage(schoolId, id);
    }

    /** The language that its students are spoken to in. */
    public String language(UUID schoolId, UUID id) {
        return store.language(schoolId, id);
    }

    /** What they did stays, and is there again once they are back. */
    public void leave(UUID schoolId, UUID classId, UUID personId) {
        store.removeMember(schoolId, classId, personId);
        events.publishEvent(new ClassChanged(schoolId, classId));
    }

    public void join(UUID schoolId, UUID classId, UUID personId) {
        store.addMember(schoolId, classId, personId);
        events.publishEvent(new ClassChanged(schoolId, classId));
    }

    /** All at once: never in both classes, never in none. */
    @Transactional
    public void move(UUID schoolId, UUID personId, UUID from, UUID to) {
        if (!from.equals(to)) {
            join(schoolId, to, personId);
            leave(schoolId, from, personId);
        }
    }

    public List<ClassHead> of(CurrentUser teacher) {
        return store.of(teacher.schoolId(), teacher.id());
    }

    /** @param staff ids of those who work with it */
    public record StaffedClass(UUID id, String name, boolean archived, int students, Set<UUID> staff) {}

    /** All classes of the school, by name. */
    public List<StaffedClass> all(UUID schoolId) {
        return store.all(schoolId);
    }

    /** All classes of somebody who works here are a colleague's too, and theirs no longer. @return how many */
    @Transactional
    public int handOver(UUID schoolId, UUID from, UUID to) {
        List<UUID> theirs = store.all(schoolId).stream()
                .filter(one -> one.staff().contains(from))
                .map(StaffedClass::id)
                .toList();
        for (UUID id : theirs) {
            join(schoolId, id, to);
            leave(schoolId, id, from);
        }
        return theirs.size();
    }

    public boolean isMember(UUID schoolId, UUID classId, UUID personId) {
        return store.isMember(schoolId, classId, personId);
    }

    /** Set aside, it takes no new assignments and its code lets nobody in; all that was done stays. */
    public void archive(UUID schoolId, UUID id, boolean archived) {
        store.archive(schoolId, id, archived);
    }

    public boolean isArchived(UUID schoolId, UUID id) {
        return store.isArchived(schoolId, id);
    }

    /** The class's own code, made the first time. */
    public String code(UUID schoolId, UUID id) {
        return store.code(schoolId, id).orElseGet(() -> newJoinCode(schoolId, id));
    }

    /** A new code; the old one no longer lets anybody in. */
    public String newJoinCode(UUID schoolId, UUID id) {
        return JoinCode.fresh(code -> store.setCode(schoolId, id, code));
    }

    /** A class by its code, unless it is set aside. */
    public Optional<Coded> byCode(String typed) {
        return JoinCode.read(typed).flatMap(store::byCode);
    }

    /** A class that a code leads to. */
    public record Coded(UUID schoolId, UUID id, String name) {}

    /** The teachers of a class. */
    public List<UUID> teachers(UUID schoolId, UUID classId) {
        return store.teachers(schoolId, classId);
    }

    /** Names of students and teams, whatever class they are in; of a team that is no more, that. */
    public Map<UUID, String> names(UUID schoolId, Collection<UUID> ids) {
        Map<UUID, String> names = new LinkedHashMap<>(store.names(schoolId, ids));
        ids.forEach(id -> names.putIfAbsent(id, "A team that is no more"));
        return names;
    }

    /** By name. */
    public List<Student> students(UUID schoolId, UUID classId) {
        return store.students(schoolId, classId);
    }

    public Optional<String> name(UUID schoolId, UUID classId) {
        return store.name(schoolId, classId);
    }
}
