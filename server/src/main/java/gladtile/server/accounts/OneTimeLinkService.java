package gladtile.server.accounts;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.Optional;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Links that are good once and for a while. Whoever has one may do what it is for; only its hash is kept. */
@Component
public class OneTimeLinkService {
    /** What a link is for, and how long it is good. */
    public enum Purpose {
        SET_UP(Duration.ofHours(1)),
        INVITATION(Duration.ofDays(7)),
        PASSWORD(Duration.ofHours(24));

        private final Duration lasts;

        Purpose(Duration lasts) {
            this.lasts = lasts;
        }
    }

    /** @param schoolId null for setting up, and so is the person */
    public record Link(Purpose purpose, UUID schoolId, UUID personId, OffsetDateTime expiresAt) {}

    /** @param token stands in the link, and nowhere else */
    public record Made(String token, OffsetDateTime expiresAt) {}

    /** Beyond guessing. */
    private static final int BYTES = 32;

    private final OneTimeLinkStore store;
    private final Clock clock;
    private final SecureRandom chance = new SecureRandom();

    OneTimeLinkService(OneTimeLinkStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** The links that were made for the same before are good no longer. */
    public Made make(Purpose purpose, UUID schoolId, UUID personId) {
        byte[] token = new byte[BYTES];
        chance.nextBytes(token);
        String text = Base64.getUrlEncoder().withoutPadding().encodeToString(token);
        OffsetDateTime expires = OffsetDateTime.now(clock).plus(purpose.lasts);
        store.replace(SignInSource.hash(text), new Link(purpose, schoolId, personId, expires));
        return new Made(text, expires);
    }

    /** What it is for, where it is still good; it stays good. */
    public Optional<Link> look(String token) {
        return store.find(SignInSource.hash(token), OffsetDateTime.now(clock));
    }

    /** What it is for, where it was still good; it is good no longer, however many ask at once. */
    public Optional<Link> use(String token) {
        return store.take(SignInSource.hash(token), OffsetDateTime.now(clock));
    }

    /** All links of somebody are good no longer. */
    public void forget(UUID schoolId, UUID personId) {
        store.forget(schoolId, personId);
    }

    @Scheduled(fixedDelayString = "PT1H")
    void sweep() {
        store.sweep(OffsetDateTime.now(clock));
    }
}
