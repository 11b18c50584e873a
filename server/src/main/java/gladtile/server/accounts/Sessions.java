package gladtile.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;

/** Begins and ends sessions. */
@Component
public class Sessions {
    private final SessionWho repository;

    Sessions(SessionWho repository) {
        this.repository = repository;
    }

    /** Signs somebody in: under a new session id, so that one planted before is worth nothing. */
    public void begin(Who who, HttpServletRequest request, HttpServletResponse response) {
        repository.forget(request);
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SessionWho.contextOf(who);
        SecurityContextHolder.setContext(context);
        repository.saveContext(context, request, response);
        giveToken(request);
    }

    public void end(HttpServletRequest request) {
        repository.forget(request);
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** Reading the token is what writes its cookie, which the next change must send back. */
    static void giveToken(HttpServletRequest request) {
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            token.getToken();
        }
    }
}
