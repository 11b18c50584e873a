package gladtile.bench;

import gladtile.server.testkit.Api;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A durable judged move over HTTP beside the empty endpoint behind the same sign-in and filters, in rounds that take
 * turns; then 200 moves a second offered whatever the answers take.
 *
 * <p>Arguments: address, load script, seconds a measurement.
 */
public final class HttpBench {
    private static final int ROUNDS = 3;
    /** Until Java has compiled what is hot, its compiler takes more of the two cores than the requests do. */
    private static final String WARM_UP_SECONDS = "40";

    private static final int OFFERED = 200;
    private static final int OFFERED_SECONDS = 15;

    private HttpBench() {}

    public static void main(String[] args) throws Exception {
        String address = args[0];
        List<Sessions.Student> students = Sessions.open(address);
        Path sessions = Files.createTempFile("glad-sessions", ".tsv");
        Files.writeString(
                sessions,
                String.join("\n", students.stream().map(Sessions.Student::line).toList()));
        System.out.printf("%d attempts opened%n", students.size());
        int[] moves = {0, 1, 32};
        List<List<Double>> rates = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        // The first round warms the server up and does not count.
        for (int round = 0; round <= ROUNDS; round++) {
            for (int i = 0; i < moves.length; i++) {
                double serverBefore = Cpu.seconds("server-0.1.0-app.jar");
                double databaseBefore = Cpu.seconds("postgres");
                String seconds = round == 0 ? WARM_UP_SECONDS : args[2];
                double rate = wrk(address, args[1], sessions, moves[i], seconds);
                double requests = rate * Integer.parseInt(seconds);
                System.out.printf(
                        Locale.ROOT,
                        "  round %d, %2d moves: %7.0f requests/s; CPU a request: server %.0f µs, database %.0f µs%n",
                        round,
                        moves[i],
                        rate,
                        (Cpu.seconds("server-0.1.0-app.jar") - serverBefore) / requests * 1e6,
                        (Cpu.seconds("postgres") - databaseBefore) / requests * 1e6);
                if (round > 0) {
                    rates.get(i).add(rate);
                }
            }
        }
        double empty = median(rates.get(0));
        double one = median(rates.get(1));
        double batch = median(rates.get(2)) * 32;
        System.out.printf(Locale.ROOT, "empty endpoint            %8.0f requests/s %s%n", empty, rates.get(0));
        System.out.printf(Locale.ROOT, "one judged move           %8.0f moves/s    %s%n", one, rates.get(1));
        System.out.printf(Locale.ROOT, "32 judged moves a request %8.0f moves/s    %s%n", batch, rates.get(2));
        System.out.printf(Locale.ROOT, "one move / empty          %8.2f (asked for: at least 0.60)%n", one / empty);
        System.out.printf(Locale.ROOT, "32 a request / one        %8.2f (asked for: at least 8)%n", batch / one);
        offered(students);
        Files.delete(sessions);
    }

    private static double wrk(String address, String script, Path sessions, int moves, String seconds)
            throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder("wrk", "-t1", "-c16", "-d" + seconds + "s", "-s", script, address);
        builder.environment().putAll(Map.of("LOAD_SESSIONS", sessions.toString(), "LOAD_MOVES", "" + moves));
        Process process = builder.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        Matcher rate = Pattern.compile("Requests/sec:\\s+([0-9.]+)").matcher(said);
        if (said.contains("Non-2xx") || !rate.find()) {
            throw new IllegalStateException("the load met errors:\n" + said);
        }
        return Double.parseDouble(rate.group(1));
    }

    /** Latency counts from the moment a move was due, so that a stall is not hidden by sending later. */
    private static void offered(List<Sessions.Student> students) throws InterruptedException {
        ConcurrentLinkedQueue<Double> times = new ConcurrentLinkedQueue<>();
        ConcurrentLinkedQueue<Integer> failed = new ConcurrentLinkedQueue<>();
        ScheduledExecutorService pool = Executors.newScheduledThreadPool(24);
        long start = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(200);
        for (int i = 0; i < OFFERED * OFFERED_SECONDS; i++) {
            long due = start + i * TimeUnit.SECONDS.toNanos(1) / OFFERED;
            Sessions.Student student = students.get(i % students.size());
            pool.schedule(
                    () -> {
                        int status = move(student);
                        times.add((System.nanoTime() - due) / 1e6);
                        if (status != 200) {
                            failed.add(status);
                        }
                    },
                    due - System.nanoTime(),
                    TimeUnit.NANOSECONDS);
        }
        pool.shutdown();
        if (!pool.awaitTermination(OFFERED_SECONDS + 60, TimeUnit.SECONDS) || !failed.isEmpty()) {
            throw new IllegalStateException(failed.size() + " moves failed");
        }
        double[] sorted =
                times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%d moves/s offered: median %.1f ms, 95th %.1f ms, 99th %.1f ms (asked for: 99th under 50 ms)%n",
                OFFERED,
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length * 99 / 100]);
    }

    private static int move(Sessions.Student student) {
        Map<String, Object> act = Map.of(
                "kind",
                "put",
                "pageId",
                student.page(),
                "pieceId",
                student.piece(),
                "x",
                student.x(),
                "y",
                student.y());
        Map<String, Object> one = Map.of("id", UUID.randomUUID(), "act", act, "deviceTime", "2026-11-24T10:00:00Z");
        Api.Answer answer =
                student.api().post("/api/v1/attempts/" + student.attempt() + "/moves", Map.of("moves", List.of(one)));
        return answer.status();
    }

    private static double median(List<Double> of) {
        double[] sorted = of.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
