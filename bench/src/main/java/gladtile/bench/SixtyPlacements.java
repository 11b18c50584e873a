package gladtile.bench;

import gladtile.server.testkit.Api;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** An activity of 60 placements on six pages, given to a class, and what its students do with it. */
final class SixtyPlacements {
    static final int PAGES = 6;
    static final int ON_EACH = 10;
    final String assignment;
    final List<Student> students = new ArrayList<>();

    /** One student signed in. */
    record Student(String id, Api api, String attempt) {}

    private SixtyPlacements(String assignment) {
        this.assignment = assignment;
    }

    static SixtyPlacements give(String address, Api teacher, int size) {
        String activity = FullPages.make(teacher, "Sixty stars");
        FullPages.send(teacher, activity, edits());
        String classId = teacher.post("/api/v1/classes", Map.of("name", "Sixty " + UUID.randomUUID()))
                .text("id");
        Map<String, String> pins = Sessions.newClass(teacher, classId, size);
        JsonNode given = teacher.post("/api/v1/activities/" + activity + "/assignments", Map.of("classId", classId))
                .json();
        SixtyPlacements lesson = new SixtyPlacements(given.path("id").asString());
        String code = given.path("joinCode").asString();
        pins.forEach((id, pin) -> {
            Api api = new Api(address);
            api.post("/api/v1/join/" + code + "/session", Map.of("studentId", id, "pin", pin));
            String attempt = api.post("/api/v1/attempts", Map.of("assignmentId", lesson.assignment))
                    .text("id");
            lesson.students.add(new Student(id, api, attempt));
        });
        return lesson;
    }

    private static List<Map<String, Object>> edits() {
        List<Map<String, Object>> edits = new ArrayList<>();
        for (int p = 0; p < PAGES; p++) {
            List<Object> items = new ArrayList<>();
            items.add(zone("light" + p, 40));
            items.add(zone("dark" + p, 840));
            for (int i = 0; i < ON_EACH; i++) {
                items.add(FullPages.item(piece(p, i), 0, 40 + i * 150, 760, 120));
            }
            Map<String, Object> page =
                    Map.of("id", "p" + p, "name", "Sky " + p, "paper", Map.of("colour", "#fbf8f2"), "items", items);
            edits.add(Map.of("kind", "add-page", "index", p, "page", page));
            for (int i = 0; i < ON_EACH; i++) {
                edits.add(decide(p, i, "light", "BELONGS"));
                edits.add(decide(p, i, "dark", "DOES_NOT_BELONG"));
            }
        }
        return edits;
    }

    private static Map<String, Object> zone(String id, double x) {
        Map<String, Object> frame = Map.of("x", x, "y", 40, "width", 720, "height", 600, "turn", 0);
        return Map.of("kind", "zone", "id", id, "frame", frame, "description", "", "label", id);
    }

    private static Map<String, Object> decide(int page, int i, String zone, String decision) {
        return Map.of(
                "kind",
                "decide",
                "pageId",
                "p" + page,
                "zoneId",
                zone + page,
                "pieceId",
                piece(page, i),
                "decision",
                decision);
    }

    private static String piece(int page, int i) {
        return "s" + page + "x" + i;
    }

    /** A third of the placements missed once before they are right, then handed in. */
    static List<Object> all(Random random) {
        List<Object> moves = new ArrayList<>();
        for (int n = 0; n < PAGES * ON_EACH; n++) {
            if (random.nextInt(3) == 0) {
                moves.add(put(n, false));
            }
            moves.add(put(n, true));
        }
        moves.add(move(Map.of("kind", "hand-in")));
        return moves;
    }

    /** @param n of the placement, from 0 */
    static Object put(int n, boolean right) {
        int page = n / ON_EACH;
        double x = right ? 300 : 1100;
        return move(Map.of("kind", "put", "pageId", "p" + page, "pieceId", piece(page, n % ON_EACH), "x", x, "y", 300));
    }

    private static Object move(Map<String, Object> act) {
        return Map.of(
                "id",
                UUID.randomUUID(),
                "act",
                act,
                "deviceTime",
                java.time.Instant.now().toString());
    }

    static void send(Student student, List<Object> moves) {
        Api.Answer answer = student.api.post("/api/v1/attempts/" + student.attempt + "/moves", Map.of("moves", moves));
        if (answer.status() != 200) {
            throw new IllegalStateException("" + answer);
        }
    }
}
