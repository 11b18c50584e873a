package gladtile.server.activities;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService.Caught;
import gladtile.server.support.Problem;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
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

/** The history of an activity: looked at, given names, brought back. */
@RestController
@RequestMapping("/api/v1/activities/{id}/history")
class HistoryController {
    private static final int MOST = 200;
    private final ActivityService activities;
    private final HistoryStore store;
    private final Clock clock;

    HistoryController(ActivityService activities, HistoryStore store, Clock clock) {
        this.activities = activities;
        this.store = store;
        this.clock = clock;
    }

    /**
     * One edit as it is told.
     *
     * @param kind plain, undo or redo
     * @param named the name somebody gave the version after it; absent for none
     */
    record Step(
            long seq,
            OffsetDateTime at,
            String author,
            Message told,
            String kind,
            @JsonInclude(JsonInclude.Include.NON_NULL) String named) {}

    record NamedVersion(long seq, String name, OffsetDateTime at) {}

    /** @param newest the number of the newest edit, 0 for none @param steps the newest first */
    record History(long newest, List<Step> steps, List<NamedVersion> versions) {}

    record Name(long seq, String name) {
        Name {
            Bounds.text("version.name", name, Bounds.NAME_LENGTH);
        }
    }

    /** @param id made by the workbench; the same id twice is one edit @param version the edit to go back to */
    record RestoreRequest(long seq, UUID id, long version) {
        RestoreRequest {
            Bounds.present("edit.id", id);
        }
    }

    /** The two hundred edits up to one of that number; without it, the newest. */
    @GetMapping
    History history(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "9223372036854775807") long upTo) {
        need(activities.access(user, id).mayView());
        return new History(store.newest(user, id), store.steps(user, id, upTo, MOST), store.versions(user, id));
    }

    /** The whole activity as it was after an edit. */
    @GetMapping("/{seq}")
    Activity at(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @PathVariable long seq) {
        return activities.at(user, id, seq).orElseThrow(() -> Problem.notThere("version"));
    }

    @PutMapping("/names")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void name(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody Name asked) {
        need(activities.access(user, id).mayEdit());
        if (asked.name().isBlank() || asked.seq() < 0 || asked.seq() > store.newest(user, id)) {
            throw Problem.bound("version.seq", "A version has a name and the number of an edit. Nothing was changed.");
        }
        store.name(user, id, asked.seq(), asked.name().strip(), OffsetDateTime.now(clock));
    }

    @PostMapping("/restorations")
    Caught restore(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody RestoreRequest asked) {
        return activities
                .restore(user, id, asked.seq(), asked.id(), asked.version())
                .orElseThrow(() -> Problem.notThere("activity"));
    }

    private static void need(boolean may) {
        if (!may) {
            throw Problem.notThere("activity");
        }
    }
}
