package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.Rules;
import gladtile.server.accounts.Who;
import gladtile.server.activities.Activities;
import gladtile.server.classes.Classes;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** Gives activities to classes: each time as an edition that nobody can change any more. */
@Service
public class Assignments {
    private static final int CODES_TRIED = 5;
    private final AssignmentStore store;
    private final Activities activities;
    private final Classes classes;
    private final Clock clock;
    /** Editions never change, so they may be kept as long as there is room. */
    private final Cache<UUID, Edition> editions =
            Caffeine.newBuilder().maximumSize(500).build();

    Assignments(AssignmentStore store, Activities activities, Classes classes, Clock clock) {
        this.store = store;
        this.activities = activities;
        this.classes = classes;
        this.clock = clock;
    }

    /** An assignment and where it belongs. */
    public record Assignment(
            UUID schoolId,
            UUID id,
            UUID editionId,
            UUID activityId,
            UUID classId,
            UUID teacherId,
            String title,
            String className,
            String joinCode,
            OffsetDateTime assignedAt) {}

    /** An activity as it was when it was given, with its rules made ready. */
    public record Edition(Activity activity, Rules rules) {}

    /** What came of assigning. */
    public sealed interface Result {}

    public record Given(UUID id, String joinCode) implements Result {}

    public record NoSuchActivity() implements Result {}

    public record NoSuchClass() implements Result {}

    /** There is nothing to do in it yet. */
    public record NothingToPlace() implements Result {}

    public Result assign(Who who, UUID activityId, UUID classId) {
        Optional<Activities.Current> current = activities.read(who, activityId);
        if (current.isEmpty()) {
            return new NoSuchActivity();
        }
        if (!classes.isMember(who.schoolId(), classId, who.id())) {
            return new NoSuchClass();
        }
        // A student works on pages; the list they were made from stays with the activity.
        Activity activity = current.get().activity().withMadeFrom(null);
        if (Rules.of(activity).placements().isEmpty()) {
            return new NothingToPlace();
        }
        UUID editionId = UuidV7.make();
        UUID id = UuidV7.make();
        for (int i = 1; ; i++) {
            String code = JoinCode.make();
            try {
                store.insert(
                        new Assignment(
                                who.schoolId(),
                                id,
                                editionId,
                                activityId,
                                classId,
                                who.id(),
                                activity.title(),
                                "",
                                code,
                                OffsetDateTime.now(clock)),
                        current.get().seq(),
                        activity);
                return new Given(id, code);
            } catch (DuplicateKeyException taken) {
                if (i == CODES_TRIED) {
                    throw taken;
                }
            }
        }
    }

    public List<Assignment> of(Who teacher) {
        return store.of(teacher.schoolId(), teacher.id());
    }

    /** One of the teacher's own. */
    public Optional<Assignment> read(Who teacher, UUID id) {
        return store.read(teacher.schoolId(), id)
                .filter(assignment -> assignment.teacherId().equals(teacher.id()));
    }

    /** Whoever's it is; for work that no request asked for. */
    public Optional<Assignment> anyones(UUID schoolId, UUID id) {
        return store.read(schoolId, id);
    }

    /** One given to a class of the student's. */
    public Optional<Assignment> forStudent(Who student, UUID id) {
        return store.read(student.schoolId(), id)
                .filter(assignment -> classes.isMember(student.schoolId(), assignment.classId(), student.id()));
    }

    /** All that were given to the student's classes, the newest first. */
    public List<Assignment> allForStudent(Who student) {
        return store.forStudent(student.schoolId(), student.id());
    }

    public Optional<Assignment> byCode(String typed) {
        return JoinCode.read(typed).flatMap(store::byCode);
    }

    public Edition edition(Assignment assignment) {
        return editions.get(assignment.editionId(), id -> {
            Activity activity = store.edition(assignment.schoolId(), id);
            return new Edition(activity, Rules.of(activity));
        });
    }
}
