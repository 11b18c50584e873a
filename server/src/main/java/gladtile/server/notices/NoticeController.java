package gladtile.server.notices;

import gladtile.server.accounts.CurrentUser;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What waits for somebody. */
@RestController
class NoticeController {
    private final NoticeService notices;

    NoticeController(NoticeService notices) {
        this.notices = notices;
    }

    @GetMapping("/api/v1/notices")
    List<NoticeService.Notice> list(@AuthenticationPrincipal CurrentUser who) {
        return notices.of(who);
    }

    /** All of them were looked at. */
    @PutMapping("/api/v1/notices/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(@AuthenticationPrincipal CurrentUser who) {
        notices.seen(who);
    }

    /** A stand-in: what would be mailed, to whom, if there were mail. */
    @GetMapping("/api/v1/outbox")
    List<NoticeService.Posted> outbox(@AuthenticationPrincipal CurrentUser who) {
        return notices.outbox(who);
    }
}
