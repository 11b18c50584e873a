package gladtile.server.support;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.http.HttpServletRequest;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Answers that are given a second later, without a thread that waits. Who asks for too much asks again as soon as they are
 * refused; so a refusal that takes its time costs a server less than a quick one.
 */
public final class DelayedResponse {
    private static final long DELAY_MS = 1_000;
    /** Each holds its connection and little more. */
    private static final int MOST = 2_000;

    private final AtomicInteger held = new AtomicInteger();
    private final ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "later");
        thread.setDaemon(true);
        return thread;
    });

    /** @param answer writes the response; at once where very many are held already */
    public void answer(HttpServletRequest request, Runnable answer) {
        if (held.incrementAndGet() > MOST || !request.isAsyncSupported()) {
            held.decrementAndGet();
            answer.run();
            return;
        }
        AsyncContext waiting = request.startAsync();
        waiting.setTimeout(0);
        timer.schedule(
                () -> {
                    try {
                        answer.run();
                    } finally {
                        held.decrementAndGet();
                        waiting.complete();
                    }
                },
                DELAY_MS,
                TimeUnit.MILLISECONDS);
    }
}
