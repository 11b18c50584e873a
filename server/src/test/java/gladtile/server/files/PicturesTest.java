package gladtile.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RealServer.class)
class PicturesTest {
    private static final String PATH = "/api/v1/files/pictures";

    @Test
    void a_picture_of_many_chunks_comes_back_as_it_was_kept(RealServer server) throws IOException {
        School school = new School(server);
        Api teacher = school.asTeacher();
        BufferedImage image = new BufferedImage(1_200, 900, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(4);
        for (int x = 0; x < 1_200; x++) {
            for (int y = 0; y < 900; y++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        Api.Answer kept = teacher.upload(PATH, "dome.png", png.toByteArray());
        assertThat(kept.status()).isEqualTo(201);
        HttpResponse<byte[]> back = teacher.raw("/api/v1/files/" + kept.text("sha256"));
        assertThat(back.headers().firstValue("Content-Type")).contains("image/png");
        assertThat(back.headers().firstValue("Content-Security-Policy").orElseThrow())
                .contains("sandbox");
        assertThat(back.body().length).isGreaterThan(2 * 1024 * 1024);
        BufferedImage read = ImageIO.read(new java.io.ByteArrayInputStream(back.body()));
        assertThat(read.getRGB(500, 500)).isEqualTo(image.getRGB(500, 500));
        // Another school may not see it.
        assertThat(new School(server)
                        .asTeacher()
                        .get("/api/v1/files/" + kept.text("sha256"))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void what_is_refused_names_its_bound_and_says_that_nothing_changed(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        assertRefused(teacher.upload(PATH, "moon.png", new byte[21_500_000]), "picture.bytes");
        assertRefused(teacher.upload(PATH, "moon.png", new byte[20 * 1024 * 1024 - 10]), "picture.type");
        assertRefused(
                teacher.upload(PATH, "moon.png", "MZ not a picture".getBytes(StandardCharsets.UTF_8)), "picture.type");
        assertThat(school.asStudent(0).upload(PATH, "moon.png", new byte[10]).status())
                .isEqualTo(403);
    }

    @Test
    void svg_with_script_is_kept_without_it(RealServer server) {
        Api teacher = new School(server).asTeacher();
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>"
                + "<script>alert(1)</script><rect width='9' height='9' onclick='alert(2)'/></svg>";
        Api.Answer kept = teacher.upload(PATH, "x.svg", svg.getBytes(StandardCharsets.UTF_8));
        String back =
                new String(teacher.raw("/api/v1/files/" + kept.text("sha256")).body(), StandardCharsets.UTF_8);
        assertThat(back).contains("<rect").doesNotContain("alert");
    }

    @Test
    void library_pictures_are_found_in_several_languages_with_their_credit(RealServer server) {
        Api teacher = new School(server).asTeacher();
        for (String word : new String[] {"telescope", "Teleskop", "télescope", "telescopio", "TELESC"}) {
            Api.Answer found =
                    teacher.get("/api/v1/pictures?words=" + java.net.URLEncoder.encode(word, StandardCharsets.UTF_8));
            assertThat(found.json().toString()).as(word).contains("1F52D").contains("CC BY-SA 4.0");
        }
        assertThat(teacher.get("/api/v1/pictures?words=qqqqq").items()).isEmpty();
    }

    /** What a clue picture shows is what a student is to spell; the list of words by picture is for teachers. */
    @Test
    void pictures_of_the_library_are_for_everybody_and_the_list_of_their_words_is_not(RealServer server) {
        Api nobody = server.browser();
        assertThat(nobody.raw("/library/1F52D.svg").statusCode()).isEqualTo(200);
        for (String path : new String[] {"/library/index.json", "/library//index.json", "/library/%69ndex.json"}) {
            assertThat(nobody.raw(path).statusCode()).as(path).isBetween(400, 499);
        }
        assertThat(nobody.get("/api/v1/pictures?words=telescope").status()).isEqualTo(401);
    }

    @Test
    void a_colour_is_made_see_through_and_the_picture_before_it_stays(RealServer server) throws IOException {
        Api teacher = new School(server).asTeacher();
        BufferedImage image = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 20; y++) {
            for (int x = 0; x < 30; x++) {
                image.setRGB(x, y, x < 15 ? 0xffffff : 0x203040);
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        String first = teacher.upload(PATH, "dome.png", png.toByteArray()).text("sha256");
        Api.Answer clear =
                teacher.post("/api/v1/files/" + first + "/cut-outs", Map.of("colour", "#ffffff", "tolerance", 20));
        assertThat(clear.status()).isEqualTo(201);
        BufferedImage read = read(teacher, clear.text("sha256"));
        assertThat(read.getRGB(3, 3) >>> 24).isZero();
        assertThat(read.getRGB(25, 3)).isEqualTo(0xff203040);
        assertThat(read(teacher, first).getRGB(3, 3)).isEqualTo(0xffffffff);
        assertThat(teacher.post("/api/v1/files/" + first + "/cut-outs", Map.of("colour", "white", "tolerance", 20))
                        .text("bound"))
                .isEqualTo("clear.colour");
    }

    @Test
    void favourites_and_the_last_used_are_ones_own(RealServer server) {
        School school = new School(server);
        Api teacher = school.asTeacher();
        teacher.put("/api/v1/pictures/1F52D/kept", Map.of("kept", true));
        teacher.post("/api/v1/pictures/2600/uses", Map.of());
        teacher.post("/api/v1/pictures/2B50/uses", Map.of());
        var own = teacher.get("/api/v1/pictures/own").json();
        assertThat(own.path("favourites").get(0).path("code").asString()).isEqualTo("1F52D");
        assertThat(own.path("lately").get(0).path("code").asString()).isEqualTo("2B50");
        assertThat(own.path("topics").size()).isGreaterThan(5);
        assertThat(school.asOtherTeacher().get("/api/v1/pictures/own").json().path("favourites"))
                .isEmpty();
        assertThat(teacher.put("/api/v1/pictures/FFFF/kept", Map.of("kept", true))
                        .status())
                .isEqualTo(404);
        String topic = own.path("topics").get(1).asString();
        assertThat(teacher.get("/api/v1/pictures?words=&topic="
                                + java.net.URLEncoder.encode(topic, StandardCharsets.UTF_8))
                        .items()
                        .size())
                .isGreaterThan(20);
    }

    private static BufferedImage read(Api by, String sha256) throws IOException {
        return ImageIO.read(new java.io.ByteArrayInputStream(
                by.raw("/api/v1/files/" + sha256).body()));
    }

    private static void assertRefused(Api.Answer answer, String bound) {
        assertThat(answer.status()).as("%s", answer).isEqualTo(422);
        assertThat(answer.text("bound")).isEqualTo(bound);
        assertThat(answer.text("detail")).contains("Nothing on the page changed");
    }
}
