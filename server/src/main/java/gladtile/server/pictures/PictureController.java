package gladtile.server.pictures;

import gladtile.core.Bounds;
import gladtile.server.pictures.PictureLibrary.LibraryPicture;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finding pictures in the shipped library. */
@RestController
@RequestMapping("/api/pictures")
class PictureController {
    private static final int MOST = 120;
    private final PictureLibrary library;

    PictureController(PictureLibrary library) {
        this.library = library;
    }

    @GetMapping
    List<LibraryPicture> find(@RequestParam String words) {
        return library.find(Bounds.text("pictures.words", words, Bounds.NAME_LENGTH), MOST);
    }
}
