package gladtile.server.support;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.UUID;

/** Ids that sort by the time they were made: RFC 9562, version 7. */
public final class UuidV7 {
    private static final SecureRandom RANDOM = new SecureRandom();

    private UuidV7() {}

    public static UUID make() {
        return make(Clock.systemUTC());
    }

    static UUID make(Clock clock) {
        long high = clock.millis() << 16 | 0x7000 | RANDOM.nextInt(0x1000);
        long low = RANDOM.nextLong() & 0x3fffffffffffffffL | 0x8000000000000000L;
        return new UUID(high, low);
    }
}
