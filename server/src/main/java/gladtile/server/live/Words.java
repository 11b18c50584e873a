package gladtile.server.live;

import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.attempts.Works;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Words that a teacher says to one or to all while they work. */
@Service
class Words {
    /** What was said yesterday is not said again today. */
    private static final Duration FRESH = Duration.ofHours(12);

    private final WordStore store;
    private final Works works;
    private final StudentNews news;
    private final Clock clock;

    Words(WordStore store, Works works, StudentNews news, Clock clock) {
        this.store = store;
        this.works = works;
        this.news = news;
        this.clock = clock;
    }

    /** @param toAll whether it was said to all */
    record Word(UUID id, String words, Instant at, boolean toAll) {}

    /** @param holderId a student or team; null for all */
    void say(Who teacher, Assignment assignment, UUID holderId, String words) {
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
