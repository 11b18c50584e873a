package gladtile.server.support;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.typed.Effort;
import java.time.Duration;
import java.util.UUID;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * How much is computed on behalf of one person: as much as twenty of the worst answers cost at once, and one such answer
 * more with each second. Usual answers cost a hundredth of the worst, so nobody notices but who asks for the worst
 * without pause. What an answer is found to be never depends on it; who has used it up comes again.
 */
@Component
public class ComputingBudget {
    static final long MOST = 20 * Effort.OF_ONE;
    static final long A_SECOND = Effort.OF_ONE;
    private static final double NANOS = 1e9;

    private final LongSupplier nanoTime;
    private final Cache<UUID, Left> all =
            Caffeine.newBuilder().expireAfterAccess(Duration.ofMinutes(10)).build();

    @Autowired
    ComputingBudget() {
        this(System::nanoTime);
    }

    ComputingBudget(LongSupplier nanoTime) {
        this.nanoTime = nanoTime;
    }

    private static final class Left {
        private double steps = MOST;
        private long at;
    }

    /** Whether nothing is left, so that there is no use in asking. */
    public boolean isUsedUp(UUID person) {
        Left left = all.getIfPresent(person);
        return left != null && now(left, 0) <= 0;
    }

    /**
     * Does work that judges typed answers.
     *
     * @param answers at most so many; what they might cost is set aside until it is known what they did cost
     * @throws Problem where nothing is left
     */
    public <T> T spend(UUID person, int answers, Supplier<T> work) {
        if (answers == 0) {
            return work.get();
        }
        Left left = all.get(person, id -> started());
        long aside = Math.min(MOST, answers * Effort.OF_ONE);
        if (now(left, aside) <= 0) {
            now(left, -aside);
            throw Problem.of(
                            HttpStatus.TOO_MANY_REQUESTS,
                            "That is more than can be worked out at once. Nothing was changed. Try again in a moment.")
                    .with("bound", "computing");
        }
        long spent = 0;
        try {
            Effort.Spent<T> done = Effort.of(work);
            spent = done.steps();
            return done.result();
        } finally {
            now(left, spent - aside);
        }
    }

    private Left started() {
        Left left = new Left();
        left.at = nanoTime.getAsLong();
        return left;
    }

    /** @return what was left before taking */
    private double now(Left left, long taken) {
        synchronized (left) {
            long at = nanoTime.getAsLong();
            double before = Math.min(MOST, left.steps + (at - left.at) / NANOS * A_SECOND);
            left.at = at;
            left.steps = before - taken;
            return before;
        }
    }
}
