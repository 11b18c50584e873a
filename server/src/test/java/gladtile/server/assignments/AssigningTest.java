package gladtile.server.assignments;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class AssigningTest {
    @Test
    void an_activity_with_nothing_to_place_is_not_given_out(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String blank =
                teacher.post("/api/v1/activities", Map.of("title", "Empty")).text("id");
        Api.Answer refused =
                teacher.post("/api/v1/activities/" + blank + "/assignments", Map.of("classId", school.classId));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text("rule")).isEqualTo("NOTHING_TO_PLACE");
    }

    @Test
    void a_class_of_another_teacher_is_not_there(RealServer server) {
        School school = new School(server);
        Api.Answer refused = school.asTeacher()
                .post(
                        "/api/v1/activities/" + school.activityId + "/assignments",
                        Map.of("classId", school.otherClassId));
        assertThat(refused.status()).isEqualTo(404);
    }

    @Test
    void a_code_is_read_however_a_child_types_it(RealServer server) {
        School school = new School(server);
        String code = school.joinCode;
        String typed = code.substring(0, 3).toLowerCase() + "%20-" + code.substring(3);
        assertThat(server.browser().get("/api/v1/join/" + typed).json().path("students"))
                .hasSize(3);
        Api.Answer none = server.browser().get("/api/v1/join/AAAAAA");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.text("detail")).contains("Look at the board");
    }
}
