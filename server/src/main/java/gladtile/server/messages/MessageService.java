package gladtile.server.messages;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.live.StudentNews;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Words that a teacher says to one or to all while they work. */
@Service
class MessageService {
    /** What was said yesterday is not said again today. */
    private static final Duration FRESH = Duration.ofHours(12);

    private final MessageStore store;
    private final AttemptQueries works;
    private final StudentNews news;
    private final Clock clock;

    MessageService(MessageStore store, AttemptQueries works, StudentNews news, Clock clock) {
        this.store = store;
        this.works = works;
        this.news = news;
        this.clock = clock;
    }

    /** @param toAll whether it was said to all */
    record Word(UUID id, String words, Instant at, boolean toAll) {}

    /** @param holderId a student or team; null for all */
    void say(CurrentUser teacher, Assignment assignment, UUID holderId, String words) {
        store.insert(assignment, holderId, teacher.id(), words, OffsetDateTime.now(clock));
        if (holderId == null) {
            news.tellAround(assignment.id());
        } else {
            works.newest(assignment, holderId).ifPresent(work -> news.tellAround(work.id()));
        }
    }

    List<Word> to(Assignment assignment, UUID holderId) {
        return store.to(assignment, holderId, OffsetDateTime.now(clock).minus(FRESH));
    }
}
