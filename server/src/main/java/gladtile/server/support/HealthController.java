package gladtile.server.support;

import io.swagger.v3.oas.annotations.Hidden;
import org.jooq.DSLContext;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the server can do its work: everything is loaded and the database answers. */
@RestController
class HealthController {
    private final DSLContext db;
    private volatile boolean ready;

    HealthController(DSLContext db) {
        this.db = db;
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        ready = true;
    }

    @Hidden
    @GetMapping("/api/health")
    ResponseEntity<Void> health() {
        if (!ready) {
            return ResponseEntity.status(503).build();
        }
        db.selectOne().fetch();
        return ResponseEntity.noContent().build();
    }
}
