package gladtile.formats.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By the signatures that the formats' own standards give, from memory; the wave file is made by the Java library. */
class FileTypeTest {
    private static byte[] head(String hex, String ascii) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(HexFormat.of().parseHex(hex.replace(" ", "")));
        all.writeBytes(ascii.getBytes(StandardCharsets.ISO_8859_1));
        all.writeBytes(new byte[600]);
        return all.toByteArray();
    }

    @ParameterizedTest
    @CsvSource({
        "49 44 33 03 00 00 00 00 00 0f, '', audio/mpeg",
        "00 00 00 20, 'ftypM4A ', audio/mp4",
        "00 00 00 20, ftypmp42, video/mp4",
        "00 00 00 20, ftypisom, video/mp4",
        "4f 67 67 53 00 02 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 00 01 13, OpusHead, audio/ogg",
        "66 4c 61 43 00 00 00 22, '', audio/flac",
        "1a 45 df a3 93 42 82 84, webm..........V_VP8, video/webm",
        "1a 45 df a3 93 42 82 84, webm..........A_OPUS, audio/webm",
        "'', %PDF-1.7, application/pdf"
    })
    void what_can_be_played_or_shown_is_known_by_its_bytes(String hex, String ascii, String type) {
        assertThat(FileType.of(head(hex, ascii))).contains(type);
    }

    @Test
    void a_wave_file() throws IOException {
        AudioFormat format = new AudioFormat(8000, 8, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(new byte[800]), format, 800),
                AudioFileFormat.Type.WAVE,
                out);
        assertThat(FileType.of(out.toByteArray())).contains("audio/wav");
    }

    @Test
    void words_and_captions() {
        assertThat(FileType.of("Look up at nine.\n🔭".getBytes(StandardCharsets.UTF_8)))
                .contains("text/plain");
        assertThat(FileType.of("WEBVTT\n\n00:01.000 --> 00:02.000\nDome".getBytes(StandardCharsets.UTF_8)))
                .contains("text/vtt");
    }

    /** Pages that run scripts, programs, archives and what says nothing are not taken, whatever they are called. */
    @ParameterizedTest
    @CsvSource({
        "'', <html><script>alert(1)</script></html>",
        "'', <svg xmlns='http://www.w3.org/2000/svg'/>",
        "7f 45 4c 46 02 01 01, ''",
        "50 4b 03 04 14 00, ''",
        "4d 5a 90 00, ''",
        "1a 45 df a3 93 42 82 88, matroska",
        "00 01 02 03 04 ff fe fd, ''"
    })
    void other_files_are_not_taken(String hex, String ascii) {
        assertThat(FileType.of(head(hex, ascii))).isEmpty();
    }
}
