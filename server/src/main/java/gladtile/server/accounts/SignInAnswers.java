package gladtile.server.accounts;

import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
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
            throw waiting(wait.atMost(), "signIn.failures");
        }
        if (result instanceof SignIn.Wrong wrong && wrong.left() == 1) {
            throw Problem.of(
                    HttpStatus.UNAUTHORIZED,
                    "That %s do not go together. You have one more try. After that you have to wait.".formatted(what));
        }
        if (result instanceof SignIn.Wrong wrong && wrong.left() <= 0) {
            throw Problem.of(
                    HttpStatus.UNAUTHORIZED,
                    "That %s do not go together. That was the last try for now. Wait 10 minutes, or ask for help."
                            .formatted(what));
        }
        throw Problem.of(HttpStatus.UNAUTHORIZED, "That %s do not go together. Try again.".formatted(what));
    }

    /** Nothing is looked at for a while. */
    public static Problem waiting(Duration wait, String bound) {
        long minutes = Math.max(1, (wait.toSeconds() + 59) / 60);
        return Problem.of(
                        HttpStatus.TOO_MANY_REQUESTS,
                        minutes == 1
                                ? "That was tried too often. Wait a minute. Then try again."
                                : "That was tried too often. Wait %d minutes. Then try again.".formatted(minutes))
                .with("bound", bound);
    }
}
