package gladtile.server.support;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Work that takes much memory or much time, done on behalf of somebody: few at once for all, each in its turn, and of
 * one person no more wait than a page asks for at once. Who asks for more is told so; the others are not held up.
 */
@Component
public class HeavyWork {
    /** A picture of 40 million pixels takes some 160 MB while it is drawn. */
    static final int AT_ONCE = 2;
    /** Browsers ask for six things at once. */
    static final int EACH = 8;

    private final Semaphore all = new Semaphore(AT_ONCE, true);
    private final Map<UUID, Integer> asked = new ConcurrentHashMap<>();

    /** @param person on whose behalf */
    public <T> T run(UUID person, Supplier<T> work) {
        int mine = asked.merge(person, 1, Integer::sum);
        try {
            if (mine > EACH) {
                throw Problem.of(
                                HttpStatus.TOO_MANY_REQUESTS,
                                "That is more than can be done at once. Wait a moment. Then try again.")
                        .with("bound", "heavy.each");
            }
            return inTurn(work);
        } finally {
            asked.merge(person, -1, (a, b) -> a + b == 0 ? null : a + b);
        }
    }

    /** For work within a request that is bounded already. */
    public <T> T inTurn(Supplier<T> work) {
        all.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            all.release();
        }
    }
}
