package gladtile.server.review;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.SetRule;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RealServer.class)
class ResultsServiceTest {
    @Test
    void figures_say_how_hard_each_placement_is_and_where_its_misses_went(RealServer server) {
        School school = new School(server);
        Api first = school.asStudent(0);
        Api second = school.asStudent(1);
        first.post(
                "/api/v1/attempts/" + school.open(first) + "/moves",
                School.moves(
                        School.put("sun", 200, 200),
                        School.put("moon", 900, 200),
                        School.move(Map.of("kind", "hand-in"))));
        second.post(
                "/api/v1/attempts/" + school.open(second) + "/moves",
                School.moves(School.put("sun", 900, 200), School.put("sun", 900, 300), School.put("sun", 200, 200)));
        JsonNode found = results(school.asTeacher(), school).json();
        assertThat(found.path("statistics").path("students").asInt()).isEqualTo(2);
        assertThat(found.path("statistics").path("handedIn").asInt()).isEqualTo(1);
        JsonNode sun = found.path("rows").get(0);
        assertThat(sun.path("figures").path("difficulty").asDouble()).isEqualTo(0.5);
        assertThat(sun.path("figures").path("tries").asDouble()).isEqualTo(2);
        assertThat(sun.path("missed").get(0).path("zone").asString()).isEqualTo("Reflects");
        assertThat(sun.path("missed").get(0).path("count").asInt()).isEqualTo(2);
        assertThat(found.path("statistics").path("reliability").path("honest").asString())
                .contains("it takes 10");
    }

    @Test
    void what_is_judged_by_a_check_has_misses_and_times_too(RealServer server) {
        School school = new School(server);
        ZoneRule onCheck = ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK);
        school.edit(new SetRule("light", "own", onCheck));
        school.edit(new SetRule("light", "reflect", onCheck));
        AssignmentService.Given given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        Api student = school.asStudent(0);
        String attempt = student.post("/api/v1/attempts", Map.of("assignmentId", given.id()))
                .text("id");
        Map<String, Object> check = Map.of("kind", "check", "pageId", "light");
        Api.Answer made = student.post(
                "/api/v1/attempts/" + attempt + "/moves",
                School.moves(
                        School.put("sun", 900, 200),
                        School.move(check),
                        School.put("sun", 200, 200),
                        School.move(check)));
        assertThat(made.status()).isEqualTo(200);
        JsonNode sun = school.asTeacher()
                .get("/api/v1/assignments/" + given.id() + "/results")
                .json()
                .path("rows")
                .get(0);
        assertThat(sun.path("missed").get(0).path("zone").asString()).isEqualTo("Reflects");
        assertThat(sun.path("missed").get(0).path("count").asInt()).isEqualTo(1);
        assertThat(sun.path("seconds").isNumber()).isTrue();
    }

    private static Api.Answer results(Api person, School school) {
        return person.get("/api/v1/assignments/" + school.assignmentId + "/results");
    }

    @Test
    void the_table_has_a_row_for_each_student_and_says_what_its_columns_mean(RealServer server) {
        School school = new School(server);
        Api student = school.asStudent(0);
        student.post("/api/v1/attempts/" + school.open(student) + "/moves", School.moves(School.put("sun", 900, 200)));
        HttpResponse<byte[]> table =
                school.asTeacher().raw("/api/v1/assignments/" + school.assignmentId + "/results/table");
        assertThat(table.headers().firstValue("Content-Type").orElseThrow()).startsWith("text/csv");
        String csv = new String(table.body(), StandardCharsets.UTF_8);
        assertThat(csv.lines().filter(line -> line.endsWith(",not joined"))).hasSize(2);
        assertThat(csv).contains("Tries: sun").contains(",-1,").contains("What it means");
    }
}
