package gladtile.server.tries;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The tries that this machine remembers, so that each move need not bring all those before it. Any may be forgotten. */
@Component
class TryMemory {
    /** Items of their activities, altogether: one try of an ordinary activity has some hundred. */
    private static final int MOST_ITEMS = 200_000;

    /** @param seq of the activity: once that is changed, a try begins anew */
    record Key(UUID personId, UUID activityId, long seq, UUID tryId, boolean presented) {}

    record Try(Activity activity, AttemptRules rules, AttemptState state) {
        private int weight() {
            return 1
                    + activity.pages().stream()
                            .mapToInt(page -> 1 + page.items().size())
                            .sum();
        }
    }

    private final Cache<Key, Try> tries = Caffeine.newBuilder()
            .maximumWeight(MOST_ITEMS)
            .weigher((Key key, Try one) -> one.weight())
            .build();

    /** @param key null for a try without a name */
    Optional<Try> of(Key key) {
        return key == null ? Optional.empty() : Optional.ofNullable(tries.getIfPresent(key));
    }

    void keep(Key key, Try now) {
        tries.put(key, now);
    }
}
