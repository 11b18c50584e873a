package gladtile.server.support;

import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * The browsers that listen, by what they listen to. A browser that does not take what it is sent is let go; it comes
 * back by itself and asks for the whole anew, so nothing needs to be kept for it.
 */
public final class EventStreams<K> {
    /** Listeners to one thing; past this the oldest page need not hear of changes. */
    private static final int MOST = 2_000;

    private final Map<K, Set<SseEmitter>> listeners = new ConcurrentHashMap<>();
    /** What somebody is told is told in their language, whoever caused it. */
    private final Map<SseEmitter, Locale> languages = new ConcurrentHashMap<>();

    private final StreamRegistry people;

    /** @param people who listens, to anything */
    public EventStreams(StreamRegistry people) {
        this.people = people;
    }

    /** Opens a stream that listens to all of the keys. Its first event tells that everything from now on will be heard. */
    @SafeVarargs
    public final SseEmitter open(StreamRegistry.Listener by, K... keys) {
        SseEmitter emitter = new SseEmitter(0L);
        languages.put(emitter, LocaleContextHolder.getLocale());
        Runnable gone = () -> {
            languages.remove(emitter);
            for (K key : keys) {
                forget(key, emitter);
            }
        };
        emitter.onCompletion(gone);
        emitter.onTimeout(gone);
        emitter.onError(e -> gone.run());
        for (K key : keys) {
            listeners.compute(key, (k, there) -> {
                Set<SseEmitter> now = there == null ? ConcurrentHashMap.newKeySet() : there;
                if (now.size() < MOST) {
                    now.add(emitter);
                }
                return now;
            });
        }
        people.admit(by, emitter);
        send(keys[0], emitter, SseEmitter.event().name("listening").data("{}"));
        return emitter;
    }

    public boolean anyoneAt(K key) {
        return listeners.containsKey(key);
    }

    public void tell(K key, String event, Object data) {
        for (SseEmitter emitter : listeners.getOrDefault(key, Set.of())) {
            send(key, emitter, SseEmitter.event().name(event).data(data));
        }
    }

    /** A comment line now and then keeps proxies from closing the line and finds out who left. */
    public void beat() {
        listeners.forEach((key, there) ->
                there.forEach(emitter -> send(key, emitter, SseEmitter.event().comment("still here"))));
    }

    /** Ends every stream, so that the server need not wait for them when it stops. */
    public void close() {
        listeners.forEach((key, there) -> there.forEach(SseEmitter::complete));
        listeners.clear();
    }

    private void send(K key, SseEmitter emitter, SseEmitter.SseEventBuilder event) {
        LocaleContext before = LocaleContextHolder.getLocaleContext();
        LocaleContextHolder.setLocale(languages.get(emitter));
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException left) {
            forget(key, emitter);
        } finally {
            LocaleContextHolder.setLocaleContext(before);
        }
    }

    private void forget(K key, SseEmitter emitter) {
        listeners.computeIfPresent(key, (k, there) -> {
            there.remove(emitter);
            return there.isEmpty() ? null : there;
        });
    }
}
