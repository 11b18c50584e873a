package gladtile.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Bounds;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.SetTerms;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import gladtile.server.testkit.Sounds;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sounds that wait for the move that puts them on a page, and how much of a school's room they can take. */
@ExtendWith(RealServer.class)
class RecordingServiceTest {
    private static final Duration AFTER = RecordingService.WAIT.plusMinutes(1);

    private RecordingService recordings;
    private School school;
    private Lesson lesson;
    private Api ada;
    private String attempt;

    @BeforeEach
    void give(RealServer server) {
        recordings = server.bean(RecordingService.class);
        school = new School(server);
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        lesson = Lesson.give(school, Map.of());
        ada = lesson.student(0);
        attempt = lesson.attempt(ada);
    }

    private String bring(int samples) {
        return ada.post(attempt + "/recordings", Sounds.wav(samples)).text("sha256");
    }

    private Api.Answer say(String sha256) {
        return Lesson.moves(ada, attempt, Sounds.saying(sha256));
    }

    private boolean isThere(String sha256) {
        return lesson.teacher.get("/api/v1/files/" + sha256).status() == 200;
    }

    private long room() {
        return lesson.teacher.get("/api/v1/uploads/storage").json().path("used").asLong();
    }

    @Test
    void what_no_move_asked_for_is_cleared_away_and_what_lies_on_a_page_stays() {
        String placed = bring(4100);
        long before = room();
        String left = bring(4200);
        assertThat(say(placed).status()).isEqualTo(200);
        recordings.clear(OffsetDateTime.now());
        assertThat(isThere(left)).as("still within its time").isTrue();

        recordings.clear(OffsetDateTime.now().plus(AFTER));
        assertThat(isThere(left)).isFalse();
        assertThat(isThere(placed)).isTrue();
        assertThat(room()).isEqualTo(before);
        Api.Answer late = say(left);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.text("rule")).isEqualTo("NO_SUCH_SOUND");
    }

    @Test
    void what_a_teacher_brought_too_is_theirs_and_stays_in_whichever_order_they_did() {
        byte[] first = Sounds.wav(4300);
        byte[] second = Sounds.wav(4400);
        String studentsFirst = bring(4300);
        assertThat(whole(first)).isEqualTo(studentsFirst);
        String teachersFirst = whole(second);
        assertThat(bring(4400)).isEqualTo(teachersFirst);
        recordings.clear(OffsetDateTime.now().plus(AFTER));
        assertThat(isThere(studentsFirst)).isTrue();
        assertThat(isThere(teachersFirst)).isTrue();
    }

    /** A sound whose move was refused with the others of its request is not on a page, and does not stay. */
    @Test
    void what_was_refused_with_others_does_not_stay() {
        String sound = bring(4500);
        Map<String, Object> move = Sounds.saying(sound);
        Map<String, Object> wrong = School.move(Map.of("kind", "open", "pageId", "nowhere"));
        assertThat(Lesson.moves(ada, attempt, move, wrong).status()).isEqualTo(409);
        recordings.clear(OffsetDateTime.now().plus(AFTER));
        assertThat(isThere(sound)).isFalse();
    }

    private String whole(byte[] sound) {
        String id = lesson.teacher
                .post("/api/v1/uploads", Map.of("name", "owl", "bytes", sound.length))
                .text("id");
        lesson.teacher.put("/api/v1/uploads/" + id + "/pieces/0", sound);
        return lesson.teacher
                .post("/api/v1/uploads/" + id + "/completion", Map.of())
                .text("sha256");
    }

    @Test
    void a_sound_that_was_never_brought_is_not_said() {
        assertThat(say("f".repeat(64)).text("rule")).isEqualTo("NO_SUCH_SOUND");
        assertThat(ada.get(attempt).json().path("state").path("own").size()).isZero();
    }

    @Test
    void a_student_takes_so_much_room_a_day_and_no_more_also_when_all_comes_at_once() throws Exception {
        int most = (Bounds.RECORDED_BYTES - 44) / 2;
        int whole = Bounds.RECORDED_BYTES_A_DAY / Bounds.RECORDED_BYTES;
        ExecutorService many = Executors.newFixedThreadPool(8);
        try {
            List<Future<Integer>> all = new ArrayList<>();
            for (int i = 0; i < whole + 8; i++) {
                byte[] sound = Sounds.wav(most - i);
                all.add(many.submit(
                        () -> ada.post(attempt + "/recordings", sound).status()));
            }
            int taken = 0;
            for (Future<Integer> one : all) {
                taken += one.get() == 200 ? 1 : 0;
            }
            assertThat(taken).isEqualTo(whole);
        } finally {
            many.shutdownNow();
        }
        Api.Answer more = ada.post(attempt + "/recordings", Sounds.wav(most - whole - 8));
        assertThat(more.text("bound")).isEqualTo("recording.day");
        assertThat(more.text("detail")).contains("100 MB", "tomorrow", "Nothing was changed");
        Api bo = lesson.student(1);
        assertThat(bo.post(lesson.attempt(bo) + "/recordings", Sounds.wav(400)).status())
                .isEqualTo(200);
        assertThat(recordings.clear(OffsetDateTime.now().plus(AFTER))).isGreaterThanOrEqualTo(whole);
    }
}
