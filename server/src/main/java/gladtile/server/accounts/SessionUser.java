package gladtile.server.accounts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.server.support.SignedOut;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;

/**
 * Keeps nothing but {@link CurrentUser} in the session: small to read back on every request, and free of the security
 * library's own classes, so that a new version of it signs nobody out.
 */
final class SessionUser implements SecurityContextRepository {
    private static final String ATTRIBUTE = "who";
    private static final String COOKIE = "SESSION";
    private static final String CHANGED = SessionUser.class.getName() + ".changed";
    /**
     * How long a session is believed without asking the database. On this machine signing out counts at once; on
     * another one after this long. Reading and touching the session was most of what an empty request cost.
     */
    private static final Duration BELIEVED = Duration.ofSeconds(5);

    private final Cache<String, CurrentUser> lately =
            Caffeine.newBuilder().maximumSize(20_000).expireAfterWrite(BELIEVED).build();

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new Deferred(request);
    }

    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return loadDeferredContext(holder.getRequest()).get();
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        if (context.getAuthentication() != null
                && context.getAuthentication().getPrincipal() instanceof CurrentUser user) {
            HttpSession session = request.getSession(true);
            session.setAttribute(ATTRIBUTE, user);
            session.setAttribute(
                    FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME,
                    user.id().toString());
        }
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return user(request) != null;
    }

    static SecurityContext contextOf(CurrentUser user) {
        List<org.springframework.security.core.GrantedAuthority> roles = AuthorityUtils.createAuthorityList(
                user.role() == CurrentUser.Role.ADMINISTRATOR
                        ? List.of("ROLE_ADMINISTRATOR", "ROLE_TEACHER")
                        : List.of("ROLE_" + user.role().name()));
        return new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(user, null, roles));
    }

    CurrentUser user(HttpServletRequest request) {
        String id = cookie(request);
        // Somebody just signed in or out: the cookie that came with the request no longer counts.
        CurrentUser known = id == null || request.getAttribute(CHANGED) != null ? null : lately.getIfPresent(id);
        if (known != null) {
            return known;
        }
        HttpSession session = request.getSession(false);
        CurrentUser user = session != null && session.getAttribute(ATTRIBUTE) instanceof CurrentUser one ? one : null;
        if (user != null && id != null && request.getAttribute(CHANGED) == null) {
            lately.put(id, user);
        }
        return user;
    }

    /** The session cookie as it came; asking the request for its session id would read the session. */
    static String cookie(HttpServletRequest request) {
        for (Cookie cookie : request.getCookies() == null ? new Cookie[0] : request.getCookies()) {
            if (cookie.getName().equals(COOKIE)) {
                return cookie.getValue();
            }
        }
        return null;
    }

    @EventListener
    void signedOut(SignedOut out) {
        lately.asMap()
                .entrySet()
                .removeIf(one -> out.session() == null
                        ? one.getValue().id().equals(out.personId())
                        : out.session().equals(one.getKey()));
    }

    /** From now on the session that this request came with is not taken for what it was. */
    void forget(HttpServletRequest request) {
        request.setAttribute(CHANGED, true);
        String id = cookie(request);
        if (id != null) {
            lately.invalidate(id);
        }
    }

    private final class Deferred implements DeferredSecurityContext {
        private final Supplier<CurrentUser> source;
        private SecurityContext loaded;
        private boolean generated;

        Deferred(HttpServletRequest request) {
            source = () -> user(request);
        }

        @Override
        public SecurityContext get() {
            if (loaded == null) {
                CurrentUser user = source.get();
                generated = user == null;
                loaded = user == null ? new SecurityContextImpl() : contextOf(user);
            }
            return loaded;
        }

        @Override
        public boolean isGenerated() {
            get();
            return generated;
        }
    }
}
