package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.net.http.HttpHeaders;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What browsers are told with every answer; names and values as OWASP's cheat sheet on HTTP headers has them (from memory). */
@ExtendWith(RealServer.class)
class HeadersTest {
    @Test
    void every_answer_tells_the_browser_what_it_must_not_do(RealServer server) {
        School school = new School(server);
        for (String path : new String[] {"/api/v1/me", "/api/v1/activities", "/api/v1/nothing-there", "/api/health"}) {
            HttpHeaders headers = school.asTeacher().raw(path).headers();
            assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                    .as(path)
                    .contains("default-src 'self'", "object-src 'none'", "frame-ancestors 'none'", "base-uri 'self'");
            assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
            assertThat(headers.firstValue("X-Frame-Options")).contains("DENY");
            assertThat(headers.firstValue("Referrer-Policy")).contains("no-referrer");
            assertThat(headers.firstValue("Permissions-Policy").orElse(""))
                    .contains("camera=(self)", "microphone=(self)", "geolocation=()", "usb=()");
            assertThat(headers.firstValue("Cache-Control").orElse("")).contains("no-store");
            // What the server is made of is nobody's business.
            assertThat(headers.firstValue("Server")).isEmpty();
            assertThat(headers.firstValue("X-Powered-By")).isEmpty();
        }
    }
}
