package gladtile.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Frame;
import gladtile.core.activity.Movement;
import gladtile.core.activity.Picture;
import gladtile.core.activity.PictureRef;
import gladtile.core.answer.Besides;
import gladtile.core.answer.Terms;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.SetTerms;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.Lesson;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import gladtile.server.testkit.Sounds;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** To know the name of a file is not to have it. */
@ExtendWith(RealServer.class)
class FilesForStudentsTest {
    private static String picture(Api teacher, int colour) throws IOException {
        BufferedImage image = new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB);
        image.setRGB(3, 3, colour);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return teacher.upload("/api/files/pictures", "dome.png", png.toByteArray())
                .text("sha256");
    }

    private static int read(Api who, String sha256) {
        return who.raw("/api/files/" + sha256).statusCode();
    }

    @Test
    void a_student_has_the_files_of_pages_given_to_them_and_of_no_others(RealServer server) throws IOException {
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
        assertThat(read(bo, given)).isEqualTo(200);
        assertThat(read(bo, kept)).isEqualTo(404);
        assertThat(read(school.asOtherTeacher(), kept)).isEqualTo(200);
        Api stranger = School.joined(
                server.browser(),
                school.server.bean(gladtile.server.classes.Classes.class).code(school.id, school.otherClassId),
                school.stranger);
        assertThat(read(stranger, given)).isEqualTo(404);
    }

    @Test
    void what_one_says_is_heard_by_the_team_and_cannot_be_taken_by_its_name(RealServer server) {
        School school = new School(server);
        school.edit(new SetTerms(Terms.USUAL.withBesides(new Besides(true, true))));
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
