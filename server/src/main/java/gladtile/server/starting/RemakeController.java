package gladtile.server.starting;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Starter;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.starter.RemadeActivity;
import gladtile.core.starter.Remake;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.activities.ActivityService.Caught;
import gladtile.server.starting.StarterController.StarterRequest;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pages of an activity that are made again from its changed list; what was changed on them by hand stays. */
@RestController
@RequestMapping("/api/v1/activities/{id}/list")
class RemakeController {
    /** So many pages are drawn in the preview, and so many names told. */
    private static final int SHOWN = 6;

    private static final int NAMED = 20;

    private final ActivityService activities;
    private final PictureMatcher pictures;
    private final MessageRenderer messages;

    RemakeController(ActivityService activities, PictureMatcher pictures, MessageRenderer messages) {
        this.messages = messages;
        this.activities = activities;
        this.pictures = pictures;
    }

    /** @param id made by the workbench; the same id twice is one edit @param seq the newest edit it knows */
    record MakeAgain(long seq, UUID id, StarterRequest list) {
        MakeAgain {
            Bounds.present("edit.id", id);
            Bounds.present("list", list);
        }
    }

    /**
     * @param pages the first of those there would be
     * @param added names of pieces, zones and gaps that come, the first of them
     * @param gone names of those that go with their entry, the first of them
     * @param kept how many things stay as they were changed by hand
     * @param missing why it cannot be made so, in words; absent when it can
     */
    record RemakePreview(
            List<Page> pages,
            int count,
            int pictures,
            List<Message> added,
            int addedCount,
            List<Message> gone,
            int goneCount,
            int kept,
            @JsonInclude(JsonInclude.Include.NON_NULL) Message missing) {}

    @PostMapping("/previews")
    RemakePreview preview(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody StarterRequest asked) {
        Activity now = activities
                .read(user, id)
                .orElseThrow(() -> Problem.notThere("activity"))
                .activity();
        Starter starter = pictures.found(asked.starter(), asked.pictured());
        int pictured = pictures.count(starter);
        RemadeActivity remade = Remake.again(now, starter, asked.pictured(), messages.on(now));
        if (remade instanceof RemadeActivity.Refused refused) {
            return new RemakePreview(List.of(), 0, pictured, List.of(), 0, List.of(), 0, 0, refused.message());
        }
        RemadeActivity.Again again = (RemadeActivity.Again) remade;
        List<Page> pages = again.activity().pages();
        return new RemakePreview(
                first(pages, SHOWN),
                pages.size(),
                pictured,
                first(again.added(), NAMED),
                again.added().size(),
                first(again.gone(), NAMED),
                again.gone().size(),
                again.kept(),
                null);
    }

    /** As one edit like any other, which can be undone. */
    @PutMapping
    Caught make(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody MakeAgain asked) {
        Starter starter = pictures.found(asked.list().starter(), asked.list().pictured());
        boolean pictured = asked.list().pictured();
        return activities
                .become(
                        user,
                        id,
                        asked.seq(),
                        asked.id(),
                        now -> become(now, starter, pictured),
                        Message.of("dropped.as-listed"))
                .orElseThrow(() -> Problem.notThere("activity"));
    }

    private Activity become(Activity now, Starter starter, boolean pictured) {
        RemadeActivity remade = Remake.again(now, starter, pictured, messages.on(now));
        if (remade instanceof RemadeActivity.Refused refused) {
            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.message());
        }
        return ((RemadeActivity.Again) remade).activity();
    }

    private static <T> List<T> first(List<T> all, int most) {
        return all.subList(0, Math.min(most, all.size()));
    }
}
