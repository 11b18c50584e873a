package gladtile.server.lessons;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.present.Lead;
import gladtile.core.present.LessonGroup;
import gladtile.core.present.PageScale;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Activities in front of a class. */
@RestController
class LessonController {
    private static final int STUDENTS = 1_000;
    private final LessonService lessons;

    LessonController(LessonService lessons) {
        this.lessons = lessons;
    }

    /** @param classId absent for no class */
    record OpenLesson(
            UUID activityId,
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID classId) {
        OpenLesson {
            Bounds.present("lesson.activityId", activityId);
        }
    }

    /** @param drawn new strokes; one that is there already stays @param gone ids of strokes that are wiped away */
    record InkRequest(String pageId, List<DrawnStroke> drawn, List<String> gone) {
        InkRequest {
            Bounds.id("ink.pageId", pageId);
            drawn = drawn == null ? List.of() : drawn;
            gone = gone == null ? List.of() : gone;
            Bounds.count("ink.drawn", drawn.size(), Bounds.LESSON_STROKES_AT_ONCE);
            Bounds.count("ink.gone", gone.size(), Bounds.LESSON_STROKES);
            drawn.forEach(one -> Bounds.present("ink.drawn", one));
            gone.forEach(id -> Bounds.id("ink.gone", id));
        }
    }

    record InkKept(int strokes) {}

    /** @param absent ids of students who are away */
    record TurnRequest(List<UUID> absent) {
        TurnRequest {
            absent = absent == null ? List.of() : absent;
            Bounds.count("turn.absent", absent.size(), STUDENTS);
            absent.forEach(id -> Bounds.present("turn.absent", id));
        }
    }

    /**
     * @param studentId absent where nobody is there, and so is the name
     * @param left how many have not come yet in this round
     * @param present how many are there
     */
    record TurnDrawn(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID studentId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String name,
            int left,
            int present) {}

    /** @param runs whether it does not rest @param shows in milliseconds, 0 to a week */
    record TimerShown(String id, boolean down, boolean runs, long shows) {}

    /** @param pageId absent where everybody turns the pages alone @param timers those that the tablets show */
    record LeadRequest(
            @JsonInclude(JsonInclude.Include.NON_NULL) String pageId, List<TimerShown> timers) {
        LeadRequest {
            timers = timers == null ? List.of() : timers;
            Bounds.count("lead.timers", timers.size(), Lead.TIMERS);
            timers.forEach(one -> Bounds.present("lead.timers", one));
        }
    }

    /** @param assignments of the class that this reaches */
    record Led(int assignments) {}

    /** @param scales by the page's id */
    record ScalesRequest(Map<String, PageScale> scales) {
        ScalesRequest {
            Bounds.count("scale.pages", Bounds.present("scale.pages", scales).size(), PageScale.PAGES);
            scales.forEach((page, scale) -> {
                Bounds.id("scale.pages", page);
                Bounds.present("scale.pages", scale);
            });
        }
    }

    record GroupsRequest(List<LessonGroup> groups) {
        GroupsRequest {
            Bounds.count("group.groups", Bounds.present("group.groups", groups).size(), LessonGroup.GROUPS);
            groups.forEach(group -> Bounds.present("group.groups", group));
        }
    }

    record LessonRemoved(UUID id) {}

    /** Today's, made where there is none. */
    @PostMapping("/api/v1/lessons")
    Lesson open(@AuthenticationPrincipal CurrentUser user, @RequestBody OpenLesson asked) {
        return lessons.open(user, asked.activityId(), asked.classId())
                .orElseThrow(() -> Problem.notThere("activity or class"));
    }

    @GetMapping("/api/v1/lessons/{id}")
    Lesson lesson(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return lessons.find(user, id).orElseThrow(() -> Problem.notThere("lesson"));
    }

    @GetMapping("/api/v1/activities/{id}/lessons")
    PagedList<LessonHead> ofActivity(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        return PagedList.of(lessons.of(user, id), LessonHead::id, paging);
    }

    @PostMapping("/api/v1/lessons/{id}/ink")
    InkKept write(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody InkRequest asked) {
        LessonService.Outcome outcome = lessons.write(user, id, asked.pageId(), asked.drawn(), asked.gone());
        if (outcome instanceof LessonService.Full full) {
            throw Problem.bound(
                    "lesson.strokes",
                    "This lesson has %,d strokes; it takes %,d. What is there is safe. Clear the ink of a page first."
                            .formatted(full.strokes(), Bounds.LESSON_STROKES));
        }
        if (outcome instanceof LessonService.TooManyPoints) {
            throw Problem.bound(
                    "lesson.points",
                    "The strokes of a lesson have at most %,d points together. What is there is safe. Clear the ink of a page first."
                            .formatted(Bounds.LESSON_POINTS));
        }
        if (!(outcome instanceof LessonService.Kept kept)) {
            throw Problem.notThere("lesson");
        }
        return new InkKept(kept.strokes());
    }

    /** What is measured in on the pages of the activity, from now on and in its next lesson. */
    @PutMapping("/api/v1/lessons/{id}/scales")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void scales(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ScalesRequest asked) {
        there(lessons.setScales(user, id, asked.scales()));
    }

    /** Groups of the class with their points; the next lesson with the class begins with them, without points. */
    @PutMapping("/api/v1/lessons/{id}/groups")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void groups(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody GroupsRequest asked) {
        there(lessons.setGroups(user, id, asked.groups()));
    }

    private static void there(boolean lesson) {
        if (!lesson) {
            throw Problem.notThere("lesson");
        }
    }

    @PostMapping("/api/v1/lessons/{id}/turns")
    @ResponseStatus(HttpStatus.CREATED)
    TurnDrawn turn(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TurnRequest asked) {
        LessonService.Turn turn = lessons.turn(user, id, asked.absent()).orElseThrow(() -> Problem.notThere("class"));
        return new TurnDrawn(
                turn.student().map(one -> one.id()).orElse(null),
                turn.student().map(one -> one.name()).orElse(null),
                turn.left(),
                turn.present());
    }

    /** What the wall tells the tablets of the class; to go on it is told again within a minute. */
    @PutMapping("/api/v1/lessons/{id}/lead")
    Led lead(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody LeadRequest asked) {
        List<LessonService.TimerNow> timers = asked.timers().stream()
                .map(one -> new LessonService.TimerNow(one.id(), one.down(), one.runs(), one.shows()))
                .toList();
        return new Led(lessons.lead(user, id, asked.pageId(), timers).orElseThrow(() -> Problem.notThere("class")));
    }

    @DeleteMapping("/api/v1/lessons/{id}")
    LessonRemoved remove(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        there(lessons.remove(user, id));
        return new LessonRemoved(id);
    }
}
