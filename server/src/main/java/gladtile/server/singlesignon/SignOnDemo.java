package gladtile.server.singlesignon;

import gladtile.server.accounts.StaffService;
import gladtile.server.support.GladProperties;
import java.time.Clock;
import java.time.OffsetDateTime;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** For the demo alone: its school signs in with the stand-in identity provider, and one of its teachers is connected already. */
@Component
class SignOnDemo {
    private final StaffService staff;
    private final IdentityProviderStore store;
    private final GladProperties properties;
    private final Clock clock;
    private final String issuer;

    /** @param issuer address of the stand-in; empty where it was not started */
    SignOnDemo(
            StaffService staff,
            IdentityProviderStore store,
            GladProperties properties,
            Clock clock,
            @Value("${glad.sso-demo:}") String issuer) {
        this.staff = staff;
        this.store = store;
        this.properties = properties;
        this.clock = clock;
        this.issuer = issuer;
    }

    @EventListener(ApplicationReadyEvent.class)
    void offer() {
        if (!properties.demo()) {
            return;
        }
        staff.schools().stream().limit(1).forEach(school -> {
            if (issuer.isEmpty()) {
                // Without the stand-in a button would lead nowhere.
                store.find(school.id())
                        .filter(one -> one.issuer().startsWith("http://127.0.0.1:"))
                        .ifPresent(one -> store.remove(school.id()));
                return;
            }
            store.set(new IdentityProvider(school.id(), "Hilltop school account", issuer, "glad-tile", "hilltop"));
            staff.of(school.id()).stream()
                    .filter(one -> one.signInName().equals("mira"))
                    .forEach(one -> store.link(school.id(), one.id(), issuer, "mira.sol", OffsetDateTime.now(clock)));
        });
    }
}
