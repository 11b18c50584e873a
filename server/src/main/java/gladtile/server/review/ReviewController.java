package gladtile.server.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.json.Json;
import gladtile.core.review.GivenMark;
import gladtile.core.review.Review;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.files.FileUseService;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The review. */
@RestController
@RequestMapping("/api/v1/assignments/{id}/reviews")
class ReviewController {
    private final AssignmentService assignments;
    private final ReviewQueries queries;
    private final ReviewBatchService batch;
    private final ReviewService reviews;
    private final ReplayService replays;
    private final FileUseService files;

    ReviewController(
            AssignmentService assignments,
            ReviewQueries queries,
            ReviewBatchService batch,
            ReviewService reviews,
            ReplayService replays,
            FileUseService files) {
        this.files = files;
        this.assignments = assignments;
        this.queries = queries;
        this.batch = batch;
        this.reviews = reviews;
        this.replays = replays;
    }

    /** @param version of the review that this one was made from; 0 for none */
    record ReviewRequest(long version, Review review) {
        ReviewRequest {
            Bounds.present("review", review);
        }
    }

    /** @param mark absent to take the points back that were given */
    record MarkRequest(
            List<UUID> attemptIds,
            @JsonInclude(Include.NON_NULL) GivenMark mark) {
        MarkRequest {
            Bounds.count(
                    "mark.attemptIds",
                    Bounds.present("mark.attemptIds", attemptIds).size(),
                    Bounds.CLASS_SIZE);
        }
    }

    record SentCount(int sent) {}

    @GetMapping
    ReviewQueries.ReviewOverview view(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return queries.of(mine(user, id));
    }

    @GetMapping("/{attemptId}")
    ReviewQueries.ReviewedWork one(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID attemptId) {
        return queries.one(mine(user, id), attemptId).orElseThrow(() -> Problem.notThere("student's work"));
    }

    /** Keeps a review; the student does not see it before it is sent. */
    @PutMapping("/{attemptId}")
    ReviewQueries.KeptReview keep(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID attemptId,
            @RequestBody ReviewRequest asked) {
        Assignment assignment = work(user, id, attemptId);
        onlyOwnFiles(user, asked.review());
        return told(assignment, reviews.keep(user, assignment, attemptId, asked.version(), asked.review()));
    }

    @PostMapping("/{attemptId}/returns")
    ReviewQueries.KeptReview send(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID attemptId,
            @RequestBody ReviewRequest asked) {
        Assignment assignment = work(user, id, attemptId);
        onlyOwnFiles(user, asked.review());
        return told(assignment, reviews.send(user, assignment, attemptId, asked.version(), asked.review()));
    }

    /** Sends back all that are done and not sent yet. */
    @PostMapping("/returns")
    SentCount sendAll(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return new SentCount(batch.sendAll(user, mine(user, id)));
    }

    @GetMapping("/pieces/{itemId}")
    ReviewQueries.ByPiece byPiece(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable String itemId) {
        return queries.byPiece(mine(user, id), itemId).orElseThrow(() -> Problem.notThere("piece"));
    }

    /** The same points for all who answered alike. */
    @PutMapping("/pieces/{itemId}/marks")
    ReviewQueries.ByPiece mark(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable String itemId,
            @RequestBody MarkRequest asked) {
        Assignment assignment = mine(user, id);
        queries.byPiece(assignment, itemId).orElseThrow(() -> Problem.notThere("piece"));
        batch.markAll(user, assignment, itemId, asked.attemptIds(), asked.mark());
        return queries.byPiece(assignment, itemId).orElseThrow(() -> Problem.notThere("piece"));
    }

    /** What was done, move by move. */
    @GetMapping("/{attemptId}/steps")
    List<ReplayService.ReplayStep> steps(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable UUID attemptId) {
        return replays.steps(work(user, id, attemptId), attemptId);
    }

    /** How everything lay after some of the moves. @param from the number of the first move wanted */
    @GetMapping("/{attemptId}/states")
    List<ReplayService.ReplayMoment> moments(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID attemptId,
            @RequestParam long from) {
        return replays.moments(work(user, id, attemptId), attemptId, from);
    }

    /** What is sent back may be heard by its student, so it must be the teacher's to give. */
    private void onlyOwnFiles(CurrentUser user, Review review) {
        if (!files.areFor(user, Json.write(review))) {
            throw Problem.notThere("recording");
        }
    }

    private ReviewQueries.KeptReview told(Assignment assignment, ReviewService.Result result) {
        if (result instanceof ReviewService.Done done) {
            return queries.keptReview(assignment, done.kept());
        }
        if (result instanceof ReviewService.ChangedMeanwhile changed) {
            String by = queries.keptReview(assignment, changed.kept()).by();
            throw Problem.rule(
                            "CHANGED_MEANWHILE",
                            "%s changed this review meanwhile. Nothing of yours was kept over it. Look at it, and say what you want to say again."
                                    .formatted(by))
                    .with("by", by);
        }
        throw Problem.rule("NOT_HANDED_IN", "This is not handed in, so there is nothing to send back yet.");
    }

    private Assignment mine(CurrentUser user, UUID id) {
        return assignments.read(user, id).orElseThrow(() -> Problem.notThere("assignment"));
    }

    private Assignment work(CurrentUser user, UUID id, UUID attemptId) {
        Assignment assignment = mine(user, id);
        if (!queries.has(assignment, attemptId)) {
            throw Problem.notThere("student's work");
        }
        return assignment;
    }
}
