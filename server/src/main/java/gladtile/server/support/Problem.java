package gladtile.server.support;

import gladtile.core.message.Message;
import java.net.URI;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * A refusal on its way to the browser as problem+json (RFC 9457). Services return refusals as values; only the web
 * layer turns them into this.
 */
public final class Problem extends RuntimeException {
    /** Below it every kind of refusal has a name that stays, for programs to tell them apart by. */
    private static final String TYPES = "/problems/";

    private static final long serialVersionUID = 1;
    private final HttpStatus status;
    private final URI type;
    private final transient Map<String, Object> more = new LinkedHashMap<>();

    private final transient Message detail;

    private Problem(HttpStatus status, URI type, Message detail) {
        super(detail.toString(), null, false, false);
        this.detail = detail;
        this.status = status;
        this.type = type;
    }

    public static Problem of(HttpStatus status, Message detail) {
        return new Problem(status, type(status), detail);
    }

    public static Problem of(HttpStatus status, String detail) {
        return of(status, Message.literal(detail));
    }

    /** The same answer whether a thing is not there or is not this person's: its existence is nobody else's business. */
    public static Problem notThere(String what) {
        return of(HttpStatus.NOT_FOUND, "There is no such " + what + ", or it is not yours.");
    }

    /** Past a bound; 422 where the value was well-formed. */
    public static Problem bound(String bound, String detail) {
        return bound(bound, Message.literal(detail));
    }

    public static Problem bound(String bound, Message detail) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, URI.create(TYPES + "out-of-bounds"), detail)
                .with("bound", bound);
    }

    /** Against a rule of the work. */
    public static Problem rule(String rule, String detail) {
        return rule(rule, Message.literal(detail));
    }

    public static Problem rule(String rule, Message detail) {
        return new Problem(HttpStatus.CONFLICT, URI.create(TYPES + "against-a-rule"), detail).with("rule", rule);
    }

    /** Of refusals that name neither a bound nor a rule: by their status, such as {@code /problems/not-found}. */
    public static URI type(HttpStatus status) {
        return URI.create(TYPES + status.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    public Problem with(String name, Object value) {
        more.put(name, value);
        return this;
    }

    /** @param sentence and that nothing was changed by what was refused */
    public static Message unchanged(Message sentence) {
        return Message.of("problem.unchanged", "sentence", sentence);
    }

    public HttpStatus status() {
        return status;
    }

    /** In the language of whose request it is. */
    public ProblemDetail body(MessageRenderer messages) {
        ProblemDetail body = ProblemDetail.forStatusAndDetail(status, messages.text(detail));
        body.setType(type);
        more.forEach(body::setProperty);
        return body;
    }
}
