package gladtile.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.server.PathContainer;
import org.springframework.web.filter.ShallowEtagHeaderFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/** Lists that are asked for again and again carry an ETag, and are not sent again to whoever has them already. */
@Configuration
class ListTags {
    /** News of a change says only that there is one: each of these is fetched anew then. */
    private static final List<PathPattern> POLLED = List.of(
                    "/api/v1/activities",
                    "/api/v1/activities/{id}/page-check",
                    "/api/v1/assignments",
                    "/api/v1/assignments/{id}/progress",
                    "/api/v1/assignments/{id}/results",
                    "/api/v1/assignments/{id}/reviews",
                    "/api/v1/attempts/{id}/messages",
                    "/api/v1/classes",
                    "/api/v1/home",
                    "/api/v1/library",
                    "/api/v1/notices",
                    "/api/v1/outbox",
                    "/api/v1/school/people",
                    "/api/v1/student-requests",
                    "/api/v1/to-review")
            .stream()
            .map(PathPatternParser.defaultInstance::parse)
            .toList();

    static boolean isPolled(String path) {
        PathContainer parsed = PathContainer.parsePath(path);
        return POLLED.stream().anyMatch(one -> one.matches(parsed));
    }

    @Bean
    ShallowEtagHeaderFilter listTagFilter() {
        return new ShallowEtagHeaderFilter() {
            @Override
            protected boolean shouldNotFilter(HttpServletRequest request) {
                return !"GET".equals(request.getMethod()) || !isPolled(request.getRequestURI());
            }
        };
    }
}
