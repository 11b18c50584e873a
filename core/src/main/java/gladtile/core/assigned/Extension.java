package gladtile.core.assigned;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.time.Instant;

/**
 * More time for one student or team.
 *
 * @param until when it is due for them; absent for as everybody
 * @param moreSeconds on top of the time for the whole; absent for none
 */
public record Extension(
        @JsonInclude(Include.NON_NULL) Instant until,
        @JsonInclude(Include.NON_NULL) Integer moreSeconds) {
    public Extension {
        Bounds.time("extension.until", until);
        if (moreSeconds != null) {
            Bounds.within("extension.moreSeconds", moreSeconds, 1, Bounds.SECONDS_MOST);
        }
        if (until == null && moreSeconds == null) {
            throw new OutOfBounds("extension", Message.of("bound.extension"));
        }
    }

    /** Itself, when it gives more than the assignment does. */
    public Extension fits(AssignTerms terms) {
        if (until != null && terms.opensAt() != null && !until.isAfter(terms.opensAt())) {
            throw new OutOfBounds("extension.until", Message.of("bound.extension.until"));
        }
        if (until != null && terms.dueAt() != null && !until.isAfter(terms.dueAt())) {
            throw new OutOfBounds("extension.until", Message.of("bound.extension.less-time"));
        }
        if (moreSeconds != null && terms.seconds() == null) {
            throw new OutOfBounds("extension.moreSeconds", Message.of("bound.extension.more-seconds"));
        }
        return this;
    }
}
