package gladtile.server.accounts;

import gladtile.server.support.Listeners;
import gladtile.server.support.SignedOut;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Begins and ends sessions. */
@Component
public class Sessions {
    private final SessionWho repository;
    private final Devices devices;
    private final JdbcIndexedSessionRepository kept;
    private final ApplicationEventPublisher events;

    Sessions(
            SessionWho repository,
            Devices devices,
            JdbcIndexedSessionRepository kept,
            ApplicationEventPublisher events) {
        this.repository = repository;
        this.devices = devices;
        this.kept = kept;
        this.events = events;
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
        devices.remember(who, request, response);
        giveToken(request);
    }

    /** Everybody who is signed in as that person is signed out, on every device. */
    public void endAll(UUID personId) {
        kept.findByPrincipalName(personId.toString()).keySet().forEach(kept::deleteById);
        events.publishEvent(new SignedOut(personId, null, true));
    }

    /** Who asks for a stream, and by which session. */
    public static Listeners.Listener listener(Who who) {
        ServletRequestAttributes asked = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        return new Listeners.Listener(who.id(), String.valueOf(SessionWho.cookie(asked.getRequest())));
    }

    public void end(HttpServletRequest request) {
        Who who = repository.who(request);
        repository.forget(request);
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        if (who != null) {
            events.publishEvent(new SignedOut(who.id(), SessionWho.cookie(request), true));
        }
    }

    /** Reading the token is what writes its cookie, which the next change must send back. */
    static void giveToken(HttpServletRequest request) {
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            token.getToken();
        }
    }
}
