package gladtile.server.activities;

import gladtile.server.support.EventStreams;
import gladtile.server.support.NodeEvents;
import gladtile.server.support.StreamRegistry;
import gladtile.server.support.StreamRegistry.Listener;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells the open workbenches of an activity, here and on other machines, that it changed. */
@Component
class ActivityNews {
    private static final String TOPIC = "activity:";
    private final EventStreams<UUID> streams;
    private final NodeEvents nodes;

    ActivityNews(StreamRegistry listeners, NodeEvents nodes) {
        streams = new EventStreams<>(listeners);
        this.nodes = nodes;
    }

    /** @param seq the newest edit known of; 0 where only the change itself is known */
    record Changed(long seq) {}

    SseEmitter open(Listener by, UUID activityId) {
        return streams.open(by, activityId);
    }

    /** Where somebody is. @param pageId empty when they have left */
    record Where(UUID workbench, String name, String pageId, List<String> itemIds) {}

    void tellWhere(UUID activityId, String name, ActivityController.Here here) {
        streams.tell(activityId, "where", new Where(here.workbench(), name, here.pageId(), here.itemIds()));
    }

    @EventListener
    void changedHere(ActivityChanged change) {
        streams.tell(change.activityId(), "changed", new Changed(change.seq()));
        nodes.tell(TOPIC + change.activityId());
    }

    @EventListener
    void changedThere(NodeEvents.Heard heard) {
        if (heard.what().startsWith(TOPIC)) {
            streams.tell(UUID.fromString(heard.what().substring(TOPIC.length())), "changed", new Changed(0));
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
