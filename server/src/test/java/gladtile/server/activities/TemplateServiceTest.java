package gladtile.server.activities;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.edit.SetTitle;
import gladtile.core.json.Json;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Activities offered as a copy by a link. */
@ExtendWith(RealServer.class)
class TemplateServiceTest {
    private static String offer(School school) {
        return school.asTeacher()
                .put("/api/v1/activities/" + school.activityId + "/template", Map.of("offered", true))
                .text("code");
    }

    private static Activity read(Api who, String id) {
        return Json.read(
                who.get("/api/v1/activities/" + id).json().path("activity").toString(), Activity.class);
    }

    @Test
    void a_colleague_with_the_link_takes_a_copy_that_is_their_own(RealServer server) {
        School school = new School(server);
        String code = offer(school);
        Api other = school.asOtherTeacher();
        assertThat(other.get("/api/v1/templates/" + code).text("title"))
                .isEqualTo(school.activity().title());
        Api.Answer taken = other.post("/api/v1/templates/" + code + "/copies", Map.of());
        assertThat(taken.status()).isEqualTo(201);
        assertThat(read(other, taken.text("id"))).isEqualTo(school.activity());

        // Neither sees what the other makes of it.
        Activity before = school.activity();
        school.edit(new SetTitle("Another night"));
        assertThat(read(other, taken.text("id"))).isEqualTo(before);
        assertThat(school.asTeacher()
                        .get("/api/v1/activities/" + taken.text("id"))
                        .status())
                .isEqualTo(404);
        assertThat(other.get("/api/v1/activities/" + school.activityId).status())
                .isEqualTo(404);
    }

    @Test
    void the_link_stays_the_same_until_it_is_ended_and_what_was_taken_stays(RealServer server) {
        School school = new School(server);
        String code = offer(school);
        assertThat(offer(school)).isEqualTo(code);
        Api other = school.asOtherTeacher();
        String taken =
                other.post("/api/v1/templates/" + code + "/copies", Map.of()).text("id");
        Api owner = school.asTeacher();
        String at = "/api/v1/activities/" + school.activityId + "/template";
        assertThat(owner.put(at, Map.of("offered", false)).json().has("code")).isFalse();
        assertThat(other.get("/api/v1/templates/" + code).status()).isEqualTo(404);
        assertThat(other.post("/api/v1/templates/" + code + "/copies", Map.of()).status())
                .isEqualTo(404);
        assertThat(other.get("/api/v1/activities/" + taken).status()).isEqualTo(200);
        assertThat(offer(school)).isNotEqualTo(code);
    }

    @Test
    void it_leads_nowhere_for_another_school_for_students_or_once_the_activity_is_deleted(RealServer server) {
        School school = new School(server);
        String code = offer(school);
        Api elsewhere = new School(server).asTeacher();
        assertThat(elsewhere.get("/api/v1/templates/" + code).status()).isEqualTo(404);
        assertThat(elsewhere
                        .post("/api/v1/templates/" + code + "/copies", Map.of())
                        .status())
                .isEqualTo(404);
        assertThat(school.asStudent(0).get("/api/v1/templates/" + code).status())
                .isEqualTo(403);
        assertThat(elsewhere.get("/api/v1/templates/" + UUID.randomUUID()).status())
                .isEqualTo(404);
        school.asTeacher().delete("/api/v1/activities/" + school.activityId);
        assertThat(school.asOtherTeacher().get("/api/v1/templates/" + code).status())
                .isEqualTo(404);
    }
}
