package gladtile.server.live;

import gladtile.server.assignments.AssignmentService.AssignmentChanged;
import gladtile.server.attempts.AttemptChanged;
import gladtile.server.attempts.AttemptService.Opened;
import gladtile.server.review.ReviewService.SentBack;
import gladtile.server.support.EventStreams;
import gladtile.server.support.NodeEvents;
import gladtile.server.support.StreamRegistry;
import gladtile.server.support.StreamRegistry.Listener;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open student pages what changed: another device or a team mate made a move, the teacher holds everyone, says a
 * word, sends work back. Only that something changed is told; the page asks for what it may see.
 */
@Component
public class StudentNews {
    private static final String MOVED = "moved:";
    private static final String AROUND = "around:";

    /** Attempts, and under the assignment's id all of them. */
    private final EventStreams<UUID> streams;

    private final Map<UUID, Long> moved = new LinkedHashMap<>();
    private final Set<UUID> around = new LinkedHashSet<>();
    private final NodeEvents nodes;
    private final ApplicationEventPublisher events;
    private volatile boolean closing;

    StudentNews(StreamRegistry listeners, NodeEvents nodes, ApplicationEventPublisher events) {
        streams = new EventStreams<>(listeners);
        this.nodes = nodes;
        this.events = events;
    }

    /** A student's page was opened or closed. */
    record Presence(UUID schoolId, UUID assignmentId, UUID holderId, UUID attemptId) {}

    public SseEmitter open(Listener by, Opened opened) {
        UUID assignmentId = opened.assignment().id();
        Presence presence = new Presence(
                opened.assignment().schoolId(), assignmentId, opened.assignee().id(), opened.id());
        SseEmitter emitter = streams.open(by, opened.id(), assignmentId);
        emitter.onCompletion(() -> {
            if (!closing) {
                events.publishEvent(presence);
            }
        });
        events.publishEvent(presence);
        return emitter;
    }

    /** Whether a page of that attempt is open, on this machine. */
    boolean isHere(UUID attemptId) {
        return streams.anyoneAt(attemptId);
    }

    @EventListener
    void changedHere(AttemptChanged change) {
        moved(change.attemptId(), change.seq());
        nodes.tell(MOVED + change.attemptId() + ":" + change.seq());
    }

    @EventListener
    void changed(AssignmentChanged change) {
        around(change.id());
    }

    @EventListener
    void sentBack(SentBack sent) {
        tellAround(sent.attemptId());
    }

    /** Something around an attempt, or around all of an assignment's, is otherwise now. */
    public void tellAround(UUID id) {
        around(id);
        nodes.tell(AROUND + id);
    }

    @EventListener
    void changedThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(MOVED)) {
            String[] parts = heard.what().split(":");
            moved(UUID.fromString(parts[1]), Long.parseLong(parts[2]));
        } else if (heard.what().startsWith(AROUND)) {
            around(UUID.fromString(heard.what().substring(AROUND.length())));
        }
    }

    private void around(UUID id) {
        if (streams.anyoneAt(id)) {
            synchronized (moved) {
                around.add(id);
            }
        }
    }

    private void moved(UUID id, long seq) {
        if (streams.anyoneAt(id)) {
            synchronized (moved) {
                moved.merge(id, seq, Math::max);
            }
        }
    }

    /** @param seq by which a page knows whether it was its own move */
    record MovedTo(long seq) {}

    @Scheduled(fixedDelay = 100)
    void tell() {
        Map<UUID, Long> nowMoved;
        Set<UUID> nowAround;
        synchronized (moved) {
            nowMoved = new LinkedHashMap<>(moved);
            nowAround = new LinkedHashSet<>(around);
            moved.clear();
            around.clear();
        }
        nowMoved.forEach((id, seq) -> streams.tell(id, "moved", new MovedTo(seq)));
        nowAround.forEach(id -> streams.tell(id, "around", "{}"));
    }

    @Scheduled(fixedDelay = 15_000)
    void beat() {
        streams.beat();
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        closing = true;
        streams.close();
    }
}
