package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
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
}
