package gladtile.server.support;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.UUID;

/**
 * Which part of a list is asked for.
 *
 * @param limit how many at most, 1 to {@value #MOST}; absent for {@value #USUAL}
 * @param cursor what the part before gave as {@code next}; absent for the first part
 */
public record Paging(Integer limit, String cursor) {
    public static final int MOST = 500;
    public static final int USUAL = 200;

    /** @throws OutOfBounds where the limit is none */
    public int size() {
        if (limit == null) {
            return USUAL;
        }
        Bounds.within("list.limit", limit, 1, MOST);
        return limit;
    }

    /** What the part before ended with; null for the first part. @throws OutOfBounds where the cursor is none */
    String after() {
        if (cursor == null || cursor.isEmpty()) {
            return null;
        }
        try {
            return new String(Base64.getUrlDecoder().decode(cursor), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            throw notACursor();
        }
    }

    /** How many were given before, where a cursor says only that. @throws OutOfBounds where the cursor is none */
    public int skip() {
        String after = after();
        if (after == null) {
            return 0;
        }
        try {
            return Integer.parseInt(after);
        } catch (NumberFormatException e) {
            throw notACursor();
        }
    }

    /** The id that the part before ended with; null for the first part. @throws OutOfBounds where the cursor is none */
    public UUID id() {
        String after = after();
        try {
            return after == null ? null : UUID.fromString(after);
        } catch (IllegalArgumentException e) {
            throw notACursor();
        }
    }

    static OutOfBounds notACursor() {
        return new OutOfBounds("list.cursor", Message.of("bound.list.cursor"));
    }

    static String cursor(String after) {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(after.getBytes(StandardCharsets.UTF_8));
    }
}
