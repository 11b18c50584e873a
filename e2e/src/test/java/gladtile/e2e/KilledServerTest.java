package gladtile.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.School;
import gladtile.server.testkit.TestDatabase;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Law 2: the real server process is killed in the middle of a burst; what it acknowledged is there, each once. */
class KilledServerTest {
    private static final int STUDENTS = 4;
    private static final int ACKNOWLEDGED_BEFORE = 60;

    private final TestDatabase database = TestDatabase.make();
    private DemoServer server;

    @AfterEach
    void stop() {
        if (server != null) {
            server.close();
        }
    }

    @Test
    void every_acknowledged_move_is_there_after_the_restart_and_none_twice() throws Exception {
        String address = start();
        Api teacher = new Api(address).signInTeacher("mira", "telescope");
        JsonNode assignment = teacher.get("/api/v1/assignments").items().get(0);
        String code = assignment.path("joinCode").asString();
        List<String[]> attempts = new ArrayList<>();
        List<Api> students = new ArrayList<>();
        JsonNode list = teacher.get("/api/v1/join/" + code).json().path("students");
        for (int i = 0; i < STUDENTS; i++) {
            // The last in the list have not joined yet.
            Api student =
                    join(address, code, list.get(list.size() - 1 - i).path("id").asString());
            JsonNode opened = open(student, assignment.path("id").asString());
            attempts.add(new String[] {opened.path("id").asString(), page(opened), piece(opened)});
            students.add(student);
        }
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        Set<String> sent = ConcurrentHashMap.newKeySet();
        CountDownLatch enough = new CountDownLatch(ACKNOWLEDGED_BEFORE);
        List<Thread> burst = new ArrayList<>();
        for (int i = 0; i < STUDENTS; i++) {
            Api student = students.get(i);
            String[] attempt = attempts.get(i);
            Thread thread = new Thread(() -> fire(student, attempt, sent, acknowledged, enough));
            thread.start();
            burst.add(thread);
        }
        assertThat(enough.await(60, TimeUnit.SECONDS)).isTrue();
        server.kill();
        for (Thread thread : burst) {
            thread.join(30_000);
        }
        assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(ACKNOWLEDGED_BEFORE);

        String again = start();
        List<String> kept = kept();
        assertThat(kept).doesNotHaveDuplicates().containsAll(acknowledged);
        assertThat(sent).containsAll(kept);
        // Sent again, as a tablet does that got no answer, nothing is made a second time.
        Api student = join(again, code, list.get(list.size() - 1).path("id").asString());
        JsonNode before = open(student, assignment.path("id").asString()).path("state");
        String[] attempt = attempts.get(0);
        String known = kept(attempt[0]).get(0);
        Api.Answer repeated = student.post("/api/v1/attempts/" + attempt[0] + "/moves", moves(known, attempt));
        assertThat(repeated.status()).isEqualTo(200);
        assertThat(repeated.json().path("seq")).isEqualTo(before.path("seq"));
        assertThat(repeated.json().path("patch").path("pieces")).isEqualTo(before.path("pieces"));
        assertThat(before.path("seq").asInt()).isEqualTo(kept(attempt[0]).size());
    }

    private static void fire(
            Api student, String[] attempt, Set<String> sent, Set<String> acknowledged, CountDownLatch enough) {
        while (true) {
            String id = java.util.UUID.randomUUID().toString();
            sent.add(id);
            try {
                if (student.post("/api/v1/attempts/" + attempt[0] + "/moves", moves(id, attempt))
                                .status()
                        != 200) {
                    return;
                }
            } catch (IllegalStateException gone) {
                return;
            }
            acknowledged.add(id);
            enough.countDown();
        }
    }

    private static Map<String, Object> moves(String id, String[] attempt) {
        Map<String, Object> act =
                Map.of("kind", "put", "pageId", attempt[1], "pieceId", attempt[2], "x", 700, "y", 720);
        return Map.of("moves", List.of(Map.of("id", id, "act", act, "deviceTime", "2026-11-24T10:00:00Z")));
    }

    private static Api join(String address, String code, String studentId) {
        Api student = new Api(address);
        Api.Answer answer =
                student.post("/api/v1/join/" + code + "/session", Map.of("studentId", studentId, "pin", School.PIN));
        assertThat(answer.status()).isEqualTo(200);
        return student;
    }

    private static JsonNode open(Api student, String assignmentId) {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignmentId))
                .json();
    }

    private static String page(JsonNode opened) {
        return opened.path("view").path("pages").get(1).path("id").asString();
    }

    private static String piece(JsonNode opened) {
        for (JsonNode item : opened.path("view").path("pages").get(1).path("items")) {
            if (item.path("movement").path("kind").asString().equals("free")) {
                return item.path("id").asString();
            }
        }
        throw new AssertionError("no piece on the page");
    }

    private List<String> kept() throws Exception {
        return ids(
                "select move_id from move m join attempt a on a.id = m.attempt_id join person p on p.id = a.holder_id"
                        + " where p.display_name in ('Yara', 'Wren', 'Viggo', 'Uma')");
    }

    private List<String> kept(String attempt) throws Exception {
        return ids("select move_id from move where attempt_id = '" + attempt + "' order by seq");
    }

    private List<String> ids(String sql) throws Exception {
        List<String> found = new ArrayList<>();
        try (Connection connection = database.connect();
                ResultSet rows = connection.createStatement().executeQuery(sql)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        assertThat(new HashSet<>(found)).hasSameSizeAs(found);
        return found;
    }

    private String start() throws IOException {
        server = DemoServer.start(database);
        return server.address();
    }
}
