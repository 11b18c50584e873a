package gladtile.server.library;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
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

/** My library: parts and pages kept by name. */
@RestController
@RequestMapping("/api/v1/library")
class LibraryController {
    private final LibraryService library;
    private final LibrarySharingService sharing;

    LibraryController(LibraryService library, LibrarySharingService sharing) {
        this.library = library;
        this.sharing = sharing;
    }

    /** @param contents an activity of one page with what is kept */
    record KeepRequest(PartPlace place, PartHead.Kind kind, Activity contents) {
        KeepRequest {
            Bounds.present("library.place", place);
            Bounds.present("library.kind", kind);
            Bounds.present("library.contents", contents);
        }
    }

    record RestorePartRequest(int version) {}

    /** @param personId absent for everybody who teaches at the school */
    record SharePart(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID personId, boolean shared) {}

    @GetMapping
    PagedList<PartHead> list(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "ALL") LibraryService.From from,
            @RequestParam(defaultValue = "") String folder,
            @ParameterObject Paging paging) {
        LibraryService.PartList found =
                library.find(user, new LibraryService.PartsWanted(words, from, folder, paging.skip(), paging.size()));
        return PagedList.part(found.parts(), found.more(), paging.skip());
    }

    @GetMapping("/folders")
    LibraryService.Folders folders(@AuthenticationPrincipal CurrentUser user) {
        return library.folders(user);
    }

    @GetMapping("/{id}")
    Activity contents(@AuthenticationPrincipal CurrentUser user, @PathVariable String id) {
        return library.contents(user, id).orElseThrow(() -> Problem.notThere("part"));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LibraryService.KeptPart keep(@AuthenticationPrincipal CurrentUser user, @RequestBody KeepRequest asked) {
        return kept(library.keep(user, asked.place(), asked.kind(), asked.contents()));
    }

    @PutMapping("/{id}/place")
    LibraryService.KeptPart move(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody PartPlace place) {
        return kept(library.move(user, id, place));
    }

    @GetMapping("/{id}/versions")
    PagedList<LibraryService.PartVersion> versions(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @ParameterObject Paging paging) {
        return PagedList.of(
                library.versions(user, id).orElseThrow(() -> Problem.notThere("part")),
                LibraryService.PartVersion::version,
                paging);
    }

    @PostMapping("/{id}/versions/restorations")
    LibraryService.KeptPart restoreVersion(
            @AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody RestorePartRequest asked) {
        return kept(library.restore(user, id, asked.version()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        need(library.delete(user, id));
    }

    @PostMapping("/{id}/restorations")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        need(library.restore(user, id));
    }

    @GetMapping("/{id}/sharing")
    LibrarySharingService.Sharing sharing(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        return sharing.of(user, id).orElseThrow(() -> Problem.notThere("part"));
    }

    @PutMapping("/{id}/sharing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void share(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody SharePart asked) {
        need(sharing.share(user, id, asked.personId(), asked.shared()));
    }

    private static void need(boolean done) {
        if (!done) {
            throw Problem.notThere("part");
        }
    }

    private static LibraryService.KeptPart kept(LibraryService.Outcome outcome) {
        if (outcome instanceof LibraryService.KeptPart kept) {
            return kept;
        }
        if (outcome instanceof LibraryService.NameTaken) {
            throw Problem.rule(
                    "library.name", "Another part in this folder has that name. Nothing changed. Choose another name.");
        }
        if (outcome instanceof LibraryService.ForeignFiles) {
            throw Problem.of(
                    HttpStatus.FORBIDDEN,
                    "One of its pictures or sounds is not yours and was not shared with you. Nothing was saved.");
        }
        if (outcome instanceof LibraryService.TooMuch much) {
            throw Problem.bound(much.bound(), much.words());
        }
        throw Problem.notThere("part");
    }
}
