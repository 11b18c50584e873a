package gladtile.core.page;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.regex.Pattern;

/**
 * Which picture is meant.
 *
 * @param from the shipped picture library, or a file that a teacher brought in
 * @param name the library's code such as {@code 1F319}, or the file's SHA-256 in small hexadecimal
 */
public record PictureRef(From from, String name) {
    /** Where a picture is kept. */
    public enum From {
        LIBRARY,
        FILE
    }

    private static final Pattern CODE = Pattern.compile("[0-9A-F]{2,6}(-[0-9A-F]{2,6}){0,9}");
    private static final Pattern SHA_256 = Pattern.compile("[0-9a-f]{64}");

    public PictureRef {
        Bounds.present("picture.from", from);
        Pattern wanted = from == From.LIBRARY ? CODE : SHA_256;
        if (name == null || !wanted.matcher(name).matches()) {
            throw new OutOfBounds("picture.name", Message.of("bound.picture.name"));
        }
    }

    public static PictureRef library(String code) {
        return new PictureRef(From.LIBRARY, code);
    }

    public static PictureRef file(String sha256) {
        return new PictureRef(From.FILE, sha256);
    }
}
