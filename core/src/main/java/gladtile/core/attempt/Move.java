package gladtile.core.attempt;

import gladtile.core.Bounds;
import java.time.Instant;
import java.util.UUID;

/**
 * One thing done in an attempt; appended, never changed.
 *
 * @param id made by the student's device; the same id twice is one move
 * @param deviceTime by the clock of the student's device, which may be wrong
 */
public record Move(UUID id, Act act, Instant deviceTime) {
    public Move {
        Bounds.present("move.id", id);
        Bounds.present("move.act", act);
        Bounds.present("move.deviceTime", deviceTime);
        Bounds.time("move.deviceTime", deviceTime);
    }
}
