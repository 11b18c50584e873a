package gladtile.server.notices;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import org.springdoc.core.annotations.ParameterObject;
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
    PagedList<NoticeService.Notice> list(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(notices.of(user), NoticeService.Notice::id, paging);
    }

    /** All of them were looked at. */
    @PutMapping("/api/v1/notices/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(@AuthenticationPrincipal CurrentUser user) {
        notices.seen(user);
    }

    /** A stand-in: what would be mailed, to whom, if there were mail. */
    @GetMapping("/api/v1/outbox")
    PagedList<NoticeService.Posted> outbox(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(notices.outbox(user), one -> one.at() + one.to(), paging);
    }
}
