package gladtile.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * The devices on which somebody signed in before. Who guesses from elsewhere can make the owner of an account wait
 * there, but not on a device that the account was used on.
 */
@Component
class KnownDevices {
    /** Cookies last no longer than this in today's browsers. */
    private static final Duration LASTS = Duration.ofDays(400);
    /** Of one person; a tablet of the class is known to everybody who uses it. */
    private static final int EACH = 20;

    private final KnownDeviceStore store;
    private final Clock clock;
    private final SecureRandom chance = new SecureRandom();

    KnownDevices(KnownDeviceStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    boolean isKnown(SignInSource from) {
        return from.deviceHash() != null && store.isKnown(from.deviceHash());
    }

    boolean isKnownTo(SignInSource from, UUID personId) {
        return from.deviceHash() != null && personId != null && store.isKnownTo(from.deviceHash(), personId);
    }

    /** From now on this device is one that the person signed in on. */
    void remember(CurrentUser user, HttpServletRequest request, HttpServletResponse response) {
        String token = SignInSource.token(request);
        // One that nobody of ours got may have been planted.
        if (token == null || !isKnown(SignInSource.of(request))) {
            byte[] fresh = new byte[16];
            chance.nextBytes(fresh);
            token = HexFormat.of().formatHex(fresh);
        }
        store.put(SignInSource.hash(token), user, OffsetDateTime.now(clock), EACH);
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(SignInSource.COOKIE, token)
                        .httpOnly(true)
                        .secure(request.isSecure())
                        .sameSite("Lax")
                        .path("/api")
                        .maxAge(LASTS)
                        .build()
                        .toString());
    }

    void forgetAll(UUID personId) {
        store.forgetAll(personId);
    }

    @Scheduled(fixedDelayString = "PT24H")
    void sweep() {
        store.sweep(OffsetDateTime.now(clock).minus(LASTS));
    }
}
