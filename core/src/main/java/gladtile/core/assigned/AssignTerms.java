package gladtile.core.assigned;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;

/**
 * What holds for an assignment. Whatever is usual is absent.
 *
 * @param sharing usually a copy for each
 * @param zone where its dates are meant, such as {@code Europe/Oslo}; usually UTC
 * @param opensAt before which nobody can begin
 * @param dueAt after which what is handed in counts as late
 * @param closesAt after which nothing can be changed
 * @param lateRefused true when nothing can be changed once it is due
 * @param rounds how often it can be handed in without the teacher sending it back, 1 to {@link Bounds#ROUNDS}; usually
 *     once
 * @param seconds for the whole, from when it is begun
 * @param after usually right and wrong
 * @param shuffled true when the pieces lie in another order for each
 * @param together true when the members of a team turn the pages for all of them; usually each is on a page of their own
 */
public record AssignTerms(
        @JsonInclude(Include.NON_NULL) Sharing sharing,
        @JsonInclude(Include.NON_NULL) String zone,
        @JsonInclude(Include.NON_NULL) Instant opensAt,
        @JsonInclude(Include.NON_NULL) Instant dueAt,
        @JsonInclude(Include.NON_NULL) Instant closesAt,
        @JsonInclude(Include.NON_NULL) Boolean lateRefused,
        @JsonInclude(Include.NON_NULL) Integer rounds,
        @JsonInclude(Include.NON_NULL) Integer seconds,
        @JsonInclude(Include.NON_NULL) ResultVisibility after,
        @JsonInclude(Include.NON_NULL) Boolean shuffled,
        @JsonInclude(Include.NON_NULL) Boolean together) {
    public static final AssignTerms USUAL =
            new AssignTerms(null, null, null, null, null, null, null, null, null, null, null);

    public AssignTerms {
        sharing = sharing == Sharing.OWN_COPY ? null : sharing;
        after = after == ResultVisibility.RIGHT_AND_WRONG ? null : after;
        lateRefused = Boolean.TRUE.equals(lateRefused) ? true : null;
        shuffled = Boolean.TRUE.equals(shuffled) ? true : null;
        together = Boolean.TRUE.equals(together) && sharing == Sharing.TEAM_COPY ? true : null;
        if (rounds != null) {
            Bounds.within("assign.rounds", rounds, 1, Bounds.ROUNDS);
        }
        if (seconds != null) {
            Bounds.within("assign.seconds", seconds, Bounds.SECONDS_LEAST, Bounds.SECONDS_MOST);
        }
        if (zone != null) {
            zone = zoned(zone);
        }
        Bounds.time("assign.opensAt", opensAt);
        Bounds.time("assign.dueAt", dueAt);
        Bounds.time("assign.closesAt", closesAt);
        inOrder("bound.assign.opens-when-due", opensAt, dueAt);
        inOrder("bound.assign.opens-when-closed", opensAt, closesAt);
        inOrder("bound.assign.due-when-closed", dueAt, closesAt);
        if (lateRefused != null && dueAt == null) {
            throw new OutOfBounds("assign.lateRefused", Message.of("bound.assign.late-refused"));
        }
    }

    /** Members of a team on pages of their own. */
    public AssignTerms(
            Sharing sharing,
            String zone,
            Instant opensAt,
            Instant dueAt,
            Instant closesAt,
            Boolean lateRefused,
            Integer rounds,
            Integer seconds,
            ResultVisibility after,
            Boolean shuffled) {
        this(sharing, zone, opensAt, dueAt, closesAt, lateRefused, rounds, seconds, after, shuffled, null);
    }

    private static String zoned(String zone) {
        try {
            return ZoneId.of(Bounds.text("assign.zone", zone, Bounds.ID_LENGTH)).getId();
        } catch (DateTimeException unknown) {
            throw new OutOfBounds("assign.zone", Message.of("bound.assign.zone", "zone", zone));
        }
    }

    private static void inOrder(String key, Instant one, Instant other) {
        if (one != null && other != null && !one.isBefore(other)) {
            throw new OutOfBounds("assign.dates", Message.of(key));
        }
    }

    /** Whether those who work on one copy turn its pages each for themselves. */
    public boolean apart() {
        return sharing == Sharing.TEAM_COPY && together == null;
    }

    public Sharing shared() {
        return sharing == null ? Sharing.OWN_COPY : sharing;
    }

    public ResultVisibility seen() {
        return after == null ? ResultVisibility.RIGHT_AND_WRONG : after;
    }

    public boolean mixes() {
        return shuffled != null;
    }

    /** When nothing can be changed any more; null for never. */
    public Instant ends() {
        return lateRefused == null ? closesAt : dueAt;
    }

    public ZoneId where() {
        return ZoneId.of(zone == null ? "UTC" : zone);
    }
}
