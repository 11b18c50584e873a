package gladtile.server.support;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;

/** The header of a file that is kept rather than shown, under a name that says what it is. */
public final class Attachment {
    private static final int LONGEST = 120;

    private Attachment() {}

    /** @param name with its ending; what file systems do not take is left out */
    public static String named(String name) {
        int dot = name.lastIndexOf('.');
        String plain = name.substring(0, dot)
                .replaceAll("[\\p{Cntrl}\\\\/:*?\"<>|]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
        int end = plain.offsetByCodePoints(0, Math.min(LONGEST, plain.codePointCount(0, plain.length())));
        return ContentDisposition.attachment()
                .filename(plain.substring(0, end).strip() + name.substring(dot), StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
