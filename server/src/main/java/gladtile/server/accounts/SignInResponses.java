package gladtile.server.accounts;

import gladtile.server.support.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.http.HttpStatus;

/** Turns what came of a sign-in into a session or a problem. */
public final class SignInResponses {
    private SignInResponses() {}

    /** Who comes in, and by what; a child is spoken to in short words. */
    public enum Door {
        PASSWORD(
                "That name and password do not go together. Try again.",
                "That name and password do not go together. You have one more try. After that you have to wait.",
                "That name and password do not go together. That was the last try for now. Wait 10 minutes."),
        PIN(
                "That is not your PIN. Try again.",
                "That is not your PIN. You have one more try.",
                "That is not your PIN. That was the last try for now. Ask your teacher for a new PIN, or wait 10 minutes.");

        private final String again;
        private final String oneMore;
        private final String last;

        Door(String again, String oneMore, String last) {
            this.again = again;
            this.oneMore = oneMore;
            this.last = last;
        }

        private String words(int left) {
            return left <= 0 ? last : left == 1 ? oneMore : again;
        }
    }

    public static CurrentUser welcomed(
            SignIn.Result result,
            Door door,
            SessionService sessions,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (result instanceof SignIn.Welcome welcome) {
            sessions.begin(welcome.user(), request, response);
            return welcome.user();
        }
        if (result instanceof SignIn.Wait wait) {
            throw waiting(wait.atMost(), "signIn.failures");
        }
        throw Problem.of(HttpStatus.UNAUTHORIZED, door.words(((SignIn.Wrong) result).left()));
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
