package gladtile.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.classes.ClassService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Handing in, reviewing, sending back, improving. */
@ExtendWith(RealServer.class)
class ReviewTest {
    private School school;
    private Lesson lesson;
    private Api ada;
    private String attempt;
    private String reviewPath;

    @BeforeEach
    void handedIn(RealServer server) {
        school = new School(server);
        begin(Map.of());
        Lesson.moves(ada, attempt, School.put("sun", 200, 200), School.put("moon", 200, 300), Lesson.handIn());
    }

    private void begin(Map<String, Object> terms) {
        lesson = Lesson.give(school, terms);
        ada = lesson.student(0);
        attempt = lesson.attempt(ada);
        reviewPath = lesson.at + "/reviews/" + attempt.substring("/api/v1/attempts/".length());
    }

    private static Map<String, Object> review(long version, String words, boolean mayImprove) {
        return Map.of("version", version, "review", Map.of("words", words, "mayImprove", mayImprove));
    }

    @Test
    void nothing_is_seen_by_the_student_before_it_is_sent() {
        lesson.teacher.put(
                reviewPath,
                Map.of(
                        "version",
                        0,
                        "review",
                        Map.of(
                                "words",
                                "secret words",
                                "mayImprove",
                                true,
                                "marks",
                                Map.of("moon", Map.of("points", 0.5, "reason", "secret reason")),
                                "pins",
                                List.of(Map.of(
                                        "id", "p1", "pageId", "light", "itemId", "moon", "words", "secret pin")))));
        assertThat(ada.get(attempt + "/review").json().toString()).doesNotContain("secret");
        assertThat(ada.get(attempt).json().toString()).doesNotContain("secret");
        assertThat(ada.get("/api/v1/home")
                        .json()
                        .path("all")
                        .get(0)
                        .path("turn")
                        .asString())
                .isEqualTo("HANDED_IN");
        assertThat(ada.post(attempt + "/rounds", Map.of()).text("rule")).isEqualTo("NO_MORE_ROUNDS");

        JsonNode kept = lesson.teacher.get(reviewPath).json().path("kept");
        lesson.teacher.post(
                reviewPath + "/returns",
                Map.of("version", kept.path("version").asLong(), "review", kept.path("review")));
        JsonNode back = ada.get(attempt + "/review").json();
        assertThat(back.path("words").asString()).isEqualTo("secret words");
        assertThat(back.path("score").path("got").asDouble()).isEqualTo(1.5);
        assertThat(back.path("pins").get(0).path("words").asString()).isEqualTo("secret pin");
        // The reason is the teacher's own note.
        assertThat(back.toString()).doesNotContain("secret reason");
        assertThat(ada.get("/api/v1/home")
                        .json()
                        .path("all")
                        .get(0)
                        .path("turn")
                        .asString())
                .isEqualTo("CAME_BACK");
    }

    @Test
    void what_is_written_after_sending_is_seen_only_when_it_is_sent_again() {
        lesson.teacher.post(reviewPath + "/returns", review(0, "First words", false));
        lesson.teacher.put(reviewPath, review(1, "Other words", true));
        JsonNode seen = ada.get(attempt + "/review").json();
        assertThat(seen.path("words").asString()).isEqualTo("First words");
        assertThat(seen.path("mayImprove").asBoolean()).isFalse();
        assertThat(lesson.teacher
                        .get(reviewPath)
                        .json()
                        .path("kept")
                        .path("begun")
                        .asBoolean())
                .isTrue();
        lesson.teacher.post(reviewPath + "/returns", review(2, "Other words", true));
        assertThat(ada.get(attempt + "/review").json().path("words").asString()).isEqualTo("Other words");
    }

    @Test
    void improving_begins_a_round_where_the_last_one_ended_and_keeps_both() {
        lesson.teacher.post(reviewPath + "/returns", review(0, "Once more", true));
        String next =
                "/api/v1/attempts/" + ada.post(attempt + "/rounds", Map.of()).text("attemptId");
        assertThat(next).isNotEqualTo(attempt);
        JsonNode opened = lesson.open(ada).json();
        assertThat(opened.path("around").path("round").asInt()).isEqualTo(2);
        assertThat(opened.path("progress").path("solved").asInt()).isEqualTo(1);
        assertThat(Lesson.moves(ada, attempt, School.put("moon", 900, 200)).text("rule"))
                .isEqualTo("HANDED_IN");
        Lesson.moves(ada, next, School.put("moon", 900, 200), Lesson.handIn());
        assertThat(lesson.row("Ada").path("round").asInt()).isEqualTo(2);
        String left = lesson.at + "/students/" + school.students.get(0).id();
        assertThat(lesson.teacher
                        .get(left + "?round=1")
                        .json()
                        .path("progress")
                        .path("solved")
                        .asInt())
                .isEqualTo(1);
        assertThat(lesson.teacher
                        .get(left)
                        .json()
                        .path("progress")
                        .path("solved")
                        .asInt())
                .isEqualTo(2);
        JsonNode rounds = lesson.teacher.get(lesson.at + "/results").json().path("rounds");
        assertThat(rounds.path("improved").asInt()).isEqualTo(1);
        // Asking again begins no third one.
        assertThat(ada.post(attempt + "/rounds", Map.of()).text("attemptId"))
                .isEqualTo(next.substring("/api/v1/attempts/".length()));
    }

    @Test
    void who_may_hand_in_several_times_need_not_wait_for_the_teacher() {
        begin(Map.of("rounds", 2));
        Lesson.moves(ada, attempt, School.put("sun", 200, 200), Lesson.handIn());
        assertThat(ada.get(attempt + "/review").json().path("mayImprove").asBoolean())
                .isTrue();
        String next =
                "/api/v1/attempts/" + ada.post(attempt + "/rounds", Map.of()).text("attemptId");
        Lesson.moves(ada, next, Lesson.handIn());
        assertThat(ada.post(next + "/rounds", Map.of()).text("rule")).isEqualTo("NO_MORE_ROUNDS");
    }

    @Test
    void what_is_sent_back_to_be_improved_is_open_past_the_closing_time() {
        lesson.teacher.post(reviewPath + "/returns", review(0, "Once more", true));
        lesson.teacher.put(lesson.at + "/terms", Map.of("closesAt", "2026-01-01T00:00"));
        String next =
                "/api/v1/attempts/" + ada.post(attempt + "/rounds", Map.of()).text("attemptId");
        Map<String, Object> sent =
                Map.of("moves", List.of(School.put("moon", 900, 200)), "sentAt", "2026-11-24T10:00:00Z");
        assertThat(ada.post(next + "/moves", sent).status()).isEqualTo(200);
    }

    @Test
    void two_teachers_at_one_piece_of_work_do_not_write_over_each_other(RealServer server) {
        server.bean(ClassService.class).join(school.id, school.classId, school.otherTeacher.id());
        Api other = school.asOtherTeacher();
        assertThat(other.get(reviewPath).status()).isEqualTo(200);
        assertThat(lesson.teacher.put(reviewPath, review(0, "First", false)).status())
                .isEqualTo(200);
        Api.Answer late = other.put(reviewPath, review(0, "Second", false));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text("rule")).isEqualTo("CHANGED_MEANWHILE");
        assertThat(late.text("detail")).contains("Teacher changed this review");
        JsonNode kept = other.get(reviewPath).json().path("kept");
        assertThat(kept.path("review").path("words").asString()).isEqualTo("First");
        assertThat(other.put(reviewPath, review(kept.path("version").asLong(), "Both", false))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void alike_answers_are_scored_once_for_all_and_the_rules_can_count_again() {
        Api bo = lesson.student(1);
        Lesson.moves(bo, lesson.attempt(bo), School.put("sun", 200, 200), Lesson.handIn());
        JsonNode before =
                lesson.teacher.get(lesson.at + "/reviews/pieces/sun").json().path("answers");
        assertThat(before).hasSize(1);
        assertThat(before.get(0).path("answer").asString()).isEqualTo("Makes light");
        assertThat(before.get(0).path("names")).hasSize(2);
        JsonNode marked = lesson.teacher
                .put(
                        lesson.at + "/reviews/pieces/sun/marks",
                        Map.of(
                                "attemptIds",
                                before.get(0).path("attemptIds"),
                                "mark",
                                Map.of("points", 2, "reason", "It was hard")))
                .json();
        assertThat(marked.path("answers").get(0).path("points").asDouble()).isEqualTo(2);
        assertThat(lesson.teacher
                        .get(reviewPath)
                        .json()
                        .path("score")
                        .path("got")
                        .asDouble())
                .isEqualTo(2);
        assertThat(lesson.teacher
                        .get(reviewPath)
                        .json()
                        .path("byRules")
                        .path("got")
                        .asDouble())
                .isEqualTo(1);
        lesson.teacher.put(
                lesson.at + "/reviews/pieces/sun/marks",
                Map.of("attemptIds", before.get(0).path("attemptIds")));
        assertThat(lesson.teacher
                        .get(reviewPath)
                        .json()
                        .path("score")
                        .path("got")
                        .asDouble())
                .isEqualTo(1);
    }

    @Test
    void points_for_a_piece_that_is_not_there_are_given_to_nobody() {
        String id = attempt.substring("/api/v1/attempts/".length());
        Map<String, Object> mark = Map.of("attemptIds", List.of(id), "mark", Map.of("points", 9, "reason", ""));
        assertThat(lesson.teacher
                        .put(lesson.at + "/reviews/pieces/nothing/marks", mark)
                        .status())
                .isEqualTo(404);
        assertThat(lesson.teacher
                        .get(reviewPath)
                        .json()
                        .path("kept")
                        .path("version")
                        .asInt())
                .isZero();
    }

    @Test
    void all_that_are_done_are_sent_at_once_and_those_not_begun_stay() {
        Api bo = lesson.student(1);
        Lesson.moves(bo, lesson.attempt(bo), Lesson.handIn());
        lesson.teacher.put(reviewPath, review(0, "Good", false));
        assertThat(lesson.teacher
                        .post(lesson.at + "/reviews/returns", Map.of())
                        .json()
                        .path("sent")
                        .asInt())
                .isEqualTo(1);
        JsonNode works = lesson.teacher.get(lesson.at + "/reviews").json().path("works");
        assertThat(works.get(0).path("name").asString()).isEqualTo("Bo");
        assertThat(works.get(0).path("sent").asBoolean()).isFalse();
        assertThat(works.get(1).path("sent").asBoolean()).isTrue();
    }

    @Test
    void work_that_is_not_handed_in_cannot_be_sent_back() {
        begin(Map.of());
        assertThat(lesson.teacher
                        .post(reviewPath + "/returns", review(0, "Hm", false))
                        .text("rule"))
                .isEqualTo("NOT_HANDED_IN");
    }

    @Test
    void a_replay_from_the_log_ends_where_the_work_stands() {
        JsonNode steps = lesson.teacher.get(reviewPath + "/steps").json();
        assertThat(steps).hasSize(3);
        assertThat(steps.get(0).path("words").asString()).isEqualTo("sun to Makes light, belongs");
        assertThat(steps.get(1).path("says").asString()).isEqualTo("DOES_NOT_BELONG");
        JsonNode moments = lesson.teacher.get(reviewPath + "/states?from=1").json();
        JsonNode last = moments.get(2).path("state");
        assertThat(last).isEqualTo(lesson.teacher.get(reviewPath).json().path("state"));
    }

    @Test
    void words_of_any_kind_are_kept_and_bounds_are_named() {
        String words = "مرحبا 🚀 " + "x".repeat(9_000);
        lesson.teacher.post(reviewPath + "/returns", review(0, words, false));
        assertThat(ada.get(attempt + "/review").json().path("words").asString()).isEqualTo(words);
        assertThat(lesson.teacher
                        .put(reviewPath, review(1, "x".repeat(10_001), false))
                        .text("bound"))
                .isEqualTo("review.words");
    }
}
