package gladtile.server.review;

import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.core.review.Review;
import gladtile.core.review.ReviewedScore;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.attempts.AttemptQueries.Work;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** What teachers say of handed-in work. Nothing of it is seen by a student before it is sent. */
@Service
public class ReviewService {
    private final ReviewStore store;
    private final AttemptQueries works;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ReviewService(ReviewStore store, AttemptQueries works, ApplicationEventPublisher events, Clock clock) {
        this.store = store;
        this.works = works;
        this.events = events;
        this.clock = clock;
    }

    /**
     * A review as it is kept.
     *
     * @param version one more with each change, by which two teachers notice each other
     * @param sentAt null while the student does not see it
     * @param sent what the student sees; null before
     * @param score as it was sent; null before
     */
    public record Kept(
            Review review, long version, UUID byId, Instant updatedAt, Instant sentAt, Review sent, Score score) {
        static final Kept NONE = new Kept(Review.NONE, 0, null, null, null, null, null);

        /** Whether something is written that is not sent. */
        public boolean begun() {
            return version > 0 && !review.equals(sent);
        }
    }

    /** Work was sent back. */
    public record SentBack(Assignment assignment, UUID holderId, UUID attemptId, boolean mayImprove) {}

    /** What came of keeping. */
    public sealed interface Result {}

    public record Done(Kept kept) implements Result {}

    /** Somebody else changed it meanwhile: that is what is kept. */
    public record ChangedMeanwhile(Kept kept) implements Result {}

    /** It was not handed in, so there is nothing to send back. */
    public record NotHandedIn() implements Result {}

    public Kept of(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId).orElse(Kept.NONE);
    }

    public Map<UUID, Kept> of(UUID schoolId, Collection<UUID> attemptIds) {
        return store.read(schoolId, attemptIds);
    }

    /** Those of the attempts that were sent back. */
    public Set<UUID> sentAmong(UUID schoolId, Collection<UUID> attemptIds) {
        return attemptIds.isEmpty() ? Set.of() : store.sentAmong(schoolId, attemptIds);
    }

    /** Only what was sent, for the student. */
    public Optional<Kept> sent(UUID schoolId, UUID attemptId) {
        return store.read(schoolId, attemptId).filter(kept -> kept.sentAt() != null);
    }

    /** Keeps a review without sending it; what was sent before stays as it was sent. */
    public Result keep(CurrentUser teacher, Assignment assignment, UUID attemptId, long version, Review review) {
        return write(teacher, assignment, attemptId, version, review, false);
    }

    /** Keeps a review and lets the student see it. */
    public Result send(CurrentUser teacher, Assignment assignment, UUID attemptId, long version, Review review) {
        return write(teacher, assignment, attemptId, version, review, true);
    }

    private Result write(
            CurrentUser teacher, Assignment assignment, UUID attemptId, long version, Review review, boolean sends) {
        Work work = works.one(assignment, attemptId).orElseThrow();
        if (work.state().standing() != Standing.HANDED_IN) {
            return new NotHandedIn();
        }
        Score score = ReviewedScore.of(work.state(), work.version().rules(), review);
        boolean kept = store.keep(
                assignment.schoolId(),
                attemptId,
                version,
                review,
                teacher.id(),
                OffsetDateTime.now(clock),
                sends ? score : null);
        Kept now = of(assignment.schoolId(), attemptId);
        if (!kept) {
            return new ChangedMeanwhile(now);
        }
        if (sends) {
            events.publishEvent(new SentBack(assignment, work.holderId(), attemptId, review.mayImprove()));
        }
        return new Done(now);
    }

    PhraseService phrases(CurrentUser teacher) {
        return store.phrases(teacher.schoolId(), teacher.id()).orElse(PhraseService.FIRST);
    }

    void keepPhrases(CurrentUser teacher, PhraseService phrases) {
        store.keepPhrases(teacher.schoolId(), teacher.id(), phrases);
    }
}
