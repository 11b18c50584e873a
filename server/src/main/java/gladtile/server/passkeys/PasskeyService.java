package gladtile.server.passkeys;

import com.webauthn4j.util.exception.WebAuthnException;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SignIn;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Signing in by a key that lies in one's device (W3C Web Authentication, level 2), by the framework's own support. A key
 * is only ever good for the host it was made under, and only together with what unlocks the device.
 */
@Service
class PasskeyService {
    private static final Logger LOG = LoggerFactory.getLogger(PasskeyService.class);
    /** Somebody has a few devices. */
    static final int MOST = 20;

    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();

    private final PasskeyStore store;
    private final SignIn signIn;
    private final ActivityLog log;

    PasskeyService(PasskeyStore store, SignIn signIn, ActivityLog log) {
        this.store = store;
        this.signIn = signIn;
        this.log = log;
    }

    List<PasskeyStore.Passkey> of(CurrentUser user) {
        return store.of(user.schoolId(), user.id());
    }

    private Webauthn4JRelyingPartyOperations operations(URI address) {
        String origin = address.getPort() < 0
                ? "%s://%s".formatted(address.getScheme(), address.getHost())
                : "%s://%s:%d".formatted(address.getScheme(), address.getHost(), address.getPort());
        Webauthn4JRelyingPartyOperations made = new Webauthn4JRelyingPartyOperations(
                store,
                store,
                PublicKeyCredentialRpEntity.builder()
                        .id(address.getHost())
                        .name("Glad Tile")
                        .build(),
                Set.of(origin));
        // In the device itself and unlocked there, so that neither a name nor a password is needed besides.
        made.setCustomizeCreationOptions(
                options -> options.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        made.setCustomizeRequestOptions(options -> options.userVerification(UserVerificationRequirement.REQUIRED));
        return made;
    }

    /** What a device is asked to make a key for. @param address under which the page was opened */
    PublicKeyCredentialCreationOptions toMake(CurrentUser user, URI address) {
        Authentication asks = UsernamePasswordAuthenticationToken.authenticated(
                user.id().toString(), null, AuthorityUtils.NO_AUTHORITIES);
        return operations(address)
                .createPublicKeyCredentialCreationOptions(new ImmutablePublicKeyCredentialCreationOptionsRequest(asks));
    }

    static Map<String, Object> json(Object options) {
        return JSON.readValue(JSON.writeValueAsString(options), new TypeReference<>() {});
    }

    /** Keeps what a device made. @return false where it is not what was asked for */
    boolean keep(
            CurrentUser user,
            URI address,
            PublicKeyCredentialCreationOptions asked,
            String name,
            Map<String, Object> made) {
        try {
            PublicKeyCredential<AuthenticatorAttestationResponse> credential =
                    JSON.readValue(JSON.writeValueAsString(made), new TypeReference<>() {});
            operations(address)
                    .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                            asked, new RelyingPartyPublicKey(credential, name)));
        } catch (WebAuthnException | JacksonException | IllegalArgumentException e) {
            // Whatever a browser sends that is no key of this page's.
            LOG.debug("A passkey was not taken", e);
            return false;
        }
        log.add(user.schoolId(), user.id(), LogEvent.PASSKEY_ADDED, user.id());
        return true;
    }

    boolean remove(CurrentUser user, String id) {
        boolean was;
        try {
            was = store.remove(user.schoolId(), user.id(), Bytes.fromBase64(id));
        } catch (IllegalArgumentException e) {
            return false;
        }
        if (was) {
            log.add(user.schoolId(), user.id(), LogEvent.PASSKEY_REMOVED, user.id());
        }
        return was;
    }

    PublicKeyCredentialRequestOptions toShow(URI address) {
        Authentication nobody =
                new AnonymousAuthenticationToken("nobody", "nobody", AuthorityUtils.createAuthorityList("ROLE_NOBODY"));
        return operations(address)
                .createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(nobody));
    }

    /** Whose key signed what was asked; empty where none did, or where they may not sign in. */
    Optional<CurrentUser> shown(URI address, PublicKeyCredentialRequestOptions asked, Map<String, Object> signed) {
        try {
            PublicKeyCredential<AuthenticatorAssertionResponse> credential =
                    JSON.readValue(JSON.writeValueAsString(signed), new TypeReference<>() {});
            Bytes handle = operations(address)
                    .authenticate(new RelyingPartyAuthenticationRequest(asked, credential))
                    .getId();
            return store.owner(handle).flatMap(owner -> signIn.staff(owner.schoolId(), owner.personId(), "passkey"));
        } catch (WebAuthnException | JacksonException | IllegalArgumentException e) {
            LOG.debug("A passkey was not right", e);
            return Optional.empty();
        }
    }
}
