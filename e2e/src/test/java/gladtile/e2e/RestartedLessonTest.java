package gladtile.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.TestDatabase;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The server is killed in the middle of a lesson of 36 students and started again at the same address. Each tablet sends
 * a move, with the same id, until it is acknowledged, then the next, as ours do; nobody signs in anew.
 */
class RestartedLessonTest {
    private static final int STUDENTS = 36;
    private static final int MOVES = 25;
    /** So many acknowledged in all before the plug is pulled: about a third. */
    private static final int BEFORE = STUDENTS * MOVES / 3;

    private final TestDatabase database = TestDatabase.make();
    /** Tablets that try and try while nobody can answer would only keep the server from coming back. */
    private final CountDownLatch back = new CountDownLatch(1);

    private final ExecutorService tablets = Executors.newFixedThreadPool(STUDENTS);
    private DemoServer server;

    @AfterEach
    void stop() {
        tablets.shutdownNow();
        if (server != null) {
            server.close();
        }
    }

    /** A tablet with its student signed in. */
    private record Tablet(Api api, String attempt, String page, String piece) {}

    @Test
    void no_acknowledged_move_is_lost_and_none_doubled_and_everyone_goes_on() throws Exception {
        server = DemoServer.start(database);
        String address = server.address();
        Api teacher = new Api(address).signInTeacher("mira", "telescope");
        List<Tablet> lesson = lesson(teacher, address);
        CountDownLatch enough = new CountDownLatch(BEFORE);
        List<Future<List<String>>> working = new ArrayList<>();
        for (Tablet tablet : lesson) {
            working.add(tablets.submit(() -> work(tablet, enough)));
        }
        assertThat(enough.await(60, TimeUnit.SECONDS)).isTrue();
        server.kill();
        server = DemoServer.startAgain(database, address);
        back.countDown();
        for (int i = 0; i < STUDENTS; i++) {
            List<String> acknowledged = working.get(i).get(120, TimeUnit.SECONDS);
            List<String> kept = kept(lesson.get(i));
            assertThat(acknowledged).hasSize(MOVES);
            assertThat(new HashSet<>(kept)).hasSameSizeAs(kept);
            assertThat(kept).isEqualTo(acknowledged);
        }
    }

    private static List<Tablet> lesson(Api teacher, String address) {
        String classId =
                teacher.post("/api/v1/classes", Map.of("name", "Kestrel class")).text("id");
        StringBuilder names = new StringBuilder();
        for (int i = 0; i < STUDENTS; i++) {
            names.append("Student ").append(i).append('\n');
        }
        JsonNode cards = teacher.post("/api/v1/classes/" + classId + "/students", Map.of("text", names.toString()))
                .json()
                .path("cards");
        String activity = teacher.get("/api/v1/assignments")
                .items()
                .get(0)
                .path("activityId")
                .asString();
        JsonNode given = teacher.post("/api/v1/activities/" + activity + "/assignments", Map.of("classId", classId))
                .json();
        List<Tablet> tablets = new ArrayList<>();
        for (JsonNode card : cards) {
            Api api = new Api(address);
            api.post(
                    "/api/v1/join/" + given.path("joinCode").asString() + "/session",
                    Map.of(
                            "studentId",
                            card.path("id").asString(),
                            "pin",
                            card.path("pin").asString()));
            JsonNode opened = api.post(
                            "/api/v1/attempts",
                            Map.of("assignmentId", given.path("id").asString()))
                    .json();
            tablets.add(tablet(api, opened));
        }
        return tablets;
    }

    private static Tablet tablet(Api api, JsonNode opened) {
        JsonNode page = opened.path("view").path("pages").get(1);
        for (JsonNode item : page.path("items")) {
            if (item.path("movement").path("kind").asString().equals("free")) {
                return new Tablet(
                        api,
                        opened.path("id").asString(),
                        page.path("id").asString(),
                        item.path("id").asString());
            }
        }
        throw new IllegalStateException("nothing on the page can be moved");
    }

    /** @return the ids of the moves in the order in which they were acknowledged */
    private List<String> work(Tablet tablet, CountDownLatch enough) throws InterruptedException {
        List<String> acknowledged = new ArrayList<>();
        for (int i = 0; i < MOVES; i++) {
            String id = UUID.randomUUID().toString();
            // Onto a free place of the page, so that nothing settles and every move is taken.
            Map<String, Object> act =
                    Map.of("kind", "put", "pageId", tablet.page, "pieceId", tablet.piece, "x", 700 + i, "y", 860);
            Map<String, Object> moves =
                    Map.of("moves", List.of(Map.of("id", id, "act", act, "deviceTime", "2026-11-28T10:00:00Z")));
            while (!isTaken(tablet, moves)) {
                assertThat(back.await(90, TimeUnit.SECONDS)).isTrue();
            }
            acknowledged.add(id);
            enough.countDown();
        }
        return acknowledged;
    }

    private static boolean isTaken(Tablet tablet, Map<String, Object> moves) {
        try {
            int status = tablet.api
                    .post("/api/v1/attempts/" + tablet.attempt + "/moves", moves)
                    .status();
            if (status < 500 && status != 200) {
                throw new AssertionError("refused with " + status);
            }
            return status == 200;
        } catch (IllegalStateException away) {
            return false;
        }
    }

    private List<String> kept(Tablet tablet) throws Exception {
        List<String> ids = new ArrayList<>();
        try (var connection = database.connect();
                var rows = connection
                        .createStatement()
                        .executeQuery(
                                "select move_id from move where attempt_id = '" + tablet.attempt + "' order by seq")) {
            while (rows.next()) {
                ids.add(rows.getString(1));
            }
        }
        return ids;
    }
}
