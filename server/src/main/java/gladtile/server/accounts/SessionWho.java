package gladtile.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;

/**
 * Keeps nothing but {@link Who} in the session: small to read back on every request, and free of the security
 * library's own classes, so that a new version of it signs nobody out.
 */
final class SessionWho implements SecurityContextRepository {
    private static final String ATTRIBUTE = "who";

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
        if (context.getAuthentication() != null && context.getAuthentication().getPrincipal() instanceof Who who) {
            request.getSession(true).setAttribute(ATTRIBUTE, who);
        }
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return who(request) != null;
    }

    static SecurityContext contextOf(Who who) {
        List<org.springframework.security.core.GrantedAuthority> roles =
                AuthorityUtils.createAuthorityList("ROLE_" + who.kind().name());
        return new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(who, null, roles));
    }

    private static Who who(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(ATTRIBUTE) instanceof Who who ? who : null;
    }

    private static final class Deferred implements DeferredSecurityContext {
        private final Supplier<Who> source;
        private SecurityContext loaded;
        private boolean generated;

        Deferred(HttpServletRequest request) {
            source = () -> who(request);
        }

        @Override
        public SecurityContext get() {
            if (loaded == null) {
                Who who = source.get();
                generated = who == null;
                loaded = who == null ? new SecurityContextImpl() : contextOf(who);
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
