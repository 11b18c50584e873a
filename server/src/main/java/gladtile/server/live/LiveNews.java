package gladtile.server.live;

import gladtile.server.assignments.Assignments;
import gladtile.server.attempts.AttemptChanged;
import gladtile.server.support.NodeNews;
import gladtile.server.support.Streams;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open quilts which student's row changed. Changes are gathered for a moment: a child that drops ten pieces in
 * a second costs one row, and no move waits for a teacher's browser.
 */
@Component
class LiveNews {
    private static final String TOPIC = "attempt:";
    private final Streams<UUID> streams = new Streams<>();
    private final Set<AttemptChanged> waiting = new LinkedHashSet<>();
    private final NodeNews nodes;
    private final Quilts quilts;
    private final Assignments assignments;

    LiveNews(NodeNews nodes, Quilts quilts, Assignments assignments) {
        this.nodes = nodes;
        this.quilts = quilts;
        this.assignments = assignments;
    }

    SseEmitter open(UUID assignmentId) {
        return streams.open(assignmentId);
    }

    @EventListener
    void changedHere(AttemptChanged change) {
        gather(change);
        nodes.tell(TOPIC + change.schoolId() + ":" + change.assignmentId() + ":" + change.studentId());
    }

    @EventListener
    void changedThere(NodeNews.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            String[] ids = heard.what().split(":");
            gather(new AttemptChanged(UUID.fromString(ids[1]), UUID.fromString(ids[2]), UUID.fromString(ids[3])));
        }
    }

    private void gather(AttemptChanged change) {
        if (streams.anyoneAt(change.assignmentId())) {
            synchronized (waiting) {
                waiting.add(change);
            }
        }
    }

    @Scheduled(fixedDelay = 100)
    void tell() {
        Set<AttemptChanged> now;
        synchronized (waiting) {
            now = new LinkedHashSet<>(waiting);
            waiting.clear();
        }
        for (AttemptChanged change : now) {
            assignments
                    .anyones(change.schoolId(), change.assignmentId())
                    .flatMap(assignment -> quilts.row(assignment, change.studentId()))
                    .ifPresent(row -> streams.tell(change.assignmentId(), "row", row));
        }
    }

    @Scheduled(fixedDelay = 15_000)
    void beat() {
        streams.beat();
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        streams.close();
    }
}
