package gladtile.bench;

import gladtile.core.json.Json;
import gladtile.server.testkit.Api;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * The results of an assignment with 60 placements, asked of the server with reading them from the database. A class of 100
 * does all of it over HTTP; the rest are those again under other people, copied within the database.
 *
 * <p>Arguments: address, then the database's JDBC address, its user and password.
 */
public final class ResultsOverHttp {
    private static final int REAL = 100;
    private static final int[] SIZES = {200, 2_000};
    private static final int TIMES = 12;
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    /** Every attempt of the class again, each with its moves, for a new person. */
    private static final String COPY = """
            create temporary table again on commit drop as
              select a.school_id, a.id, gen_random_uuid() as copy_id, gen_random_uuid() as person_id
              from attempt a where a.assignment_id = '%1$s' and a.id in (select id from original);
            insert into person (school_id, id, kind, display_name, secret_hash)
              select school_id, person_id, 'student', 'Copy', 'none' from again;
            insert into membership (school_id, class_id, person_id)
              select again.school_id, s.class_id, again.person_id from again, assignment s where s.id = '%1$s';
            insert into attempt (school_id, id, assignment_id, holder_id, seq, state, score, standing, begun_at,
                round, edition_id, handed_in_at, handed_in_made_at)
              select a.school_id, copy_id, assignment_id, person_id, seq, state, score, standing, begun_at,
                round, edition_id, handed_in_at, handed_in_made_at
              from again join attempt a using (school_id, id);
            insert into move (school_id, attempt_id, seq, move_id, act, verdict, device_time, at, by_id, made_at)
              select m.school_id, copy_id, seq, move_id, act, verdict, device_time, at, person_id, made_at
              from again join move m on m.school_id = again.school_id and m.attempt_id = again.id;
            """;

    private ResultsOverHttp() {}

    public static void main(String[] args) throws SQLException, IOException, InterruptedException {
        String address = args[0];
        Api teacher = new Api(address).signInTeacher("mira", "telescope");
        SixtyPlacements lesson = SixtyPlacements.give(address, teacher, REAL);
        Random random = new Random(4);
        lesson.students.forEach(one -> SixtyPlacements.send(one, SixtyPlacements.all(random)));
        try (Connection db = DriverManager.getConnection(args[1], args[2], args[3]);
                Statement statement = db.createStatement()) {
            statement.execute("create temporary table original as select id from attempt where assignment_id = '"
                    + lesson.assignment + "'");
            db.setAutoCommit(false);
            int there = REAL;
            for (int size : SIZES) {
                for (; there < size; there += REAL) {
                    statement.execute(COPY.formatted(lesson.assignment));
                    db.commit();
                }
                statement.execute("analyze");
                db.commit();
                measure(teacher, address + "/api/v1/assignments/" + lesson.assignment + "/results", size);
            }
        }
        System.exit(0);
    }

    private static void measure(Api teacher, String address, int size) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Cookie", teacher.cookieHeader())
                .timeout(Duration.ofMinutes(2))
                .build();
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            long start = System.nanoTime();
            String answer =
                    CLIENT.send(request, HttpResponse.BodyHandlers.ofString()).body();
            times.add((System.nanoTime() - start) / 1e6);
            int handedIn = Json.read(answer, JsonNode.class)
                    .path("statistics")
                    .path("handedIn")
                    .asInt();
            if (handedIn != size) {
                throw new IllegalStateException(handedIn + " instead of " + size);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%,6d attempts × 60 placements: first %.0f ms, then %s ms%n",
                size,
                times.get(0),
                times.stream()
                        .skip(1)
                        .map(time -> String.format(Locale.ROOT, "%.0f", time))
                        .toList());
    }
}
