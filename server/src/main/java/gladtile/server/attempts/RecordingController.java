package gladtile.server.attempts;

import gladtile.core.assigned.Sharing;
import gladtile.core.page.FileRef;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.attempts.AttemptService.Opened;
import gladtile.server.files.FileService;
import gladtile.server.files.RecordingService;
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
    private final AttemptService attempts;
    private final RecordingService recordings;

    RecordingController(AttemptService attempts, RecordingService recordings) {
        this.attempts = attempts;
        this.recordings = recordings;
    }

    @PostMapping(path = "/api/v1/attempts/{id}/recordings", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    FileRef bring(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id, @RequestBody byte[] bytes) {
        Opened opened = attempts.own(user, id).orElseThrow(() -> Problem.notThere("attempt"));
        boolean looks = opened.assignment().terms().shared() == Sharing.VIEW_ONLY;
        if (looks || !opened.version().rules().terms().studentTools().record()) {
            throw Problem.rule("NOT_TO_SPEAK_ON", "Nothing is recorded on these pages. Nothing was changed.");
        }
        FileService.Result result = recordings.bring(user, bytes);
        if (result instanceof FileService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message() + " Nothing was changed.");
        }
        return ((FileService.Brought) result).file();
    }
}
