package gladtile.server.activities;

import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finding activities and keeping them in order: tags, setting aside, deleting with undo, sharing with colleagues. */
@Service
public class ActivityListService {
    private static final int TAGS = 20;
    private static final int TAG_LENGTH = 40;

    private final ActivityListStore store;
    private final ApplicationEventPublisher events;
    private final ActivityLog log;
    private final Clock clock;

    ActivityListService(ActivityListStore store, ApplicationEventPublisher events, ActivityLog log, Clock clock) {
        this.store = store;
        this.log = log;
        this.events = events;
        this.clock = clock;
    }

    /** In which order activities are listed. */
    public enum Sort {
        LATEST,
        NAME,
        OLDEST
    }

    /** Which activities are wanted. @param words and tag may be empty for all */
    public record Question(String words, String tag, boolean archived, Sort sort) {
        public Question {
            Bounds.text("find.words", words, Bounds.NAME_LENGTH);
            Bounds.text("find.tag", tag, TAG_LENGTH);
            Bounds.present("find.sort", sort);
        }
    }

    /** Another teacher of the school. @param access what they may do with the activity asked about */
    public record Colleague(UUID id, String name, Access access) {}

    public List<ActivityHead> find(CurrentUser user, Question asked) {
        return store.find(user, asked);
    }

    /** All activities of somebody are a colleague's from now on. @return how many */
    @Transactional
    public int handOver(UUID schoolId, UUID from, UUID to) {
        return store.handOver(schoolId, from, to);
    }

    public Access access(CurrentUser user, UUID id) {
        return store.access(user, id);
    }

    /** @return false when it is not for this person to change */
    public boolean setTags(CurrentUser user, UUID id, List<String> tags) {
        Bounds.count("activity.tags", Bounds.present("activity.tags", tags).size(), TAGS);
        List<String> clean = tags.stream()
                .map(tag -> Bounds.text("activity.tag", tag, TAG_LENGTH).strip())
                .filter(tag -> !tag.isEmpty())
                .distinct()
                .toList();
        boolean may = store.access(user, id).mayEdit();
        if (may) {
            store.setTags(user, id, clean);
        }
        return may;
    }

    public boolean archived(CurrentUser user, UUID id, boolean aside) {
        boolean may = store.access(user, id).owns();
        if (may) {
            store.archived(user, id, aside);
        }
        return may;
    }

    /** Takes it out of every list; what was given to classes goes on. {@link #restore} takes that back. */
    public boolean delete(CurrentUser user, UUID id) {
        return store.setDeleted(user, id, OffsetDateTime.now(clock));
    }

    public boolean restore(CurrentUser user, UUID id) {
        return store.setDeleted(user, id, null);
    }

    public List<Colleague> colleagues(CurrentUser user, UUID id) {
        return store.colleagues(user, id);
    }

    /** @param access {@link Access#NONE}, {@link Access#LOOK} or {@link Access#EDIT} */
    @Transactional
    public boolean share(CurrentUser user, UUID id, UUID colleague, Access access) {
        boolean shared = store.access(user, id).owns() && !access.owns() && store.share(user, id, colleague, access);
        if (shared) {
            log.add(user.schoolId(), user.id(), LogEvent.ACTIVITY_SHARED, colleague, Map.of("may", access.name()));
        }
        if (shared && access.mayView()) {
            events.publishEvent(new ActivityShared(
                    user.schoolId(), id, store.title(user.schoolId(), id), user.name(), colleague, access.mayEdit()));
        }
        return shared;
    }
}
