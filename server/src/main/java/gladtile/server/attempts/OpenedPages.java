package gladtile.server.attempts;

import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.student.StudentView;
import gladtile.server.support.MessageRenderer;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;

/** The pages that moves have opened, as their student sees them. */
@Service
class OpenedPages {
    private final MessageRenderer messages;

    OpenedPages(MessageRenderer messages) {
        this.messages = messages;
    }

    /** @param before null for all that are open */
    List<StudentView.StudentPage> between(CachedAttempt cached, AttemptState before, AttemptState after, Instant at) {
        if (cached.rules.isFree()) {
            return List.of();
        }
        Set<String> open = PathProgress.open(after, cached.rules, at);
        if (before != null) {
            open.removeAll(PathProgress.open(before, cached.rules, at));
        }
        return open.isEmpty()
                ? List.of()
                : StudentView.pages(
                        cached.version.activity(), cached.rules, open, messages.on(cached.version.activity()));
    }
}
