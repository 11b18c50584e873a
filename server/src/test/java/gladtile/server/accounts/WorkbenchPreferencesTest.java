package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class WorkbenchPreferencesTest {
    @Test
    void a_workbench_is_as_its_teacher_left_it_on_any_machine(RealServer server) {
        School school = new School(server);
        Map<String, Object> preferences = Map.of(
                "rack", List.of("zone", "words"),
                "hidden", List.of("lens"),
                "side", "RIGHT",
                "size", "WALL",
                "pens", Map.of("pen1", Map.of("colour", "#a8432b", "width", 9, "dash", "DASHED")));
        assertThat(school.asTeacher()
                        .put("/api/v1/me/workbench-preferences", preferences)
                        .status())
                .isEqualTo(204);
        Api elsewhere = school.asTeacher();
        assertThat(elsewhere
                        .get("/api/v1/me/workbench-preferences")
                        .json()
                        .path("side")
                        .asString())
                .isEqualTo("RIGHT");
        assertThat(elsewhere
                        .get("/api/v1/me/workbench-preferences")
                        .json()
                        .path("pens")
                        .path("pen1")
                        .path("width")
                        .asDouble())
                .isEqualTo(9);
        assertThat(school.asOtherTeacher()
                        .get("/api/v1/me/workbench-preferences")
                        .json()
                        .path("side")
                        .asString())
                .isEqualTo("LEFT");
    }

    @Test
    void tastes_have_bounds(RealServer server) {
        Api teacher = new School(server).asTeacher();
        Map<String, Object> many = Map.of(
                "rack",
                Collections.nCopies(61, "x"),
                "hidden",
                List.of(),
                "side",
                "LEFT",
                "size",
                "NORMAL",
                "pens",
                Map.of());
        assertThat(teacher.put("/api/v1/me/workbench-preferences", many).text("bound"))
                .isEqualTo("preferences.rack");
    }
}
