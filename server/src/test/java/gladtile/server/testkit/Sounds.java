package gladtile.server.testkit;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
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
}
