package gladtile.server.attempts;

import gladtile.core.activity.FileRef;
import gladtile.core.assigned.Sharing;
import gladtile.server.accounts.Who;
import gladtile.server.attempts.Attempts.Opened;
import gladtile.server.files.Files;
import gladtile.server.files.Recordings;
import gladtile.server.support.Problem;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The sound of what a student said. It arrives before the move that puts it on its page, and may arrive twice. */
@RestController
class RecordingController {
    private final Attempts attempts;
    private final Recordings recordings;

    RecordingController(Attempts attempts, Recordings recordings) {
        this.attempts = attempts;
        this.recordings = recordings;
    }

    @PostMapping(path = "/api/attempts/{id}/recordings", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    FileRef bring(@AuthenticationPrincipal Who who, @PathVariable UUID id, @RequestBody byte[] bytes) {
        Opened opened = attempts.own(who, id).orElseThrow(() -> Problem.notThere("attempt"));
        boolean looks = opened.assignment().terms().shared() == Sharing.LOOK_ONLY;
        if (looks || !opened.edition().rules().terms().mayBesides().record()) {
            throw Problem.rule("NOT_TO_SPEAK_ON", "Nothing is recorded on these pages. Nothing was changed.");
        }
        Files.Result result = recordings.bring(who, bytes);
        if (result instanceof Files.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message() + " Nothing was changed.");
        }
        return ((Files.Brought) result).file();
    }
}
