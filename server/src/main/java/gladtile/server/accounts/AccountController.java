package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/v1")
public class AccountController {
    private final SignIn signIn;
    private final SessionService sessions;

    AccountController(SignIn signIn, SessionService sessions) {
        this.signIn = signIn;
        this.sessions = sessions;
    }

    record SignInRequest(String name, String password) {
        SignInRequest {
            Bounds.text("signIn.name", name, Bounds.NAME_LENGTH);
            Bounds.text("signIn.password", password, Bounds.NAME_LENGTH);
        }
    }

    /** The person signed in. */
    public record Me(UUID id, String name, CurrentUser.Kind kind, CurrentUser.Role role) {
        public static Me of(CurrentUser user) {
            return new Me(user.id(), user.name(), user.kind(), user.role());
        }
    }

    /** Who is signed in; 401 when nobody is. Also gives the token that changes must send back. */
    @GetMapping("/me")
    Me me(@AuthenticationPrincipal Object principal, HttpServletRequest request) {
        SessionService.giveToken(request);
        if (principal instanceof CurrentUser user) {
            return Me.of(user);
        }
        throw Problem.of(HttpStatus.UNAUTHORIZED, "Nobody is signed in.");
    }

    @PostMapping("/session")
    Me signIn(@RequestBody SignInRequest asked, HttpServletRequest request, HttpServletResponse response) {
        SignIn.Result result = signIn.teacher(asked.name(), asked.password(), SignInSource.of(request));
        return Me.of(SignInResponses.welcomed(result, SignInResponses.Door.PASSWORD, sessions, request, response));
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        sessions.end(request);
    }

    /** Says nothing, to somebody who is signed in: whether the network and the session still hold. */
    @PutMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepAlive() {}
}
