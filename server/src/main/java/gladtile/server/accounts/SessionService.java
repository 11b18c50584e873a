package gladtile.server.accounts;

import gladtile.server.support.SignedOut;
import gladtile.server.support.StreamRegistry;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Begins and ends sessions. */
@Component
public class SessionService {
    /** A tablet that is put back into its box is nobody's soon. */
    static final Duration STUDENTS = Duration.ofHours(3);

    /** A working day. */
    static final Duration STAFF = Duration.ofHours(12);
    /** While somebody is on their way in. */
    private static final Duration NOBODYS = Duration.ofMinutes(10);

    private final SessionUser repository;
    private final KnownDevices devices;
    private final JdbcIndexedSessionRepository kept;
    private final ApplicationEventPublisher events;

    SessionService(
            SessionUser repository,
            KnownDevices devices,
            JdbcIndexedSessionRepository kept,
            ApplicationEventPublisher events) {
        this.repository = repository;
        this.devices = devices;
        this.kept = kept;
        this.events = events;
    }

    /** Signs somebody in: under a new session id, so that one planted before is worth nothing. */
    public void begin(CurrentUser user, HttpServletRequest request, HttpServletResponse response) {
        repository.forget(request);
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SessionUser.contextOf(user);
        SecurityContextHolder.setContext(context);
        repository.saveContext(context, request, response);
        Duration unused = user.kind() == CurrentUser.Kind.STUDENT ? STUDENTS : STAFF;
        request.getSession().setMaxInactiveInterval((int) unused.toSeconds());
        devices.remember(user, request, response);
        giveToken(request);
    }

    /** A session in which nobody is signed in yet, for what they are asked on their way in; it is soon forgotten. */
    public static HttpSession anonymousSession(HttpServletRequest request) {
        HttpSession session = request.getSession();
        if (session.isNew()) {
            session.setMaxInactiveInterval((int) NOBODYS.toSeconds());
        }
        return session;
    }

    /** Everybody who is signed in as that person is signed out, on every device. */
    public void endAll(UUID personId) {
        kept.findByPrincipalName(personId.toString()).keySet().forEach(kept::deleteById);
        events.publishEvent(new SignedOut(personId, null, true));
    }

    /**
     * Somewhere somebody is signed in.
     *
     * @param id not the session's own, which nobody is told
     * @param here whether it is the one that asks
     */
    public record Open(String id, Instant began, Instant lastUsed, boolean here) {}

    /** Where that person is signed in now, the one used last first. */
    public List<Open> of(UUID personId, HttpServletRequest request) {
        HttpSession mine = request.getSession(false);
        return byPerson(personId).values().stream()
                .map(one -> new Open(
                        publicId(one.getId()),
                        one.getCreationTime(),
                        one.getLastAccessedTime(),
                        mine != null && mine.getId().equals(one.getId())))
                .sorted(Comparator.comparing(Open::lastUsed).reversed())
                .toList();
    }

    private Map<String, ? extends Session> byPerson(UUID personId) {
        FindByIndexNameSessionRepository<? extends Session> all = kept;
        return all.findByPrincipalName(personId.toString());
    }

    /** @return whether there was one */
    public boolean endOne(UUID personId, String id) {
        Optional<String> found = byPerson(personId).keySet().stream()
                .filter(one -> publicId(one).equals(id))
                .findFirst();
        found.ifPresent(one -> {
            kept.deleteById(one);
            events.publishEvent(new SignedOut(personId, cookieOf(one), true));
        });
        return found.isPresent();
    }

    /** As the browser is given it. */
    private static String cookieOf(String sessionId) {
        return Base64.getEncoder().encodeToString(sessionId.getBytes(StandardCharsets.UTF_8));
    }

    private static String publicId(String sessionId) {
        return HexFormat.of().formatHex(SignInSource.hash(sessionId)).substring(0, 32);
    }

    /** Who is signed in by the session that a request came with; empty for nobody. */
    public Optional<CurrentUser> user(HttpServletRequest request) {
        return Optional.ofNullable(repository.user(request));
    }

    /** Who asks for a stream, and by which session. */
    public static StreamRegistry.Listener listener(CurrentUser user) {
        ServletRequestAttributes asked = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        return new StreamRegistry.Listener(user.id(), String.valueOf(SessionUser.cookie(asked.getRequest())));
    }

    public void end(HttpServletRequest request) {
        CurrentUser user = repository.user(request);
        repository.forget(request);
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
        if (user != null) {
            events.publishEvent(new SignedOut(user.id(), SessionUser.cookie(request), true));
        }
    }

    /** Reading the token is what writes its cookie, which the next change must send back. */
    static void giveToken(HttpServletRequest request) {
        if (request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
            token.getToken();
        }
    }
}
