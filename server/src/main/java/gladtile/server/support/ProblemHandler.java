package gladtile.server.support;

import gladtile.core.OutOfBounds;
import jakarta.servlet.http.HttpServletRequest;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;

/** Every error leaves as problem+json that names the bound or the rule. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

    private final MessageRenderer messages;

    ProblemHandler(MessageRenderer messages) {
        this.messages = messages;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem problem) {
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> outOfBounds(OutOfBounds e) {
        return answer(Problem.bound(e.bound(), Problem.unchanged(e.told())));
    }

    /** Null when nobody is left to listen: a browser that closed, or a network that broke, is no fault of ours. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unexpected(Exception e, HttpServletRequest request) {
        if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
            LOG.debug("{} {}: the client has gone", request.getMethod(), request.getRequestURI());
            // One that only stopped sending can still read, and must not take silence for a yes.
            return "GET".equals(request.getMethod())
                    ? null
                    : answer(Problem.of(
                            HttpStatus.BAD_REQUEST, "The request broke off. Nothing was changed. Send it again."));
        }
        if (isAway(e)) {
            LOG.warn("{} {}: the database does not answer", request.getMethod(), request.getRequestURI());
            return answer(away());
        }
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), e);
        return answer(Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong on the server. What was saved before is safe. Try again in a moment."));
    }

    static Problem away() {
        return Problem.of(
                HttpStatus.SERVICE_UNAVAILABLE,
                "The server cannot reach its data just now. What was saved is safe. Try again in a minute.");
    }

    /** The database, not what was asked of it, is the cause. */
    static boolean isAway(Throwable e) {
        // A broken connection cannot roll back either; why it was to is what counts.
        Throwable first = e instanceof TransactionSystemException rollback && rollback.getOriginalException() != null
                ? rollback.getOriginalException()
                : e;
        for (Throwable cause = first; cause != null; cause = cause.getCause()) {
            String state = cause instanceof SQLException sql ? sql.getSQLState() : null;
            if (cause instanceof SQLTransientConnectionException
                    || state != null && (state.startsWith("08") || state.startsWith("57P"))) {
                return true;
            }
        }
        return false;
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
            if (cause instanceof OutOfBounds bound) {
                Problem problem = Problem.bound(bound.bound(), Problem.unchanged(bound.told()));
                return new ResponseEntity<>(problem.body(messages), HttpStatus.UNPROCESSABLE_CONTENT);
            }
        }
        Problem problem = Problem.of(
                HttpStatus.BAD_REQUEST, "The request is not the JSON that this address takes. Nothing was changed.");
        return new ResponseEntity<>(problem.body(messages), HttpStatus.BAD_REQUEST);
    }

    /** An id in the address that is none. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Problem problem = Problem.of(HttpStatus.NOT_FOUND, "There is nothing at this address.");
        return new ResponseEntity<>(problem.body(messages), HttpStatus.NOT_FOUND);
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Problem problem = Problem.bound(
                "picture.bytes", "That picture is larger than 20 MB, which is the most. Nothing on the page changed.");
        return new ResponseEntity<>(problem.body(messages), HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /** A form that ends in the middle. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> brokenForm(MultipartException e) {
        return answer(Problem.of(
                HttpStatus.BAD_REQUEST, "What was sent ends in the middle. Nothing was changed. Send it once more."));
    }

    /** An address whose signs cannot be read. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> brokenAddress(InvalidParameterException e) {
        return answer(
                Problem.of(HttpStatus.BAD_REQUEST, "The address has signs that cannot be read. Nothing was changed."));
    }

    /** What the framework refuses by itself, such as a verb that an address does not take, has its name too. */
    @Override
    protected ResponseEntity<Object> createResponseEntity(
            Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpStatus known = HttpStatus.resolve(status.value());
        if (body instanceof ProblemDetail problem && known != null && isUnnamed(problem)) {
            problem.setType(Problem.type(known));
        }
        return super.createResponseEntity(body, headers, status, request);
    }

    private static boolean isUnnamed(ProblemDetail problem) {
        return problem.getType() == null || problem.getType().toString().equals("about:blank");
    }

    private ResponseEntity<ProblemDetail> answer(Problem problem) {
        ProblemDetail body = problem.body(messages);
        return ResponseEntity.status(body.getStatus()).body(body);
    }
}
