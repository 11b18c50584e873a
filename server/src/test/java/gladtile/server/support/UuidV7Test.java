package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class UuidV7Test {
    /** The example of RFC 9562, appendix A.6: 2022-02-22T19:22:22.00Z is 017F22E2-79B0. */
    @Test
    void its_first_48_bits_are_the_milliseconds_of_the_published_example() {
        Clock clock = Clock.fixed(Instant.parse("2022-02-22T19:22:22Z"), ZoneOffset.UTC);
        UUID id = UuidV7.make(clock);
        assertThat(id.toString()).startsWith("017f22e2-79b0-7");
        assertThat(id.version()).isEqualTo(7);
        assertThat(id.variant()).isEqualTo(2);
    }
}
