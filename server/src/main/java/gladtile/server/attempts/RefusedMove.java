package gladtile.server.attempts;

import gladtile.core.attempt.Act;
import java.time.Instant;

/**
 * Something a student did that could not be taken.
 *
 * @param reason in words for the teacher
 * @param deviceTime by the clock of the student's device
 * @param at when it arrived
 */
public record RefusedMove(Act act, String reason, Instant deviceTime, Instant at) {}
