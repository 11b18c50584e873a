package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One's own password, and where one is signed in; for those who work at the school. */
@RestController
@RequestMapping("/api/v1/me")
class OwnAccountController {
    private final PasswordService passwords;
    private final SessionService sessions;
    private final ActivityLog log;

    OwnAccountController(PasswordService passwords, SessionService sessions, ActivityLog log) {
        this.passwords = passwords;
        this.sessions = sessions;
        this.log = log;
    }

    record PasswordChange(String current, String fresh) {
        PasswordChange {
            Bounds.text("person.current", current, Bounds.NAME_LENGTH);
            Bounds.text("person.password", fresh, Bounds.NAME_LENGTH);
        }
    }

    /** @param here whether it is the one that asks */
    record OpenSession(String id, Instant began, Instant lastUsed, boolean here) {}

    /** All sessions end, and this one begins anew. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal CurrentUser user,
            @RequestBody PasswordChange asked,
            HttpServletRequest request,
            HttpServletResponse response) {
        StaffService.Outcome outcome = passwords.changePassword(user, asked.current(), asked.fresh());
        if (outcome instanceof StaffService.Refused refused) {
            throw Problem.bound(refused.bound(), refused.message());
        }
        // The old session is gone with the others.
        request.getSession().invalidate();
        sessions.begin(user, request, response);
    }

    @GetMapping("/sessions")
    PagedList<OpenSession> openSessions(
            @AuthenticationPrincipal CurrentUser user, HttpServletRequest request, @ParameterObject Paging paging) {
        return PagedList.of(
                sessions.of(user.id(), request).stream()
                        .map(one -> new OpenSession(one.id(), one.began(), one.lastUsed(), one.here()))
                        .toList(),
                OpenSession::id,
                paging);
    }

    @DeleteMapping("/sessions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSession(@AuthenticationPrincipal CurrentUser user, @PathVariable String id) {
        if (!sessions.endOne(user.id(), id)) {
            throw Problem.notThere("session");
        }
    }

    /** Signed out everywhere, here too. */
    @DeleteMapping("/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSessions(@AuthenticationPrincipal CurrentUser user, HttpServletRequest request) {
        sessions.endAll(user.id());
        sessions.end(request);
        log.add(user.schoolId(), user.id(), LogEvent.SIGNED_OUT_EVERYWHERE, user.id());
    }
}
