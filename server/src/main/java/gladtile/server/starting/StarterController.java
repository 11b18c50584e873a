package gladtile.server.starting;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.MadeFrom;
import gladtile.core.activity.Starter;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.core.page.Page;
import gladtile.core.starter.Graphemes;
import gladtile.core.starter.MadePages;
import gladtile.core.starter.Starters;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.files.FileUseService;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.Problem;
import gladtile.server.support.UuidV7;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Pages made from a list: looked at while the list is written, then made as an activity. */
@RestController
@RequestMapping("/api/v1")
class StarterController {
    /** So many pages are drawn in the preview. */
    private static final int SHOWN = 6;

    private final ActivityService activities;
    private final PictureMatcher pictures;
    private final FileUseService files;
    private final MessageRenderer messages;

    StarterController(
            ActivityService activities, PictureMatcher pictures, FileUseService files, MessageRenderer messages) {
        this.messages = messages;
        this.files = files;
        this.activities = activities;
        this.pictures = pictures;
    }

    /** @param pictured words that the library has a picture for are shown as that picture */
    record StarterRequest(Starter starter, boolean pictured) {
        StarterRequest {
            Bounds.present("starter", starter);
        }
    }

    /**
     * @param pages the first of those that would be made
     * @param count how many would be made
     * @param pictures how many words a picture was found for
     * @param missing what is still missing; absent when pages can be made
     */
    record StarterPreview(
            List<Page> pages,
            int count,
            int pictures,
            @JsonInclude(JsonInclude.Include.NON_NULL) Message missing) {}

    record StarterMade(UUID id) {}

    record Cut(String text) {
        Cut {
            Bounds.text("cut.text", text, Bounds.STARTER_TEXT);
        }
    }

    /** The words of a text, and its letters. */
    record CutParts(List<String> words, List<String> letters) {}

    @PostMapping("/starter-previews")
    StarterPreview preview(@RequestBody StarterRequest asked) {
        Starter starter = pictures.found(asked.starter(), asked.pictured());
        MadePages made = Starters.make(starter, "preview", messages);
        int pictured = pictures.count(starter);
        if (made instanceof MadePages.Refused refused) {
            return new StarterPreview(List.of(), 0, pictured, refused.message());
        }
        MadePages.Pages pages = (MadePages.Pages) made;
        return new StarterPreview(
                pages.pages().subList(0, Math.min(SHOWN, pages.pages().size())),
                pages.pages().size(),
                pictured,
                null);
    }

    @PostMapping("/starters")
    @ResponseStatus(HttpStatus.CREATED)
    StarterMade make(@AuthenticationPrincipal CurrentUser user, @RequestBody StarterRequest asked) {
        if (!files.areFor(user, Json.write(asked.starter()))) {
            throw Problem.notThere("picture");
        }
        Starter starter = pictures.found(asked.starter(), asked.pictured());
        String listId = UuidV7.make().toString();
        MadePages made = Starters.make(starter, listId, messages);
        if (made instanceof MadePages.Refused refused) {
            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.message());
        }
        String given = asked.starter().title().strip();
        String title = given.isEmpty() ? messages.text(Message.of("starter.new-activity")) : given;
        return new StarterMade(activities.create(
                user,
                ((MadePages.Pages) made).asActivity(title, new MadeFrom(listId, starter, asked.pictured(), Map.of()))));
    }

    @PostMapping("/word-cuts")
    CutParts cut(@RequestBody Cut cut) {
        return new CutParts(
                Graphemes.words(cut.text()),
                Graphemes.letters(cut.text()).stream()
                        .filter(letter -> !letter.isBlank())
                        .toList());
    }
}
