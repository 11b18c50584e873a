package gladtile.server.lessons;

import gladtile.core.Bounds;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.present.NameDraw;
import gladtile.server.accounts.Who;
import gladtile.server.activities.Activities;
import gladtile.server.classes.Classes;
import gladtile.server.support.UuidV7;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
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
public class Lessons {
    private static final int LISTED = 100;
    private final LessonStore store;
    private final Activities activities;
    private final Classes classes;
    private final Clock clock;
    private final RandomGenerator random = new SecureRandom();

    Lessons(LessonStore store, Activities activities, Classes classes, Clock clock) {
        this.store = store;
        this.activities = activities;
        this.classes = classes;
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
    public record Turn(Optional<Classes.Student> student, int left, int present) {}

    /** Today's lesson with that activity and class, which is made where there is none. Empty when either is not theirs. */
    @Transactional
    public Optional<Lesson> open(Who who, UUID activityId, UUID classId) {
        boolean theirs = classId == null || classes.isMember(who.schoolId(), classId, who.id());
        if (!theirs || activities.read(who, activityId).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(openOn(who, activityId, classId, LocalDate.now(clock)));
    }

    /** That of any day; the activity and the class are theirs. */
    public Lesson openOn(Who who, UUID activityId, UUID classId, LocalDate day) {
        store.make(who, UuidV7.make(), activityId, classId, day);
        return full(who, store.ofDay(who, activityId, classId, day));
    }

    public Optional<Lesson> find(Who who, UUID id) {
        return store.find(who, id).map(row -> full(who, row));
    }

    private Lesson full(Who who, LessonStore.Row row) {
        Map<String, List<DrawnStroke>> ink = store.ink(who.schoolId(), row.id());
        return new Lesson(
                row.id(),
                row.activityId(),
                row.classId(),
                row.heldOn(),
                ink,
                row.drawn().size());
    }

    /** Of one activity, the latest first. */
    public List<LessonHead> of(Who who, UUID activityId) {
        List<LessonStore.Row> rows = store.of(who, activityId, LISTED);
        List<UUID> ids = rows.stream().map(LessonStore.Row::id).toList();
        Map<UUID, Integer> strokes = store.strokes(who.schoolId(), ids);
        return rows.stream()
                .map(row -> new LessonHead(
                        row.id(),
                        row.heldOn(),
                        row.classId() == null
                                ? null
                                : classes.name(who.schoolId(), row.classId()).orElse(null),
                        strokes.getOrDefault(row.id(), 0)))
                .toList();
    }

    /** @param gone ids of strokes that are wiped away; unknown ones do no harm */
    @Transactional
    public Outcome write(Who who, UUID lessonId, String pageId, List<DrawnStroke> drawn, List<String> gone) {
        if (!store.hold(who, lessonId)) {
            return new NoSuchLesson();
        }
        store.wipe(who.schoolId(), lessonId, gone);
        int there = store.strokes(who.schoolId(), List.of(lessonId)).getOrDefault(lessonId, 0);
        if (!drawn.isEmpty() && there + drawn.size() > Bounds.LESSON_STROKES) {
            return new Full(there);
        }
        int points = drawn.stream().mapToInt(one -> one.stroke().count()).sum();
        if (points > 0 && store.points(who.schoolId(), lessonId) + points > Bounds.LESSON_POINTS) {
            return new TooManyPoints();
        }
        store.draw(who.schoolId(), lessonId, pageId, drawn);
        return new Kept(store.strokes(who.schoolId(), List.of(lessonId)).getOrDefault(lessonId, 0));
    }

    /** Draws the next name. @param absent ids of students who are away; empty when the lesson has no class */
    @Transactional
    public Optional<Turn> turn(Who who, UUID lessonId, Collection<UUID> absent) {
        if (!store.hold(who, lessonId)) {
            return Optional.empty();
        }
        LessonStore.Row row = store.find(who, lessonId).orElseThrow();
        // Whoever has left the class meanwhile learns no name of it any more.
        if (row.classId() == null || !classes.isMember(who.schoolId(), row.classId(), who.id())) {
            return Optional.empty();
        }
        Set<UUID> away = new HashSet<>(absent);
        List<Classes.Student> present = classes.students(who.schoolId(), row.classId()).stream()
                .filter(one -> !away.contains(one.id()))
                .toList();
        NameDraw draw =
                NameDraw.of(present.stream().map(one -> one.id().toString()).toList(), row.drawn(), random);
        store.setDrawn(who.schoolId(), lessonId, draw.round());
        Optional<Classes.Student> next = draw.next()
                .flatMap(id -> present.stream()
                        .filter(one -> one.id().toString().equals(id))
                        .findFirst());
        return Optional.of(new Turn(next, draw.left(), present.size()));
    }

    /** Throws a lesson away with its ink. @return whether there was one */
    public boolean remove(Who who, UUID lessonId) {
        return store.remove(who, lessonId);
    }
}
