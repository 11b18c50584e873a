package gladtile.server.accounts;

import gladtile.server.support.ComputingBudget;
import gladtile.server.support.DelayedResponse;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Requests of one person that are answered at the same time. Who sends more takes the threads that answer the others, and
 * is asked to come again; so is who has used up what is computed for them.
 */
final class RequestBytesFilter extends OncePerRequestFilter {
    /** Browsers send six at once; somebody may have two devices and several pages open. */
    static final int EACH = 16;
    /** Bytes that one person may be sending at the same time: three of the largest files, and what is sent beside them. */
    static final long BYTES_EACH = 64L * 1024 * 1024;
    /** What a body counts whose length is not told before. */
    private static final long UNTOLD = 2L * 1024 * 1024;

    private final ComputingBudget budget;
    private final DelayedResponse later = new DelayedResponse();
    private final Map<UUID, Integer> answered = new ConcurrentHashMap<>();
    private final Map<UUID, Long> sending = new ConcurrentHashMap<>();

    RequestBytesFilter(ComputingBudget budget) {
        this.budget = budget;
    }

    /** Who asks is read from the session, and so from the database: for what anybody may have, that need not be. */
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return !path.startsWith("/api/") || path.equals("/api/health");
    }

    private static boolean computes(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.endsWith("/moves") || path.endsWith("/tries") || path.equals("/api/v1/typed-trials");
    }

    private static long length(HttpServletRequest request) {
        long told = request.getContentLengthLong();
        boolean body = told > 0 || request.getHeader("Transfer-Encoding") != null;
        // What is told can be any number; beyond the most that is taken it makes no difference.
        return told > 0 ? Math.min(told, BYTES_EACH) : body ? UNTOLD : 0;
    }

    private static void refuse(HttpServletResponse response) {
        try {
            SecurityConfig.answer(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too much is asked at once. Nothing was changed. Try again in a moment.");
        } catch (IOException gone) {
            // Who asked is not there any more, so there is nobody to answer.
            throw new UncheckedIOException(gone);
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication asks = SecurityContextHolder.getContext().getAuthentication();
        if (asks == null || !(asks.getPrincipal() instanceof CurrentUser user)) {
            chain.doFilter(request, response);
            return;
        }
        int mine = answered.merge(user.id(), 1, Integer::sum);
        long length = length(request);
        long bytes = sending.merge(user.id(), length, Long::sum);
        try {
            // One alone is bounded where it is read, whatever it says of its length.
            boolean tooMuch = bytes > BYTES_EACH && bytes > length;
            if (mine > EACH || tooMuch || computes(request) && budget.isUsedUp(user.id())) {
                later.answer(request, () -> refuse(response));
            } else {
                chain.doFilter(request, response);
            }
        } finally {
            answered.merge(user.id(), -1, (a, b) -> a + b == 0 ? null : a + b);
            sending.merge(user.id(), -length, (a, b) -> a + b == 0 ? null : a + b);
        }
    }
}
