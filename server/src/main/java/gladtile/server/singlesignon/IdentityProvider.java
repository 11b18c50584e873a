package gladtile.server.singlesignon;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.UUID;

/**
 * Where else the people of a school sign in (OpenID Connect Core 1.0).
 *
 * @param name as it stands on the button
 * @param issuer its address, https unless it is this machine
 * @param clientSecret empty for none
 */
record IdentityProvider(UUID schoolId, String name, String issuer, String clientId, String clientSecret) {
    static final int ADDRESS = 500;

    IdentityProvider {
        Bounds.text("provider.name", name, Bounds.PERSON_NAME);
        Bounds.text("provider.issuer", issuer, ADDRESS);
        Bounds.text("provider.clientId", clientId, ADDRESS);
        Bounds.text("provider.clientSecret", clientSecret, ADDRESS);
        if (name.isBlank() || clientId.isBlank()) {
            throw new OutOfBounds("provider.name", Message.of("bound.provider.name"));
        }
        if (!isAddress(issuer)) {
            throw new OutOfBounds("provider.issuer", Message.of("bound.provider.issuer"));
        }
    }

    private static boolean isAddress(String issuer) {
        try {
            URI at = new URI(issuer);
            boolean here = "http".equals(at.getScheme())
                    && ("127.0.0.1".equals(at.getHost()) || "localhost".equals(at.getHost()));
            return at.getHost() != null
                    && at.getQuery() == null
                    && at.getFragment() == null
                    && at.getUserInfo() == null
                    && ("https".equals(at.getScheme()) || here);
        } catch (URISyntaxException e) {
            return false;
        }
    }
}
