package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;

/** What a zone or a gap says of what it took, of what it turned away, and after how many refusals it helps. */
public record Replies(
        @JsonInclude(JsonInclude.Include.NON_NULL) Reply accepted,
        @JsonInclude(JsonInclude.Include.NON_NULL) Reply rejected,
        @JsonInclude(JsonInclude.Include.NON_NULL) Hint hint) {
    public static final Replies NONE = new Replies(null, null, null);

    public Replies {
        accepted = Reply.orNull(accepted);
        rejected = Reply.orNull(rejected);
    }

    static Replies orNull(Replies replies) {
        return NONE.equals(replies) ? null : replies;
    }

    /** The hint once it is earned; else null. */
    public String hintAfter(int refusals) {
        return hint != null && refusals >= hint.after() ? hint.words() : null;
    }
}
