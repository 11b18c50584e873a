package gladtile.server.accounts;

import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;

/** Turns what came of a sign-in into a session or a problem, in the same words for every way of signing in. */
public final class SignInAnswers {
    private SignInAnswers() {}

    /** @param what the things that were asked for, such as "name and PIN" */
    public static Who welcomed(
            SignIn.Result result,
            String what,
            Sessions sessions,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (result instanceof SignIn.Welcome welcome) {
            sessions.begin(welcome.who(), request, response);
            return welcome.who();
        }
        if (result instanceof SignIn.Wait wait) {
            throw Problem.of(
                            HttpStatus.TOO_MANY_REQUESTS,
                            "That was tried too often. Wait %d minutes, then try again."
                                    .formatted(wait.atMost().toMinutes()))
                    .with("bound", "signIn.failures");
        }
        throw Problem.of(HttpStatus.UNAUTHORIZED, "That %s do not go together. Try again.".formatted(what));
    }
}
