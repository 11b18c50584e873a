package gladtile.server.live;

import gladtile.core.analysis.Stuck;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.assignments.AssignmentService.AssignmentChanged;
import gladtile.server.attempts.AttemptChanged;
import gladtile.server.review.ReviewService.SentBack;
import gladtile.server.support.EventStreams;
import gladtile.server.support.NodeEvents;
import gladtile.server.support.StreamRegistry;
import gladtile.server.support.StreamRegistry.Listener;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells open class progress which student's row changed. Changes are gathered for a moment: a child that drops ten pieces in
 * a second costs one row, and no move waits for a teacher's browser.
 */
@Component
class LiveNews {
    private static final String TOPIC = "attempt:";
    private final EventStreams<UUID> streams;
    /** By attempt; of several changes within a moment only the last is told. */
    private final Map<UUID, AttemptChanged> waiting = new LinkedHashMap<>();
    /** The assignments whose class progress is open, with their schools. */
    private final Map<UUID, UUID> schools = new ConcurrentHashMap<>();

    /** Who was told to be stuck. */
    private final Map<UUID, Map<UUID, Stuck>> stuck = new ConcurrentHashMap<>();

    /** Those with moves since the hardest placements were told. */
    private final Set<UUID> moving = ConcurrentHashMap.newKeySet();

    private final NodeEvents nodes;
    private final ProgressService progress;
    private final AssignmentService assignments;

    LiveNews(StreamRegistry listeners, NodeEvents nodes, ProgressService progress, AssignmentService assignments) {
        streams = new EventStreams<>(listeners);
        this.nodes = nodes;
        this.progress = progress;
        this.assignments = assignments;
    }

    SseEmitter open(Listener by, UUID schoolId, UUID assignmentId) {
        schools.put(assignmentId, schoolId);
        return streams.open(by, assignmentId);
    }

    @EventListener
    void changedHere(AttemptChanged change) {
        gather(change);
        nodes.tell(TOPIC + change.schoolId() + ":" + change.assignmentId() + ":" + change.holderId() + ":"
                + change.attemptId());
    }

    @EventListener
    void changedThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            String[] ids = heard.what().split(":");
            gather(new AttemptChanged(
                    UUID.fromString(ids[1]),
                    UUID.fromString(ids[2]),
                    UUID.fromString(ids[3]),
                    UUID.fromString(ids[4]),
                    AttemptChanged.ANEW));
        }
    }

    @EventListener
    void sentBack(SentBack sent) {
        changedHere(new AttemptChanged(
                sent.assignment().schoolId(),
                sent.assignment().id(),
                sent.holderId(),
                sent.attemptId(),
                AttemptChanged.ANEW));
    }

    /** Who is here is seen on the machine only whose page it is. */
    @EventListener
    void cameOrWent(StudentNews.Presence presence) {
        gather(new AttemptChanged(
                presence.schoolId(),
                presence.assignmentId(),
                presence.holderId(),
                presence.attemptId(),
                AttemptChanged.ANEW));
    }

    @EventListener
    void changed(AssignmentChanged change) {
        streams.tell(change.id(), "around", "{}");
    }

    /** Somebody is stuck because time goes by, and nothing else tells of that. */
    record StuckNow(UUID id, Stuck stuck) {}

    @Scheduled(fixedDelay = 4_000)
    void tellStuck() {
        for (Map.Entry<UUID, UUID> open : schools.entrySet()) {
            UUID id = open.getKey();
            if (!streams.anyoneAt(id)) {
                schools.remove(id);
                stuck.remove(id);
                continue;
            }
            Assignment assignment = assignments.anyones(open.getValue(), id).orElseThrow();
            Map<UUID, Stuck> now = progress.stuck(assignment);
            if (!now.equals(stuck.put(id, now))) {
                streams.tell(
                        id,
                        "stuck",
                        now.entrySet().stream()
                                .map(one -> new StuckNow(one.getKey(), one.getValue()))
                                .toList());
            }
        }
    }

    /** It takes reading everybody's work, so it is told less often; what is hardest does not change in a second. */
    @Scheduled(fixedDelay = 20_000)
    void tellHardest() {
        for (Map.Entry<UUID, UUID> open : schools.entrySet()) {
            UUID id = open.getKey();
            if (streams.anyoneAt(id) && moving.remove(id)) {
                assignments
                        .anyones(open.getValue(), id)
                        .ifPresent(one -> streams.tell(id, "hardest", progress.hardest(one)));
            }
        }
    }

    private void gather(AttemptChanged change) {
        if (streams.anyoneAt(change.assignmentId())) {
            moving.add(change.assignmentId());
            synchronized (waiting) {
                waiting.put(change.attemptId(), change);
            }
        }
    }

    @Scheduled(fixedDelay = 100)
    void tell() {
        List<AttemptChanged> now;
        synchronized (waiting) {
            now = List.copyOf(waiting.values());
            waiting.clear();
        }
        for (AttemptChanged change : now) {
            assignments
                    .anyones(change.schoolId(), change.assignmentId())
                    .flatMap(assignment -> progress.row(
                            assignment,
                            change.holderId(),
                            change.attemptId(),
                            stuck.getOrDefault(change.assignmentId(), Map.of()).get(change.holderId())))
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
