package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.AssignmentControl;
import gladtile.core.assigned.Extension;
import gladtile.core.assigned.Sharing;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.Shuffle;
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
    /** Editions never change, so they may be kept as long as there is room. */
    private final Cache<UUID, ActivityVersion> versions =
            Caffeine.newBuilder().maximumSize(500).build();
    /** Editions as they lie for one student or team, where that differs. */
    private final Cache<Own, ActivityVersion> own =
            Caffeine.newBuilder().maximumSize(2_000).build();
    /** Asked for at every move; kept for a moment only, in case the news of a change is lost. */
    private final Cache<UUID, Assignment> known = Caffeine.newBuilder()
            .maximumSize(2_000)
            .expireAfterWrite(Duration.ofSeconds(10))
            .build();

    private record Own(UUID versionId, long seed, int moreSeconds, SolutionPolicy shows) {}

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

    /** An activity as it was when it was given, with its rules made ready. */
    public record ActivityVersion(UUID id, Activity activity, AttemptRules rules) {}

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

    public Result assign(CurrentUser who, UUID activityId, UUID classId) {
        return assign(who, List.of(activityId), Giving.toClass(classId));
    }

    /** @param activityIds one, or several that are done in this order; all are given or none */
    public Result assign(CurrentUser who, List<UUID> activityIds, Giving giving) {
        if (!classes.isMember(who.schoolId(), giving.classId(), who.id())
                || classes.isArchived(who.schoolId(), giving.classId())) {
            return new NoSuchClass();
        }
        UUID series = activityIds.size() > 1 ? UuidV7.make() : null;
        // One time for all of a series: it is listed in its order by its positions.
        OffsetDateTime now = OffsetDateTime.now(clock);
        List<AssignmentStore.New> all = new ArrayList<>();
        for (UUID activityId : activityIds) {
            Optional<ActivityService.Current> current = activities.read(who, activityId);
            if (current.isEmpty()) {
                return new NoSuchActivity();
            }
            Activity activity = version(current.get().activity(), giving.terms());
            boolean looks = giving.terms().shared() == Sharing.VIEW_ONLY;
            if (!looks && AttemptRules.of(activity).placements().isEmpty()) {
                return new NothingToPlace(activity.title());
            }
            Assignment assignment = new Assignment(
                    who.schoolId(),
                    UuidV7.make(),
                    UuidV7.make(),
                    activityId,
                    giving.classId(),
                    who.id(),
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

    /** A student works on pages; the list they were made from stays with the activity. */
    private static Activity version(Activity activity, AssignTerms terms) {
        AnswerTerms holds = activity.key().holds();
        if (terms.seconds() != null) {
            holds = holds.withSeconds(terms.seconds());
        }
        return Shuffle.inReadingOrder(
                activity.withMadeFrom(null).withKey(activity.key().withTerms(holds)));
    }

    /** Whether the solution may be seen, by the terms as they are now. @param own as the activity says */
    private static SolutionPolicy solution(SolutionPolicy own, AssignTerms terms) {
        boolean afterwards = own.when() == SolutionPolicy.When.AFTER_HAND_IN;
        return switch (terms.seen()) {
            case SOLUTION -> new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false);
            case NOTHING -> afterwards ? SolutionPolicy.NEVER : own;
            case RIGHT_AND_WRONG -> own;
        };
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

    /** The version that is given out now. */
    public ActivityVersion version(Assignment assignment) {
        return version(assignment.schoolId(), assignment.versionId());
    }

    public ActivityVersion version(UUID schoolId, UUID versionId) {
        return versions.get(versionId, id -> {
            Activity activity = store.version(schoolId, id);
            return new ActivityVersion(id, activity, AttemptRules.of(activity));
        });
    }

    /** A version as it is for one student or team: with their order of pieces and their time. */
    public ActivityVersion version(Assignment assignment, UUID versionId, UUID holderId) {
        ActivityVersion base = version(assignment.schoolId(), versionId);
        Extension more = assignment.extensions().get(holderId);
        int seconds = more == null || more.moreSeconds() == null ? 0 : more.moreSeconds();
        SolutionPolicy own = base.rules().terms().shows();
        SolutionPolicy shows = solution(own, assignment.terms());
        if (!assignment.terms().mixes() && seconds == 0 && shows.equals(own)) {
            return base;
        }
        long seed = assignment.terms().mixes()
                ? holderId.getLeastSignificantBits() ^ assignment.id().hashCode()
                : 0;
        return this.own.get(new Own(versionId, seed, seconds, shows), key -> {
            Activity activity = key.seed == 0 ? base.activity() : Shuffle.of(base.activity(), key.seed);
            AttemptRules rules = key.seed == 0 ? base.rules() : AttemptRules.of(activity);
            AttemptRules timed = key.moreSeconds == 0 ? rules : rules.withMoreSeconds(key.moreSeconds);
            return new ActivityVersion(versionId, activity, timed.withSolution(key.shows));
        });
    }

    /** A newer version of the assignment's activity, kept but not given out yet; empty when the activity is gone. */
    public Optional<UUID> freshVersion(CurrentUser who, Assignment assignment) {
        return activities.read(who, assignment.activityId()).map(current -> {
            UUID id = UuidV7.make();
            Activity activity = version(current.activity(), assignment.terms());
            store.insertVersion(assignment, id, current.seq(), activity);
            return id;
        });
    }

    /** What the activity would give out now; empty when it is gone. */
    public Optional<ActivityVersion> asItIsNow(CurrentUser who, Assignment assignment) {
        return activities.read(who, assignment.activityId()).map(current -> {
            Activity activity = version(current.activity(), assignment.terms());
            return new ActivityVersion(null, activity, AttemptRules.of(activity));
        });
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
