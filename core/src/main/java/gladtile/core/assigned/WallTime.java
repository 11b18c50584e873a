package gladtile.core.assigned;

import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;

/** The time on the wall of a classroom, as a moment. */
public final class WallTime {
    private WallTime() {}

    /**
     * The moment at which the clock on the wall shows that time. Where it shows it twice, since the clocks go back, the
     * later of the two: nobody's time is cut short.
     *
     * @throws OutOfBounds when it never shows it, since the clocks go forward just then
     */
    public static Instant at(String bound, LocalDateTime shown, ZoneId zone) {
        List<ZoneOffset> offsets = zone.getRules().getValidOffsets(shown);
        if (offsets.isEmpty()) {
            throw new OutOfBounds(
                    bound,
                    Message.of(
                            "bound.no-clock-time", "time", shown.toLocalTime().toString()));
        }
        return shown.toInstant(offsets.get(offsets.size() - 1));
    }
}
