package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api")
public class AccountController {
    private final SignIn signIn;
    private final Sessions sessions;

    AccountController(SignIn signIn, Sessions sessions) {
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
    public record Me(UUID id, String name, Who.Kind kind, Who.Role role) {
        public static Me of(Who who) {
            return new Me(who.id(), who.name(), who.kind(), who.role());
        }
    }

    /** Who is signed in; 401 when nobody is. Also gives the token that changes must send back. */
    @GetMapping("/me")
    Me me(@AuthenticationPrincipal Object principal, HttpServletRequest request) {
        Sessions.giveToken(request);
        if (principal instanceof Who who) {
            return Me.of(who);
        }
        throw Problem.of(HttpStatus.UNAUTHORIZED, "Nobody is signed in.");
    }

    @PostMapping("/sign-in")
    Me signIn(@RequestBody SignInRequest asked, HttpServletRequest request, HttpServletResponse response) {
        SignIn.Result result = signIn.teacher(asked.name(), asked.password(), Source.of(request));
        return Me.of(SignInAnswers.welcomed(result, SignInAnswers.Door.PASSWORD, sessions, request, response));
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        sessions.end(request);
    }

    /** Says nothing, to somebody who is signed in: whether the network and the session still hold. */
    @PostMapping("/still-here")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stillHere() {}
}
