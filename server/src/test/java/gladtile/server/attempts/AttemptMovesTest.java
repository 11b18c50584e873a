package gladtile.server.attempts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.DeviceState;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RealServer.class)
class AttemptMovesTest {
    private School school;
    private Api student;
    private String attempt;

    @BeforeEach
    void join(RealServer server) {
        school = new School(server);
        student = school.asStudent(0);
        attempt = "/api/v1/attempts/" + school.open(student);
    }

    @Test
    void each_verdict_comes_from_the_server() {
        Map<String, Object> right = School.put("sun", 300, 300);
        Map<String, Object> wrong = School.put("moon", 300, 300);
        Api.Answer answer = student.post(attempt + "/moves", School.moves(right, wrong));
        JsonNode verdicts = answer.json().path("verdicts");
        assertThat(verdicts.path(right.get("id").toString()).path("says").asString())
                .isEqualTo("BELONGS");
        assertThat(verdicts.path(wrong.get("id").toString()).path("rests").asString())
                .isEqualTo("HOME");
        assertThat(answer.json().path("progress").path("solved").asInt()).isEqualTo(1);
    }

    @Test
    void closing_and_opening_again_goes_on_where_it_was() {
        student.post(attempt + "/moves", School.moves(School.put("sun", 300, 300), School.put("moon", 600, 850)));
        Api other = school.asStudent(0);
        Api.Answer opened = other.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId));
        assertThat("/api/v1/attempts/" + opened.text("id")).isEqualTo(attempt);
        assertThat(opened.json().path("progress").path("solved").asInt()).isEqualTo(1);
        assertThat(opened.json()
                        .path("state")
                        .path("pieces")
                        .path("moon")
                        .path("x")
                        .asDouble())
                .isEqualTo(600);
    }

    @Test
    void the_same_move_twice_is_one_move_and_tells_the_same_verdict() throws Exception {
        Map<String, Object> move = School.put("moon", 300, 300);
        Api.Answer first = student.post(attempt + "/moves", School.moves(move));
        Api.Answer again = student.post(attempt + "/moves", School.moves(move, move));
        for (String part : new String[] {"seq", "verdicts", "progress", "course"}) {
            assertThat(again.json().path(part)).as(part).isEqualTo(first.json().path(part));
        }
        // Its sender may have missed anything, so it hears the whole.
        assertThat(again.json().has("from")).isFalse();
        new DeviceState(null).take(again.json(), state());
        assertThat(count("select count(*) from move where attempt_id = '" + id() + "'"))
                .isEqualTo(1);
    }

    @Test
    void a_state_is_read_from_the_one_kept_and_the_moves_since_then() throws Exception {
        // More than the 16 that may lie behind the kept state, and not a multiple of them.
        for (int i = 0; i < 21; i++) {
            student.post(attempt + "/moves", School.moves(School.put("moon", 300, 300 + i)));
        }
        assertThat(state().path("pieces").path("moon").path("tries").asInt()).isEqualTo(21);
        assertThat(state().path("seq").asLong()).isEqualTo(21);
        assertThat(count("select (state ->> 'seq')::int from attempt where id = '" + id() + "'"))
                .isLessThan(21);
    }

    @Test
    void a_move_that_was_made_long_ago_and_comes_again_is_still_one_move() throws Exception {
        Map<String, Object> first = School.put("moon", 300, 300);
        student.post(attempt + "/moves", School.moves(first));
        for (int i = 0; i < 12; i++) {
            Object[] many = new Object[100];
            for (int k = 0; k < many.length; k++) {
                many[k] = School.put("moon", 300, 300 + k);
            }
            student.post(attempt + "/moves", School.moves(many));
        }
        Api.Answer again = student.post(attempt + "/moves", School.moves(first));
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().path("seq").asLong()).isEqualTo(1201);
        assertThat(count("select count(*) from move where attempt_id = '" + id() + "'"))
                .isEqualTo(1201);
    }

    @Test
    void what_another_machine_did_is_noticed_and_read_anew() throws Exception {
        student.post(attempt + "/moves", School.moves(School.put("moon", 300, 300)));
        try (Connection connection = school.server.database().connect()) {
            // As if a second machine had taken a move: the sequence steps on under this machine's fold.
            connection
                    .createStatement()
                    .execute("update attempt set seq = 2, state = jsonb_set(state, '{seq}', '2') where id = '" + id()
                            + "'");
        }
        Api.Answer answer = student.post(attempt + "/moves", School.moves(School.put("sun", 300, 300)));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("seq").asLong()).isEqualTo(3);
    }

    @Test
    void every_rule_is_a_problem_that_names_it_and_changes_nothing() {
        assertRule(School.put("hill", 300, 300), "FIXED_ITEM");
        assertRule(School.put("own", 300, 300), "FIXED_ITEM");
        assertRule(School.put("venus", 300, 300), "NO_SUCH_ITEM");
        assertRule(School.move(Map.of("kind", "open", "pageId", "nowhere")), "NO_SUCH_PAGE");
        student.post(attempt + "/moves", School.moves(School.put("sun", 300, 300)));
        assertRule(School.put("sun", 700, 700), "ALREADY_SETTLED");
        student.post(attempt + "/moves", School.moves(School.move(Map.of("kind", "hand-in"))));
        assertRule(School.put("moon", 300, 300), "HANDED_IN");
        // Its pages can still be turned.
        Api.Answer opened =
                student.post(attempt + "/moves", School.moves(School.move(Map.of("kind", "open", "pageId", "light"))));
        assertThat(opened.status()).isEqualTo(200);
    }

    @Test
    void one_bad_move_among_good_ones_stops_them_all() {
        Api.Answer answer =
                student.post(attempt + "/moves", School.moves(School.put("sun", 300, 300), School.put("hill", 1, 1)));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.json().path("move").asInt()).isEqualTo(1);
        assertThat(state().path("seq").asLong()).isZero();
    }

    @Test
    void coordinates_that_are_no_numbers_and_ten_thousand_moves_name_their_bound() {
        assertBound(School.moves(School.put("sun", "NaN", 3)), "put.x");
        assertBound(School.moves(School.put("sun", "Infinity", 3)), "put.x");
        assertBound(School.moves(School.put("sun", 1e9, 3)), "put.x");
        List<Object> many = new ArrayList<>();
        IntStream.range(0, 10_000).forEach(i -> many.add(School.put("sun", i % 900, 800)));
        assertBound(Map.of("moves", many), "moves");
        assertThat(state().path("seq").asLong()).isZero();
    }

    @Test
    void a_student_of_another_class_and_another_student_get_nowhere() {
        Api classmate = school.asStudent(1);
        assertThat(classmate
                        .post(attempt + "/moves", School.moves(School.put("sun", 300, 300)))
                        .status())
                .isEqualTo(404);
        Api stranger = new School(school.server).asStudent(0);
        assertThat(stranger.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void no_answer_is_in_what_a_student_gets() {
        String opened = student.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                .json()
                .toString();
        assertThat(opened).doesNotContain("BELONGS", "DOES_NOT_BELONG", "decisions", "rules", "\"key\"");
    }

    @Test
    void moves_that_arrive_at_once_are_each_made_once() throws Exception {
        // As many at once as one person may have.
        ExecutorService some = Executors.newFixedThreadPool(12);
        List<CompletableFuture<Integer>> sent = IntStream.range(0, 40)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> student.post(attempt + "/moves", School.moves(School.put("sun", 700, 600 + i)))
                                .status(),
                        some))
                .toList();
        sent.forEach(one -> assertThat(one.join()).isEqualTo(200));
        some.shutdown();
        assertThat(state().path("seq").asLong()).isEqualTo(40);
        assertThat(count("select count(distinct seq) from move where attempt_id = '" + id() + "'"))
                .isEqualTo(40);
    }

    @Test
    void the_quilt_shows_tries_and_hears_of_moves_by_itself() throws Exception {
        Api teacher = school.asTeacher();
        String path = "/api/v1/assignments/" + school.assignmentId;
        CompletableFuture<String> row = new CompletableFuture<>();
        CompletableFuture<Void> listening = new CompletableFuture<>();
        Thread thread = new Thread(() -> teacher.events(path + "/live").forEach(line -> {
            if (line.equals("event:listening")) listening.complete(null);
            if (line.startsWith("data:") && line.contains("cells")) row.complete(line);
        }));
        thread.setDaemon(true);
        thread.start();
        listening.get(10, TimeUnit.SECONDS);
        student.post(attempt + "/moves", School.moves(School.put("moon", 300, 300), School.put("moon", 900, 300)));
        assertThat(row.get(10, TimeUnit.SECONDS)).contains("\"solvedAt\":2").contains("Ada");
        JsonNode table = school.asTeacher().get(path + "/progress").json();
        assertThat(table.path("students")).hasSize(3);
        JsonNode cells = table.path("students").get(0).path("cells");
        assertThat(cells.get(0).path("tries").asInt()).isZero();
        assertThat(cells.get(1).path("solvedAt").asInt()).isEqualTo(2);
        assertThat(table.path("students").get(2).has("standing")).isFalse();
    }

    private void assertRule(Map<String, Object> move, String rule) {
        long before = state().path("seq").asLong();
        Api.Answer answer = student.post(attempt + "/moves", School.moves(move));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.isProblem()).isTrue();
        assertThat(answer.text("rule")).isEqualTo(rule);
        assertThat(state().path("seq").asLong()).isEqualTo(before);
    }

    private void assertBound(Object body, String bound) {
        Api.Answer answer = student.post(attempt + "/moves", body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text("bound")).isEqualTo(bound);
    }

    private JsonNode state() {
        return student.post("/api/v1/attempts", Map.of("assignmentId", school.assignmentId))
                .json()
                .path("state");
    }

    private String id() {
        return attempt.substring("/api/v1/attempts/".length());
    }

    private int count(String sql) throws Exception {
        try (Connection connection = school.server.database().connect();
                var rows = connection.createStatement().executeQuery(sql)) {
            rows.next();
            return rows.getInt(1);
        }
    }
}
