package gladtile.server.screencasts;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.present.Caption;
import gladtile.core.present.Chapter;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings of a page with what was said, made in front of a class. */
@RestController
class ScreencastController {
    private final Screencasts screencasts;

    ScreencastController(Screencasts screencasts) {
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

    @PostMapping("/api/activities/{id}/screencasts")
    @ResponseStatus(HttpStatus.CREATED)
    Screencast begin(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody ScreencastTitle asked) {
        return screencasts.begin(who, id, asked.title()).orElseThrow(() -> Problem.notThere("activity"));
    }

    /** The newest first. */
    @GetMapping("/api/activities/{id}/screencasts")
    List<Screencast> list(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return screencasts.of(who, id);
    }

    /** A piece of what is recorded just now; they come in their order, from 0. */
    @PostMapping(path = "/api/screencasts/{id}/pieces/{n}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal Who who, @PathVariable UUID id, @PathVariable int n, @RequestBody byte[] bytes) {
        done(screencasts.put(who, id, n, bytes));
    }

    @PostMapping("/api/screencasts/{id}/finish")
    Screencast finish(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return done(screencasts.finish(who, id));
    }

    @PostMapping("/api/screencasts/{id}")
    Screencast set(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody ScreencastChange asked) {
        return done(
                screencasts.set(who, id, asked.title(), asked.chapters(), asked.captions(), asked.from(), asked.to()));
    }

    @PostMapping("/api/screencasts/{id}/remove")
    ScreencastRemoved remove(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        if (!screencasts.remove(who, id)) {
            throw Problem.notThere("recording");
        }
        return new ScreencastRemoved(id);
    }

    private static Screencast done(Screencasts.Outcome outcome) {
        if (outcome instanceof Screencasts.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        if (outcome instanceof Screencasts.Done done) {
            return done.screencast();
        }
        throw Problem.notThere("recording");
    }
}
