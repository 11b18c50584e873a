package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.edit.RenamePage;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class TryTest {
    @Test
    void a_try_is_judged_like_an_attempt_and_leaves_nothing_behind(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/activities/" + school.activityId + "/tries";
        Map<String, Object> wrong = School.put("moon", 300, 300);
        Map<String, Object> right = School.put("moon", 900, 300);
        Api.Answer tried = teacher.post(path, Map.of("moves", List.of(wrong, right)));
        assertThat(tried.json().path("verdict").path("says").asString()).isEqualTo("BELONGS");
        assertThat(tried.json()
                        .path("state")
                        .path("pieces")
                        .path("moon")
                        .path("solvedAt")
                        .asInt())
                .isEqualTo(2);
        assertThat(tried.json().path("view").toString()).doesNotContain("decisions");
        assertThat(teacher.post(path, Map.of("moves", List.of(School.put("hill", 1, 1))))
                        .text("rule"))
                .isEqualTo("FIXED_ITEM");
        assertThat(teacher.get("/api/v1/assignments/" + school.assignmentId + "/progress")
                        .json()
                        .toString())
                .doesNotContain("\"tries\":1", "WORKING");
    }

    @Test
    void a_try_goes_on_from_where_it_was_and_tells_the_same_as_one_that_is_told_whole(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/activities/" + school.activityId + "/tries";
        UUID id = UUID.randomUUID();
        Map<String, Object> wrong = School.put("moon", 300, 300);
        Map<String, Object> right = School.put("moon", 900, 300);
        teacher.post(path, Map.of("tryId", id, "moves", List.of(wrong)));
        Api.Answer refused =
                teacher.post(path, Map.of("tryId", id, "after", 1, "moves", List.of(School.put("hill", 1, 1))));
        assertThat(refused.text("rule")).as("and it stays where it was").isEqualTo("FIXED_ITEM");
        Api.Answer stepped = teacher.post(path, Map.of("tryId", id, "after", 1, "moves", List.of(right)));
        Api.Answer whole = teacher.post(path, Map.of("moves", List.of(wrong, right)));
        for (String part : List.of("state", "progress", "verdict", "course")) {
            assertThat(stepped.json().path(part))
                    .as(part)
                    .isEqualTo(whole.json().path(part));
        }
    }

    @Test
    void a_try_that_is_not_remembered_is_asked_for_whole(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/activities/" + school.activityId + "/tries";
        UUID id = UUID.randomUUID();
        List<Object> moves = List.of(School.put("moon", 300, 300));
        assertThat(teacher.post(path, Map.of("tryId", id, "after", 1, "moves", moves))
                        .text("rule"))
                .as("never begun")
                .isEqualTo("TRY_NOT_KNOWN");
        assertThat(teacher.post(path, Map.of("after", 1, "moves", moves)).text("rule"))
                .as("without a name")
                .isEqualTo("TRY_NOT_KNOWN");
        teacher.post(path, Map.of("tryId", id, "moves", moves));
        assertThat(teacher.post(path, Map.of("tryId", id, "after", 2, "moves", moves))
                        .text("rule"))
                .as("another number of moves")
                .isEqualTo("TRY_NOT_KNOWN");
        school.edit(new RenamePage("light", "Light or not?"));
        assertThat(teacher.post(path, Map.of("tryId", id, "after", 1, "moves", moves))
                        .text("rule"))
                .as("of the activity as it was before")
                .isEqualTo("TRY_NOT_KNOWN");
        assertThat(teacher.post(path, Map.of("tryId", id, "after", 2_000, "moves", moves))
                        .text("bound"))
                .isEqualTo("try.moves");
    }
}
