package gladtile.server.support;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Whether the server can do its work: everything is loaded and the database answers. It is asked now and then; who asks
 * after the health is answered at once by what was found last, also while the database does not answer at all.
 */
@RestController
class HealthController {
    private static final Logger LOG = LoggerFactory.getLogger(HealthController.class);
    private static final int EVERY_MS = 500;
    /** A database that has said nothing for so long is away. */
    private static final Duration PATIENCE = Duration.ofMillis(900);

    private final DSLContext db;
    private final Clock clock;
    private final ScheduledExecutorService asking = Executors.newSingleThreadScheduledExecutor();
    private volatile boolean ready;
    private volatile Instant asked = Instant.MIN;
    private volatile Instant answered = Instant.MIN;
    private volatile boolean away;

    HealthController(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        ask();
        // A thread of its own: those of the other tasks may all be waiting for the database.
        asking.scheduleWithFixedDelay(this::ask, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
        ready = true;
    }

    @PreDestroy
    void stop() {
        asking.shutdownNow();
    }

    private void ask() {
        asked = clock.instant();
        try {
            db.selectOne().fetch();
            answered = clock.instant();
            if (away) {
                LOG.info("the database is back");
            }
            away = false;
        } catch (DataAccessException | org.springframework.dao.DataAccessException e) {
            if (!away) {
                LOG.warn("the database does not answer: {}", e.getMessage());
            }
            away = true;
        }
    }

    private boolean isWell() {
        // A question that hangs is no answer either.
        boolean hangs = answered.isBefore(asked)
                && Duration.between(asked, clock.instant()).compareTo(PATIENCE) > 0;
        return ready && !away && !hangs;
    }

    @Hidden
    @GetMapping("/api/health")
    ResponseEntity<Void> health() {
        return isWell()
                ? ResponseEntity.noContent().build()
                : ResponseEntity.status(503).build();
    }
}
