package gladtile.core.assigned;

import java.time.Duration;
import java.time.Instant;

/**
 * Clocks of tablets are wrong by days; what they say of the order of their own moves is not. The server's clock
 * decides; the device's orders a device's moves, and is told beside.
 */
public final class DeviceClock {
    /** Past this the device's time is told beside the server's. */
    public static final Duration TELLING = Duration.ofMinutes(1);

    /** What a weak network may take. */
    public static final Duration GRACE = Duration.ofSeconds(20);

    /** Nobody works without a network for longer; a clock that says so is wrong. */
    private static final Duration LONGEST = Duration.ofDays(30);

    private DeviceClock() {}

    /**
     * When a move was made, by the server's clock: as long before it arrived as the device says. Never later than it
     * arrived, nor earlier than the move before it or than 30 days ago.
     *
     * @param made by the device's clock
     * @param sent by the device's clock, when the request left it; null where it does not say: then the clock is taken
     *     for right
     * @param arrived by the server's clock
     * @param before of the move before it, by the server's clock; null for none
     */
    public static Instant put(Instant made, Instant sent, Instant arrived, Instant before) {
        Instant right = sent == null ? made : arrived.minus(Duration.between(made, sent));
        if (right.isAfter(arrived)) {
            right = arrived;
        }
        Instant earliest = arrived.minus(LONGEST);
        if (right.isBefore(earliest)) {
            right = earliest;
        }
        return before != null && right.isBefore(before) ? before : right;
    }

    /**
     * By when a move is judged: what a device says of its own clock must not let it through what is closed, held or
     * over. A move counts as made when it arrived, or the few seconds before that which a weak network takes.
     *
     * @param put when the device says it was made, put right
     * @param arrived by the server's clock
     */
    public static Instant decides(Instant put, Instant arrived) {
        Instant earliest = arrived.minus(GRACE);
        return put.isBefore(earliest) ? earliest : put;
    }
}
