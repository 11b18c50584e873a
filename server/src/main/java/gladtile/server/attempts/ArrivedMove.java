package gladtile.server.attempts;

import gladtile.core.assigned.DeviceClock;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.StateChange;
import java.time.Instant;

/**
 * A move as it came.
 *
 * @param madeAt by the device's clock put right
 * @param change what it did when it was made; null where that is not kept
 */
record ArrivedMove(Move move, Instant at, Instant madeAt, StateChange change) {
    /** The attempt after it. */
    AttemptState on(AttemptState state, AttemptRules rules) {
        if (change != null) {
            return change.on(state);
        }
        if (state.with(move, rules, DeviceClock.decides(madeAt, at)) instanceof Made made) {
            return made.state();
        }
        throw new IllegalStateException("move " + move.id() + " was taken once and is refused now");
    }
}
