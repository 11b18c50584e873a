package gladtile.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Whether an assistant asks for a change: they see what a class does and change nothing. */
final class AssistantChanges implements RequestMatcher {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    /** Changes nothing. */
    private static final String SESSION = "/api/v1/session";

    @Override
    public boolean matches(HttpServletRequest request) {
        if (READING.contains(request.getMethod()) || request.getRequestURI().equals(SESSION)) {
            return false;
        }
        Authentication user = SecurityContextHolder.getContext().getAuthentication();
        return user != null
                && user.getPrincipal() instanceof CurrentUser one
                && one.role() == CurrentUser.Role.ASSISTANT;
    }
}
