package gladtile.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RealServer.class)
class NoticesTest {
    @Test
    void a_colleague_hears_of_what_is_shared_with_them_and_not_of_what_is_no_more(RealServer server) {
        School school = new School(server);
        String share = "/api/v1/activities/" + school.activityId + "/sharing/" + school.otherTeacher.id();
        Api colleague = school.asOtherTeacher();
        Map<String, Object> edit = Map.of("access", "EDIT");
        assertThat(school.asTeacher().put(share, edit).status()).isEqualTo(204);
        JsonNode told = colleague.get("/api/v1/notices").items();
        assertThat(told).hasSize(1);
        assertThat(told.get(0).path("kind").asString()).isEqualTo("SHARED");
        assertThat(told.get(0).path("about").path("activityId").asString()).isEqualTo(school.activityId.toString());
        assertThat(told.get(0).path("about").path("by").asString()).isEqualTo("Teacher");
        school.asTeacher().put(share, Map.of("access", "NONE"));
        assertThat(colleague.get("/api/v1/notices").items()).hasSize(1);
        assertThat(school.asTeacher().get("/api/v1/notices").items()).isEmpty();
    }

    @Test
    void the_teacher_hears_once_of_all_who_hand_in_and_the_student_of_what_came_back(RealServer server) {
        School school = new School(server);
        Lesson lesson = Lesson.give(school, Map.of());
        for (int i = 0; i < 2; i++) {
            Api student = lesson.student(i);
            Lesson.moves(student, lesson.attempt(student), Lesson.handIn());
        }
        JsonNode told = lesson.teacher.get("/api/v1/notices").items();
        assertThat(told).hasSize(1);
        assertThat(told.get(0).path("kind").asString()).isEqualTo("HANDED_IN");
        assertThat(told.get(0).path("about").path("count").asInt()).isEqualTo(2);
        lesson.teacher.put("/api/v1/notices/seen", Map.of());
        assertThat(lesson.teacher
                        .get("/api/v1/notices")
                        .items()
                        .get(0)
                        .path("seen")
                        .asBoolean())
                .isTrue();
        assertThat(waiting(lesson)).isEqualTo(2);

        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        assertThat(ada.get("/api/v1/notices").items()).isEmpty();
        lesson.teacher.post(
                lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length()) + "/returns",
                Map.of("version", 0, "review", Map.of("words", "Good", "mayImprove", true)));
        assertThat(ada.get("/api/v1/notices").items().get(0).path("kind").asString())
                .isEqualTo("CAME_BACK");
        assertThat(lesson.student(1).get("/api/v1/notices").items()).isEmpty();
        assertThat(waiting(lesson)).isEqualTo(1);
        // No mail goes out; the stand-in shows what would.
        assertThat(lesson.teacher.get("/api/v1/outbox").items().toString())
                .contains("Came back: Night sky")
                .contains("Handed in: Night sky")
                .contains("Ada");
        // Of other teachers' students nothing, not even their names.
        assertThat(lesson.school.asOtherTeacher().get("/api/v1/outbox").items()).isEmpty();
    }

    private static int waiting(Lesson lesson) {
        for (JsonNode one : lesson.teacher.get("/api/v1/to-review").items()) {
            if (one.path("assignmentId").asString().equals(lesson.assignmentId)) {
                return one.path("waiting").asInt();
            }
        }
        return 0;
    }

    @Test
    void the_sheet_for_home_says_what_the_student_may_see_and_no_more(RealServer server) throws Exception {
        School school = new School(server);
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        Lesson.moves(ada, attempt, School.put("moon", 200, 200), School.put("sun", 200, 200), Lesson.handIn());
        String reviewPath = lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length());
        Map<String, Object> review = Map.of("version", 0, "review", Map.of("words", "You saw it", "mayImprove", false));
        lesson.teacher.put(reviewPath, review);
        assertThat(sheet(lesson, school))
                .contains("Ada", "Night sky", "1 of 2 points", "right at the first try", "tried once")
                .doesNotContain("You saw it");
        lesson.teacher.post(reviewPath + "/returns", Map.of("version", 1, "review", review.get("review")));
        assertThat(sheet(lesson, school)).contains("You saw it");
    }

    private static String sheet(Lesson lesson, School school) throws Exception {
        byte[] pdf = lesson.teacher
                .raw(lesson.at + "/students/" + school.students.get(0).id() + "/sheet")
                .body();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
