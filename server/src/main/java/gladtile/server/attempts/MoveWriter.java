package gladtile.server.attempts;

import gladtile.server.attempts.MoveStore.Append;
import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;

/**
 * Writes the moves of many attempts in one statement and one commit: whatever came in while the last one was being
 * written goes together. Nothing waits for company, and nothing is acknowledged before it is on disk.
 */
@Component
class MoveWriter {
    private static final Logger LOG = LoggerFactory.getLogger(MoveWriter.class);
    private static final int MOST_TOGETHER = 64;
    private static final int WRITERS = 2;
    private static final long POLL_MS = 200;

    private final MoveStore store;
    private final BlockingQueue<Waiting> queue = new LinkedBlockingQueue<>();
    private final List<Thread> threads = new ArrayList<>();
    private volatile boolean stopped;

    MoveWriter(MoveStore store) {
        this.store = store;
        for (int i = 0; i < WRITERS; i++) {
            Thread thread = new Thread(this::work, "move-writer-" + i);
            thread.setDaemon(true);
            thread.start();
            threads.add(thread);
        }
    }

    private record Waiting(Append append, CompletableFuture<Boolean> done) {}

    /**
     * Appends moves durably.
     *
     * @return false when the attempt is not at the seq it was thought to be, so that nothing was written
     */
    boolean write(Append append) {
        CompletableFuture<Boolean> done = new CompletableFuture<>();
        queue.add(new Waiting(append, done));
        if (stopped) {
            throw new IllegalStateException("the server is stopping");
        }
        return done.join();
    }

    private void work() {
        List<Waiting> batch = new ArrayList<>();
        while (!stopped || !queue.isEmpty()) {
            try {
                Waiting first = queue.poll(POLL_MS, TimeUnit.MILLISECONDS);
                if (first != null) {
                    batch.add(first);
                    queue.drainTo(batch, MOST_TOGETHER - 1);
                    writeAll(batch);
                    batch.clear();
                }
            } catch (InterruptedException e) {
                stopped = true;
            }
        }
    }

    private void writeAll(List<Waiting> batch) {
        try {
            Set<UUID> stepped = store.append(batch.stream().map(Waiting::append).toList());
            batch.forEach(one -> one.done.complete(stepped.contains(one.append.attemptId())));
        } catch (DataAccessException together) {
            if (batch.size() == 1 && together instanceof DuplicateKeyException) {
                // A move that was made long ago came again: the attempt is read anew, with all its moves.
                batch.get(0).done.complete(false);
                return;
            }
            if (batch.size() == 1) {
                batch.get(0).done.completeExceptionally(together);
                return;
            }
            // One that cannot be written must not take the others with it.
            LOG.warn("{} attempts could not be written together; writing each by itself", batch.size(), together);
            batch.forEach(one -> writeAll(List.of(one)));
        } catch (RuntimeException | Error unexpected) {
            // Whatever went wrong with these, the moves of others go on being written.
            LOG.error("{} attempts could not be written", batch.size(), unexpected);
            batch.forEach(one -> one.done.completeExceptionally(unexpected));
        }
    }

    @PreDestroy
    void stop() throws InterruptedException {
        stopped = true;
        for (Thread thread : threads) {
            thread.join(TimeUnit.SECONDS.toMillis(5));
        }
    }
}
