package gladtile.server.testkit;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Recordings as tablets make them, only silent. */
public final class Sounds {
    private Sounds() {}

    /** Of another length, so another file. */
    public static byte[] wav(int samples) {
        AudioFormat format = new AudioFormat(8000, 16, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            AudioSystem.write(
                    new AudioInputStream(new ByteArrayInputStream(new byte[2 * samples]), format, samples),
                    AudioFileFormat.Type.WAVE,
                    out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** The move that puts a recording on page "light". */
    public static Map<String, Object> saying(String sha256) {
        Map<String, Object> file = Map.of("sha256", sha256, "name", "Recording", "mediaType", "audio/wav");
        return School.move(Map.of(
                "kind",
                "say",
                "pageId",
                "light",
                "recording",
                Map.of("id", sha256.substring(0, 8), "file", file, "seconds", 1)));
    }
}
