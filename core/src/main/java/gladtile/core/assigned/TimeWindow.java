package gladtile.core.assigned;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.time.Instant;

/**
 * The times of an assignment as they are for one student or team.
 *
 * @param closesAt after which nothing can be changed; absent for never
 */
public record TimeWindow(
        @JsonInclude(Include.NON_NULL) Instant opensAt,
        @JsonInclude(Include.NON_NULL) Instant dueAt,
        @JsonInclude(Include.NON_NULL) Instant closesAt) {
    /** Where in its times an assignment is. */
    public enum Stage {
        NOT_YET,
        OPEN,
        /** Past the time at which it was due, and still open. */
        LATE,
        CLOSED
    }

    /** @param more null for none */
    public static TimeWindow of(AssignTerms terms, Extension more) {
        Instant due = terms.dueAt();
        Instant ends = terms.ends();
        if (more != null && more.until() != null) {
            due = more.until();
            // Nobody who was given more time finds the door shut before it is over.
            ends = ends == null || ends.isAfter(due) ? ends : due;
        }
        return new TimeWindow(terms.opensAt(), due, ends);
    }

    /** The moment of opening, and that at which it is due, are still in time; that of closing is not. */
    public Stage at(Instant moment) {
        if (opensAt != null && moment.isBefore(opensAt)) {
            return Stage.NOT_YET;
        }
        if (closesAt != null && !moment.isBefore(closesAt)) {
            return Stage.CLOSED;
        }
        return dueAt != null && moment.isAfter(dueAt) ? Stage.LATE : Stage.OPEN;
    }
}
