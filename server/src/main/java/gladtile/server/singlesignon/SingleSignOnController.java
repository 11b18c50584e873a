package gladtile.server.singlesignon;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.Problem;
import gladtile.server.support.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import java.time.OffsetDateTime;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in with an account that the school gives elsewhere: how it is set, and one's own. */
@RestController
class SingleSignOnController {
    private final SchoolProviders providers;
    private final IdentityProviderStore store;
    private final PublicAddress addresses;
    private final ActivityLog log;

    SingleSignOnController(
            SchoolProviders providers, IdentityProviderStore store, PublicAddress addresses, ActivityLog log) {
        this.providers = providers;
        this.store = store;
        this.addresses = addresses;
        this.log = log;
    }

    /** @param name as it stands on the button; absent where nobody signs in that way */
    record SingleSignOnOffer(
            @JsonInclude(JsonInclude.Include.NON_NULL) String name) {}

    /**
     * @param back the address that the identity provider has to send people back to
     * @param name absent where none is set, as the rest
     */
    record ProviderSettings(
            String back,
            @JsonInclude(JsonInclude.Include.NON_NULL) String name,
            @JsonInclude(JsonInclude.Include.NON_NULL) String issuer,
            @JsonInclude(JsonInclude.Include.NON_NULL) String clientId) {}

    /** @param clientSecret absent for the one that is there */
    record NewProvider(
            String name,
            String issuer,
            String clientId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String clientSecret) {
        NewProvider {
            Bounds.text("provider.name", name, Bounds.PERSON_NAME);
            Bounds.text("provider.issuer", issuer, IdentityProvider.ADDRESS);
            Bounds.text("provider.clientId", clientId, IdentityProvider.ADDRESS);
        }
    }

    /** @param linkedAt absent where no account is linked */
    record OwnSchoolAccount(
            @JsonInclude(JsonInclude.Include.NON_NULL) OffsetDateTime linkedAt) {}

    /** Whether one can sign in that way. */
    @GetMapping("/api/v1/single-sign-on")
    SingleSignOnOffer offer() {
        return new SingleSignOnOffer(
                providers.provider().map(IdentityProvider::name).orElse(null));
    }

    @GetMapping("/api/v1/school/identity-provider")
    ProviderSettings settings(@AuthenticationPrincipal CurrentUser user, HttpServletRequest request) {
        String back = addresses.of("/sign-in/back", request);
        return providers
                .provider(user.schoolId())
                .map(one -> new ProviderSettings(back, one.name(), one.issuer(), one.clientId()))
                .orElse(new ProviderSettings(back, null, null, null));
    }

    /** It is asked first whether it answers: one that does not would lock nobody out, but let nobody in. */
    @PutMapping("/api/v1/school/identity-provider")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void set(@AuthenticationPrincipal CurrentUser user, @RequestBody NewProvider asked) {
        String secret = asked.clientSecret() != null
                ? asked.clientSecret()
                : providers
                        .provider(user.schoolId())
                        .map(IdentityProvider::clientSecret)
                        .orElse("");
        IdentityProvider wanted = new IdentityProvider(
                user.schoolId(),
                asked.name().strip(),
                asked.issuer().strip(),
                asked.clientId().strip(),
                secret);
        if (!providers.answers(wanted)) {
            throw Problem.bound(
                    "provider.issuer",
                    "There is no answer at that address that an identity provider would give. Nothing was changed.");
        }
        store.set(wanted);
        log.add(
                user.schoolId(),
                user.id(),
                LogEvent.SETTINGS_CHANGED,
                null,
                java.util.Map.of("singleSignOn", wanted.issuer()));
    }

    @DeleteMapping("/api/v1/school/identity-provider")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal CurrentUser user) {
        store.remove(user.schoolId());
        log.add(user.schoolId(), user.id(), LogEvent.SETTINGS_CHANGED, null, java.util.Map.of("singleSignOn", ""));
    }

    @GetMapping("/api/v1/me/school-account")
    OwnSchoolAccount own(@AuthenticationPrincipal CurrentUser user) {
        return new OwnSchoolAccount(store.linkedAt(user.schoolId(), user.id()).orElse(null));
    }

    @DeleteMapping("/api/v1/me/school-account")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unlink(@AuthenticationPrincipal CurrentUser user) {
        if (store.unlink(user.schoolId(), user.id())) {
            log.add(user.schoolId(), user.id(), LogEvent.SCHOOL_ACCOUNT_UNLINKED, user.id());
        }
    }
}
