package gladtile.server.activities;

import gladtile.core.Bounds;
import gladtile.core.edit.CompositeEdit;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.activities.ActivityService.Caught;
import gladtile.server.activities.ActivityService.Current;
import gladtile.server.activities.ActivityService.Incoming;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A teacher's own activities. */
@RestController
@RequestMapping("/api/v1/activities")
class ActivityController {
    private final ActivityService activities;
    private final ActivityNews news;

    ActivityController(ActivityService activities, ActivityNews news) {
        this.activities = activities;
        this.news = news;
    }

    record NewActivity(String title) {
        NewActivity {
            Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
        }
    }

    record Created(UUID id) {}

    /** @param seq the number of the last edit that the sender knows of */
    record Edits(long seq, List<Incoming> edits) {
        Edits {
            Bounds.count("edits", Bounds.present("edits", edits).size(), Bounds.EDITS_IN_ONE_REQUEST);
            int plain = edits.stream()
                    .mapToInt(one -> one.edit() instanceof CompositeEdit step
                            ? step.edits().size()
                            : 1)
                    .sum();
            Bounds.count("edits.plain", plain, Bounds.PLAIN_EDITS_IN_ONE_REQUEST);
            edits.forEach(edit -> {
                Bounds.present("edits", edit);
                Bounds.present("edit.id", edit.id());
                Bounds.present("edit.edit", edit.edit());
            });
        }
    }

    /** @param id made by the workbench; the same id twice is one undo */
    record TakeBack(long seq, UUID id) {
        TakeBack {
            Bounds.present("edit.id", id);
        }
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Created create(@AuthenticationPrincipal CurrentUser user, @RequestBody NewActivity asked) {
        return new Created(activities.create(user, asked.title()));
    }

    @GetMapping("/{id}")
    Current read(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return activities.read(user, id).orElseThrow(() -> Problem.notThere("activity"));
    }

    @GetMapping("/{id}/edits")
    Caught since(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestParam long after) {
        return activities.since(user, id, after).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping("/{id}/edits")
    Caught edit(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Edits asked) {
        needEdit(user, id);
        return activities.edit(user, id, asked.seq(), asked.edits()).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping("/{id}/undo")
    Caught undo(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TakeBack asked) {
        needEdit(user, id);
        return activities.undo(user, id, asked.seq(), asked.id()).orElseThrow(() -> Problem.notThere("activity"));
    }

    @PostMapping("/{id}/redo")
    Caught redo(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody TakeBack asked) {
        needEdit(user, id);
        return activities.redo(user, id, asked.seq(), asked.id()).orElseThrow(() -> Problem.notThere("activity"));
    }

    /** Server-sent events: {@code changed} with the newest seq whenever the activity took an edit. */
    @GetMapping(path = "/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        if (!activities.access(user, id).mayView()) {
            throw Problem.notThere("activity");
        }
        return news.open(SessionService.listener(user), id);
    }

    /**
     * Where somebody is in their workbench, told to the others who have the activity open.
     *
     * @param workbench made by the workbench, so that two tabs of one person are two
     * @param itemIds what is selected there
     */
    record Here(UUID workbench, String pageId, List<String> itemIds) {
        Here {
            Bounds.present("here.workbench", workbench);
            Bounds.text("here.pageId", pageId, Bounds.ID_LENGTH);
            Bounds.count("here.itemIds", Bounds.present("here.itemIds", itemIds).size(), Bounds.ITEMS_ON_A_PAGE);
        }
    }

    @PutMapping("/{id}/presence")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void here(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Here asked) {
        if (!activities.access(user, id).mayView()) {
            throw Problem.notThere("activity");
        }
        news.tellWhere(id, user.name(), asked);
    }

    private void needEdit(CurrentUser user, UUID id) {
        Access access = activities.access(user, id);
        if (access == Access.LOOK) {
            throw Problem.of(
                    HttpStatus.FORBIDDEN, "This activity was shared with you to look at. Copy it to change it.");
        }
    }
}
