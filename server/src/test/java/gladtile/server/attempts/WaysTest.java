package gladtile.server.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is not open yet never leaves the server, and what a move opens comes with its reply. */
@ExtendWith(RealServer.class)
class WaysTest {
    private UUID assignmentId;
    private String code;

    private Api student(RealServer server, School school) {
        school.edit(new CompositeEdit(List.of(
                new AddPage(1, Page.empty("practice", "Practice sheet")),
                new AddPage(2, Page.empty("harder", "Harder sheet")),
                new SetPageLinks(
                        "light",
                        PageLinks.USUAL.withOpens(new Opens.WhenSolved()).withFirst("harder")))));
        AssignmentService.Given given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        assignmentId = given.id();
        code = given.joinCode();
        return School.joined(server.browser(), code, school.students.get(0));
    }

    private String open(Api student) {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignmentId))
                .text("id");
    }

    private static Map<String, Object> open(String page) {
        return School.moves(School.move(Map.of("kind", "open", "pageId", page)));
    }

    @Test
    void a_student_cannot_fetch_a_page_that_is_not_open_and_gets_it_when_it_opens(RealServer server) {
        School school = new School(server);
        Api student = student(server, school);
        Api.Answer begun = student.post("/api/v1/attempts", Map.of("assignmentId", assignmentId));
        String moves = "/api/v1/attempts/" + begun.text("id") + "/moves";
        assertThat(begun.json().toString()).doesNotContain("Harder sheet").doesNotContain("Practice sheet");
        assertThat(begun.json().path("course").path("waits").asString()).contains("everything on this page");

        Api.Answer early = student.post(moves, open("harder"));
        assertThat(early.status()).isEqualTo(409);
        assertThat(early.text("rule")).isEqualTo("NOT_OPEN");

        Api.Answer half = student.post(moves, School.moves(School.put("sun", 200, 200)));
        assertThat(half.json().has("opened")).isFalse();
        Api.Answer all = student.post(moves, School.moves(School.put("moon", 900, 200)));
        assertThat(all.json().path("course").path("next").asString()).isEqualTo("harder");
        assertThat(all.json().path("opened").toString()).contains("Harder sheet");
        assertThat(all.json().path("opened").toString()).doesNotContain("Practice sheet");
        assertThat(student.post(moves, open("practice")).text("rule")).isEqualTo("NOT_OPEN");
        assertThat(student.post(moves, open("harder")).status()).isEqualTo(200);

        // On another device the same pages are there.
        Api.Answer again = School.joined(server.browser(), code, school.students.get(0))
                .post("/api/v1/attempts", Map.of("assignmentId", assignmentId));
        assertThat(again.json().path("view").toString())
                .contains("Harder sheet")
                .doesNotContain("Practice sheet");
        assertThat(again.json().path("state").path("met").size()).isEqualTo(2);
    }

    @Test
    void who_missed_at_first_goes_another_way_and_the_teacher_sees_both(RealServer server) {
        School school = new School(server);
        Api first = student(server, school);
        Api second = School.joined(server.browser(), code, school.students.get(1));
        String one = "/api/v1/attempts/" + open(first) + "/moves";
        String two = "/api/v1/attempts/" + open(second) + "/moves";
        first.post(one, School.moves(School.put("sun", 200, 200), School.put("moon", 900, 200)));
        first.post(one, open("harder"));
        second.post(
                two,
                School.moves(School.put("sun", 900, 200), School.put("sun", 200, 200), School.put("moon", 900, 200)));
        second.post(two, open("practice"));
        JsonNode students = school.asTeacher()
                .get("/api/v1/assignments/" + assignmentId + "/progress")
                .json()
                .path("students");
        assertThat(students.get(0).path("path").toString()).isEqualTo("[\"light\",\"harder\"]");
        assertThat(students.get(1).path("path").toString()).isEqualTo("[\"light\",\"practice\"]");
    }

    @Test
    void the_map_of_pages_is_computed_on_the_server(RealServer server) {
        School school = new School(server);
        student(server, school);
        JsonNode map = school.asTeacher()
                .get("/api/v1/activities/" + school.activityId + "/page-map")
                .json();
        assertThat(map.path("start").asString()).isEqualTo("light");
        assertThat(map.path("spots").size()).isEqualTo(4);
        assertThat(map.path("links").toString()).contains("when all is right first time");
        assertThat(map.path("shortest").asInt()).isEqualTo(3);
        assertThat(map.path("longest").asInt()).isEqualTo(4);
    }
}
