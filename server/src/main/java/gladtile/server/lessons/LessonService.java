package gladtile.server.lessons;

import gladtile.core.Bounds;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.present.Lead;
import gladtile.core.present.LessonGroup;
import gladtile.core.present.NameDraw;
import gladtile.core.present.PageScale;
import gladtile.core.present.WallTimer;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.classes.ClassService;
import gladtile.server.support.UuidV7;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a teacher does with an activity in front of a class: the ink of a day, and whose turn it is. It is the teacher's
 * own; the activity itself is never changed by it.
 */
@Service
public class LessonService {
    private static final int LISTED = 100;
    private final LessonStore store;
    private final ActivityService activities;
    private final ClassService classes;
    private final AssignmentService assignments;
    private final Clock clock;
    private final RandomGenerator random = new SecureRandom();

    LessonService(
            LessonStore store,
            ActivityService activities,
            ClassService classes,
            AssignmentService assignments,
            Clock clock) {
        this.store = store;
        this.activities = activities;
        this.classes = classes;
        this.assignments = assignments;
        this.clock = clock;
    }

    /** What comes of a wish to change a lesson. */
    public sealed interface Outcome {}

    /** @param strokes that the lesson has now */
    public record Kept(int strokes) implements Outcome {}

    public record NoSuchLesson() implements Outcome {}

    /** It would have more strokes than a lesson takes; nothing of what was sent was kept. */
    public record Full(int strokes) implements Outcome {}

    /** Its strokes would have more points together than a lesson takes; nothing of what was sent was kept. */
    public record TooManyPoints() implements Outcome {}

    /**
     * Whose turn it is.
     *
     * @param name absent where nobody is there
     * @param left who have not come yet in this round, of those who are there
     * @param present how many are there
     */
    public record Turn(Optional<ClassService.Student> student, int left, int present) {}

    /** Today's lesson with that activity and class, which is made where there is none. Empty when either is not theirs. */
    @Transactional
    public Optional<Lesson> open(CurrentUser user, UUID activityId, UUID classId) {
        boolean theirs = classId == null || classes.isMember(user.schoolId(), classId, user.id());
        if (!theirs || activities.read(user, activityId).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(openOn(user, activityId, classId, LocalDate.now(clock)));
    }

    /** That of any day; the activity and the class are theirs. */
    public Lesson openOn(CurrentUser user, UUID activityId, UUID classId, LocalDate day) {
        Map<String, PageScale> scales = store.lastScales(user, activityId);
        List<LessonGroup> groups = classId == null ? List.of() : store.lastGroups(user, classId);
        UUID id = UuidV7.make();
        if (store.make(user, id, activityId, classId, day)) {
            store.setScales(user.schoolId(), id, scales);
            store.setGroups(
                    user.schoolId(),
                    id,
                    groups.stream().map(LessonGroup::withoutPoints).toList());
        }
        return full(user, store.ofDay(user, activityId, classId, day));
    }

    public Optional<Lesson> find(CurrentUser user, UUID id) {
        return store.find(user, id).map(row -> full(user, row));
    }

    private Lesson full(CurrentUser user, LessonStore.Row row) {
        Map<String, List<DrawnStroke>> ink = store.ink(user.schoolId(), row.id());
        return new Lesson(
                row.id(),
                row.activityId(),
                row.classId(),
                row.heldOn(),
                ink,
                row.drawn().size(),
                row.scales(),
                row.groups());
    }

    /** Of one activity, the latest first. */
    public List<LessonHead> of(CurrentUser user, UUID activityId) {
        List<LessonStore.Row> rows = store.of(user, activityId, LISTED);
        List<UUID> ids = rows.stream().map(LessonStore.Row::id).toList();
        Map<UUID, Integer> strokes = store.strokes(user.schoolId(), ids);
        return rows.stream()
                .map(row -> new LessonHead(
                        row.id(),
                        row.heldOn(),
                        row.classId() == null
                                ? null
                                : classes.name(user.schoolId(), row.classId()).orElse(null),
                        strokes.getOrDefault(row.id(), 0)))
                .toList();
    }

    /** @param gone ids of strokes that are wiped away; unknown ones do no harm */
    @Transactional
    public Outcome write(CurrentUser user, UUID lessonId, String pageId, List<DrawnStroke> drawn, List<String> gone) {
        if (!store.hold(user, lessonId)) {
            return new NoSuchLesson();
        }
        store.wipe(user.schoolId(), lessonId, gone);
        int there = store.strokes(user.schoolId(), List.of(lessonId)).getOrDefault(lessonId, 0);
        if (!drawn.isEmpty() && there + drawn.size() > Bounds.LESSON_STROKES) {
            return new Full(there);
        }
        int points = drawn.stream().mapToInt(one -> one.stroke().count()).sum();
        if (points > 0 && store.points(user.schoolId(), lessonId) + points > Bounds.LESSON_POINTS) {
            return new TooManyPoints();
        }
        store.draw(user.schoolId(), lessonId, pageId, drawn);
        return new Kept(store.strokes(user.schoolId(), List.of(lessonId)).getOrDefault(lessonId, 0));
    }

    /** What is measured in on its pages. @return whether there is such a lesson */
    public boolean setScales(CurrentUser user, UUID lessonId, Map<String, PageScale> scales) {
        boolean there = store.find(user, lessonId).isPresent();
        if (there) {
            store.setScales(user.schoolId(), lessonId, scales);
        }
        return there;
    }

    /** Its groups with their points. @return whether there is such a lesson */
    public boolean setGroups(CurrentUser user, UUID lessonId, List<LessonGroup> groups) {
        boolean there = store.find(user, lessonId).isPresent();
        if (there) {
            store.setGroups(user.schoolId(), lessonId, groups);
        }
        return there;
    }

    /** Draws the next name. @param absent ids of students who are away; empty when the lesson has no class */
    @Transactional
    public Optional<Turn> turn(CurrentUser user, UUID lessonId, Collection<UUID> absent) {
        if (!store.hold(user, lessonId)) {
            return Optional.empty();
        }
        LessonStore.Row row = store.find(user, lessonId).orElseThrow();
        // Whoever has left the class meanwhile learns no name of it any more.
        if (row.classId() == null || !classes.isMember(user.schoolId(), row.classId(), user.id())) {
            return Optional.empty();
        }
        Set<UUID> away = new HashSet<>(absent);
        List<ClassService.Student> present = classes.students(user.schoolId(), row.classId()).stream()
                .filter(one -> !away.contains(one.id()))
                .toList();
        NameDraw draw =
                NameDraw.of(present.stream().map(one -> one.id().toString()).toList(), row.drawn(), random);
        store.setDrawn(user.schoolId(), lessonId, draw.round());
        Optional<ClassService.Student> next = draw.next()
                .flatMap(id -> present.stream()
                        .filter(one -> one.id().toString().equals(id))
                        .findFirst());
        return Optional.of(new Turn(next, draw.left(), present.size()));
    }

    /** A timer as the wall shows it now. @param shows in milliseconds */
    public record TimerNow(String id, boolean down, boolean runs, long shows) {}

    /**
     * Tells the tablets of the class what the wall shows. Told again and again it goes on; a tablet hears only of what is
     * otherwise.
     *
     * @param pageId null where everybody turns the pages alone
     * @return how many assignments of the class that reaches; empty when there is no such lesson with a class
     */
    public Optional<Integer> lead(CurrentUser user, UUID lessonId, String pageId, List<TimerNow> timers) {
        LessonStore.Row row = store.find(user, lessonId).orElse(null);
        if (row == null || row.classId() == null || !classes.isMember(user.schoolId(), row.classId(), user.id())) {
            return Optional.empty();
        }
        Instant now = clock.instant();
        Lead was = store.lead(user.schoolId(), lessonId).orElse(null);
        Lead lead = Lead.from(
                now,
                pageId,
                timers.stream()
                        .map(one -> WallTimer.of(one.id(), one.down(), one.runs(), one.shows(), now))
                        .toList());
        store.setLead(user.schoolId(), lessonId, lead.tellsNothing() ? null : lead);
        List<Assignment> reached = assignments.ofClass(user.schoolId(), row.classId(), row.activityId());
        boolean silent = was == null && lead.tellsNothing();
        if (!silent && !lead.goesOnFrom(was, now)) {
            reached.forEach(assignments::tellAround);
        }
        return Optional.of(reached.size());
    }

    /** What the wall tells the tablets now that work on that assignment. */
    public Optional<Lead> leadOf(Assignment assignment) {
        Instant now = clock.instant();
        return store.leads(assignment.schoolId(), assignment.activityId(), assignment.classId()).stream()
                .filter(one -> one.holdsAt(now))
                .max(Comparator.comparing(Lead::until));
    }

    /** Throws a lesson away with its ink. @return whether there was one */
    public boolean remove(CurrentUser user, UUID lessonId) {
        return store.remove(user, lessonId);
    }
}
