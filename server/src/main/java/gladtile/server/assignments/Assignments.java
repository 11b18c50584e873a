package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.answer.Solution;
import gladtile.core.answer.Terms;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.Control;
import gladtile.core.assigned.Extension;
import gladtile.core.assigned.Sharing;
import gladtile.core.assigned.Window;
import gladtile.core.attempt.Rules;
import gladtile.core.attempt.Shuffle;
import gladtile.server.accounts.Who;
import gladtile.server.activities.Activities;
import gladtile.server.classes.Classes;
import gladtile.server.classes.JoinCode;
import gladtile.server.support.NodeNews;
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

/** Gives activities to classes: each time as an edition that nobody can change any more. */
@Service
public class Assignments {
    private static final String TOPIC = "assignment:";
    private final AssignmentStore store;
    private final Activities activities;
    private final Classes classes;
    private final Workers workers;
    private final Clock clock;
    private final NodeNews nodes;
    private final ApplicationEventPublisher events;
    /** Editions never change, so they may be kept as long as there is room. */
    private final Cache<UUID, Edition> editions =
            Caffeine.newBuilder().maximumSize(500).build();
    /** Editions as they lie for one student or team, where that differs. */
    private final Cache<Own, Edition> own =
            Caffeine.newBuilder().maximumSize(2_000).build();
    /** Asked for at every move; kept for a moment only, in case the news of a change is lost. */
    private final Cache<UUID, Assignment> known = Caffeine.newBuilder()
            .maximumSize(2_000)
            .expireAfterWrite(Duration.ofSeconds(10))
            .build();

    private record Own(UUID editionId, long seed, int moreSeconds, Solution shows) {}

    Assignments(
            AssignmentStore store,
            Activities activities,
            Classes classes,
            Workers workers,
            Clock clock,
            NodeNews nodes,
            ApplicationEventPublisher events) {
        this.store = store;
        this.activities = activities;
        this.classes = classes;
        this.workers = workers;
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
            UUID editionId,
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
            Control control,
            UUID seriesId,
            int position,
            Map<UUID, Extension> extensions) {
        public Window window(UUID holderId) {
            return Window.of(terms, extensions.get(holderId));
        }
    }

    /** An activity as it was when it was given, with its rules made ready. */
    public record Edition(UUID id, Activity activity, Rules rules) {}

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

    public Result assign(Who who, UUID activityId, UUID classId) {
        return assign(who, List.of(activityId), Giving.toClass(classId));
    }

    /** @param activityIds one, or several that are done in this order; all are given or none */
    public Result assign(Who who, List<UUID> activityIds, Giving giving) {
        if (!classes.isMember(who.schoolId(), giving.classId(), who.id())
                || classes.isArchived(who.schoolId(), giving.classId())) {
            return new NoSuchClass();
        }
        UUID series = activityIds.size() > 1 ? UuidV7.make() : null;
        // One time for all of a series: it is listed in its order by its positions.
        OffsetDateTime now = OffsetDateTime.now(clock);
        List<AssignmentStore.New> all = new ArrayList<>();
        for (UUID activityId : activityIds) {
            Optional<Activities.Current> current = activities.read(who, activityId);
            if (current.isEmpty()) {
                return new NoSuchActivity();
            }
            Activity activity = edition(current.get().activity(), giving.terms());
            boolean looks = giving.terms().shared() == Sharing.LOOK_ONLY;
            if (!looks && Rules.of(activity).placements().isEmpty()) {
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
                    Control.NONE,
                    series,
                    all.size(),
                    Map.of());
            if (all.isEmpty()
                    && giving.whom() != Whom.CLASS
                    && workers.of(assignment).isEmpty()) {
                return new Nobody();
            }
            all.add(new AssignmentStore.New(assignment, current.get().seq(), activity));
        }
        String code = JoinCode.fresh(first -> store.insert(all, first));
        return new Given(all.get(0).assignment().id(), code);
    }

    /** A student works on pages; the list they were made from stays with the activity. */
    private static Activity edition(Activity activity, AssignTerms terms) {
        Terms holds = activity.key().holds();
        if (terms.seconds() != null) {
            holds = holds.withSeconds(terms.seconds());
        }
        return Shuffle.inReadingOrder(
                activity.withMadeFrom(null).withKey(activity.key().withTerms(holds)));
    }

    /** Whether the solution may be seen, by the terms as they are now. @param own as the activity says */
    private static Solution solution(Solution own, AssignTerms terms) {
        boolean afterwards = own.when() == Solution.When.AFTER_HAND_IN;
        return switch (terms.seen()) {
            case SOLUTION -> new Solution(Solution.When.AFTER_HAND_IN, null, false);
            case NOTHING -> afterwards ? Solution.NEVER : own;
            case RIGHT_AND_WRONG -> own;
        };
    }

    /** All of the teacher's classes, the newest first. */
    public List<Assignment> of(Who teacher) {
        return store.of(teacher.schoolId(), teacher.id());
    }

    /** One of a class of the teacher's: whoever teaches a class sees what was given to it. */
    public Optional<Assignment> read(Who teacher, UUID id) {
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
    public List<Assignment> allForStudent(Who student) {
        return store.forStudent(student.schoolId(), student.id()).stream()
                .filter(assignment -> workers.holder(assignment, student.id()).isPresent())
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

    /** The edition that is given out now. */
    public Edition edition(Assignment assignment) {
        return edition(assignment.schoolId(), assignment.editionId());
    }

    public Edition edition(UUID schoolId, UUID editionId) {
        return editions.get(editionId, id -> {
            Activity activity = store.edition(schoolId, id);
            return new Edition(id, activity, Rules.of(activity));
        });
    }

    /** An edition as it is for one student or team: with their order of pieces and their time. */
    public Edition edition(Assignment assignment, UUID editionId, UUID holderId) {
        Edition base = edition(assignment.schoolId(), editionId);
        Extension more = assignment.extensions().get(holderId);
        int seconds = more == null || more.moreSeconds() == null ? 0 : more.moreSeconds();
        Solution own = base.rules().terms().shows();
        Solution shows = solution(own, assignment.terms());
        if (!assignment.terms().mixes() && seconds == 0 && shows.equals(own)) {
            return base;
        }
        long seed = assignment.terms().mixes()
                ? holderId.getLeastSignificantBits() ^ assignment.id().hashCode()
                : 0;
        return this.own.get(new Own(editionId, seed, seconds, shows), key -> {
            Activity activity = key.seed == 0 ? base.activity() : Shuffle.of(base.activity(), key.seed);
            Rules rules = key.seed == 0 ? base.rules() : Rules.of(activity);
            Rules timed = key.moreSeconds == 0 ? rules : rules.withMoreSeconds(key.moreSeconds);
            return new Edition(editionId, activity, timed.withSolution(key.shows));
        });
    }

    /** A newer edition of the assignment's activity, kept but not given out yet; empty when the activity is gone. */
    public Optional<UUID> freshEdition(Who who, Assignment assignment) {
        return activities.read(who, assignment.activityId()).map(current -> {
            UUID id = UuidV7.make();
            Activity activity = edition(current.activity(), assignment.terms());
            store.insertEdition(assignment, id, current.seq(), activity);
            return id;
        });
    }

    /** What the activity would give out now; empty when it is gone. */
    public Optional<Edition> asItIsNow(Who who, Assignment assignment) {
        return activities.read(who, assignment.activityId()).map(current -> {
            Activity activity = edition(current.activity(), assignment.terms());
            return new Edition(null, activity, Rules.of(activity));
        });
    }

    public void giveOut(Assignment assignment, UUID editionId) {
        store.setEdition(assignment, editionId);
        changed(assignment);
    }

    public void control(Assignment assignment, Control control) {
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
    public String renewCode(Assignment assignment) {
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
    void changedThere(NodeNews.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            String[] ids = heard.what().split(":");
            known.invalidate(UUID.fromString(ids[2]));
            events.publishEvent(new AssignmentChanged(UUID.fromString(ids[1]), UUID.fromString(ids[2])));
        }
    }
}
