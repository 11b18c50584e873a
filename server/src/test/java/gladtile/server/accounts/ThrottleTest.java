package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.accounts.Throttle.Limit;
import gladtile.server.support.Locks;
import gladtile.server.testkit.RealServer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;

@ExtendWith(RealServer.class)
class ThrottleTest {
    /** A clock that a test moves on. */
    private static final class Hand extends Clock {
        private Instant now = Instant.parse("2026-11-24T12:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private final Hand clock = new Hand();

    private Throttle throttle(RealServer server) {
        return new Throttle(
                server.bean(ThrottleStore.class),
                server.bean(Locks.class),
                server.bean(TransactionTemplate.class),
                clock);
    }

    private static Limit three() {
        return new Limit("test:" + UUID.randomUUID(), 3, Duration.ofMinutes(10));
    }

    @Test
    void a_try_frees_its_place_when_its_time_is_over_and_the_wait_is_told_to_the_second(RealServer server) {
        Throttle throttle = throttle(server);
        Limit limit = three();
        for (int left = 2; left >= 0; left--) {
            assertThat(throttle.begin(List.of(limit))).isInstanceOfSatisfying(Throttle.Counted.class, one -> {});
            clock.now = clock.now.plus(Duration.ofMinutes(2));
        }
        assertThat(throttle.begin(List.of(limit))).isEqualTo(new Throttle.Full(Duration.ofMinutes(4)));
        clock.now = clock.now.plus(Duration.ofMinutes(4));
        assertThat(throttle.begin(List.of(limit)))
                .isInstanceOfSatisfying(
                        Throttle.Counted.class, one -> assertThat(one.left()).isZero());
        assertThat(throttle.begin(List.of(limit))).isInstanceOf(Throttle.Full.class);
    }

    @Test
    void a_try_that_was_right_counts_nowhere_and_forgives_what_failed_there(RealServer server) {
        Throttle throttle = throttle(server);
        Limit here = three();
        Limit everywhere = three();
        throttle.begin(List.of(here, everywhere));
        Throttle.Counted right = (Throttle.Counted) throttle.begin(List.of(here, everywhere));
        assertThat(right.left()).isEqualTo(1);
        throttle.succeeded(right.id(), here.counted());
        Throttle.Counted next = (Throttle.Counted) throttle.begin(List.of(here));
        assertThat(next.left()).isEqualTo(2);
        // What failed elsewhere still counts: who is right once must not pay for others' guesses.
        assertThat(((Throttle.Counted) throttle.begin(List.of(everywhere))).left())
                .isEqualTo(1);
    }

    @Test
    void one_full_limit_is_enough_and_nothing_is_counted_then(RealServer server) {
        Throttle throttle = throttle(server);
        Limit full = three();
        Limit free = three();
        for (int i = 0; i < 3; i++) {
            throttle.begin(List.of(full));
        }
        assertThat(throttle.begin(List.of(full, free))).isInstanceOf(Throttle.Full.class);
        assertThat(((Throttle.Counted) throttle.begin(List.of(free))).left()).isEqualTo(2);
    }

    @Test
    void addresses_of_one_house_are_one(RealServer server) {
        assertThat(SignInSource.network("2001:db8:1:2:3:4:5:6")).isEqualTo(SignInSource.network("2001:db8:1:2::1"));
        assertThat(SignInSource.network("2001:db8:1:2::1")).isNotEqualTo(SignInSource.network("2001:db8:1:3::1"));
        assertThat(SignInSource.network("192.0.2.7")).isEqualTo("192.0.2.7");
    }
}
