package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * What a zone says and sounds.
 *
 * @param message may be empty
 * @param sound absent for silence
 */
public record Reply(
        String message,
        @JsonInclude(JsonInclude.Include.NON_NULL) Sound sound) {
    public static final Reply NONE = new Reply("", null);

    public Reply {
        Bounds.text("reply.message", message, Bounds.NAME_LENGTH);
    }

    static Reply orNull(Reply reply) {
        return NONE.equals(reply) ? null : reply;
    }
}
