package gladtile.server.support;

import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Whose streams are open: nobody has more than a few, and none goes on once its session has ended. */
@Component
public class StreamRegistry {
    /** Open pages of one person on all devices of this machine; of more, the oldest is let go. */
    static final int EACH = 12;

    private static final String TOPIC = "signed-out:";

    private final Map<UUID, Deque<Open>> open = new ConcurrentHashMap<>();
    private final NodeEvents nodes;
    private final ApplicationEventPublisher events;

    StreamRegistry(NodeEvents nodes, ApplicationEventPublisher events) {
        this.nodes = nodes;
        this.events = events;
    }

    /** @param session the value of its cookie */
    public record Listener(UUID personId, String session) {}

    private record Open(String session, SseEmitter emitter) {}

    void admit(Listener by, SseEmitter emitter) {
        Open mine = new Open(by.session(), emitter);
        emitter.onCompletion(() -> open.computeIfPresent(by.personId(), (id, all) -> {
            all.remove(mine);
            return all.isEmpty() ? null : all;
        }));
        Open[] oldest = new Open[1];
        open.compute(by.personId(), (id, there) -> {
            Deque<Open> all = there == null ? new ConcurrentLinkedDeque<>() : there;
            all.addLast(mine);
            oldest[0] = all.size() > EACH ? all.removeFirst() : null;
            return all;
        });
        if (oldest[0] != null) {
            oldest[0].emitter.complete();
        }
    }

    int of(UUID personId) {
        Deque<Open> all = open.get(personId);
        return all == null ? 0 : all.size();
    }

    @EventListener
    void signedOut(SignedOut out) {
        Deque<Open> all = open.get(out.personId());
        if (all != null) {
            List<Open> ended = all.stream()
                    .filter(one -> out.session() == null || out.session().equals(one.session))
                    .toList();
            ended.forEach(one -> one.emitter.complete());
        }
        if (out.here()) {
            nodes.tell(TOPIC + out.personId() + ":" + (out.session() == null ? "" : out.session()));
        }
    }

    @EventListener
    void signedOutThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            String[] parts = heard.what().substring(TOPIC.length()).split(":", 2);
            events.publishEvent(new SignedOut(UUID.fromString(parts[0]), parts[1].isEmpty() ? null : parts[1], false));
        }
    }
}
