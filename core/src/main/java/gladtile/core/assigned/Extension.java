package gladtile.core.assigned;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
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
            throw new OutOfBounds("extension", "an extension gives a later time, more minutes, or both");
        }
    }

    /** Itself, when it gives more than the assignment does. */
    public Extension fits(AssignTerms terms) {
        if (until != null && terms.opensAt() != null && !until.isAfter(terms.opensAt())) {
            throw new OutOfBounds("extension.until", "it ends before the assignment opens");
        }
        if (until != null && terms.dueAt() != null && !until.isAfter(terms.dueAt())) {
            throw new OutOfBounds("extension.until", "it ends before the others are due, so it would be less time");
        }
        if (moreSeconds != null && terms.seconds() == null) {
            throw new OutOfBounds("extension.moreSeconds", "there is no time limit to add to");
        }
        return this;
    }
}
