package gladtile.server.activities;

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
    private static final int MOST = 300;

    /** @param seq of the activity: once that is changed, a try begins anew */
    record Key(UUID personId, UUID activityId, long seq, UUID tryId, boolean presented) {}

    record Try(Activity activity, AttemptRules rules, AttemptState state) {}

    private final Cache<Key, Try> tries =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** @param key null for a try without a name */
    Optional<Try> of(Key key) {
        return key == null ? Optional.empty() : Optional.ofNullable(tries.getIfPresent(key));
    }

    void keep(Key key, Try now) {
        tries.put(key, now);
    }
}
