package gladtile.formats.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What we write is read by Debian's ffprobe and ffmpeg, and what they write is read by us. */
class WebmVideoTest {
    @TempDir
    static Path folder;

    /** As a browser streams it: no length, no index. 12 seconds, 10 pictures a second, one of 20 seen by itself. */
    private static byte[] streamed;

    @BeforeAll
    static void stream() throws Exception {
        streamed = run("ffmpeg -v error -f lavfi -i testsrc=size=160x100:rate=10:duration=12 -f lavfi"
                + " -i sine=frequency=440:duration=12 -c:v libvpx -g 20 -keyint_min 20 -c:a libopus -f webm -live 1 -");
    }

    private static byte[] run(String command) throws IOException, InterruptedException {
        Path out = Files.createTempFile(folder, "out", ".bin");
        Process process = new ProcessBuilder(command.split(" "))
                .redirectOutput(out.toFile())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        process.getOutputStream().close();
        assertThat(process.waitFor()).as(command).isZero();
        return Files.readAllBytes(out);
    }

    private static WebmVideo read(byte[] bytes) {
        return WebmVideo.read(ByteBuffer.wrap(bytes)).orElseThrow();
    }

    private static byte[] write(WebmVideo video, long from, long to) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        video.write(out, from, to);
        return out.toByteArray();
    }

    private static List<String> probe(byte[] video, String shows) throws Exception {
        Path file = Files.createTempFile(folder, "video", ".webm");
        Files.write(file, video);
        return new String(run("ffprobe -v error " + shows + " -of csv=p=0 " + file))
                .lines()
                .toList();
    }

    private static double duration(byte[] video) throws Exception {
        return Double.parseDouble(probe(video, "-show_entries format=duration").get(0));
    }

    /** When each picture is seen, in seconds. */
    private static List<Double> pictures(byte[] video) throws Exception {
        List<Double> times = new ArrayList<>();
        for (String line : probe(video, "-select_streams v -show_entries packet=pts_time")) {
            times.add(Double.parseDouble(line.replace(",", "")));
        }
        return times;
    }

    @Test
    void a_streamed_video_says_how_long_it_is_once_it_is_written_again() throws Exception {
        assertThat(probe(streamed, "-show_entries format=duration").get(0)).isEqualTo("N/A");
        WebmVideo video = read(streamed);
        byte[] whole = write(video, 0, Long.MAX_VALUE);
        assertThat(duration(whole)).isCloseTo(12, within(0.05));
        assertThat(video.millis()).isCloseTo(12_000L, within(50L));
        assertThat(probe(whole, "-show_entries stream=codec_name")).containsExactlyInAnyOrder("vp8", "opus");
        List<Double> pictures = pictures(whole);
        assertThat(pictures).hasSize(120);
        for (int i = 1; i < pictures.size(); i++) {
            assertThat(pictures.get(i) - pictures.get(i - 1))
                    .as("no gap at %d", i)
                    .isCloseTo(0.1, within(0.002));
        }
        // Every picture can be decoded, and goes to a place by the index.
        assertThat(run("ffmpeg -v error -xerror -i " + file(whole) + " -f null -"))
                .isEmpty();
        assertThat(run("ffmpeg -v error -xerror -ss 7 -i " + file(whole) + " -frames:v 1 -f rawvideo -"))
                .isNotEmpty();
    }

    @Test
    void what_is_heard_before_the_first_picture_is_kept_and_all_of_it_is_as_long_as_it_says() throws Exception {
        byte[] late = run("ffmpeg -v error -f lavfi -i sine=frequency=440:duration=6 -itsoffset 1.1 -f lavfi"
                + " -i testsrc=size=160x100:rate=10:duration=4.9 -map 1:v -map 0:a -c:v libvpx -g 20"
                + " -keyint_min 20 -c:a libopus -f webm -live 1 -");
        WebmVideo video = read(late);
        byte[] whole = write(video, 0, Long.MAX_VALUE);
        assertThat(video.millis()).isCloseTo(6_000L, within(50L));
        assertThat(duration(whole)).isCloseTo(6, within(0.05));
        assertThat(pictures(whole).get(0)).isCloseTo(1.1, within(0.05));
        assertThat(Double.parseDouble(probe(whole, "-select_streams a -show_entries packet=pts_time")
                        .get(0)
                        .replace(",", "")))
                .isCloseTo(0, within(0.03));
        assertThat(run("ffmpeg -v error -xerror -i " + file(whole) + " -f null -"))
                .isEmpty();
        // The picture at 3.1 s is the last before 4 s that needs none before it.
        assertThat(duration(write(video, 4_000, Long.MAX_VALUE))).isCloseTo(2.9, within(0.1));
    }

    private static Path file(byte[] bytes) throws IOException {
        return Files.write(Files.createTempFile(folder, "video", ".webm"), bytes);
    }

    @Test
    void both_ends_are_trimmed_and_it_begins_with_a_picture_that_stands_by_itself() throws Exception {
        byte[] part = write(read(streamed), 4_700, 9_000);
        // The picture at 4 s is the last that needs none before it.
        assertThat(duration(part)).isCloseTo(5, within(0.05));
        assertThat(pictures(part).get(0)).isEqualTo(0.0);
        assertThat(pictures(part)).hasSize(50);
        assertThat(run("ffmpeg -v error -xerror -i " + file(part) + " -f null -"))
                .isEmpty();
        assertThat(read(part).millis()).isCloseTo(5_000L, within(50L));
        // The same picture as in the whole at that time.
        assertThat(run("ffmpeg -v error -i " + file(part) + " -frames:v 1 -f rawvideo -"))
                .isEqualTo(run("ffmpeg -v error -ss 4 -i " + file(write(read(streamed), 0, Long.MAX_VALUE))
                        + " -frames:v 1 -f rawvideo -"));
    }

    @Test
    void one_that_breaks_off_anywhere_is_read_as_far_as_it_goes() throws Exception {
        Random random = new Random(20261130);
        long last = 0;
        for (int i = 0; i < 40; i++) {
            int length = 600 + (streamed.length - 600) * i / 40 + random.nextInt(200);
            byte[] cut = new byte[Math.min(length, streamed.length)];
            System.arraycopy(streamed, 0, cut, 0, cut.length);
            var read = WebmVideo.read(ByteBuffer.wrap(cut));
            if (read.isEmpty()) {
                assertThat(last).as("what was readable stays so").isZero();
                continue;
            }
            assertThat(read.get().millis()).isGreaterThanOrEqualTo(last - 250);
            last = read.get().millis();
            if (i % 10 == 9) {
                byte[] again = write(read.get(), 0, Long.MAX_VALUE);
                assertThat(run("ffmpeg -v error -xerror -i " + file(again) + " -f null -"))
                        .isEmpty();
            }
        }
        assertThat(last).isGreaterThan(11_000);
    }

    @Test
    void what_is_no_video_is_none_and_no_bytes_break_the_reader() {
        assertThat(WebmVideo.read(ByteBuffer.wrap(new byte[0]))).isEmpty();
        assertThat(WebmVideo.read(ByteBuffer.wrap("<svg/>".getBytes()))).isEmpty();
        Random random = new Random(7);
        for (int i = 0; i < 400; i++) {
            byte[] spoilt = streamed.clone();
            for (int n = 0; n < 30; n++) {
                spoilt[random.nextInt(n < 15 ? 800 : spoilt.length)] = (byte) random.nextInt();
            }
            WebmVideo.read(ByteBuffer.wrap(spoilt)).ifPresent(video -> {
                try {
                    write(video, 1_000, 3_000);
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
        }
    }

    @Test
    void nothing_between_the_ends_is_nothing_written() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(read(streamed).write(out, 5_000, 0)).isZero();
        assertThat(out.size()).isZero();
    }
}
