package gladtile.server.log;

import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What happened to accounts and data. It is only added to, and forgotten as a whole after a while. */
@Service
public class ActivityLog {
    /** Lines at once. */
    public static final int PAGE = 100;

    private final ActivityLogStore store;
    private final Clock clock;

    ActivityLog(ActivityLogStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /**
     * Within the transaction of what happened: either both stand, or neither.
     *
     * @param actorId null where nobody was signed in
     * @param subjectId null for nothing in particular
     * @param details ids and plain values, never a name or a secret
     */
    public void add(UUID schoolId, UUID actorId, LogEvent event, UUID subjectId, Map<String, String> details) {
        store.add(
                schoolId,
                new LogEntry(UuidV7.make(), OffsetDateTime.now(clock), event, actorId, subjectId, Map.copyOf(details)));
    }

    public void add(UUID schoolId, UUID actorId, LogEvent event, UUID subjectId) {
        add(schoolId, actorId, event, subjectId, Map.of());
    }

    /**
     * The newest first, at most {@code most}.
     *
     * @param before the last id of the page before; null for the first page
     */
    public List<LogEntry> page(UUID schoolId, LogFilter filter, UUID before, int most) {
        return store.page(schoolId, filter, before, most);
    }

    /** Forgets what is older. */
    public void forget(UUID schoolId, Duration older) {
        store.deleteBefore(schoolId, OffsetDateTime.now(clock).minus(older));
    }
}
