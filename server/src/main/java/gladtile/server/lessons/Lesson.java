package gladtile.server.lessons;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.present.LessonGroup;
import gladtile.core.present.PageScale;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * An activity in front of a class on one day.
 *
 * @param classId absent where it is shown without a class
 * @param ink what was written on each page, in the order it was drawn; pages without any are left out
 * @param drawn how many names were drawn in this round
 * @param scales what is measured in on a page, by its id, where it is not the usual
 * @param groups of the class, with the points of that day
 */
public record Lesson(
        UUID id,
        UUID activityId,
        @JsonInclude(JsonInclude.Include.NON_NULL) UUID classId,
        LocalDate heldOn,
        Map<String, List<DrawnStroke>> ink,
        int drawn,
        Map<String, PageScale> scales,
        List<LessonGroup> groups) {}
