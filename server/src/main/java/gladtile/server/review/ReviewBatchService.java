package gladtile.server.review;

import gladtile.core.review.GivenMark;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptQueries;
import gladtile.server.review.ReviewService.Kept;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What is done to many reviews at once: the same points for all who answered alike, and sending all that are begun. */
@Service
class ReviewBatchService {
    private final ReviewQueries queries;
    private final ReviewService reviews;
    private final AttemptQueries works;

    ReviewBatchService(ReviewQueries queries, ReviewService reviews, AttemptQueries works) {
        this.queries = queries;
        this.reviews = reviews;
        this.works = works;
    }

    /** Gives the same points to all of them, or takes points back that were given. */
    List<ReviewService.Result> markAll(
            CurrentUser teacher, Assignment assignment, String itemId, List<UUID> attemptIds, GivenMark mark) {
        List<ReviewService.Result> results = new ArrayList<>();
        for (UUID id : attemptIds) {
            if (works.one(assignment, id).isPresent()) {
                // Only this one mark is laid over whatever is kept now, so two teachers do not undo each other.
                ReviewService.Result result;
                int tries = 0;
                do {
                    Kept was = reviews.of(assignment.schoolId(), id);
                    result = reviews.keep(
                            teacher, assignment, id, was.version(), was.review().withMark(itemId, mark));
                } while (result instanceof ReviewService.ChangedMeanwhile && ++tries < 5);
                results.add(result);
            }
        }
        return results;
    }

    /** Sends back all reviews that are begun and not sent. */
    int sendAll(CurrentUser teacher, Assignment assignment) {
        int sent = 0;
        for (ReviewQueries.Waiting one : queries.of(assignment).works()) {
            if (one.begun()) {
                Kept kept = reviews.of(assignment.schoolId(), one.attemptId());
                ReviewService.Result result =
                        reviews.send(teacher, assignment, one.attemptId(), kept.version(), kept.review());
                sent += result instanceof ReviewService.Done ? 1 : 0;
            }
        }
        return sent;
    }
}
