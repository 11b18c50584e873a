package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.core.page.FileRef;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.Problem;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings, videos and documents that teachers bring in, piece by piece. */
@RestController
@RequestMapping("/api/v1/uploads")
class UploadController {
    private final UploadService uploads;

    UploadController(UploadService uploads) {
        this.uploads = uploads;
    }

    /** @param bytes 1 to {@link Bounds#FILE_BYTES} */
    record UploadRequest(String name, long bytes) {
        UploadRequest {
            Bounds.text("upload.name", name, Bounds.NAME_LENGTH);
            Bounds.within("upload.bytes", bytes, 1, Bounds.FILE_BYTES);
        }
    }

    @GetMapping("/storage")
    UploadService.Room room(@AuthenticationPrincipal CurrentUser user) {
        teacher(user);
        return uploads.room(user);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    UploadService.Coming begin(@AuthenticationPrincipal CurrentUser user, @RequestBody UploadRequest asked) {
        teacher(user);
        UploadService.Result result = uploads.begin(user, asked.name(), asked.bytes());
        if (result instanceof UploadService.Refused refused) {
            throw refusal(refused);
        }
        return ((UploadService.Begun) result).upload();
    }

    /** What of it is there, for going on after the network was away. */
    @GetMapping("/{id}")
    UploadService.Coming read(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        teacher(user);
        return uploads.read(user, id).orElseThrow(() -> Problem.notThere("file"));
    }

    @PutMapping(path = "/{id}/pieces/{n}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(
            @AuthenticationPrincipal CurrentUser user,
            @PathVariable UUID id,
            @PathVariable int n,
            @RequestBody byte[] bytes) {
        teacher(user);
        Optional<UploadService.Refused> refused =
                uploads.put(user, id, n, bytes).orElseThrow(() -> Problem.notThere("file"));
        if (refused.isPresent()) {
            throw refusal(refused.get());
        }
    }

    @PostMapping("/{id}/completion")
    FileRef finish(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        teacher(user);
        UploadService.Result result = uploads.finish(user, id).orElseThrow(() -> Problem.notThere("file"));
        if (result instanceof UploadService.Refused refused) {
            throw refusal(refused);
        }
        return ((UploadService.Taken) result).file();
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        teacher(user);
        if (!uploads.cancel(user, id)) {
            throw Problem.notThere("file");
        }
    }

    private static RuntimeException refusal(UploadService.Refused refused) {
        return Problem.bound(refused.bound(), refused.message() + " Nothing on the page changed.");
    }

    private static void teacher(CurrentUser user) {
        if (user.kind() != CurrentUser.Kind.TEACHER) {
            throw Problem.of(HttpStatus.FORBIDDEN, "This is not for you to see or change.");
        }
    }
}
