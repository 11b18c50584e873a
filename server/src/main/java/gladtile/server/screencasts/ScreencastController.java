package gladtile.server.screencasts;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.present.Caption;
import gladtile.core.present.Chapter;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings of a page with what was said, made in front of a class. */
@RestController
class ScreencastController {
    private final ScreencastService screencasts;

    ScreencastController(ScreencastService screencasts) {
        this.screencasts = screencasts;
    }

    record ScreencastTitle(String title) {
        ScreencastTitle {
            Bounds.text("screencast.title", title, TITLE);
        }
    }

    /** Its file has an ending besides. */
    private static final int TITLE = Bounds.NAME_LENGTH - 5;

    /** @param from milliseconds; absent for at its beginning @param to absent for at its end */
    record ScreencastChange(
            String title,
            List<Chapter> chapters,
            List<Caption> captions,
            @JsonInclude(Include.NON_NULL) Long from,
            @JsonInclude(Include.NON_NULL) Long to) {
        ScreencastChange {
            Bounds.text("screencast.title", title, TITLE);
            chapters = chapters == null ? List.of() : chapters;
            captions = captions == null ? List.of() : captions;
            Bounds.count("screencast.chapters", chapters.size(), Chapter.MOST);
            Bounds.count("screencast.captions", captions.size(), Caption.MOST);
            chapters.forEach(one -> Bounds.present("screencast.chapters", one));
            captions.forEach(one -> Bounds.present("screencast.captions", one));
            if (from != null) {
                Bounds.within("screencast.from", from, 0, Caption.LATEST);
            }
            if (to != null) {
                Bounds.within("screencast.to", to, 1, Caption.LATEST);
            }
        }
    }

    record ScreencastRemoved(UUID id) {}

    @PostMapping("/api/v1/activities/{id}/screencasts")
    @ResponseStatus(HttpStatus.CREATED)
    Screencast begin(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ScreencastTitle asked) {
        return screencasts.begin(user, id, asked.title()).orElseThrow(() -> Problem.notThere("activity"));
    }

    /** The newest first. */
    @GetMapping("/api/v1/activities/{id}/screencasts")
    PagedList<Screencast> list(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        return PagedList.of(screencasts.of(user, id), Screencast::id, paging);
    }

    /** A piece of what is recorded just now; they come in their order, from 0. */
    @PutMapping(path = "/api/v1/screencasts/{id}/pieces/{n}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable int n,
            @RequestBody byte[] bytes) {
        done(screencasts.put(user, id, n, bytes));
    }

    @PostMapping("/api/v1/screencasts/{id}/completion")
    Screencast finish(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return done(screencasts.finish(user, id));
    }

    @PatchMapping("/api/v1/screencasts/{id}")
    Screencast set(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody ScreencastChange asked) {
        return done(
                screencasts.set(user, id, asked.title(), asked.chapters(), asked.captions(), asked.from(), asked.to()));
    }

    @DeleteMapping("/api/v1/screencasts/{id}")
    ScreencastRemoved remove(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        if (!screencasts.remove(user, id)) {
            throw Problem.notThere("recording");
        }
        return new ScreencastRemoved(id);
    }

    private static Screencast done(ScreencastService.Outcome outcome) {
        if (outcome instanceof ScreencastService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        if (outcome instanceof ScreencastService.Done done) {
            return done.screencast();
        }
        throw Problem.notThere("recording");
    }
}
