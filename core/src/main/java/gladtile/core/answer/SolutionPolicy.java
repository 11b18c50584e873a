package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;

/**
 * Whether students may see the solution.
 *
 * @param tries after how many refusals of a piece, gap or zone; only with {@link When#AFTER_TRIES}
 * @param oneByOne piece by piece; else all at once
 */
public record SolutionPolicy(
        When when,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer tries,
        boolean oneByOne) {
    /** When it may be seen. */
    public enum When {
        NEVER,
        AFTER_TRIES,
        AFTER_HAND_IN
    }

    public static final SolutionPolicy NEVER = new SolutionPolicy(When.NEVER, null, false);

    public SolutionPolicy {
        Bounds.present("solution.when", when);
        if (when == When.AFTER_TRIES) {
            Bounds.within("solution.tries", Bounds.present("solution.tries", tries), 1, Bounds.TRIES);
        } else if (tries != null) {
            throw new OutOfBounds("solution.tries", Message.of("bound.solution.tries"));
        }
    }
}
