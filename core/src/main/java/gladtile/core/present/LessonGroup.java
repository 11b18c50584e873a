package gladtile.core.present;

import gladtile.core.Bounds;
import java.util.List;

/**
 * Students who work together in front of a class, with the points that they have there.
 *
 * @param studentIds at most {@value #STUDENTS}
 * @param points 0 to {@value #POINTS}
 */
public record LessonGroup(String id, String name, List<String> studentIds, int points) {
    public static final int GROUPS = 100;
    public static final int STUDENTS = 1_000;
    public static final int POINTS = 9_999;

    public LessonGroup {
        Bounds.id("group.id", id);
        Bounds.text("group.name", name, Bounds.NAME_LENGTH);
        studentIds = List.copyOf(Bounds.present("group.studentIds", studentIds));
        Bounds.count("group.studentIds", studentIds.size(), STUDENTS);
        studentIds.forEach(student -> Bounds.id("group.studentIds", student));
        Bounds.within("group.points", points, 0, POINTS);
    }

    /** As it begins another day. */
    public LessonGroup withoutPoints() {
        return new LessonGroup(id, name, studentIds, 0);
    }
}
