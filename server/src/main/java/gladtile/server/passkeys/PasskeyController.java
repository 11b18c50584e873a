package gladtile.server.passkeys;

import gladtile.core.Bounds;
import gladtile.server.accounts.AccountController;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.SessionService;
import gladtile.server.accounts.SignIn;
import gladtile.server.accounts.SignInResponses;
import gladtile.server.accounts.SignInSource;
import gladtile.server.support.PagedList;
import gladtile.server.support.Paging;
import gladtile.server.support.Problem;
import gladtile.server.support.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.net.URI;
import java.time.OffsetDateTime;
import java.util.Map;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Passkeys: one's own, and signing in by one. What was asked is kept in the session, and good once. */
@RestController
class PasskeyController {
    private static final String TO_MAKE = PasskeyController.class.getName() + ".make";
    private static final String TO_SHOW = PasskeyController.class.getName() + ".show";

    private final PasskeyService passkeys;
    private final SignIn signIn;
    private final SessionService sessions;
    private final PublicAddress addresses;

    PasskeyController(PasskeyService passkeys, SignIn signIn, SessionService sessions, PublicAddress addresses) {
        this.passkeys = passkeys;
        this.signIn = signIn;
        this.sessions = sessions;
        this.addresses = addresses;
    }

    /** @param options for the browser's own call, in its JSON form (W3C Web Authentication) */
    record PasskeyChallenge(Map<String, Object> options) {}

    /** @param credential as the browser gave it, in its JSON form */
    record NewPasskey(String name, Map<String, Object> credential) {
        NewPasskey {
            Bounds.text("passkey.name", name, Bounds.PERSON_NAME);
            Bounds.present("passkey.credential", credential);
        }
    }

    record PasskeySignIn(Map<String, Object> credential) {
        PasskeySignIn {
            Bounds.present("passkey.credential", credential);
        }
    }

    /** @param usedAt when somebody signed in with it last */
    record PasskeyView(String id, String name, OffsetDateTime madeAt, OffsetDateTime usedAt) {}

    private URI address(HttpServletRequest request) {
        return URI.create(addresses.of("", request));
    }

    @GetMapping("/api/v1/me/passkeys")
    PagedList<PasskeyView> all(@AuthenticationPrincipal CurrentUser user, @ParameterObject Paging paging) {
        return PagedList.of(
                passkeys.of(user).stream()
                        .map(one -> new PasskeyView(one.id(), one.name(), one.madeAt(), one.usedAt()))
                        .toList(),
                PasskeyView::id,
                paging);
    }

    /** What a device is asked to make a key for. */
    @PostMapping("/api/v1/me/passkey-challenges")
    PasskeyChallenge toMake(@AuthenticationPrincipal CurrentUser user, HttpServletRequest request) {
        if (passkeys.of(user).size() >= PasskeyService.MOST) {
            throw Problem.bound(
                    "passkey.count",
                    "Somebody has at most %d passkeys. Remove one first. Nothing was changed."
                            .formatted(PasskeyService.MOST));
        }
        PublicKeyCredentialCreationOptions options = passkeys.toMake(user, address(request));
        request.getSession().setAttribute(TO_MAKE, options);
        return new PasskeyChallenge(PasskeyService.json(options));
    }

    /** @return all of them, with the new one */
    @PostMapping("/api/v1/me/passkeys")
    @ResponseStatus(HttpStatus.CREATED)
    PagedList<PasskeyView> keep(
            @AuthenticationPrincipal CurrentUser user, @RequestBody NewPasskey made, HttpServletRequest request) {
        Object asked = taken(request, TO_MAKE);
        String name = made.name().isBlank() ? "Passkey" : made.name().strip();
        if (!(asked instanceof PublicKeyCredentialCreationOptions options)
                || !passkeys.keep(user, address(request), options, name, made.credential())) {
            throw Problem.bound("passkey", "This passkey could not be added. Nothing was changed. Try again.");
        }
        return all(user, new Paging(null, null));
    }

    @DeleteMapping("/api/v1/me/passkeys/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal CurrentUser user, @PathVariable String id) {
        if (!passkeys.remove(user, id)) {
            throw Problem.notThere("passkey");
        }
    }

    /** What a device is asked to sign, so that somebody can sign in. */
    @PostMapping("/api/v1/passkey-challenges")
    PasskeyChallenge toShow(HttpServletRequest request) {
        PublicKeyCredentialRequestOptions options = passkeys.toShow(address(request));
        SessionService.anonymousSession(request).setAttribute(TO_SHOW, options);
        return new PasskeyChallenge(PasskeyService.json(options));
    }

    @PostMapping("/api/v1/passkey-sign-ins")
    AccountController.Me signIn(
            @RequestBody PasskeySignIn signed, HttpServletRequest request, HttpServletResponse response) {
        SignInSource from = SignInSource.of(request);
        signIn.passkeyWait(from).ifPresent(wait -> {
            throw SignInResponses.waiting(wait, "signIn.keys");
        });
        Object asked = taken(request, TO_SHOW);
        CurrentUser user = asked instanceof PublicKeyCredentialRequestOptions options
                ? passkeys.shown(address(request), options, signed.credential()).orElse(null)
                : null;
        if (user == null) {
            signIn.passkeyFailed(from);
            throw Problem.of(
                    HttpStatus.UNAUTHORIZED, "This passkey is not known here. Sign in with your name and password.");
        }
        sessions.begin(user, request, response);
        return AccountController.Me.of(user);
    }

    private static Object taken(HttpServletRequest request, String what) {
        HttpSession session = request.getSession(false);
        Object asked = session == null ? null : session.getAttribute(what);
        if (asked != null) {
            session.removeAttribute(what);
        }
        return asked;
    }
}
