package gladtile.server.support;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where the server leads what nobody else has answered; asked for by itself, there is nothing. */
@Hidden
@RestController
class NotFoundController implements ErrorController {
    private final MessageRenderer messages;

    NotFoundController(MessageRenderer messages) {
        this.messages = messages;
    }

    @RequestMapping("${server.error.path:/error}")
    ResponseEntity<ProblemDetail> answer(HttpServletRequest request) {
        Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        // Before any of ours is asked, the session is read.
        boolean away = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION) instanceof Throwable e
                && ProblemHandler.isAway(e);
        Problem problem = away
                ? ProblemHandler.away()
                : status instanceof Integer code && code != 404
                        ? Problem.of(
                                HttpStatus.valueOf(code),
                                "That request cannot be answered. What was saved before is safe.")
                        : Problem.of(HttpStatus.NOT_FOUND, "There is nothing at this address.");
        return ResponseEntity.status(problem.status()).body(problem.body(messages));
    }
}
