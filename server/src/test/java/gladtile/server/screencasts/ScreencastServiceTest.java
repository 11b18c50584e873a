package gladtile.server.screencasts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.formats.media.WebVtt;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Recordings of a page, as Debian's ffprobe reads them. */
@ExtendWith(RealServer.class)
class ScreencastServiceTest {
    @TempDir
    static Path folder;

    /** As a browser streams it: 8 seconds, one picture of 10 seen by itself. */
    private static byte[] streamed;

    @BeforeAll
    static void stream() throws Exception {
        streamed = run("ffmpeg -v error -f lavfi -i testsrc=size=320x200:rate=10:duration=8 -f lavfi"
                + " -i sine=duration=8 -c:v libvpx -g 10 -c:a libopus -f webm -live 1 -");
    }

    private static byte[] run(String command) throws Exception {
        Path out = Files.createTempFile(folder, "out", ".bin");
        Process process = new ProcessBuilder(command.split(" "))
                .redirectOutput(out.toFile())
                .start();
        process.getOutputStream().close();
        assertThat(process.waitFor()).as(command).isZero();
        return Files.readAllBytes(out);
    }

    private static double seconds(Api who, Api.Answer answer, String which) throws Exception {
        String sha = answer.json().path(which).path("sha256").asString();
        Path file = Files.write(
                Files.createTempFile(folder, "video", ".webm"),
                who.raw("/api/v1/files/" + sha).body());
        return Double.parseDouble(
                new String(run("ffprobe -v error -show_entries format=duration -of csv=p=0 " + file)).strip());
    }

    private static String begin(School school, Api who) {
        return "/api/v1/screencasts/"
                + who.post("/api/v1/activities/" + school.activityId + "/screencasts", Map.of("title", "Noon"))
                        .text("id");
    }

    /** In pieces of 10,000 bytes. */
    private static void record(Api who, String screencast, int bytes) {
        for (int n = 0; n * 10_000 < bytes; n++) {
            byte[] piece = Arrays.copyOfRange(streamed, n * 10_000, Math.min(bytes, (n + 1) * 10_000));
            assertThat(who.put(screencast + "/pieces/" + n, piece).status()).isEqualTo(204);
        }
    }

    @Test
    void pieces_become_a_video_that_says_how_long_it_is(RealServer server) throws Exception {
        School school = new School(server);
        Api mira = school.asTeacher();
        String screencast = begin(school, mira);
        record(mira, screencast, streamed.length);
        // One that comes again, after an answer was lost, changes nothing; one that skips others is refused.
        assertThat(mira.put(screencast + "/pieces/0", new byte[] {1}).status()).isEqualTo(204);
        assertThat(mira.put(screencast + "/pieces/9999", new byte[] {1}).text("bound"))
                .isEqualTo("screencast.piece");
        Api.Answer done = mira.post(screencast + "/completion", Map.of());
        assertThat(done.status()).isEqualTo(200);
        assertThat(seconds(mira, done, "whole")).isCloseTo(8, within(0.1));
        assertThat(done.json().path("millis").asLong()).isCloseTo(8_000L, within(100L));
        // Finished twice is finished once.
        assertThat(mira.post(screencast + "/completion", Map.of()).json().path("whole"))
                .isEqualTo(done.json().path("whole"));
        assertThat(mira.put(screencast + "/pieces/500", new byte[] {1}).status())
                .isEqualTo(422);
    }

    @Test
    void a_tab_closed_in_the_middle_loses_seconds(RealServer server) throws Exception {
        School school = new School(server);
        Api mira = school.asTeacher();
        String screencast = begin(school, mira);
        record(mira, screencast, streamed.length * 2 / 3);
        Api.Answer done = mira.post(screencast + "/completion", Map.of());
        assertThat(seconds(mira, done, "whole")).isBetween(4.0, 7.5);
    }

    @Test
    void both_ends_are_trimmed_and_put_back_with_captions_that_go_along(RealServer server) throws Exception {
        School school = new School(server);
        Api mira = school.asTeacher();
        String screencast = begin(school, mira);
        record(mira, screencast, streamed.length);
        mira.post(screencast + "/completion", Map.of());
        List<Map<String, Object>> captions = List.of(
                Map.of("from", 500, "to", 1_500, "words", "Look <here> & there"),
                Map.of("from", 3_000, "to", 4_000, "words", "It is\n\nnoon --> now"));
        Map<String, Object> change = Map.of(
                "title",
                "Noon, shorter",
                "chapters",
                List.of(Map.of("at", 0, "name", "The sun at noon")),
                "captions",
                captions,
                "from",
                2_000,
                "to",
                6_000);
        Api.Answer cut = mira.patch(screencast, change);
        assertThat(cut.status()).as(cut.toString()).isEqualTo(200);
        assertThat(seconds(mira, cut, "video")).isCloseTo(4, within(0.1));
        assertThat(seconds(mira, cut, "whole")).isCloseTo(8, within(0.1));
        String words = new String(
                mira.raw("/api/v1/files/"
                                + cut.json().path("words").path("sha256").asString())
                        .body(),
                StandardCharsets.UTF_8);
        WebVtt read = ((WebVtt.Read) WebVtt.read(words)).captions();
        assertThat(read.passedOver()).isEmpty();
        assertThat(read.cues()).singleElement().satisfies(cue -> {
            assertThat(cue.from()).isEqualTo(1_000);
            assertThat(cue.to()).isEqualTo(2_000);
            assertThat(cue.text()).isEqualTo("It is\nnoon --&gt; now");
        });

        Api.Answer back = mira.patch(screencast, Map.of("title", "Noon"));
        assertThat(back.json().path("video")).isEqualTo(back.json().path("whole"));
        assertThat(mira.patch(screencast, Map.of("title", "Noon", "from", 7_000, "to", 500))
                        .text("bound"))
                .isEqualTo("screencast.to");
        assertThat(mira.get("/api/v1/activities/" + school.activityId + "/screencasts")
                        .items()
                        .get(0)
                        .path("title")
                        .asString())
                .isEqualTo("Noon");
        mira.delete(screencast);
        assertThat(mira.get("/api/v1/activities/" + school.activityId + "/screencasts")
                        .items()
                        .size())
                .isZero();
    }

    @Test
    void what_is_no_video_is_refused_with_what_to_do(RealServer server) {
        School school = new School(server);
        Api mira = school.asTeacher();
        String screencast = begin(school, mira);
        assertThat(mira.put(screencast + "/pieces/0", new byte[1_024 * 1_024 + 1])
                        .text("bound"))
                .isEqualTo("screencast.piece");
        mira.put(screencast + "/pieces/0", "no video".getBytes(StandardCharsets.UTF_8));
        assertThat(mira.post(screencast + "/completion", Map.of()).text("detail"))
                .contains("delete");
        assertThat(mira.patch(screencast, Map.of("title", "x", "from", 1)).text("bound"))
                .isEqualTo("screencast.to");
    }
}
