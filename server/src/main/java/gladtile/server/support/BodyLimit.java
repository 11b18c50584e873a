package gladtile.server.support;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies past a bound before anything reads them. Uploads have their own bound, in the multipart settings. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {
    static final long MOST_BYTES = 4 * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        boolean upload = type != null && type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
        boolean unknown = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (!upload && (request.getContentLengthLong() > MOST_BYTES || unknown)) {
            response.setStatus(413);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getWriter().write("""
                            {"type":"about:blank","title":"Content Too Large","status":413,"bound":"request.bytes",\
                            "detail":"A request has at most 4 MB and says its length. Nothing was changed."}""");
            return;
        }
        chain.doFilter(request, response);
    }
}
