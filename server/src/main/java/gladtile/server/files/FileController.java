package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.core.activity.PictureRef;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures that teachers bring in, and giving them out to people of the same school. */
@RestController
@RequestMapping("/api/files")
class FileController {
    private final Files files;
    private final FileStore store;

    FileController(Files files, FileStore store) {
        this.files = files;
        this.store = store;
    }

    @PostMapping(path = "/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    StoredPicture bring(
            @AuthenticationPrincipal Who who,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String credit)
            throws IOException {
        if (who.kind() != Who.Kind.TEACHER) {
            throw Problem.of(HttpStatus.FORBIDDEN, "This is not for you to see or change.");
        }
        Bounds.text("picture.credit", credit, Bounds.NAME_LENGTH);
        Files.Result result = files.bringPicture(who, file.getBytes(), credit);
        if (result instanceof Files.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message() + " Nothing on the page changed.");
        }
        return ((Files.Kept) result).picture();
    }

    @GetMapping("/{sha256}")
    ResponseEntity<byte[]> give(@AuthenticationPrincipal Who who, @PathVariable String sha256) {
        PictureRef.file(sha256);
        FileStore.Kept kept = store.read(who.schoolId(), sha256).orElseThrow(() -> Problem.notThere("file"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(kept.mediaType()))
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                // Opened by itself, a picture can do nothing: no script, no request.
                .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; sandbox")
                .body(kept.bytes());
    }
}
