package gladtile.server.activities;

import gladtile.core.Bounds;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf of activities a teacher sees. */
@RestController
@RequestMapping("/api/activities")
class ShelfController {
    private final Shelf shelf;
    private final Activities activities;

    ShelfController(Shelf shelf, Activities activities) {
        this.shelf = shelf;
        this.activities = activities;
    }

    record Tags(List<String> tags) {}

    record Aside(boolean aside) {}

    record CopyRequest(String title) {
        CopyRequest {
            Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
        }
    }

    record Copied(UUID id) {}

    record Share(UUID personId, Access access) {
        Share {
            Bounds.present("share.personId", personId);
            Bounds.present("share.access", access);
        }
    }

    @GetMapping
    List<ActivityHead> list(
            @AuthenticationPrincipal Who who,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String tag,
            @RequestParam(defaultValue = "false") boolean setAside,
            @RequestParam(defaultValue = "LATEST") Shelf.Sort sort) {
        return shelf.find(who, new Shelf.Question(words, tag, setAside, sort));
    }

    @PostMapping("/{id}/tags")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tags(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody Tags asked) {
        need(shelf.setTags(who, id, asked.tags()));
    }

    @PostMapping("/{id}/set-aside")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setAside(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody Aside asked) {
        need(shelf.setAside(who, id, asked.aside()));
    }

    @PostMapping("/{id}/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        need(shelf.delete(who, id));
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        need(shelf.restore(who, id));
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    Copied copy(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody CopyRequest asked) {
        return new Copied(activities.copy(who, id, asked.title()).orElseThrow(() -> Problem.notThere("activity")));
    }

    @GetMapping("/{id}/colleagues")
    List<Shelf.Colleague> colleagues(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        need(shelf.access(who, id).owns());
        return shelf.colleagues(who, id);
    }

    @PostMapping("/{id}/share")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void share(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody Share asked) {
        need(shelf.share(who, id, asked.personId(), asked.access()));
    }

    private static void need(boolean done) {
        if (!done) {
            throw Problem.notThere("activity");
        }
    }
}
