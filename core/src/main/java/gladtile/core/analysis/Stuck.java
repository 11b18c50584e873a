package gladtile.core.analysis;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * Where a student is stuck: at least two refusals at a placement, and no progress anywhere for longer than the class
 * typically needs for it.
 *
 * @param seconds since the last progress
 * @param typical what the class needs, in seconds
 */
public record Stuck(String itemId, int refusals, long seconds, long typical) {
    public static final int REFUSALS = 2;
    /** Nobody is called stuck before this, however quick the class is. */
    static final double LEAST_SECONDS = 20;

    public static Optional<Stuck> of(StudentPace pace, TypicalTimes typical, Instant now) {
        double idle = Duration.between(pace.progressAt(), now).toMillis() / 1000.0;
        String where = pace.last();
        if (where == null || pace.refused().getOrDefault(where, 0) < REFUSALS) {
            return Optional.empty();
        }
        double usual = Math.max(LEAST_SECONDS, typical.at(where));
        return idle <= usual
                ? Optional.empty()
                : Optional.of(new Stuck(where, pace.refused().get(where), Math.round(idle), Math.round(usual)));
    }
}
