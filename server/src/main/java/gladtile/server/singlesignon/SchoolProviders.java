package gladtile.server.singlesignon;

import gladtile.server.support.GladProperties;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.oauth2.client.registration.ClientRegistration;
import org.springframework.security.oauth2.client.registration.ClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.ClientRegistrations;
import org.springframework.stereotype.Component;

/** The identity provider as the framework asks for it: what it says of itself is fetched once and kept until it is changed. */
@Component
public class SchoolProviders implements ClientRegistrationRepository {
    static final String ID = "school";
    private static final Logger LOG = LoggerFactory.getLogger(SchoolProviders.class);

    private final IdentityProviderStore store;
    private final GladProperties properties;
    private final AtomicReference<Known> known = new AtomicReference<>();

    private record Known(IdentityProvider provider, ClientRegistration registration) {}

    SchoolProviders(IdentityProviderStore store, GladProperties properties) {
        this.store = store;
        this.properties = properties;
    }

    /** The one of this installation; empty where there is none, or several. */
    Optional<IdentityProvider> provider() {
        return store.only();
    }

    Optional<IdentityProvider> provider(UUID schoolId) {
        return store.find(schoolId);
    }

    /** Whether it can be reached and says of itself what it has to. */
    boolean answers(IdentityProvider provider) {
        return fetch(provider).isPresent();
    }

    @Override
    public ClientRegistration findByRegistrationId(String id) {
        IdentityProvider provider = ID.equals(id) ? provider().orElse(null) : null;
        if (provider == null) {
            return null;
        }
        Known last = known.get();
        if (last != null && last.provider().equals(provider)) {
            return last.registration();
        }
        Optional<ClientRegistration> fetched = fetch(provider);
        fetched.ifPresent(one -> known.set(new Known(provider, one)));
        return fetched.orElse(null);
    }

    private Optional<ClientRegistration> fetch(IdentityProvider provider) {
        String base = properties.address() == null
                ? "{baseUrl}"
                : properties.address().toString().replaceAll("/+$", "");
        try {
            return Optional.of(ClientRegistrations.fromOidcIssuerLocation(provider.issuer())
                    .registrationId(ID)
                    .clientId(provider.clientId())
                    .clientSecret(provider.clientSecret())
                    // What stays the same whatever somebody is called; their name and address are not asked for.
                    .scope("openid")
                    .redirectUri(base + "/sign-in/back")
                    .build());
        } catch (IllegalArgumentException | IllegalStateException e) {
            LOG.warn(
                    "The identity provider of the school did not answer, or not as it should: {}",
                    provider.issuer(),
                    e);
            return Optional.empty();
        }
    }
}
