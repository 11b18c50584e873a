package gladtile.server.assignments;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.ResultVisibility;
import gladtile.core.assigned.Sharing;
import gladtile.core.assigned.WallTime;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;

/**
 * Terms as a teacher writes them: times as the clock on the wall shows them.
 *
 * @param zone of that clock, such as {@code Europe/Oslo}; absent for UTC
 */
record TermsRequest(
        @JsonInclude(Include.NON_NULL) Sharing sharing,
        @JsonInclude(Include.NON_NULL) String zone,
        @JsonInclude(Include.NON_NULL) LocalDateTime opensAt,
        @JsonInclude(Include.NON_NULL) LocalDateTime dueAt,
        @JsonInclude(Include.NON_NULL) LocalDateTime closesAt,
        @JsonInclude(Include.NON_NULL) Boolean lateRefused,
        @JsonInclude(Include.NON_NULL) Integer rounds,
        @JsonInclude(Include.NON_NULL) Integer seconds,
        @JsonInclude(Include.NON_NULL) ResultVisibility after,
        @JsonInclude(Include.NON_NULL) Boolean shuffled,
        @JsonInclude(Include.NON_NULL) Boolean together) {
    AssignTerms terms() {
        ZoneId clock = new AssignTerms(null, zone, null, null, null, null, null, null, null, null).where();
        return new AssignTerms(
                sharing,
                zone,
                moment("assign.opensAt", opensAt, clock),
                moment("assign.dueAt", dueAt, clock),
                moment("assign.closesAt", closesAt, clock),
                lateRefused,
                rounds,
                seconds,
                after,
                shuffled,
                together);
    }

    private static Instant moment(String bound, LocalDateTime shown, ZoneId clock) {
        return shown == null ? null : WallTime.at(bound, shown, clock);
    }
}
