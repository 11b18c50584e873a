package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.page.PictureRef;
import gladtile.formats.picture.TransparentColour;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.Problem;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures that teachers bring in, and giving them out to people of the same school. */
@RestController
@RequestMapping("/api/v1/files")
class FileController {
    private final FileService files;
    private final FileStore store;
    private final FileAccess access;

    FileController(FileService files, FileStore store, FileAccess access) {
        this.files = files;
        this.store = store;
        this.access = access;
    }

    @PostMapping(path = "/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    StoredPicture bring(
            @AuthenticationPrincipal CurrentUser user,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String credit)
            throws IOException {
        if (user.kind() != CurrentUser.Kind.TEACHER) {
            throw Problem.of(HttpStatus.FORBIDDEN, "This is not for you to see or change.");
        }
        Bounds.text("picture.credit", credit, Bounds.NAME_LENGTH);
        FileService.Result result = files.bringPicture(user, file.getBytes(), credit);
        if (result instanceof FileService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message() + " Nothing on the page changed.");
        }
        return ((FileService.Kept) result).picture();
    }

    /** @param colour {@code #rrggbb} @param tolerance 0 to 200 */
    record Clear(String colour, int tolerance) {
        Clear {
            if (colour == null || !colour.matches("#[0-9a-f]{6}")) {
                throw new OutOfBounds("clear.colour", Message.of("bound.clear.colour"));
            }
            Bounds.within("clear.tolerance", tolerance, 0, TransparentColour.FARTHEST);
        }
    }

    /** Makes a colour of a picture see-through; the picture as it was stays as it is, under its own name. */
    @PostMapping("/{sha256}/cut-outs")
    @ResponseStatus(HttpStatus.CREATED)
    StoredPicture clear(
            @AuthenticationPrincipal CurrentUser user, @PathVariable String sha256, @RequestBody Clear asked) {
        if (user.kind() != CurrentUser.Kind.TEACHER) {
            throw Problem.of(HttpStatus.FORBIDDEN, "This is not for you to see or change.");
        }
        PictureRef.file(sha256);
        if (!access.mayHave(user, sha256)) {
            throw Problem.notThere("file");
        }
        int rgb = Integer.parseInt(asked.colour().substring(1), 16);
        FileService.Result result =
                files.clear(user, sha256, rgb, asked.tolerance()).orElseThrow(() -> Problem.notThere("file"));
        if (result instanceof FileService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message() + " Nothing on the page changed.");
        }
        return ((FileService.Kept) result).picture();
    }

    /** Any part of it when the request names a range (RFC 9110, 14). @param still a moving picture at rest */
    @GetMapping("/{sha256}")
    ResponseEntity<Resource> give(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable String sha256,
            @RequestParam(defaultValue = "false") boolean still) {
        PictureRef.file(sha256);
        if (!access.mayHave(user, sha256)) {
            throw Problem.notThere("file");
        }
        FileStore.Head head = store.head(user.schoolId(), sha256).orElseThrow(() -> Problem.notThere("file"));
        Resource file = store.file(user.schoolId(), sha256, head.bytes());
        String type = head.mediaType();
        if (still && type.equals("image/gif")) {
            FileStore.Kept first = files.still(user, sha256);
            file = new ByteArrayResource(first.bytes());
            type = first.mediaType();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type.startsWith("text/") ? type + ";charset=utf-8" : type))
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
                // Opened by itself, a file can do nothing: no script, no request.
                .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; sandbox")
                .body(file);
    }
}
