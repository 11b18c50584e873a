package gladtile.server.support;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * A refusal on its way to the browser as problem+json (RFC 9457). Services return refusals as values; only the web
 * layer turns them into this.
 */
public final class Problem extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final HttpStatus status;
    private final transient Map<String, Object> more = new LinkedHashMap<>();

    private Problem(HttpStatus status, String detail) {
        super(detail, null, false, false);
        this.status = status;
    }

    public static Problem of(HttpStatus status, String detail) {
        return new Problem(status, detail);
    }

    /** The same answer whether a thing is not there or is not this person's: its existence is nobody else's business. */
    public static Problem notThere(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "There is no such " + what + ", or it is not yours.");
    }

    /** Past a bound; 422 where the value was well-formed. */
    public static Problem bound(String bound, String detail) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, detail).with("bound", bound);
    }

    /** Against a rule of the work. */
    public static Problem rule(String rule, String detail) {
        return new Problem(HttpStatus.CONFLICT, detail).with("rule", rule);
    }

    public Problem with(String name, Object value) {
        more.put(name, value);
        return this;
    }

    public ProblemDetail body() {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, getMessage());
        more.forEach(body::setProperty);
        return body;
    }
}
