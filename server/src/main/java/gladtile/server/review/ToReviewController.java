package gladtile.server.review;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything that waits for a teacher's review, over all assignments. */
@RestController
class ToReviewController {
    private final AssignmentService assignments;
    private final ReviewStore store;

    ToReviewController(AssignmentService assignments, ReviewStore store) {
        this.assignments = assignments;
        this.store = store;
    }

    /** @param waiting handed in and not sent back @param sent sent back */
    record ToReview(UUID assignmentId, String title, String className, int waiting, int sent) {}

    @GetMapping("/api/v1/to-review")
    PagedList<ToReview> list(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        List<Assignment> all = assignments.of(user);
        Map<UUID, ReviewStore.Waiting> counts =
                store.waiting(user.schoolId(), all.stream().map(Assignment::id).toList());
        return PagedList.of(
                all.stream()
                        .filter(one -> counts.containsKey(one.id()))
                        .map(one -> new ToReview(
                                one.id(),
                                one.title(),
                                one.className(),
                                counts.get(one.id()).waiting(),
                                counts.get(one.id()).sent()))
                        .toList(),
                ToReview::assignmentId,
                paging);
    }
}
