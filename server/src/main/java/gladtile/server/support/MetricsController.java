package gladtile.server.support;

import io.micrometer.prometheusmetrics.PrometheusMeterRegistry;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Figures of the running program in the format of Prometheus, for this machine alone. */
@RestController
@Hidden
class MetricsController {
    /** A proxy on this machine that nobody told us of says for whom it asks; that is not this machine. */
    private static final List<String> PROXIED = List.of("X-Forwarded-For", "Forwarded", "X-Forwarded-Host", "Via");

    private final PrometheusMeterRegistry registry;

    MetricsController(PrometheusMeterRegistry registry) {
        this.registry = registry;
    }

    @GetMapping(value = "/metrics", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<String> metrics(HttpServletRequest request) {
        String from = request.getRemoteAddr();
        boolean here = from.startsWith("127.") || from.equals("::1") || from.equals("0:0:0:0:0:0:0:1");
        if (!here || PROXIED.stream().anyMatch(name -> request.getHeader(name) != null)) {
            throw Problem.of(HttpStatus.NOT_FOUND, "There is nothing here.");
        }
        return ResponseEntity.ok(registry.scrape());
    }
}
