package gladtile.core.assigned;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.time.Instant;

/**
 * What the teacher does with an assignment while it runs.
 *
 * @param pausedAt since when everybody's pages rest; absent when not
 * @param words what stands on the resting pages
 * @param closedAt since when nothing can be changed; absent when it can
 * @param withdrawnAt since when nobody sees it any more; absent while they do
 */
public record AssignmentControl(
        @JsonInclude(Include.NON_NULL) Instant pausedAt,
        @JsonInclude(Include.NON_EMPTY) String words,
        @JsonInclude(Include.NON_NULL) Instant closedAt,
        @JsonInclude(Include.NON_NULL) Instant withdrawnAt) {
    public static final AssignmentControl NONE = new AssignmentControl(null, "", null, null);
}
