package gladtile.server.singlesignon;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.SignIn;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.oauth2.core.oidc.user.OidcUser;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.stereotype.Component;

/**
 * Somebody comes back from the identity provider. Who is signed in here then has linked that account with theirs; who is
 * not is signed in as whoever linked it. A name or an address that is alike links nobody.
 */
@Component
class SingleSignOn implements AuthenticationSuccessHandler, AuthenticationFailureHandler {
    private static final Logger LOG = LoggerFactory.getLogger(SingleSignOn.class);

    private final IdentityProviderStore store;
    private final SessionService sessions;
    private final SignIn signIn;
    private final ActivityLog log;
    private final Clock clock;

    SingleSignOn(IdentityProviderStore store, SessionService sessions, SignIn signIn, ActivityLog log, Clock clock) {
        this.store = store;
        this.sessions = sessions;
        this.signIn = signIn;
        this.log = log;
        this.clock = clock;
    }

    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication came)
            throws IOException {
        // It is who they are elsewhere; here they are nobody yet.
        SecurityContextHolder.clearContext();
        if (!(came.getPrincipal() instanceof OidcUser there) || there.getIssuer() == null) {
            response.sendRedirect("/sign-in?school-account=failed");
            return;
        }
        String issuer = there.getIssuer().toString();
        CurrentUser here = sessions.user(request)
                .filter(user -> user.role() != CurrentUser.Role.STUDENT)
                .orElse(null);
        if (here != null) {
            boolean linked =
                    store.link(here.schoolId(), here.id(), issuer, there.getSubject(), OffsetDateTime.now(clock));
            if (linked) {
                log.add(here.schoolId(), here.id(), LogEvent.SCHOOL_ACCOUNT_LINKED, here.id());
            }
            response.sendRedirect("/account?school-account=" + (linked ? "linked" : "taken"));
            return;
        }
        Optional<CurrentUser> user = store.linked(issuer, there.getSubject())
                .flatMap(one -> signIn.staff(one.schoolId(), one.personId(), "school account"));
        if (user.isEmpty()) {
            response.sendRedirect("/sign-in?school-account=unknown");
            return;
        }
        sessions.begin(user.get(), request, response);
        response.sendRedirect("/activities");
    }

    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException failed)
            throws IOException {
        LOG.info("Somebody came back from the identity provider without being signed in: {}", failed.getMessage());
        response.sendRedirect("/sign-in?school-account=failed");
    }
}
