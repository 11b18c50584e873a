package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.AssignmentControl;
import gladtile.core.assigned.Extension;
import gladtile.core.assigned.Sharing;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.AttemptRules;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.JoinCode;
import gladtile.server.support.NodeEvents;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Gives activities to classes: each time as a version that nobody can change any more. */
@Service
public class AssignmentService {
    private static final String TOPIC = "assignment:";
    private final AssignmentStore store;
    private final ActivityService activities;
    private final ClassService classes;
    private final AssigneeDirectory assignees;
    private final Clock clock;
    private final NodeEvents nodes;
    private final ApplicationEventPublisher events;
    /** Asked for at every move; kept for a moment only, in case the news of a change is lost. */
    private final Cache<UUID, Assignment> known = Caffeine.newBuilder()
            .maximumSize(2_000)
            .expireAfterWrite(Duration.ofSeconds(10))
            .build();

    AssignmentService(
            AssignmentStore store,
            ActivityService activities,
            ClassService classes,
            AssigneeDirectory assignees,
            Clock clock,
            NodeEvents nodes,
            ApplicationEventPublisher events) {
        this.store = store;
        this.activities = activities;
        this.classes = classes;
        this.assignees = assignees;
        this.clock = clock;
        this.nodes = nodes;
        this.events = events;
    }

    /** Whom an assignment is for. */
    public enum Whom {
        CLASS,
        TEAMS,
        STUDENTS
    }

    /**
     * An assignment and where it belongs.
     *
     * @param targets the teams or students it is for, where it is not for the whole class
     * @param seriesId of those that were given together; null for one by itself
     * @param position in its series, from 0
     * @param extensions by student or team
     */
    public record Assignment(
            UUID schoolId,
            UUID id,
            UUID versionId,
            UUID activityId,
            UUID classId,
            UUID teacherId,
            String title,
            String className,
            String joinCode,
            OffsetDateTime assignedAt,
            AssignTerms terms,
            Whom whom,
            Set<UUID> targets,
            AssignmentControl control,
            UUID seriesId,
            int position,
            Map<UUID, Extension> extensions) {
        public TimeWindow window(UUID holderId) {
            return TimeWindow.of(terms, extensions.get(holderId));
        }
    }

    /** An assignment is otherwise than before: held, closed, withdrawn, extended, renewed. */
    public record AssignmentChanged(UUID schoolId, UUID id) {}

    /** What came of assigning. */
    public sealed interface Result {}

    /** @param id of the first, where several were given together */
    public record Given(UUID id, String joinCode) implements Result {}

    public record NoSuchActivity() implements Result {}

    public record NoSuchClass() implements Result {}

    /** There is nothing to do in it yet. */
    public record NothingToPlace(String title) implements Result {}

    /** Nobody is left whom it would be for. */
    public record Nobody() implements Result {}

    /** To whom and how; what is not said is as usual. */
    public record Giving(UUID classId, Whom whom, Set<UUID> targets, AssignTerms terms) {
        public static Giving toClass(UUID classId) {
            return new Giving(classId, Whom.CLASS, Set.of(), AssignTerms.USUAL);
        }
    }

    public Result assign(CurrentUser user, UUID activityId, UUID classId) {
        return assign(user, List.of(activityId), Giving.toClass(classId));
    }

    /** @param activityIds one, or several that are done in this order; all are given or none */
    public Result assign(CurrentUser user, List<UUID> activityIds, Giving giving) {
        if (!classes.isMember(user.schoolId(), giving.classId(), user.id())
                || classes.isArchived(user.schoolId(), giving.classId())) {
            return new NoSuchClass();
        }
        UUID series = activityIds.size() > 1 ? UuidV7.make() : null;
        // One time for all of a series: it is listed in its order by its positions.
        OffsetDateTime now = OffsetDateTime.now(clock);
        List<AssignmentStore.New> all = new ArrayList<>();
        for (UUID activityId : activityIds) {
            Optional<ActivityService.Current> current = activities.read(user, activityId);
            if (current.isEmpty()) {
                return new NoSuchActivity();
            }
            Activity activity = ActivityVersionService.given(current.get().activity(), giving.terms());
            boolean looks = giving.terms().shared() == Sharing.VIEW_ONLY;
            if (!looks && AttemptRules.of(activity).placements().isEmpty()) {
                return new NothingToPlace(activity.title());
            }
            Assignment assignment = new Assignment(
                    user.schoolId(),
                    UuidV7.make(),
                    UuidV7.make(),
                    activityId,
                    giving.classId(),
                    user.id(),
                    activity.title(),
                    "",
                    "",
                    now,
                    giving.terms(),
                    giving.whom(),
                    giving.targets(),
                    AssignmentControl.NONE,
                    series,
                    all.size(),
                    Map.of());
            if (all.isEmpty()
                    && giving.whom() != Whom.CLASS
                    && assignees.of(assignment).isEmpty()) {
                return new Nobody();
            }
            all.add(new AssignmentStore.New(assignment, current.get().seq(), activity));
        }
        String code = JoinCode.fresh(first -> store.insert(all, first));
        return new Given(all.get(0).assignment().id(), code);
    }

    /** All of the teacher's classes, the newest first. */
    public List<Assignment> of(CurrentUser teacher) {
        return store.of(teacher.schoolId(), teacher.id());
    }

    /** One of a class of the teacher's: whoever teaches a class sees what was given to it. */
    public Optional<Assignment> read(CurrentUser teacher, UUID id) {
        return anyones(teacher.schoolId(), id)
                .filter(assignment -> classes.isMember(teacher.schoolId(), assignment.classId(), teacher.id()));
    }

    /** Whoever's it is. */
    public Optional<Assignment> anyones(UUID schoolId, UUID id) {
        return Optional.ofNullable(
                        known.get(id, one -> store.read(schoolId, one).orElse(null)))
                .filter(assignment -> assignment.schoolId().equals(schoolId));
    }

    /** All that are for the student now, the newest first, in their series in order. */
    public List<Assignment> allForStudent(CurrentUser student) {
        return store.forStudent(student.schoolId(), student.id()).stream()
                .filter(assignment -> assignees.holder(assignment, student.id()).isPresent())
                .toList();
    }

    public Optional<Assignment> byCode(String typed) {
        return JoinCode.read(typed)
                .flatMap(store::byCode)
                .filter(assignment -> assignment.control().withdrawnAt() == null);
    }

    /** Those that were given together, in their order; of one by itself itself. */
    public List<Assignment> series(Assignment assignment) {
        return assignment.seriesId() == null
                ? List.of(assignment)
                : store.series(assignment.schoolId(), assignment.seriesId());
    }

    public void giveOut(Assignment assignment, UUID versionId) {
        store.setVersion(assignment, versionId);
        changed(assignment);
    }

    public void control(Assignment assignment, AssignmentControl control) {
        store.setControl(assignment, control);
        changed(assignment);
    }

    /** @param extension null takes it back */
    public void extend(Assignment assignment, UUID holderId, Extension extension) {
        store.setExtension(assignment, holderId, extension);
        changed(assignment);
    }

    public void setTerms(Assignment assignment, AssignTerms terms) {
        store.setTerms(assignment, terms);
        changed(assignment);
    }

    /** A new code; the old one no longer lets anybody in. */
    public String newJoinCode(Assignment assignment) {
        String code = JoinCode.fresh(fresh -> store.setCode(assignment, fresh));
        changed(assignment);
        return code;
    }

    /** Those of an activity that a class has now, whoever gave them. */
    public List<Assignment> ofClass(UUID schoolId, UUID classId, UUID activityId) {
        return store.ofClass(schoolId, classId, activityId);
    }

    /** Once something around it is otherwise that does not stand in it itself. */
    public void tellAround(Assignment assignment) {
        changed(assignment);
    }

    private void changed(Assignment assignment) {
        known.invalidate(assignment.id());
        events.publishEvent(new AssignmentChanged(assignment.schoolId(), assignment.id()));
        nodes.tell(TOPIC + assignment.schoolId() + ":" + assignment.id());
    }

    @EventListener
    void changedThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            String[] ids = heard.what().split(":");
            known.invalidate(UUID.fromString(ids[2]));
            events.publishEvent(new AssignmentChanged(UUID.fromString(ids[1]), UUID.fromString(ids[2])));
        }
    }
}
