package gladtile.bench;

import gladtile.core.json.Json;
import gladtile.server.testkit.Api;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/**
 * One student who sends the most expensive requests that are taken, on many connections and without pause: as many typed
 * answers of mathematics in each as one request may have, each of which costs nearly all of its steps.
 */
final class Attacker {
    private static final int CONNECTIONS = 40;
    private static final int TYPED = 20;

    private final Api student;
    private final String address;
    private final String attempt;
    private final Map<Integer, Integer> answers = new TreeMap<>();
    private volatile boolean on = true;
    private final List<Thread> threads = new ArrayList<>();

    Attacker(String address, Api teacher) {
        this.address = address;
        String activity = teacher.post("/api/v1/activities", Map.of("title", "Sums at the dome"))
                .text("id");
        Map<String, Object> style = Map.of("size", 40, "bold", false, "colour", "#000000", "align", "LEFT");
        Map<String, Object> gap = new LinkedHashMap<>(Map.of(
                "kind",
                "gap",
                "id",
                "g",
                "frame",
                Map.of("x", 100, "y", 100, "width", 300, "height", 80, "turn", 0),
                "description",
                "Sum",
                "style",
                style));
        String page = teacher.get("/api/v1/activities/" + activity)
                .json()
                .path("activity")
                .path("pages")
                .get(0)
                .path("id")
                .asString();
        Map<String, Object> rule = Map.of("kind", "maths", "expression", "(a+b+c+d)^20");
        List<Object> steps = List.of(
                Map.of("kind", "add-item", "pageId", page, "index", 0, "item", gap),
                Map.of("kind", "set-typed", "pageId", page, "itemId", "g", "typed", Map.of("rule", rule)));
        Api.Answer laid = teacher.post(
                "/api/v1/activities/" + activity + "/edits",
                Map.of(
                        "seq",
                        0,
                        "edits",
                        List.of(Map.of("id", UUID.randomUUID(), "edit", Map.of("kind", "composite", "edits", steps)))));
        String classId = teacher.post("/api/v1/classes", Map.of("name", "Sums " + UUID.randomUUID()))
                .text("id");
        Map.Entry<String, String> pin =
                Sessions.newClass(teacher, classId, 1).entrySet().iterator().next();
        JsonNode given = teacher.post("/api/v1/activities/" + activity + "/assignments", Map.of("classId", classId))
                .json();
        student = new Api(address);
        student.post(
                "/api/v1/join/" + given.path("joinCode").asString() + "/session",
                Map.of("studentId", pin.getKey(), "pin", pin.getValue()));
        attempt = student.post(
                        "/api/v1/attempts",
                        Map.of("assignmentId", given.path("id").asString()))
                .text("id");
        Api.Answer first = student.post("/api/v1/attempts/" + attempt + "/moves", body(page));
        if (laid.status() != 200 || first.status() != 200) {
            throw new IllegalStateException("the attack is not taken: " + laid + " " + first);
        }
        HttpClient client =
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
        for (int i = 0; i < CONNECTIONS; i++) {
            Thread thread = new Thread(() -> send(client, page));
            thread.setDaemon(true);
            threads.add(thread);
        }
    }

    void begin() {
        threads.forEach(Thread::start);
    }

    /** @return how many answers there were of each status */
    Map<Integer, Integer> end() throws InterruptedException {
        on = false;
        for (Thread thread : threads) {
            thread.join(10_000);
        }
        return answers;
    }

    private void send(HttpClient client, String page) {
        while (on) {
            try {
                HttpRequest request = HttpRequest.newBuilder(
                                URI.create(address + "/api/v1/attempts/" + attempt + "/moves"))
                        .header("Content-Type", "application/json")
                        .header("Cookie", student.cookieHeader())
                        .header("X-XSRF-TOKEN", student.cookie("XSRF-TOKEN"))
                        .POST(HttpRequest.BodyPublishers.ofString(Json.write(body(page))))
                        .build();
                int status = client.send(request, HttpResponse.BodyHandlers.discarding())
                        .statusCode();
                synchronized (answers) {
                    answers.merge(status, 1, Integer::sum);
                }
            } catch (java.io.IOException broken) {
                synchronized (answers) {
                    answers.merge(0, 1, Integer::sum);
                }
            } catch (InterruptedException stop) {
                return;
            }
        }
    }

    private static Map<String, Object> body(String page) {
        return Map.of(
                "moves",
                IntStream.range(0, TYPED)
                        .mapToObj(i -> Map.of(
                                "id",
                                UUID.randomUUID(),
                                "act",
                                Map.of("kind", "type", "pageId", page, "gapId", "g", "text", "(a+b+c+d)^19*(a+b+c+e)"),
                                "deviceTime",
                                "2026-11-29T10:00:00Z"))
                        .toList());
    }
}
