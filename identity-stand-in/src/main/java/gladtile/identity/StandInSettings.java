package gladtile.identity;

import java.net.URI;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * @param issuer its own address
 * @param back where people may be sent back to
 */
@ConfigurationProperties("identity")
record StandInSettings(URI issuer, List<URI> back) {}
