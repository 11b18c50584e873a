package gladtile.core.present;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;

/**
 * A timer on the wall, as tablets show it too. While it runs it is told by a moment, so that no tablet needs the right
 * time of its own: only how far its clock is off.
 *
 * @param down whether it counts down
 * @param zeroAt when it shows nothing left, or showed that nothing had passed; absent while it rests
 * @param restsAt what it shows while it rests, in milliseconds; absent while it runs
 */
public record WallTimer(
        String id,
        boolean down,
        @JsonInclude(Include.NON_NULL) Instant zeroAt,
        @JsonInclude(Include.NON_NULL) Long restsAt) {
    /** Of each timer, in milliseconds. */
    public static final long LONGEST = Duration.ofDays(7).toMillis();

    public WallTimer {
        Bounds.id("timer.id", id);
        Bounds.time("timer.zeroAt", zeroAt);
        if (restsAt != null) {
            Bounds.within("timer.restsAt", restsAt, 0, LONGEST);
        }
    }

    /** Whether it goes as the other does, to a second. */
    boolean goesOnFrom(WallTimer was) {
        boolean same = id.equals(was.id) && down == was.down && Objects.equals(restsAt, was.restsAt);
        return same
                && (zeroAt == null) == (was.zeroAt == null)
                && (zeroAt == null || Duration.between(zeroAt, was.zeroAt).abs().toMillis() < 1_000);
    }

    /** @param shows what it shows now, in milliseconds, 0 to a week */
    public static WallTimer of(String id, boolean down, boolean runs, long shows, Instant now) {
        Bounds.within("timer.shows", shows, 0, LONGEST);
        return runs
                ? new WallTimer(id, down, down ? now.plusMillis(shows) : now.minusMillis(shows), null)
                : new WallTimer(id, down, null, shows);
    }
}
