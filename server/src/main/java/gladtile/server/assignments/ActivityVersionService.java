package gladtile.server.assignments;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.Extension;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.Shuffle;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.support.UuidV7;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Versions of activities as they were given: what students work on, read once and kept. */
@Service
public class ActivityVersionService {
    private final AssignmentStore store;
    private final ActivityService activities;
    /** Versions never change, so they may be kept as long as there is room. */
    private final Cache<UUID, ActivityVersion> versions =
            Caffeine.newBuilder().maximumSize(500).build();
    /** Versions as they lie for one student or team, where that differs. */
    private final Cache<Own, ActivityVersion> own =
            Caffeine.newBuilder().maximumSize(2_000).build();

    private record Own(UUID versionId, long seed, int moreSeconds, SolutionPolicy shows) {}

    ActivityVersionService(AssignmentStore store, ActivityService activities) {
        this.store = store;
        this.activities = activities;
    }

    /** The version that is given out now. */
    public ActivityVersion of(Assignment assignment) {
        return of(assignment.schoolId(), assignment.versionId());
    }

    public ActivityVersion of(UUID schoolId, UUID versionId) {
        return versions.get(versionId, id -> {
            Activity activity = store.version(schoolId, id);
            return new ActivityVersion(id, activity, AttemptRules.of(activity));
        });
    }

    /** A version as it is for one student or team: with their order of pieces and their time. */
    public ActivityVersion of(Assignment assignment, UUID versionId, UUID holderId) {
        ActivityVersion base = of(assignment.schoolId(), versionId);
        Extension more = assignment.extensions().get(holderId);
        int seconds = more == null || more.moreSeconds() == null ? 0 : more.moreSeconds();
        SolutionPolicy own = base.rules().terms().shows();
        SolutionPolicy shows = solution(own, assignment.terms());
        if (!assignment.terms().mixes() && seconds == 0 && shows.equals(own)) {
            return base;
        }
        long seed = assignment.terms().mixes()
                ? holderId.getLeastSignificantBits() ^ assignment.id().hashCode()
                : 0;
        return this.own.get(new Own(versionId, seed, seconds, shows), key -> {
            Activity activity = key.seed == 0 ? base.activity() : Shuffle.of(base.activity(), key.seed);
            AttemptRules rules = key.seed == 0 ? base.rules() : AttemptRules.of(activity);
            AttemptRules timed = key.moreSeconds == 0 ? rules : rules.withMoreSeconds(key.moreSeconds);
            return new ActivityVersion(versionId, activity, timed.withSolution(key.shows));
        });
    }

    /** A newer version of the assignment's activity, kept but not given out yet; empty when the activity is gone. */
    public Optional<UUID> insertFresh(CurrentUser user, Assignment assignment) {
        return activities.read(user, assignment.activityId()).map(current -> {
            UUID id = UuidV7.make();
            Activity activity = given(current.activity(), assignment.terms());
            store.insertVersion(assignment, id, current.seq(), activity);
            return id;
        });
    }

    /** What the activity would give out now; empty when it is gone. */
    public Optional<ActivityVersion> asItIsNow(CurrentUser user, Assignment assignment) {
        return activities.read(user, assignment.activityId()).map(current -> {
            Activity activity = given(current.activity(), assignment.terms());
            return new ActivityVersion(null, activity, AttemptRules.of(activity));
        });
    }

    /** A student works on pages; the list they were made from stays with the activity. */
    static Activity given(Activity activity, AssignTerms terms) {
        AnswerTerms holds = activity.key().holds();
        if (terms.seconds() != null) {
            holds = holds.withSeconds(terms.seconds());
        }
        return Shuffle.inReadingOrder(
                activity.withMadeFrom(null).withKey(activity.key().withTerms(holds)));
    }

    /** Whether the solution may be seen, by the terms as they are now. @param own as the activity says */
    private static SolutionPolicy solution(SolutionPolicy own, AssignTerms terms) {
        boolean afterwards = own.when() == SolutionPolicy.When.AFTER_HAND_IN;
        return switch (terms.seen()) {
            case SOLUTION -> new SolutionPolicy(SolutionPolicy.When.AFTER_HAND_IN, null, false);
            case NOTHING -> afterwards ? SolutionPolicy.NEVER : own;
            case RIGHT_AND_WRONG -> own;
        };
    }
}
