package gladtile.formats.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.tika.metadata.Metadata;
import org.apache.tika.mime.MimeTypes;

/** What a file is, told by its bytes, whatever it is called or was said to be. */
public final class FileType {
    /** So many of the first bytes tell it. */
    public static final int HEAD = 64 * 1024;

    private static final Set<String> TAKEN = Set.of(
            "audio/mpeg",
            "audio/mp4",
            "audio/ogg",
            "audio/wav",
            "audio/flac",
            "audio/webm",
            "video/mp4",
            "video/webm",
            "video/ogg",
            "application/pdf",
            "text/vtt",
            "text/plain");

    /** Names that browsers know, for those of the detector. */
    private static final Map<String, String> AS = Map.of(
            "audio/vnd.wave",
            "audio/wav",
            "audio/x-wav",
            "audio/wav",
            "audio/x-flac",
            "audio/flac",
            "audio/opus",
            "audio/ogg",
            "audio/vorbis",
            "audio/ogg",
            "video/theora",
            "video/ogg",
            "video/x-m4v",
            "video/mp4",
            "application/mp4",
            "video/mp4",
            "text/x-vtt",
            "text/vtt");

    private FileType() {}

    /** The type of a file that begins so, one that students' browsers can show or play; empty for any other. */
    public static Optional<String> of(byte[] head) {
        if (asText(head)
                .filter(text -> text.matches("(?s)\uFEFF?WEBVTT(?:[ \\t\\r\\n].*)?"))
                .isPresent()) {
            return Optional.of("text/vtt");
        }
        String found = detected(head);
        String type = AS.getOrDefault(found, found);
        if (type.equals("application/ogg")) {
            type = contains(head, "theora") ? "video/ogg" : "audio/ogg";
        }
        if (type.equals("video/webm") || type.equals("application/x-matroska")) {
            if (!contains(head, "webm")) {
                return Optional.empty();
            }
            // The container is the same for both; the codec of a picture track is named V_ and something.
            type = contains(head, "V_VP8") || contains(head, "V_VP9") || contains(head, "V_AV1")
                    ? "video/webm"
                    : "audio/webm";
        }
        if (type.equals("video/quicktime") && isIsoMedia(head)) {
            type = "video/mp4";
        }
        if (type.equals("text/plain") && asText(head).isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(type).filter(TAKEN::contains);
    }

    /** Files of the brand isom and its like; the detector counts them to the older format that they come from. */
    private static boolean isIsoMedia(byte[] head) {
        String mark = new String(head, 4, Math.min(8, head.length - 4), StandardCharsets.ISO_8859_1);
        return mark.startsWith("ftyp") && !mark.equals("ftypqt  ");
    }

    private static String detected(byte[] head) {
        try {
            return MimeTypes.getDefaultMimeTypes()
                    .detect(new ByteArrayInputStream(head), new Metadata())
                    .getBaseType()
                    .toString();
        } catch (IOException e) {
            throw new UncheckedIOException("bytes in memory could not be read", e);
        }
    }

    /** The bytes as UTF-8; a letter that was cut in two at the end does not count. */
    private static Optional<String> asText(byte[] head) {
        for (int cut = 0; cut < 4 && cut <= head.length; cut++) {
            try {
                String text = StandardCharsets.UTF_8
                        .newDecoder()
                        .decode(ByteBuffer.wrap(head, 0, head.length - cut))
                        .toString();
                return text.indexOf('\0') < 0 ? Optional.of(text) : Optional.empty();
            } catch (CharacterCodingException notYet) {
                if (head.length < HEAD) {
                    return Optional.empty();
                }
            }
        }
        return Optional.empty();
    }

    private static boolean contains(byte[] head, String ascii) {
        byte[] wanted = ascii.getBytes(StandardCharsets.US_ASCII);
        for (int i = 0; i + wanted.length <= head.length; i++) {
            int same = 0;
            while (same < wanted.length && head[i + same] == wanted[same]) {
                same++;
            }
            if (same == wanted.length) {
                return true;
            }
        }
        return false;
    }
}
