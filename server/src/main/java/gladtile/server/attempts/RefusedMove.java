package gladtile.server.attempts;

import gladtile.core.attempt.Act;
import gladtile.core.message.Message;
import java.time.Instant;

/**
 * Something a student did that could not be taken.
 *
 * @param reason for the teacher
 * @param deviceTime by the clock of the student's device
 * @param at when it arrived
 */
public record RefusedMove(Act act, Message reason, Instant deviceTime, Instant at) {}
