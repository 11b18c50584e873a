package gladtile.server.support;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock, so that tests can bring their own. */
@Configuration
class Clocks {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
