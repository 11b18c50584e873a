package gladtile.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.SetTerms;
import gladtile.core.page.FileRef;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import gladtile.server.testkit.Sounds;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Ink and voices of students, from their tablets to the teacher. */
@ExtendWith(RealServer.class)
class OwnHandTest {
    private School school;
    private Lesson lesson;
    private Api ada;
    private String attempt;

    @BeforeEach
    void give(RealServer server) {
        school = new School(server);
        allow(new StudentTools(true, true));
    }

    private void allow(StudentTools tools) {
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(tools)));
        lesson = Lesson.give(school, Map.of());
        ada = lesson.student(0);
        attempt = lesson.attempt(ada);
    }

    private static Map<String, Object> stroke(String id) {
        return Map.of(
                "id",
                id,
                "stroke",
                Map.of(
                        "tool",
                        "PEN",
                        "colour",
                        "#1f2d33",
                        "width",
                        6,
                        "dash",
                        "SOLID",
                        "points",
                        List.of(100, 200, 128, 900, 800, 128)));
    }

    private static Map<String, Object> draw(List<String> drawn, List<String> gone) {
        return School.move(Map.of(
                "kind",
                "draw",
                "pageId",
                "light",
                "drawn",
                drawn.stream().map(OwnHandTest::stroke).toList(),
                "gone",
                gone));
    }

    private static Map<String, Object> say(FileRef file) {
        return School.move(
                Map.of("kind", "say", "pageId", "light", "recording", Map.of("id", "r1", "file", file, "seconds", 7)));
    }

    private FileRef bring(byte[] bytes) {
        Api.Answer answer = ada.post(attempt + "/recordings", bytes);
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
        return new FileRef(answer.text("sha256"), answer.text("name"), answer.text("mediaType"));
    }

    private JsonNode own() {
        return ada.get(attempt).json().path("state").path("own").path("light");
    }

    @Test
    void what_is_drawn_is_there_when_the_attempt_is_opened_again_and_the_teacher_sees_it_and_the_log_names_it() {
        assertThat(Lesson.moves(ada, attempt, draw(List.of("a", "b"), List.of()))
                        .status())
                .isEqualTo(200);
        Lesson.moves(ada, attempt, draw(List.of("b1"), List.of("b")));
        assertThat(own().path("ink"))
                .extracting(one -> one.path("id").asString())
                .containsExactly("a", "b1");
        JsonNode left = lesson.teacher
                .get(lesson.at + "/students/" + school.students.get(0).id())
                .json();
        assertThat(left.path("state").path("own").path("light").path("ink")).hasSize(2);
        Lesson.moves(ada, attempt, Lesson.handIn());
        JsonNode steps = lesson.teacher
                .get(lesson.at + "/reviews/" + attempt.substring(attempt.lastIndexOf('/') + 1) + "/steps")
                .json();
        assertThat(steps)
                .extracting(one -> one.path("words").asString())
                .containsExactly("drew", "rubbed out", "handed in");
    }

    @Test
    void what_is_said_arrives_once_however_often_it_is_sent_and_is_heard_within_the_school() {
        byte[] sound = Sounds.wav(4000);
        FileRef file = bring(sound);
        assertThat(bring(sound)).isEqualTo(file);
        Map<String, Object> move = say(file);
        Lesson.moves(ada, attempt, move);
        assertThat(Lesson.moves(ada, attempt, move).status()).isEqualTo(200);
        assertThat(own().path("said")).hasSize(1);
        assertThat(lesson.teacher.raw("/api/v1/files/" + file.sha256()).body()).isEqualTo(sound);
        assertThat(new School(school.server)
                        .asTeacher()
                        .get("/api/v1/files/" + file.sha256())
                        .status())
                .isEqualTo(404);
    }

    @Test
    void nobody_else_brings_a_recording_to_it_and_nothing_but_a_recording_is_taken() {
        byte[] sound = Sounds.wav(400);
        assertThat(lesson.student(1).post(attempt + "/recordings", sound).status())
                .isEqualTo(404);
        assertThat(lesson.teacher.post(attempt + "/recordings", sound).status()).isEqualTo(403);
        byte[] words = "Only words".getBytes(StandardCharsets.UTF_8);
        assertThat(ada.post(attempt + "/recordings", words).text("bound")).isEqualTo("recording.type");
        assertThat(ada.post(attempt + "/recordings", new byte[0]).status()).isBetween(400, 422);
        assertThat(ada.post(attempt + "/recordings", new byte[5 * 1024 * 1024]).status())
                .isEqualTo(413);
    }

    @Test
    void where_the_teacher_wants_neither_both_are_refused_and_looking_only_takes_nothing() {
        allow(new StudentTools(false, false));
        assertThat(Lesson.moves(ada, attempt, draw(List.of("a"), List.of())).text("rule"))
                .isEqualTo("NOT_TO_DRAW_ON");
        assertThat(ada.post(attempt + "/recordings", Sounds.wav(400)).text("rule"))
                .isEqualTo("NOT_TO_SPEAK_ON");
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        Lesson looking = Lesson.give(school, Map.of("sharing", "VIEW_ONLY"));
        Api bo = looking.student(1);
        String there = looking.attempt(bo);
        assertThat(Lesson.moves(bo, there, draw(List.of("a"), List.of())).text("rule"))
                .isEqualTo("VIEW_ONLY");
        assertThat(bo.post(there + "/recordings", Sounds.wav(400)).text("rule")).isEqualTo("NOT_TO_SPEAK_ON");
    }

    @Test
    void two_of_a_team_draw_on_one_copy() {
        Lesson.team(school);
        Lesson together = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api one = together.student(0);
        Api two = together.student(1);
        String there = together.attempt(one);
        Lesson.moves(one, there, draw(List.of("a"), List.of()));
        Lesson.moves(two, there, draw(List.of("b"), List.of()));
        Lesson.moves(one, there, draw(List.of(), List.of("b", "nobody")));
        assertThat(two.get(there).json().path("state").path("own").path("light").path("ink"))
                .extracting(stroke -> stroke.path("id").asString())
                .containsExactly("a");
    }
}
