package gladtile.server.school;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RealServer.class)
class StaffImportTest {
    @Test
    void who_is_new_is_invited_who_is_there_is_left_alone_and_each_link_lets_one_person_in(RealServer server) {
        School school = new School(server);
        Api administrator = school.asAdministrator();
        String mark = school.suffix();
        String table =
                "name,user name,role\nSelma Ray,selma-%1$s,teacher\nOtto,%2$s,teacher\nSelma too,SELMA-%1$s,\nNo one,,\n"
                        .formatted(mark, school.teacherName());
        JsonNode preview = administrator
                .post("/api/v1/school/people/import-previews", Map.of("users", table))
                .json();
        assertThat(preview.path("people"))
                .extracting(one -> one.path("state").asString())
                .containsExactly("FRESH", "THERE", "THERE");
        assertThat(preview.path("passedOver")).hasSize(1);
        assertThat(administrator.get("/api/v1/school/people").items().toString())
                .doesNotContain("Selma");

        JsonNode invited = administrator
                .post("/api/v1/school/people/imports", Map.of("users", table))
                .json();
        assertThat(invited).hasSize(1);
        String address = invited.get(0).path("address").asString();
        Api.Answer came = server.browser()
                .post(
                        "/api/v1/one-time-links/passwords",
                        Map.of("token", address.substring(address.indexOf('#') + 1), "password", School.STRONG));
        assertThat(came.text("name")).isEqualTo("Selma Ray");
        assertThat(came.text("role")).isEqualTo("TEACHER");
        // The same table once more invites nobody.
        assertThat(administrator
                        .post("/api/v1/school/people/imports", Map.of("users", table))
                        .json())
                .isEmpty();
        assertThat(administrator
                        .post("/api/v1/school/people/imports", Map.of("users", "Selma\nOtto"))
                        .text("bound"))
                .isEqualTo("staff.users");
        assertThat(school.asTeacher()
                        .post("/api/v1/school/people/imports", Map.of("users", table))
                        .status())
                .isEqualTo(403);
        StringBuilder many = new StringBuilder("name,user name\n");
        for (int i = 0; i <= StaffImportController.MOST; i++) {
            many.append("N,n").append(i).append(mark).append('\n');
        }
        assertThat(administrator
                        .post("/api/v1/school/people/imports", Map.of("users", many.toString()))
                        .text("bound"))
                .isEqualTo("staff.rows");
    }
}
