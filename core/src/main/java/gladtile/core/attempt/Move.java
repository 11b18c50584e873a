package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.time.Instant;
import java.util.UUID;

/**
 * One thing done in an attempt; appended, never changed.
 *
 * @param id made by the student's device; the same id twice is one move
 * @param deviceTime by the clock of the student's device, which may be wrong
 */
public record Move(UUID id, Act act, Instant deviceTime) {
    /** Of tablets whose battery was empty. */
    private static final Instant EARLIEST = Instant.EPOCH;

    private static final Instant LATEST = Instant.parse("2200-01-01T00:00:00Z");

    public Move {
        Bounds.present("move.id", id);
        Bounds.present("move.act", act);
        Bounds.present("move.deviceTime", deviceTime);
        if (deviceTime.isBefore(EARLIEST) || deviceTime.isAfter(LATEST)) {
            throw new OutOfBounds("move.deviceTime", "a device's time lies between 1970 and 2200");
        }
    }
}
