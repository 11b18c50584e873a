package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A disk that fills up, as the server sees it. */
@ExtendWith(RealServer.class)
class DiskRoomTest {
    @Test
    void changes_are_turned_away_before_the_disk_is_full_and_everything_is_still_read(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        Api student = school.asStudent(0);
        String attempt = school.open(student);
        DiskRoom disk = server.bean(DiskRoom.class);
        try {
            disk.see(DiskRoom.FULL - 1);
            Api.Answer refused = teacher.post("/api/v1/activities", Map.of("title", "New"));
            assertThat(refused.status()).isEqualTo(507);
            assertThat(refused.isProblem()).isTrue();
            assertThat(refused.text("detail")).contains("disk is full", "is safe");
            assertThat(student.post("/api/v1/attempts/" + attempt + "/moves", Map.of("moves", java.util.List.of()))
                            .status())
                    .isEqualTo(507);
            assertThat(teacher.get("/api/v1/activities").status()).isEqualTo(200);
            assertThat(school.asAdministrator().get("/api/v1/school").text("disk"))
                    .isEqualTo("FULL");
            disk.see(DiskRoom.SCARCE - 1);
            assertThat(teacher.post("/api/v1/activities", Map.of("title", "New"))
                            .status())
                    .isEqualTo(201);
            assertThat(school.asAdministrator().get("/api/v1/school").text("disk"))
                    .isEqualTo("SCARCE");
        } finally {
            disk.see(Long.MAX_VALUE);
        }
    }
}
