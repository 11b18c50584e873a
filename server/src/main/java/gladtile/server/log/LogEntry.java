package gladtile.server.log;

import java.time.OffsetDateTime;
import java.util.Map;
import java.util.UUID;

/**
 * One line of the activity log.
 *
 * @param actorId null where nobody was signed in
 * @param subjectId null for nothing in particular
 * @param details ids and plain values, never a name or a secret
 */
public record LogEntry(
        UUID id, OffsetDateTime at, LogEvent event, UUID actorId, UUID subjectId, Map<String, String> details) {}
