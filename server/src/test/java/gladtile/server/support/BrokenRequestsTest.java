package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What no browser of ours sends: it is refused, says so, and is never called a fault of the server. */
@ExtendWith(RealServer.class)
class BrokenRequestsTest {
    private static void refused(String what, Api.Answer answer) {
        assertThat(answer.status()).as(what).isBetween(400, 499);
        assertThat(answer.isProblem()).as(what).isTrue();
    }

    @Test
    void lists_with_nothing_for_something(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        Api student = school.asStudent(0);
        String attempt = "/api/v1/attempts/" + school.open(student);
        String activity = "/api/v1/activities/" + school.activityId;
        refused("moves", student.postText(attempt + "/moves", "{\"moves\":[null]}"));
        refused("teams", teacher.put("/api/v1/classes/" + school.classId + "/teams", "{\"teams\":[null]}"));
        refused("tags", teacher.put(activity + "/tags", "{\"tags\":[null]}"));
        refused("edits", teacher.postText(activity + "/edits", "{\"seq\":0,\"edits\":[null]}"));
        refused("try", teacher.postText(activity + "/tries", "{\"moves\":[null]}"));
        refused(
                "members",
                teacher.put(
                        "/api/v1/classes/" + school.classId + "/teams",
                        "{\"teams\":[{\"name\":\"A\",\"members\":[null]}]}"));
        refused(
                "rows",
                teacher.postText(
                        "/api/v1/starter-previews",
                        "{\"starter\":{\"kind\":\"SORT\",\"title\":\"x\",\"rows\":[{\"cells\":[null]}],\"seed\":1},\"pictured\":false}"));
        // Where a place may be empty, it may: this line has no picture for its first column.
        assertThat(teacher.postText(
                                "/api/v1/starter-previews",
                                "{\"starter\":{\"kind\":\"PAIR\",\"title\":\"x\",\"rows\":[{\"cells\":[\"a\",\"b\"],\"pictures\":[null]},{\"cells\":[\"c\",\"d\"]}],\"seed\":1},\"pictured\":false}")
                        .status())
                .isEqualTo(200);
    }

    /** Half of a body, then nothing more; the sender still listens. */
    @Test
    void a_body_that_breaks_off_is_refused_and_never_answered_with_a_yes(RealServer server) throws Exception {
        School school = new School(server);
        Api teacher = school.asTeacher();
        URI at = URI.create(server.address());
        for (String type : List.of("application/octet-stream", "application/json", "multipart/form-data; boundary=x")) {
            String path = type.contains("octet")
                    ? "/api/v1/uploads/" + school.activityId + "/pieces/0"
                    : type.contains("json") ? "/api/v1/activities" : "/api/v1/files/pictures";
            try (Socket socket = new Socket(at.getHost(), at.getPort())) {
                String head = (type.contains("octet") ? "PUT " : "POST ") + path + " HTTP/1.1\r\nHost: "
                        + at.getAuthority() + "\r\nContent-Type: " + type
                        + "\r\nContent-Length: 1000\r\nX-XSRF-TOKEN: " + teacher.cookie("XSRF-TOKEN") + "\r\nCookie: "
                        + teacher.cookieHeader() + "\r\n\r\n{\"title\":";
                socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
                socket.shutdownOutput();
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                // Some bodies are cut off before anything can be answered; a yes is what must never come.
                if (!answer.isEmpty()) {
                    assertThat(answer).as(type).matches("(?s)HTTP/1.1 4.*");
                }
            }
        }
    }

    @Test
    void addresses_that_cannot_be_read_forms_that_end_in_the_middle_and_the_servers_own_error_page(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        refused("a query", teacher.get("/api/v1/activities?words=%FF"));
        refused("the error page", teacher.get("/error"));
        byte[] half = "------x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.png\"\r\n\r\nabc"
                .getBytes(StandardCharsets.UTF_8);
        for (String path : List.of("/api/v1/files", "/api/v1/pictures")) {
            refused(path, teacher.postAs("multipart/form-data; boundary=----x", path, half));
        }
    }
}
