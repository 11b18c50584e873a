package gladtile.server.notices;

import gladtile.server.accounts.Who;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What waits for somebody. */
@RestController
class NoticeController {
    private final Notices notices;

    NoticeController(Notices notices) {
        this.notices = notices;
    }

    @GetMapping("/api/notices")
    List<Notices.Notice> list(@AuthenticationPrincipal Who who) {
        return notices.of(who);
    }

    /** All of them were looked at. */
    @PostMapping("/api/notices/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(@AuthenticationPrincipal Who who) {
        notices.seen(who);
    }

    /** A stand-in: what would be mailed, to whom, if there were mail. */
    @GetMapping("/api/outbox")
    List<Notices.Posted> outbox(@AuthenticationPrincipal Who who) {
        return notices.outbox(who);
    }
}
