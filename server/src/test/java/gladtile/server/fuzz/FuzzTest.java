package gladtile.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.json.Json;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/**
 * Requests made from the API's own document, seeded: whatever is asked, the server never calls it a fault of its own.
 * More of them with -Dglad.fuzz=20000.
 */
@ExtendWith(RealServer.class)
class FuzzTest {
    private static final int REQUESTS = Integer.getInteger("glad.fuzz", 2_000);
    private static final Pattern PART = Pattern.compile("\\{(\\w+)}");
    /** They would take away whose session, or what, all others need: asked of things that are not there. */
    private static final Set<String> ENDS = Set.of(
            "/api/v1/session",
            "/api/v1/activities/{id}",
            "/api/v1/assignments/{id}/withdrawal",
            "/api/v1/classes/{id}/cards",
            "/api/v1/classes/{id}/students/{studentId}/pins",
            "/api/v1/classes/{id}/students/{studentId}/picture-secrets",
            "/api/v1/classes/{id}/students/{studentId}",
            "/api/v1/classes/{id}/students/{studentId}/class");

    private record Operation(String method, String path, JsonNode asks) {}

    @ParameterizedTest
    @ValueSource(longs = {20261129})
    void whatever_is_asked_the_server_never_fails(long seed, RealServer server) throws IOException {
        School school = new School(server);
        Api teacher = school.asTeacher();
        Api student = school.asStudent(0);
        Api nobody = server.browser();
        JsonNode document = Json.read(Files.readString(Path.of("api/openapi.json")), JsonNode.class);
        List<String> known = List.of(
                school.activityId.toString(),
                school.assignmentId.toString(),
                school.classId.toString(),
                school.students.get(0).id().toString(),
                school.students.get(1).id().toString(),
                school.open(student),
                school.joinCode,
                "light",
                "sun",
                "own");
        Random random = new Random(seed);
        RandomBodies bodies = new RandomBodies(document.path("components").path("schemas"), random, known);
        List<Operation> all = operations(document);
        List<String> failed = new ArrayList<>();
        int taken = 0;
        long longest = 0;
        String slowest = "";
        for (int i = 0; i < REQUESTS; i++) {
            Operation one = all.get(random.nextInt(all.size()));
            boolean students = one.path.startsWith("/api/v1/attempts") || one.path.equals("/api/v1/home");
            Api who = random.nextInt(20) == 0 ? nobody : students ? student : teacher;
            String path = address(one, bodies, random);
            String body = "";
            Api.Answer answer;
            long began = System.nanoTime();
            if (one.method.equals("get")) {
                answer = path.endsWith("/live") ? who.head(path) : who.get(path);
            } else {
                JsonNode content = one.asks.path("requestBody").path("content");
                String type = content.propertyNames().stream().findFirst().orElse("application/json");
                body = type.contains("json")
                        ? Json.write(bodies.of(content.path(type).path("schema")))
                        : "------x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a\"\r\n\r\n"
                                + bodies.text("") + "\r\n------x--\r\n";
                byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
                if (random.nextInt(40) == 0) {
                    bytes = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length + 1));
                }
                answer = who.postAs(type.contains("multipart") ? type + "; boundary=----x" : type, path, bytes);
            }
            long took = System.nanoTime() - began;
            if (took > longest) {
                longest = took;
                slowest = one.method + " " + path;
            }
            taken += answer.status() < 300 ? 1 : 0;
            if (answer.status() >= 500) {
                failed.add("request %d: %d %s %s %s"
                        .formatted(
                                i, answer.status(), one.method, path, body.substring(0, Math.min(600, body.length()))));
            }
        }
        // Told, not asserted: how long it takes says as much of the machine as of the server.
        System.out.printf("the slowest of %d requests took %d ms: %s%n", REQUESTS, longest / 1_000_000, slowest);
        assertThat(failed).isEmpty();
        // Else nothing was looked at but the door.
        assertThat(taken).isGreaterThan(REQUESTS / 10);
    }

    private static String address(Operation one, RandomBodies bodies, Random random) {
        Matcher part = PART.matcher(one.path);
        StringBuilder path = new StringBuilder();
        boolean ends = ENDS.contains(one.path);
        while (part.find()) {
            String name = part.group(1);
            Object value = name.equals("n") || name.equals("seq")
                    ? random.nextInt(3)
                    : ends ? UUID.randomUUID() : bodies.text(name.equals("itemId") ? "" : "uuid");
            part.appendReplacement(path, Matcher.quoteReplacement(encoded(String.valueOf(value))));
        }
        part.appendTail(path);
        if (one.path.equals("/api/v1/session") && one.method.equalsIgnoreCase("DELETE")) {
            return "/api/v1/me";
        }
        List<String> query = new ArrayList<>();
        one.asks.path("parameters").forEach(asked -> {
            if (asked.path("in").asString().equals("query") && random.nextInt(3) > 0) {
                query.add(
                        asked.path("name").asString() + "=" + encoded(String.valueOf(bodies.of(asked.path("schema")))));
            }
        });
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    private static String encoded(String text) {
        String shorter = text.length() > 500 ? text.substring(0, 500) : text;
        return URLEncoder.encode(shorter, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private static List<Operation> operations(JsonNode document) {
        List<Operation> all = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(one -> all.add(new Operation(one.getKey(), path.getKey(), one.getValue()))));
        return all;
    }
}
