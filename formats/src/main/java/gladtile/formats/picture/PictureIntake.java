package gladtile.formats.picture;

import java.io.IOException;
import java.util.Locale;
import org.apache.tika.Tika;

/**
 * Takes in a picture from outside. What comes out was drawn anew (PNG, JPEG, WebP, GIF) or written anew from an allow-list
 * (SVG), so nothing but the picture itself is left of what was sent: no metadata, no script, no reference outwards.
 */
public final class PictureIntake {
    /** Bytes, inclusive. */
    public static final int MOST_BYTES = 20 * 1024 * 1024;
    /** Pixels in the picture as sent, inclusive; a small file can claim far more than memory holds. */
    public static final long MOST_PIXELS = 40_000_000;
    /** Pixels along the longer side of what is kept; larger pictures are made smaller. */
    public static final int LONGEST_SIDE = 3_200;

    private static final Tika SNIFF = new Tika();

    private PictureIntake() {}

    /** What came of it. */
    public sealed interface Result {}

    /**
     * @param mediaType {@code image/png}, {@code image/jpeg}, {@code image/gif} (one that moves) or {@code image/svg+xml}
     * @param width in pixels, or for SVG in its own units
     */
    public record Taken(byte[] bytes, String mediaType, int width, int height) implements Result {}

    /** @param bound which bound was broken, in one word with dots */
    public record Refused(String bound, String message) implements Result {}

    /** Never trusts a name or a declared type: the bytes say what they are. */
    public static Result take(byte[] bytes) {
        if (bytes.length == 0) {
            return new Refused("picture.bytes", "That file is empty.");
        }
        if (bytes.length > MOST_BYTES) {
            return new Refused("picture.bytes", tooLarge(bytes.length));
        }
        String type = SNIFF.detect(bytes);
        try {
            return switch (type) {
                case "image/png", "image/jpeg", "image/webp" -> RasterPicture.take(bytes, type);
                case "image/gif" -> MovingPicture.take(bytes);
                // An SVG with a document type in front may be taken for other XML or for plain text.
                case "image/svg+xml", "application/xml", "application/xml-dtd", "text/plain" -> SvgPicture.take(bytes);
                default ->
                    new Refused(
                            "picture.type",
                            "That file is not a picture that can be used here: it must be PNG, JPEG, WebP, GIF or SVG.");
            };
        } catch (IOException | RuntimeException broken) {
            // Decoders fail in many ways on damaged data; for the teacher all of them mean the same.
            return new Refused("picture.content", "That picture cannot be read; the file may be damaged.");
        }
    }

    /** The first frame of a moving picture, as a PNG. */
    public static byte[] still(byte[] gif) throws IOException {
        return MovingPicture.still(gif);
    }

    /** The sentence for a picture of that many bytes. */
    public static String tooLarge(long bytes) {
        return String.format(
                Locale.ROOT,
                "That picture is %.0f MB; the most is %d MB.",
                Math.ceil(bytes / 1024.0 / 1024.0),
                MOST_BYTES / 1024 / 1024);
    }
}
