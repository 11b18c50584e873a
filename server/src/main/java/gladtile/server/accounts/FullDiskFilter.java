package gladtile.server.accounts;

import gladtile.server.support.DiskRoom;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** With the disk as good as full, changes are turned away in one clear sentence, and everything can still be read. */
final class FullDiskFilter extends OncePerRequestFilter {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    /** What must go on: signing in and out write next to nothing. */
    private static final String SESSION = "/session";

    private final DiskRoom disk;

    FullDiskFilter(DiskRoom disk) {
        this.disk = disk;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean changes = path.startsWith("/api/") && !READING.contains(request.getMethod()) && !path.endsWith(SESSION);
        if (changes && disk.now().state() == DiskRoom.State.FULL) {
            SecurityConfig.answer(
                    response,
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "The server's disk is full, so nothing more is saved there. What was saved is safe. Tell an administrator.");
            return;
        }
        chain.doFilter(request, response);
    }
}
