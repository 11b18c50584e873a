package gladtile.server.activities;

import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf of activities a teacher sees. */
@RestController
@RequestMapping("/api/v1/activities")
class ActivityListController {
    private final ActivityListService shelf;
    private final ActivityService activities;

    ActivityListController(ActivityListService shelf, ActivityService activities) {
        this.shelf = shelf;
        this.activities = activities;
    }

    record Tags(List<String> tags) {}

    record ActivityArchiveRequest(boolean archived) {}

    record CopyRequest(String title) {
        CopyRequest {
            Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
        }
    }

    record Copied(UUID id) {}

    record Share(Access access) {
        Share {
            Bounds.present("share.access", access);
        }
    }

    @GetMapping
    PagedList<ActivityHead> list(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String tag,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "LATEST") ActivityListService.Sort sort,
            @ParameterObject Paging paging) {
        return PagedList.of(
                shelf.find(user, new ActivityListService.Question(words, tag, archived, sort)),
                ActivityHead::id,
                paging);
    }

    @PutMapping("/{id}/tags")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tags(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Tags asked) {
        need(shelf.setTags(user, id, asked.tags()));
    }

    @PutMapping("/{id}/archived")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archived(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @RequestBody ActivityArchiveRequest asked) {
        need(shelf.archived(user, id, asked.archived()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        need(shelf.delete(user, id));
    }

    @PostMapping("/{id}/restorations")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        need(shelf.restore(user, id));
    }

    @PostMapping("/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    Copied copy(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody CopyRequest asked) {
        return new Copied(activities.copy(user, id, asked.title()).orElseThrow(() -> Problem.notThere("activity")));
    }

    @GetMapping("/{id}/sharing")
    PagedList<ActivityListService.Colleague> colleagues(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        need(shelf.access(user, id).owns());
        return PagedList.of(shelf.colleagues(user, id), ActivityListService.Colleague::id, paging);
    }

    @PutMapping("/{id}/sharing/{personId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void share(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable UUID personId,
            @RequestBody Share asked) {
        need(shelf.share(user, id, personId, asked.access()));
    }

    private static void need(boolean done) {
        if (!done) {
            throw Problem.notThere("activity");
        }
    }
}
