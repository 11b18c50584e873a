package gladtile.server.activities;

import gladtile.server.accounts.CurrentUser;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Activities offered as a copy: whoever teaches at the school and has the link takes one, which is their own from then
 * on. Nothing of the offered one is shared by it.
 */
@Service
class TemplateService {
    private final ActivityListService shelf;
    private final ActivityService activities;
    private final TemplateStore store;
    private final Clock clock;

    TemplateService(ActivityListService shelf, ActivityService activities, TemplateStore store, Clock clock) {
        this.shelf = shelf;
        this.activities = activities;
        this.store = store;
        this.clock = clock;
    }

    /** The code in the link. @return empty when it is not for this person to offer; else absent while it is not offered */
    Optional<Optional<UUID>> code(CurrentUser user, UUID activityId) {
        return owns(user, activityId) ? Optional.of(store.code(user.schoolId(), activityId)) : Optional.empty();
    }

    /** @param offered whether it is offered from now on; what was taken already stays with whoever took it */
    boolean offer(CurrentUser user, UUID activityId, boolean offered) {
        if (!owns(user, activityId)) {
            return false;
        }
        if (offered) {
            store.offer(user.schoolId(), activityId, UUID.randomUUID(), OffsetDateTime.now(clock));
        } else {
            store.end(user.schoolId(), activityId);
        }
        return true;
    }

    private boolean owns(CurrentUser user, UUID activityId) {
        return shelf.access(user, activityId).owns();
    }

    Optional<Template> look(CurrentUser user, UUID code) {
        return store.activity(user.schoolId(), code).map(id -> store.head(user.schoolId(), id));
    }

    /** @return the id of the copy */
    Optional<UUID> take(CurrentUser user, UUID code) {
        return store.activity(user.schoolId(), code).flatMap(id -> activities.copyOffered(user, id));
    }
}
