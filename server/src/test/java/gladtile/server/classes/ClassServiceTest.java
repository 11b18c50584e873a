package gladtile.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RealServer.class)
class ClassServiceTest {
    private static Map<String, Object> list(String text) {
        return Map.of("text", text);
    }

    @Test
    void a_class_is_made_and_filled_from_a_list_and_its_students_come_in_with_the_pins_on_their_cards(
            RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/classes/"
                + teacher.post("/api/v1/classes", Map.of("name", "  Owl  class "))
                        .text("id");
        assertThat(teacher.get(path).text("name")).isEqualTo("Owl class");
        JsonNode added = teacher.post(path + "/students", list("Name;House\nAda;red\nبدر;blue"))
                .json();
        assertThat(added.path("cards").size()).isEqualTo(2);
        JsonNode card = added.path("cards").get(1);
        assertThat(card.path("name").asString()).isEqualTo("بدر");

        String code = teacher.post(
                        "/api/v1/activities/" + school.activityId + "/assignments",
                        Map.of("classId", path.substring("/api/v1/classes/".length())))
                .text("joinCode");
        Map<String, Object> right = Map.of(
                "studentId", card.path("id").asString(), "pin", card.path("pin").asString());
        assertThat(server.browser()
                        .post("/api/v1/join/" + code + "/session", right)
                        .status())
                .isEqualTo(200);
        // A new PIN, and the old one is none any more.
        String fresh = teacher.post(path + "/students/" + card.path("id").asString() + "/pins", Map.of())
                .text("pin");
        if (!fresh.equals(card.path("pin").asString())) {
            assertThat(server.browser()
                            .post("/api/v1/join/" + code + "/session", right)
                            .status())
                    .isEqualTo(401);
        }
        Map<String, Object> now = Map.of("studentId", card.path("id").asString(), "pin", fresh);
        assertThat(server.browser()
                        .post("/api/v1/join/" + code + "/session", now)
                        .status())
                .isEqualTo(200);
        // Out of the class, the code no longer knows them.
        teacher.delete(path + "/students/" + card.path("id").asString());
        assertThat(server.browser()
                        .post("/api/v1/join/" + code + "/session", now)
                        .status())
                .isEqualTo(401);
    }

    @Test
    void the_same_list_sent_many_times_at_once_makes_each_child_once(RealServer server) throws Exception {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/classes/" + school.classId;
        ExecutorService many = Executors.newFixedThreadPool(10);
        try {
            List<Future<Integer>> all = new ArrayList<>();
            for (int i = 0; i < 10; i++) {
                all.add(many.submit(() -> teacher.post(path + "/students", Map.of("text", "Vela\nNova"))
                        .status()));
            }
            for (Future<Integer> one : all) {
                assertThat(one.get()).isEqualTo(200);
            }
        } finally {
            many.shutdownNow();
        }
        assertThat(teacher.get(path).json().path("students").findValuesAsString("name"))
                .containsExactlyInAnyOrder("Ada", "Bo", "Cyrus", "Nova", "Vela");
    }

    @Test
    void a_list_with_something_wrong_adds_nobody_and_the_preview_said_so(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String path = "/api/v1/classes/" + school.classId;
        int before = teacher.get(path).json().path("students").size();
        JsonNode preview = teacher.post(path + "/student-previews", list("Vega\nvega\nDeneb"))
                .json();
        assertThat(preview.path("wrong").get(0).asString()).contains("stands twice");
        Api.Answer refused = teacher.post(path + "/students", list("Vega\nvega\nDeneb"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text("detail")).endsWith("Nobody was added.");
        assertThat(teacher.get(path).json().path("students").size()).isEqualTo(before);
    }
}
