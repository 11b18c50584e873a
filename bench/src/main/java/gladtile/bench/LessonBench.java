package gladtile.bench;

import gladtile.core.json.Json;
import gladtile.server.testkit.Api;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/**
 * A lesson under a real load client, on the machine that serves it: a class of 36 at two moves a second each with the
 * class progress open, then 1,000 students at a move in three seconds. A move's time counts from when it was to be sent, so a
 * server that falls behind is not flattered; class progress's from when the move was acknowledged until its row arrived.
 *
 * <p>Arguments: address, seconds a measurement, and anything more to leave out the thousand.
 */
public final class LessonBench {
    private static final int IN_A_CLASS = 250;
    private final String address;
    private final Api teacher;
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .executor(Executors.newFixedThreadPool(2))
            .build();

    private LessonBench(String address) {
        this.address = address;
        teacher = new Api(address).signInTeacher("mira", "telescope");
    }

    public static void main(String[] args) throws Exception {
        int seconds = Integer.parseInt(args[1]);
        LessonBench bench = new LessonBench(args[0]);
        List<Desk> lesson = bench.classOf(36);
        System.out.println("warming up");
        bench.run("warm-up, 36 students, 2 moves a second each", lesson, 500, 30);
        bench.run("36 students, 2 moves a second each", lesson, 500, seconds);
        Attacker attacker = new Attacker(args[0], bench.teacher);
        attacker.begin();
        bench.run("the same, and one student who sends the worst without pause", lesson, 500, seconds);
        System.out.println("what that student was answered, by status: " + attacker.end());
        if (args.length > 2) {
            System.exit(0);
        }
        List<Desk> many = new ArrayList<>();
        while (many.size() < 1_000) {
            many.addAll(bench.classOf(IN_A_CLASS));
            System.out.printf("%d students signed in%n", many.size());
        }
        // Signing in takes minutes, and machines are noisy: three times with the same students.
        for (int i = 1; i <= 3; i++) {
            bench.run("1,000 students, a move in 3 seconds each, run " + i, many, 3_000, seconds);
        }
        System.exit(0);
    }

    /** One student at a tablet. */
    private static final class Desk {
        private final String assignment;
        private final String student;
        private final String cookies;
        private final String token;
        private final Sessions.Student at;
        /** When each of their moves was acknowledged. */
        private final List<Long> acknowledged = new ArrayList<>();

        private int shown;
        /** How many tries the newest row told of; it may be quicker than the acknowledgement. */
        private int told;

        Desk(String assignment, String student, Sessions.Student at) {
            this.assignment = assignment;
            this.student = student;
            this.at = at;
            this.cookies = at.api().cookieHeader();
            this.token = at.api().cookie("XSRF-TOKEN");
        }
    }

    private List<Desk> classOf(int size) {
        String classId = teacher.post("/api/v1/classes", Map.of("name", "Load " + UUID.randomUUID()))
                .text("id");
        Map<String, String> pins = Sessions.newClass(teacher, classId, size);
        JsonNode first = teacher.get("/api/v1/assignments").items().get(0);
        String activity = "/api/v1/activities/" + first.path("activityId").asString();
        JsonNode given = teacher.post(activity + "/assignments", Map.of("classId", classId))
                .json();
        JsonNode key = teacher.get(activity).json().path("activity").path("key").path("decisions");
        // Two at a time: a PIN takes the server a tenth of a second.
        List<Desk> reviews = pins.entrySet().parallelStream()
                .map(one -> desk(given, one.getKey(), one.getValue(), key))
                .toList();
        return reviews;
    }

    private Desk desk(JsonNode given, String id, String pin, JsonNode key) {
        Api api = new Api(address);
        api.post("/api/v1/join/" + given.path("joinCode").asString() + "/session", Map.of("studentId", id, "pin", pin));
        String assignment = given.path("id").asString();
        List<Sessions.Student> found = new ArrayList<>();
        Sessions.find(
                api,
                api.post("/api/v1/attempts", Map.of("assignmentId", assignment)).json(),
                key,
                found);
        return new Desk(assignment, id, found.get(0));
    }

    private void run(String name, List<Desk> reviews, long everyMs, int seconds) throws Exception {
        ConcurrentLinkedQueue<Double> moves = new ConcurrentLinkedQueue<>();
        ConcurrentLinkedQueue<Double> rows = new ConcurrentLinkedQueue<>();
        AtomicInteger failed = new AtomicInteger();
        Map<String, Desk> byStudent = new ConcurrentHashMap<>();
        reviews.forEach(desk -> byStudent.put(desk.student, desk));
        List<Stream<String>> open = new ArrayList<>();
        for (String assignment :
                reviews.stream().map(desk -> desk.assignment).distinct().toList()) {
            Stream<String> events = teacher.events("/api/v1/assignments/" + assignment + "/live");
            open.add(events);
            Thread thread = new Thread(() -> watch(events, byStudent, rows));
            thread.setDaemon(true);
            thread.start();
        }
        double server = Cpu.seconds("server-0.1.0-app.jar");
        double database = Cpu.seconds("postgres");
        ScheduledExecutorService clock = Executors.newScheduledThreadPool(1);
        long begin = System.nanoTime() + 200_000_000;
        long every = TimeUnit.MILLISECONDS.toNanos(everyMs);
        for (int i = 0; i < reviews.size(); i++) {
            Desk desk = reviews.get(i);
            // Spread over the time between two moves, as children do not move in step.
            long first = begin + every * i / reviews.size();
            for (long at = first; at < begin + TimeUnit.SECONDS.toNanos(seconds); at += every) {
                long due = at;
                clock.schedule(
                        () -> send(desk, due, moves, rows, failed), due - System.nanoTime(), TimeUnit.NANOSECONDS);
            }
        }
        clock.shutdown();
        clock.awaitTermination(seconds + 30L, TimeUnit.SECONDS);
        TimeUnit.SECONDS.sleep(2);
        open.forEach(Stream::close);
        System.out.printf(
                Locale.ROOT,
                "%s: %d moves, %d failed; a move %s; class progress %s; CPU a move: server %.0f µs, database %.0f µs%n",
                name,
                moves.size(),
                failed.get(),
                percentiles(moves),
                percentiles(rows),
                (Cpu.seconds("server-0.1.0-app.jar") - server) / Math.max(1, moves.size()) * 1e6,
                (Cpu.seconds("postgres") - database) / Math.max(1, moves.size()) * 1e6);
    }

    private void send(
            Desk desk,
            long due,
            ConcurrentLinkedQueue<Double> moves,
            ConcurrentLinkedQueue<Double> rows,
            AtomicInteger failed) {
        Sessions.Student at = desk.at;
        Map<String, Object> act =
                Map.of("kind", "put", "pageId", at.page(), "pieceId", at.piece(), "x", at.x(), "y", at.y());
        String now = java.time.Instant.now().toString();
        String body = Json.write(Map.of(
                "moves", List.of(Map.of("id", UUID.randomUUID(), "act", act, "deviceTime", now)), "sentAt", now));
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(address + "/api/v1/attempts/" + at.attempt() + "/moves"))
                .header("Content-Type", "application/json")
                .header("Cookie", desk.cookies)
                .header("X-XSRF-TOKEN", desk.token)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        client.sendAsync(request, HttpResponse.BodyHandlers.discarding()).whenComplete((answer, broken) -> {
            if (broken != null || answer.statusCode() != 200) {
                failed.incrementAndGet();
                return;
            }
            long done = System.nanoTime();
            moves.add((done - due) / 1e6);
            synchronized (desk) {
                desk.acknowledged.add(done);
                show(desk, done, rows);
            }
        });
    }

    /** Each row says how many tries there were, and so which moves it shows. */
    private static void watch(Stream<String> events, Map<String, Desk> byStudent, ConcurrentLinkedQueue<Double> rows) {
        String[] event = {""};
        try {
            events.forEach(line -> {
                if (line.startsWith("event:")) {
                    event[0] = line.substring(6).strip();
                } else if (line.startsWith("data:") && event[0].equals("row")) {
                    long now = System.nanoTime();
                    JsonNode row = Json.read(line.substring(5), JsonNode.class);
                    Desk desk = byStudent.get(row.path("id").asString());
                    if (desk != null) {
                        seen(desk, row, now, rows);
                    }
                }
            });
        } catch (RuntimeException closed) {
            // The stream was closed at the end of the measurement.
            return;
        }
    }

    private static void seen(Desk desk, JsonNode row, long now, ConcurrentLinkedQueue<Double> rows) {
        int tries = 0;
        for (JsonNode cell : row.path("cells")) {
            tries += cell.path("tries").asInt();
        }
        synchronized (desk) {
            desk.told = Math.max(desk.told, tries);
            show(desk, now, rows);
        }
    }

    private static void show(Desk desk, long now, ConcurrentLinkedQueue<Double> rows) {
        for (; desk.shown < Math.min(desk.told, desk.acknowledged.size()); desk.shown++) {
            rows.add(Math.max(0, (now - desk.acknowledged.get(desk.shown)) / 1e6));
        }
    }

    private static String percentiles(ConcurrentLinkedQueue<Double> all) {
        double[] sorted = all.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        if (sorted.length == 0) {
            return "none";
        }
        return Arrays.stream(new int[] {50, 95, 99})
                .mapToObj(p -> String.format(
                        Locale.ROOT, "%d %% %.0f ms", p, sorted[Math.min(sorted.length - 1, sorted.length * p / 100)]))
                .reduce((a, b) -> a + ", " + b)
                .orElseThrow();
    }
}
