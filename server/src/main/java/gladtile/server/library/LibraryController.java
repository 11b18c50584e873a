package gladtile.server.library;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
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

/** My library: parts and pages kept by name. */
@RestController
@RequestMapping("/api/library")
class LibraryController {
    private final Library library;

    LibraryController(Library library) {
        this.library = library;
    }

    /** @param contents an activity of one page with what is kept */
    record KeepRequest(Library.Place place, PartHead.Kind kind, Activity contents) {
        KeepRequest {
            Bounds.present("library.place", place);
            Bounds.present("library.kind", kind);
            Bounds.present("library.contents", contents);
        }
    }

    record BringBackPart(int version) {}

    /** @param personId absent for everybody who teaches at the school */
    record SharePart(UUID personId, boolean shared) {}

    @GetMapping
    Library.PartList list(
            @AuthenticationPrincipal Who who,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "ALL") Library.From from,
            @RequestParam(defaultValue = "") String folder,
            @RequestParam(defaultValue = "0") int skip) {
        return library.find(who, new Library.PartsWanted(words, from, folder, skip));
    }

    @GetMapping("/folders")
    Library.Folders folders(@AuthenticationPrincipal Who who) {
        return library.folders(who);
    }

    @GetMapping("/{id}")
    Activity contents(@AuthenticationPrincipal Who who, @PathVariable String id) {
        return library.contents(who, id).orElseThrow(() -> Problem.notThere("part"));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Library.KeptPart keep(@AuthenticationPrincipal Who who, @RequestBody KeepRequest asked) {
        return kept(library.keep(who, asked.place(), asked.kind(), asked.contents()));
    }

    @PostMapping("/{id}/place")
    Library.KeptPart move(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody Library.Place place) {
        return kept(library.move(who, id, place));
    }

    @GetMapping("/{id}/versions")
    List<Library.PartVersion> versions(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return library.versions(who, id).orElseThrow(() -> Problem.notThere("part"));
    }

    @PostMapping("/{id}/bring-back")
    Library.KeptPart bringBack(
            @AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody BringBackPart asked) {
        return kept(library.bringBack(who, id, asked.version()));
    }

    @PostMapping("/{id}/delete")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        need(library.delete(who, id));
    }

    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        need(library.restore(who, id));
    }

    @GetMapping("/{id}/sharing")
    Library.Sharing sharing(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        return library.sharing(who, id).orElseThrow(() -> Problem.notThere("part"));
    }

    @PostMapping("/{id}/share")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void share(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody SharePart asked) {
        need(library.share(who, id, asked.personId(), asked.shared()));
    }

    private static void need(boolean done) {
        if (!done) {
            throw Problem.notThere("part");
        }
    }

    private static Library.KeptPart kept(Library.Outcome outcome) {
        if (outcome instanceof Library.KeptPart kept) {
            return kept;
        }
        if (outcome instanceof Library.NameTaken) {
            throw Problem.rule(
                    "library.name", "Another part in this folder has that name. Nothing changed. Choose another name.");
        }
        if (outcome instanceof Library.ForeignFiles) {
            throw Problem.of(
                    HttpStatus.FORBIDDEN,
                    "One of its pictures or sounds is not yours and was not shared with you. Nothing was saved.");
        }
        if (outcome instanceof Library.TooMuch much) {
            throw Problem.bound(much.bound(), much.words());
        }
        throw Problem.notThere("part");
    }
}
