package gladtile.server.accounts;

import gladtile.server.support.Locks;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Bounds on guessing. A try counts before its secret is looked at, one at a time for each thing it counts against, so
 * that many tries sent at once are no more than the same tries one after the other.
 */
@Component
class Throttle {
    /** @param counted what a try counts against, such as one account tried from one device */
    record Limit(String counted, int most, Duration within) {}

    /** Whether a try may be made. */
    sealed interface Answer {}

    /** @param left how many more may fail, should this one fail */
    record Counted(UUID id, int left) implements Answer {}

    record Full(Duration time) implements Answer {}

    private static final Duration LONGEST = Duration.ofHours(1);

    private final ThrottleStore store;
    private final Locks locks;
    private final TransactionTemplate transactions;
    private final Clock clock;

    Throttle(ThrottleStore store, Locks locks, TransactionTemplate transactions, Clock clock) {
        this.store = store;
        this.locks = locks;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Counts a try against all of the limits, or says for how long none is taken. */
    Answer begin(List<Limit> limits) {
        return transactions.execute(tx -> {
            OffsetDateTime now = OffsetDateTime.now(clock);
            // In one order everywhere, so that no two wait for each other.
            limits.stream().map(Limit::counted).sorted().forEach(locks::take);
            Optional<Duration> wait = wait(limits, now);
            if (wait.isPresent()) {
                return new Full(wait.get());
            }
            UUID id = UuidV7.make();
            int left = Integer.MAX_VALUE;
            for (Limit limit : limits) {
                store.add(id, limit.counted(), now);
                int used = store.latest(limit.counted(), now.minus(limit.within()), limit.most())
                        .size();
                left = Math.min(left, limit.most() - used);
            }
            return new Counted(id, left);
        });
    }

    /** How long these limits are still full; empty where they are not. */
    Optional<Duration> wait(List<Limit> limits, OffsetDateTime now) {
        Duration longest = Duration.ZERO;
        for (Limit limit : limits) {
            List<OffsetDateTime> tries = store.latest(limit.counted(), now.minus(limit.within()), limit.most());
            if (tries.size() >= limit.most()) {
                Duration wait =
                        Duration.between(now, tries.get(tries.size() - 1).plus(limit.within()));
                longest = wait.compareTo(longest) > 0 ? wait : longest;
            }
        }
        return longest.compareTo(Duration.ZERO) > 0 ? Optional.of(longest) : Optional.empty();
    }

    Optional<Duration> wait(List<Limit> limits) {
        return wait(limits, OffsetDateTime.now(clock));
    }

    /** A try that came to nothing also counts against these. */
    void failed(UUID id, Collection<String> also) {
        also.forEach(counted -> store.add(id, counted, OffsetDateTime.now(clock)));
    }

    /** A try that was right counts against nothing, and what failed before it is forgiven. */
    void succeeded(UUID id, String forgiven) {
        store.remove(id);
        store.forget(forgiven);
    }

    /** All tries at an account are forgotten, wherever they came from. */
    void forget(String account) {
        store.forget(account);
        store.forgetFrom(account);
    }

    @Scheduled(fixedDelayString = "PT10M")
    void sweep() {
        store.sweep(OffsetDateTime.now(clock).minus(LONGEST));
    }
}
