package gladtile.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Recordings and videos come in piece by piece, and any part of them can be asked for (RFC 9110, section 14). */
@ExtendWith(RealServer.class)
class UploadServiceTest {
    private static final int PIECE = 1024 * 1024;

    /** Noise that begins as an MP4 file does. */
    private static byte[] video(int bytes) {
        byte[] video = new byte[bytes];
        new Random(6).nextBytes(video);
        byte[] head = "\0\0\0\u0020ftypmp42".getBytes(StandardCharsets.ISO_8859_1);
        System.arraycopy(head, 0, video, 0, head.length);
        return video;
    }

    private static String begin(Api teacher, String name, long bytes) {
        Api.Answer begun = teacher.post("/api/v1/uploads", Map.of("name", name, "bytes", bytes));
        assertThat(begun.status()).isEqualTo(201);
        assertThat(begun.json().path("piece").asInt()).isEqualTo(PIECE);
        return begun.text("id");
    }

    private static Api.Answer put(Api teacher, String id, int n, byte[] file) {
        byte[] piece = Arrays.copyOfRange(file, n * PIECE, Math.min(file.length, (n + 1) * PIECE));
        return teacher.put("/api/v1/uploads/" + id + "/pieces/" + n, piece);
    }

    private static Api.Answer finish(Api teacher, String id) {
        return teacher.post("/api/v1/uploads/" + id + "/completion", Map.of());
    }

    private static Api.Answer whole(Api teacher, String name, byte[] file) {
        String id = begin(teacher, name, file.length);
        for (int n = 0; n * PIECE < file.length; n++) {
            assertThat(put(teacher, id, n, file).status()).isEqualTo(204);
        }
        return finish(teacher, id);
    }

    @Test
    void pieces_come_in_any_order_and_twice_and_the_file_is_the_same(RealServer server) throws Exception {
        School school = new School(server);
        Api teacher = school.asTeacher();
        byte[] video = video(2 * PIECE + 777);
        String id = begin(teacher, "dome-opens.mp4", video.length);
        assertThat(put(teacher, id, 2, video).status()).isEqualTo(204);
        assertThat(put(teacher, id, 0, video).status()).isEqualTo(204);
        assertThat(put(teacher, id, 0, video).status()).isEqualTo(204);
        assertThat(finish(teacher, id).text("bound")).isEqualTo("upload.pieces");
        // After the network was away one asks what is there, and goes on.
        assertThat(teacher.get("/api/v1/uploads/" + id).json().path("have").toString())
                .isEqualTo("[0,2]");
        assertThat(put(teacher, id, 1, video).status()).isEqualTo(204);
        Api.Answer file = finish(teacher, id);
        assertThat(file.text("mediaType")).isEqualTo("video/mp4");
        assertThat(file.text("name")).isEqualTo("dome-opens.mp4");
        String sha =
                HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(video));
        assertThat(file.text("sha256")).isEqualTo(sha);
        assertThat(teacher.raw("/api/v1/files/" + sha).body()).isEqualTo(video);
        assertThat(teacher.get("/api/v1/uploads/" + id).status()).isEqualTo(404);
        assertThat(new School(server).asTeacher().get("/api/v1/files/" + sha).status())
                .isEqualTo(404);
    }

    @Test
    void any_part_of_it_is_given_alone(RealServer server) {
        School school = new School(server);
        byte[] video = video(2 * PIECE + 100);
        Api other = school.asTeacher();
        String path = "/api/v1/files/" + whole(other, "video", video).text("sha256");
        assertPart(other.part(path, "bytes=0-9"), video, 0, 10);
        // Across the edge of two chunks, to the end, and the last bytes.
        assertPart(other.part(path, "bytes=1048570-1048590"), video, 1_048_570, 1_048_591);
        assertPart(other.part(path, "bytes=2097200-"), video, 2_097_200, video.length);
        assertPart(other.part(path, "bytes=-50"), video, video.length - 50, video.length);
        assertThat(other.part(path, "bytes=9999999-").statusCode()).isEqualTo(416);
        assertThat(other.raw(path).headers().firstValue("Accept-Ranges")).contains("bytes");
    }

    private static void assertPart(HttpResponse<byte[]> answer, byte[] video, int from, int to) {
        assertThat(answer.statusCode()).isEqualTo(206);
        assertThat(answer.body()).isEqualTo(Arrays.copyOfRange(video, from, to));
        assertThat(answer.headers().firstValue("Content-Range"))
                .contains("bytes %d-%d/%d".formatted(from, to - 1, video.length));
    }

    @Test
    void what_a_file_is_is_told_by_its_bytes_and_what_is_refused_says_why(RealServer server) {
        Api teacher = new School(server).asTeacher();
        byte[] page = "<html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8);
        refused(whole(teacher, "song.mp3", page), "file.type", "Nothing on the page changed.");
        byte[] captions = "WEBVTT\n\n00:01,000 --> 00:02.000\nDome".getBytes(StandardCharsets.UTF_8);
        refused(whole(teacher, "dome.vtt", captions), "captions.cue", "00:01,000");
        byte[] good = "WEBVTT\n\n00:01.000 --> 00:02.000\nDome".getBytes(StandardCharsets.UTF_8);
        assertThat(whole(teacher, "dome.vtt", good).text("mediaType")).isEqualTo("text/vtt");
        Api.Answer large = teacher.post("/api/v1/uploads", Map.of("name", "x", "bytes", 200L * 1024 * 1024 + 1));
        refused(large, "upload.bytes", "");
        String id = begin(teacher, "x", 10);
        refused(teacher.put("/api/v1/uploads/" + id + "/pieces/0", new byte[11]), "upload.piece", "10 bytes");
        refused(teacher.put("/api/v1/uploads/" + id + "/pieces/1", new byte[1]), "upload.piece", "");
        // A colleague does not find it.
        assertThat(new School(server)
                        .asTeacher()
                        .delete("/api/v1/uploads/" + id)
                        .status())
                .isEqualTo(404);
    }

    private static void refused(Api.Answer answer, String bound, String says) {
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.text("bound")).isEqualTo(bound);
        assertThat(answer.text("detail")).contains(says);
    }

    @Test
    void the_room_of_a_school_counts_what_is_there_and_what_is_on_its_way(RealServer server) {
        Api teacher = new School(server).asTeacher();
        assertThat(used(teacher)).isZero();
        whole(teacher, "video", video(5_000));
        String id = begin(teacher, "more", 7_000);
        assertThat(used(teacher)).isEqualTo(12_000);
        teacher.delete("/api/v1/uploads/" + id);
        assertThat(used(teacher)).isEqualTo(5_000);
    }

    private static long used(Api teacher) {
        return teacher.get("/api/v1/uploads/storage").json().path("used").asLong();
    }
}
