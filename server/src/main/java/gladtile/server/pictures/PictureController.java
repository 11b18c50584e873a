package gladtile.server.pictures;

import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.pictures.PictureLibrary.LibraryPicture;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import java.util.List;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
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

/** Finding pictures in the shipped library, by word and by topic, and keeping favourites. */
@RestController
@RequestMapping("/api/v1/pictures")
class PictureController {
    private static final int MOST = 120;
    private final PictureLibrary library;
    private final KeptPictureStore kept;

    PictureController(PictureLibrary library, KeptPictureStore kept) {
        this.library = library;
        this.kept = kept;
    }

    /** @param lately the last used first */
    record Own(List<LibraryPicture> favourites, List<LibraryPicture> lately, List<String> topics) {}

    record Keep(boolean kept) {}

    @GetMapping
    PagedList<LibraryPicture> find(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String topic,
            @ParameterObject Paging paging) {
        return PagedList.of(
                library.find(
                        Bounds.text("pictures.words", words, Bounds.NAME_LENGTH),
                        Bounds.text("pictures.topic", topic, Bounds.NAME_LENGTH),
                        MOST),
                LibraryPicture::code,
                paging);
    }

    @GetMapping("/own")
    Own own(@AuthenticationPrincipal CurrentUser user) {
        return new Own(pictures(kept.favourites(user)), pictures(kept.lately(user)), library.topics());
    }

    @PutMapping("/{code}/kept")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal CurrentUser user, @PathVariable String code, @RequestBody Keep asked) {
        kept.keep(user, known(code), asked.kept());
    }

    @PostMapping("/{code}/uses")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void use(@AuthenticationPrincipal CurrentUser user, @PathVariable String code) {
        kept.use(user, known(code));
    }

    private String known(String code) {
        return library.picture(code).map(LibraryPicture::code).orElseThrow(() -> Problem.notThere("picture"));
    }

    private List<LibraryPicture> pictures(List<String> codes) {
        return codes.stream().map(library::picture).flatMap(Optional::stream).toList();
    }
}
