package gladtile.server.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.present.LessonGroup;
import gladtile.core.present.PageScale;
import gladtile.server.classes.ClassService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Activities in front of a class: the ink of a day, and whose turn it is. */
@ExtendWith(RealServer.class)
class LessonServiceTest {
    private static Map<String, Object> stroke(String id) {
        return Map.of(
                "id",
                id,
                "stroke",
                Map.of(
                        "tool", "PEN",
                        "colour", "#1c2b33",
                        "width", 6,
                        "dash", "SOLID",
                        "points", List.of(100, 100, 128, 900, 500, 128)));
    }

    private static String open(School school, Api who) {
        return "/api/v1/lessons/"
                + who.post("/api/v1/lessons", Map.of("activityId", school.activityId, "classId", school.classId))
                        .text("id");
    }

    private static Api.Answer write(Api who, String lesson, List<Map<String, Object>> drawn, List<String> gone) {
        return who.post(lesson + "/ink", Map.of("pageId", "light", "drawn", drawn, "gone", gone));
    }

    private static List<String> ink(Api who, String lesson) {
        List<String> ids = new ArrayList<>();
        who.get(lesson)
                .json()
                .path("ink")
                .path("light")
                .forEach(one -> ids.add(one.path("id").asString()));
        return ids;
    }

    @Test
    void ink_of_a_day_stays_in_its_order_and_what_is_sent_again_changes_nothing(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        Activity before = school.activity();
        String lesson = open(school, mira);
        assertThat(open(school, mira)).as("the same day, the same class").isEqualTo(lesson);
        assertThat(write(mira, lesson, List.of(stroke("b"), stroke("a")), List.of())
                        .json()
                        .path("strokes")
                        .asInt())
                .isEqualTo(2);
        write(mira, lesson, List.of(stroke("c"), stroke("b")), List.of());
        assertThat(ink(mira, lesson)).containsExactly("b", "a", "c");
        write(mira, lesson, List.of(), List.of("a", "never-there"));
        assertThat(ink(mira, lesson)).containsExactly("b", "c");
        assertThat(mira.get("/api/v1/activities/" + school.activityId + "/lessons")
                        .items()
                        .path(0)
                        .path("strokes")
                        .asInt())
                .isEqualTo(2);
        assertThat(school.activity()).as("the activity itself").isEqualTo(before);

        assertThat(mira.delete(lesson).status()).isEqualTo(200);
        assertThat(mira.get(lesson).status()).isEqualTo(404);
    }

    @Test
    void ten_thousand_strokes_are_kept_and_the_one_after_is_refused_with_the_bound(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String lesson = open(school, mira);
        for (int i = 0; i < Bounds.LESSON_STROKES; i += Bounds.LESSON_STROKES_AT_ONCE) {
            List<Map<String, Object>> some = new ArrayList<>();
            for (int k = 0; k < Bounds.LESSON_STROKES_AT_ONCE; k++) {
                some.add(stroke("s" + (i + k)));
            }
            assertThat(write(mira, lesson, some, List.of()).status()).isEqualTo(200);
        }
        Api.Answer full = write(mira, lesson, List.of(stroke("more")), List.of());
        assertThat(full.status()).isEqualTo(422);
        assertThat(full.text("bound")).isEqualTo("lesson.strokes");
        assertThat(write(mira, lesson, List.of(stroke("more")), List.of("s0")).status())
                .as("one goes, one comes")
                .isEqualTo(200);
        assertThat(ink(mira, lesson))
                .hasSize(Bounds.LESSON_STROKES)
                .contains("more")
                .doesNotContain("s0");
    }

    @Test
    void everybody_has_a_turn_before_anybody_has_two_and_who_is_away_has_none(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String lesson = open(school, mira);
        int students =
                mira.post(lesson + "/turns", Map.of()).json().path("present").asInt();
        String away = null;
        Set<String> came = new HashSet<>();
        for (int i = 1; i < students; i++) {
            away = mira.post(lesson + "/turns", Map.of()).text("studentId");
            came.add(away);
        }
        assertThat(came).hasSize(students - 1);
        for (int i = 0; i < 3 * students; i++) {
            Api.Answer turn = mira.post(lesson + "/turns", Map.of("absent", List.of(away)));
            assertThat(turn.text("studentId")).isNotEqualTo(away);
        }
    }

    @Test
    void long_strokes_are_bounded_by_their_points(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String lesson = open(school, mira);
        List<Integer> points = new ArrayList<>();
        for (int i = 0; i < Bounds.POINTS_IN_A_STROKE; i++) {
            points.addAll(List.of(i, i, 128));
        }
        int most = Bounds.LESSON_POINTS / Bounds.POINTS_IN_A_STROKE;
        Api.Answer last = null;
        for (int i = 0; i <= most; i += 20) {
            List<Map<String, Object>> some = new ArrayList<>();
            for (int k = i; k < Math.min(i + 20, most + 1); k++) {
                Map<String, Object> shape =
                        Map.of("tool", "PEN", "colour", "#1c2b33", "width", 6, "dash", "SOLID", "points", points);
                some.add(Map.of("id", "long" + k, "stroke", shape));
            }
            last = write(mira, lesson, some, List.of());
        }
        assertThat(last.status()).isEqualTo(422);
        assertThat(last.text("bound")).isEqualTo("lesson.points");
        assertThat(ink(mira, lesson)).hasSize(most);
    }

    @Test
    void who_left_the_class_learns_no_name_of_it_any_more(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String lesson = open(school, mira);
        assertThat(mira.post(lesson + "/turns", Map.of()).status()).isEqualTo(201);
        server.bean(ClassService.class).leave(school.id, school.classId, school.teacher.id());
        assertThat(mira.post(lesson + "/turns", Map.of()).status()).isEqualTo(404);
    }

    @Test
    void the_wall_leads_the_tablets_of_its_class_until_it_stops(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        Api student = school.asStudent(0);
        String lesson = open(school, mira);
        Map<String, Object> timer = Map.of("id", "t1", "down", true, "runs", true, "shows", 90_000);
        assertThat(mira.put(lesson + "/lead", Map.of("pageId", "light", "timers", List.of(timer)))
                        .json()
                        .path("assignments")
                        .asInt())
                .isEqualTo(1);
        var around = student.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                .json()
                .path("around");
        assertThat(around.path("lead").path("pageId").asString()).isEqualTo("light");
        var told = around.path("lead").path("timers").get(0);
        long left = Duration.between(
                        Instant.parse(around.path("now").asString()),
                        Instant.parse(told.path("zeroAt").asString()))
                .toMillis();
        assertThat(left).isBetween(1L, 90_000L);

        assertThat(mira.put(lesson + "/lead", Map.of()).status()).isEqualTo(200);
        assertThat(student.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                        .json()
                        .path("around")
                        .has("lead"))
                .isFalse();

        // Without a class there is nobody to lead.
        String alone = "/api/v1/lessons/"
                + mira.post("/api/v1/lessons", Map.of("activityId", school.activityId))
                        .text("id");
        assertThat(mira.put(alone + "/lead", Map.of("pageId", "light")).status())
                .isEqualTo(404);
        assertThat(mira.put(
                                lesson + "/lead",
                                Map.of("timers", List.of(Map.of("id", "t", "down", true, "runs", true, "shows", -1))))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void a_lesson_is_its_teachers_alone(RealServer server) {
        School school = new School(server);
        String lesson = open(school, school.asTeacher());
        Api other = school.asOtherTeacher();
        assertThat(other.get(lesson).status()).isEqualTo(404);
        assertThat(write(other, lesson, List.of(stroke("x")), List.of()).status())
                .isEqualTo(404);
        assertThat(other.post(lesson + "/turns", Map.of()).status()).isEqualTo(404);
        assertThat(school.asStudent(0).get(lesson).status()).isEqualTo(403);
        Map<String, Object> foreign = Map.of("activityId", school.activityId, "classId", UUID.randomUUID());
        assertThat(school.asTeacher().post("/api/v1/lessons", foreign).status()).isEqualTo(404);
    }

    @Test
    void what_is_measured_in_and_the_groups_are_there_on_any_device_and_another_day(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String lesson = open(school, mira);
        Map<String, Object> scales = Map.of("scales", Map.of("light", Map.of("unit", "km", "per", 80)));
        Map<String, Object> one = Map.of("id", "g1", "name", "Comets", "studentIds", List.of(id(school)), "points", 3);
        assertThat(mira.put(lesson + "/scales", scales).status()).isEqualTo(204);
        assertThat(mira.put(lesson + "/groups", Map.of("groups", List.of(one))).status())
                .isEqualTo(204);
        JsonNode now = school.asTeacher().get(lesson).json();
        assertThat(now.path("scales").path("light").path("unit").asString()).isEqualTo("km");
        assertThat(now.path("groups").get(0).path("points").asInt()).isEqualTo(3);

        Lesson next = server.bean(LessonService.class)
                .openOn(
                        school.teacher,
                        school.activityId,
                        school.classId,
                        LocalDate.now().plusDays(1));
        assertThat(next.scales()).isEqualTo(Map.of("light", new PageScale("km", 80)));
        assertThat(next.groups()).containsExactly(new LessonGroup("g1", "Comets", List.of(id(school)), 0));
        Lesson withoutClass = server.bean(LessonService.class)
                .openOn(school.teacher, school.activityId, null, LocalDate.now().plusDays(1));
        assertThat(withoutClass.groups()).isEmpty();
        assertThat(withoutClass.scales()).isNotEmpty();

        Map<String, Object> tiny = Map.of("scales", Map.of("light", Map.of("unit", "cm", "per", 7)));
        assertThat(mira.put(lesson + "/scales", tiny).status()).isEqualTo(422);
        assertThat(mira.put(lesson + "/groups", Map.of("groups", java.util.Collections.nCopies(101, one)))
                        .status())
                .isEqualTo(422);
        assertThat(school.asOtherTeacher().put(lesson + "/scales", scales).status())
                .isEqualTo(404);
    }

    private static String id(School school) {
        return school.students.get(0).id().toString();
    }
}
