package gladtile.server.log;

import java.time.Instant;
import java.util.Set;
import java.util.UUID;

/**
 * Which lines of the log are wanted.
 *
 * @param events null for all
 * @param about null for everybody; else what they did, or what was done to them
 * @param from null for from its beginning
 * @param to null for until now; the moment itself is left out
 */
public record LogFilter(Set<LogEvent> events, UUID about, Instant from, Instant to) {
    public static final LogFilter ALL = new LogFilter(null, null, null, null);
}
