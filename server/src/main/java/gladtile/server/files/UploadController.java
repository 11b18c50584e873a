package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.core.activity.FileRef;
import gladtile.server.accounts.Who;
import gladtile.server.support.Problem;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings, videos and documents that teachers bring in, piece by piece. */
@RestController
@RequestMapping("/api/uploads")
class UploadController {
    private final Uploads uploads;

    UploadController(Uploads uploads) {
        this.uploads = uploads;
    }

    /** @param bytes 1 to {@link Bounds#FILE_BYTES} */
    record UploadRequest(String name, long bytes) {
        UploadRequest {
            Bounds.text("upload.name", name, Bounds.NAME_LENGTH);
            Bounds.within("upload.bytes", bytes, 1, Bounds.FILE_BYTES);
        }
    }

    @GetMapping("/room")
    Uploads.Room room(@AuthenticationPrincipal Who who) {
        teacher(who);
        return uploads.room(who);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Uploads.Coming begin(@AuthenticationPrincipal Who who, @RequestBody UploadRequest asked) {
        teacher(who);
        Uploads.Result result = uploads.begin(who, asked.name(), asked.bytes());
        if (result instanceof Uploads.Refused refused) {
            throw refusal(refused);
        }
        return ((Uploads.Begun) result).upload();
    }

    /** What of it is there, for going on after the network was away. */
    @GetMapping("/{id}")
    Uploads.Coming read(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        teacher(who);
        return uploads.read(who, id).orElseThrow(() -> Problem.notThere("file"));
    }

    @PostMapping(path = "/{id}/pieces/{n}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal Who who, @PathVariable UUID id, @PathVariable int n, @RequestBody byte[] bytes) {
        teacher(who);
        Optional<Uploads.Refused> refused = uploads.put(who, id, n, bytes).orElseThrow(() -> Problem.notThere("file"));
        if (refused.isPresent()) {
            throw refusal(refused.get());
        }
    }

    @PostMapping("/{id}/finish")
    FileRef finish(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        teacher(who);
        Uploads.Result result = uploads.finish(who, id).orElseThrow(() -> Problem.notThere("file"));
        if (result instanceof Uploads.Refused refused) {
            throw refusal(refused);
        }
        return ((Uploads.Taken) result).file();
    }

    @PostMapping("/{id}/cancel")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@AuthenticationPrincipal Who who, @PathVariable UUID id) {
        teacher(who);
        if (!uploads.cancel(who, id)) {
            throw Problem.notThere("file");
        }
    }

    private static RuntimeException refusal(Uploads.Refused refused) {
        return Problem.bound(refused.bound(), refused.message() + " Nothing on the page changed.");
    }

    private static void teacher(Who who) {
        if (who.kind() != Who.Kind.TEACHER) {
            throw Problem.of(HttpStatus.FORBIDDEN, "This is not for you to see or change.");
        }
    }
}
