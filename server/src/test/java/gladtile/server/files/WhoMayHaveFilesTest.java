package gladtile.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.StudentTools;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.Edit;
import gladtile.core.edit.RemoveItem;
import gladtile.core.edit.SetTerms;
import gladtile.core.edit.SetTitle;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.WordStyle;
import gladtile.server.activities.ActivityService;
import gladtile.server.classes.ClassService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import gladtile.server.testkit.Sounds;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** To know the name of a file is not to have it. */
@ExtendWith(RealServer.class)
class WhoMayHaveFilesTest {
    private static String picture(Api teacher, int colour) {
        return teacher.upload("/api/v1/files/pictures", "dome.png", png(colour)).text("sha256");
    }

    private static byte[] png(int colour) {
        BufferedImage image = new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB);
        image.setRGB(3, 3, colour);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", png);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return png.toByteArray();
    }

    private static int read(Api who, String sha256) {
        return who.raw("/api/v1/files/" + sha256).statusCode();
    }

    @Test
    void a_student_has_the_files_of_pages_given_to_them_and_of_no_others(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String given = picture(teacher, 0xaa0001);
        String kept = picture(teacher, 0xaa0002);
        school.edit(new AddItem(
                "light",
                0,
                new Picture("dome", Frame.of(0, 0, 90, 90), Movement.FIXED, "The dome", PictureRef.file(given), "")));
        Api ada = school.asStudent(0);
        // Not before it is given: what they have was given before that picture came onto the page.
        assertThat(read(ada, given)).isEqualTo(404);
        Lesson lesson = Lesson.give(school, Map.of());
        Api again = lesson.student(0);
        lesson.open(again);
        Api bo = lesson.student(1);
        // It is given to Bo as well, and not begun: it might not be open yet, or wait for something else.
        assertThat(read(bo, given)).isEqualTo(404);
        lesson.open(bo);
        assertThat(read(bo, given)).isEqualTo(200);
        assertThat(read(bo, kept)).isEqualTo(404);
        Api stranger = School.joined(
                server.browser(),
                school.server.bean(ClassService.class).code(school.id, school.otherClassId),
                school.stranger);
        assertThat(read(stranger, given)).isEqualTo(404);
    }

    @Test
    void what_is_not_open_yet_or_for_others_of_the_class_or_withdrawn_gives_no_files(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        String shown = picture(teacher, 0xaa0011);
        school.edit(shows(shown));
        Lesson later = Lesson.give(
                school, Map.of("opensAt", Instant.now().plus(Duration.ofDays(1)).toString(), "zone", "UTC"));
        Api ada = later.student(0);
        assertThat(later.open(ada).status()).isNotEqualTo(200);
        assertThat(read(ada, shown)).isEqualTo(404);

        Lesson forAda = Lesson.give(
                school,
                Map.of(),
                Map.of(
                        "whom",
                        "STUDENTS",
                        "targets",
                        List.of(school.students.get(0).id())));
        Api bo = later.student(1);
        assertThat(forAda.open(bo).status()).isEqualTo(404);
        assertThat(read(bo, shown)).isEqualTo(404);
        forAda.open(ada);
        assertThat(read(ada, shown)).isEqualTo(200);

        Lesson withdrawn = Lesson.give(school, Map.of());
        withdrawn.open(bo);
        assertThat(teacher.put(withdrawn.at + "/withdrawal", Map.of()).status()).isLessThan(300);
        assertThat(read(bo, shown)).isEqualTo(404);
    }

    private static AddItem shows(String sha256) {
        return new AddItem(
                "light",
                0,
                new Picture(
                        "shows-" + sha256.substring(0, 8),
                        Frame.of(0, 0, 90, 90),
                        Movement.FIXED,
                        "The dome",
                        PictureRef.file(sha256),
                        ""));
    }

    private static Api.Answer edits(Api teacher, UUID activityId, Edit edit) {
        String path = "/api/v1/activities/" + activityId;
        long seq = teacher.get(path).json().path("seq").asLong();
        return teacher.post(
                path + "/edits",
                Map.of("seq", seq, "edits", List.of(new ActivityService.Incoming(UUID.randomUUID(), edit))));
    }

    @Test
    void a_teacher_has_the_files_of_activities_they_may_look_at_and_of_no_others(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        Api jonas = school.asOtherTeacher();
        String shown = picture(mira, 0xbb0001);
        String kept = picture(mira, 0xbb0002);
        assertThat(edits(mira, school.activityId, shows(shown)).json().path("dropped"))
                .isEmpty();
        assertThat(read(jonas, shown)).isEqualTo(404);
        mira.put(
                "/api/v1/activities/" + school.activityId + "/sharing/" + school.otherTeacher.id(),
                Map.of("access", "LOOK"));
        assertThat(read(jonas, shown)).isEqualTo(200);
        assertThat(read(jonas, kept)).isEqualTo(404);
        assertThat(jonas.post("/api/v1/files/" + kept + "/cut-outs", Map.of("colour", "#ffffff", "tolerance", 9))
                        .status())
                .isEqualTo(404);
        // A copy of one's own takes along what one could see, and goes on when the other one is not shared any more.
        UUID copy = UUID.fromString(
                jonas.post("/api/v1/activities/" + school.activityId + "/copies", Map.of("title", "Mine"))
                        .text("id"));
        School later = new School(server);
        assertThat(read(later.asTeacher(), shown)).isEqualTo(404);
        assertThat(edits(jonas, copy, new SetTitle("Mine again")).json().path("dropped"))
                .isEmpty();
        // Who brought the same bytes has them.
        assertThat(picture(jonas, 0xbb0002)).isEqualTo(kept);
        assertThat(read(jonas, kept)).isEqualTo(200);
    }

    @Test
    void a_file_does_not_come_onto_a_page_by_its_name_alone(RealServer server) {
        School school = new School(server);
        String kept = picture(school.asTeacher(), 0xcc0001);
        Api jonas = school.asOtherTeacher();
        UUID own = server.bean(ActivityService.class).create(school.otherTeacher, "A way around");
        server.bean(ActivityService.class)
                .edit(
                        school.otherTeacher,
                        own,
                        0,
                        List.of(new ActivityService.Incoming(UUID.randomUUID(), School.lightPage())));
        Api.Answer refused = edits(jonas, own, shows(kept));
        assertThat(refused.json().path("dropped").get(0).path("why").asString()).contains("not among those");
        assertThat(jonas.get("/api/v1/activities/" + own).json().toString()).doesNotContain(kept);
        // Neither as an exit, nor in words that look like one.
        assertThat(edits(jonas, own, new SetTitle(kept)).json().path("dropped")).hasSize(1);
        Map<String, Object> row = Map.of("cells", List.of("dome"), "pictures", List.of(PictureRef.file(kept)));
        Map<String, Object> list = Map.of("kind", "MEMORY", "title", "Domes", "rows", List.of(row), "seed", 1);
        assertThat(jonas.post("/api/v1/starters", Map.of("starter", list, "pictured", false))
                        .status())
                .isEqualTo(404);
        assertThat(read(jonas, kept)).isEqualTo(404);
        // What its author takes off and brings back by undo was theirs all the time.
        Api mira = school.asTeacher();
        edits(mira, school.activityId, shows(kept));
        edits(mira, school.activityId, new RemoveItem("light", "shows-" + kept.substring(0, 8)));
        JsonNode undone = mira.post(
                        "/api/v1/activities/" + school.activityId + "/undo", Map.of("seq", 0, "id", UUID.randomUUID()))
                .json();
        assertThat(undone.path("dropped")).isEmpty();
        assertThat(mira.get("/api/v1/activities/" + school.activityId).json().toString())
                .contains(kept);
    }

    @Test
    void what_a_class_hears_is_for_its_teachers_and_is_sent_back_only_by_those_who_have_it(RealServer server) {
        School school = new School(server);
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        String sound = ada.post(attempt + "/recordings", Sounds.wav(6200)).text("sha256");
        Lesson.moves(ada, attempt, Sounds.saying(sound), Lesson.handIn());
        assertThat(read(lesson.teacher, sound)).isEqualTo(200);
        Api jonas = school.asOtherTeacher();
        assertThat(read(jonas, sound)).isEqualTo(404);
        server.bean(ClassService.class).join(school.id, school.classId, school.otherTeacher.id());
        assertThat(read(jonas, sound)).isEqualTo(200);

        // Another school's hash, or any that one does not have, is not said back to a student who may then hear it.
        School far = new School(server);
        far.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        Lesson farLesson = Lesson.give(far, Map.of());
        Api bo = farLesson.student(1);
        String boAttempt = farLesson.attempt(bo);
        Lesson.moves(bo, boAttempt, Lesson.handIn());
        String secret = far.asOtherTeacher()
                .upload("/api/v1/files/pictures", "dome.png", png(0xdd0001))
                .text("sha256");
        Map<String, Object> voice = Map.of("sha256", secret, "name", "Voice", "mediaType", "audio/wav");
        String at = farLesson.at + "/reviews/" + boAttempt.substring("/api/v1/attempts/".length());
        Map<String, Object> review =
                Map.of("version", 0, "review", Map.of("words", "", "voice", voice, "mayImprove", false));
        assertThat(farLesson.teacher.put(at, review).status()).isEqualTo(404);
        assertThat(farLesson.teacher.post(at + "/returns", review).status()).isEqualTo(404);
        assertThat(read(bo, secret)).isEqualTo(404);
    }

    @Test
    void a_name_written_on_a_note_brings_no_file(RealServer server) {
        School school = new School(server);
        String kept = picture(school.asTeacher(), 0xee0001);
        school.edit(new AddItem(
                "light",
                0,
                new Note(
                        "memo",
                        Frame.of(500, 700, 300, 100),
                        Movement.FREE,
                        "",
                        null,
                        "#fbefd8",
                        WordFit.free("", WordStyle.PLAIN).content(),
                        null,
                        true)));
        Lesson lesson = Lesson.give(school, Map.of());
        Api ada = lesson.student(0);
        String attempt = lesson.attempt(ada);
        assertThat(Lesson.moves(
                                ada,
                                attempt,
                                School.move(Map.of("kind", "write", "pageId", "light", "noteId", "memo", "text", kept)))
                        .status())
                .isEqualTo(200);
        assertThat(read(ada, kept)).isEqualTo(404);
    }

    @Test
    void what_one_says_is_heard_by_the_team_and_cannot_be_taken_by_its_name(RealServer server) {
        School school = new School(server);
        school.edit(new SetTerms(AnswerTerms.USUAL.withTools(new StudentTools(true, true))));
        Lesson.team(school);
        Lesson lesson = Lesson.give(school, Map.of("sharing", "TEAM_COPY"));
        Api ada = lesson.student(0);
        String team = lesson.attempt(ada);
        String sound = ada.post(team + "/recordings", Sounds.wav(5100)).text("sha256");
        assertThat(read(ada, sound)).isEqualTo(200);
        Api bo = lesson.student(1);
        assertThat(read(bo, sound)).isEqualTo(404);
        Api cyrus = lesson.student(2);
        String alone = lesson.attempt(cyrus);
        // Another child's sound is not put on one's own page by its name, and so made one's own.
        assertThat(Lesson.moves(cyrus, alone, Sounds.saying(sound)).text("rule"))
                .isEqualTo("NO_SUCH_SOUND");
        assertThat(Lesson.moves(ada, team, Sounds.saying(sound)).status()).isEqualTo(200);
        assertThat(read(bo, sound)).isEqualTo(200);
        assertThat(read(cyrus, sound)).isEqualTo(404);
        // The same bytes brought by themselves are theirs.
        assertThat(cyrus.post(alone + "/recordings", Sounds.wav(5100)).text("sha256"))
                .isEqualTo(sound);
        assertThat(read(cyrus, sound)).isEqualTo(200);
        assertThat(Lesson.moves(cyrus, alone, Sounds.saying(sound)).status()).isEqualTo(200);
    }
}
