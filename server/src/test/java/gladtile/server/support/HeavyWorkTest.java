package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class HeavyWorkTest {
    @Test
    void of_one_person_only_some_wait_and_others_get_their_turn() throws Exception {
        HeavyWork heavy = new HeavyWork();
        UUID greedy = UUID.randomUUID();
        CountDownLatch go = new CountDownLatch(1);
        CountDownLatch asked = new CountDownLatch(60 - HeavyWork.EACH);
        AtomicInteger atOnce = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        ExecutorService many = Executors.newCachedThreadPool();
        try {
            List<Future<Boolean>> all = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                all.add(many.submit(() -> {
                    try {
                        return heavy.run(greedy, () -> {
                            most.accumulateAndGet(atOnce.incrementAndGet(), Math::max);
                            await(go);
                            atOnce.decrementAndGet();
                            return true;
                        });
                    } catch (Problem tooMuch) {
                        asked.countDown();
                        return false;
                    }
                }));
            }
            asked.await();
            Future<String> other = many.submit(() -> heavy.run(UUID.randomUUID(), () -> "done"));
            go.countDown();
            assertThat(other.get()).isEqualTo("done");
            int done = 0;
            for (Future<Boolean> one : all) {
                done += one.get() ? 1 : 0;
            }
            assertThat(done).isEqualTo(HeavyWork.EACH);
            assertThat(most).hasValueLessThanOrEqualTo(HeavyWork.AT_ONCE);
            // Once all is done it can be asked again.
            assertThat(heavy.run(greedy, () -> 1)).isEqualTo(1);
        } finally {
            many.shutdownNow();
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
