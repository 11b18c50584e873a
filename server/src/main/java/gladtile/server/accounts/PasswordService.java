package gladtile.server.accounts;

import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How those who work at a school come by a password: by a link, or by the one they have. */
@Service
public class PasswordService {
    private final PersonStore store;
    private final StaffService staff;
    private final OneTimeLinkService links;
    private final PasswordRule rule;
    private final PasswordEncoder secrets;
    private final SessionService sessions;
    private final KnownDevices devices;
    private final Throttle throttle;
    private final ActivityLog log;
    private final Clock clock;

    PasswordService(
            PersonStore store,
            StaffService staff,
            OneTimeLinkService links,
            PasswordRule rule,
            PasswordEncoder secrets,
            SessionService sessions,
            KnownDevices devices,
            Throttle throttle,
            ActivityLog log,
            Clock clock) {
        this.store = store;
        this.staff = staff;
        this.links = links;
        this.rule = rule;
        this.secrets = secrets;
        this.sessions = sessions;
        this.devices = devices;
        this.throttle = throttle;
        this.log = log;
        this.clock = clock;
    }

    /** @param name whose link it is @param school where */
    public record Asked(String name, String signInName, String school, boolean invited) {}

    /** Whose link that is; empty where it is good no longer. */
    public Optional<Asked> whose(String token) {
        return links.look(token)
                .filter(link -> link.personId() != null)
                .flatMap(link -> staff.member(link.schoolId(), link.personId())
                        .map(one -> new Asked(
                                one.name(),
                                one.signInName(),
                                store.school(link.schoolId()).orElseThrow().name(),
                                one.invited())));
    }

    /** A password is chosen by a link, which is good no longer then. Whoever was signed in by an older one is signed out. */
    @Transactional
    public StaffService.Outcome choosePassword(String token, String password) {
        Asked whose = whose(token).orElse(null);
        if (whose == null) {
            return new StaffService.NoneSuch();
        }
        Optional<String> refused = rule.refusal(password, List.of(whose.name(), whose.signInName(), whose.school()));
        if (refused.isPresent()) {
            return new StaffService.Refused("person.password", refused.get());
        }
        OneTimeLinkService.Link link = links.use(token).orElse(null);
        if (link == null) {
            return new StaffService.NoneSuch();
        }
        setPassword(link.schoolId(), link.personId(), password);
        boolean invited = link.purpose() == OneTimeLinkService.Purpose.INVITATION;
        log.add(
                link.schoolId(),
                link.personId(),
                invited ? LogEvent.INVITATION_TAKEN : LogEvent.PASSWORD_CHANGED,
                link.personId());
        store.seen(link.schoolId(), link.personId(), OffsetDateTime.now(clock));
        return new StaffService.Came(
                store.find(link.schoolId(), link.personId()).orElseThrow().user());
    }

    /** One's own password. All other sessions end. */
    @Transactional
    public StaffService.Outcome changePassword(CurrentUser user, String current, String fresh) {
        PersonStore.Known known = store.find(user.schoolId(), user.id()).orElseThrow();
        StaffService.Member one = staff.member(user.schoolId(), user.id()).orElseThrow();
        if (!secrets.matches(current, known.secretHash())) {
            return new StaffService.Refused("person.current", "That is not your password. Nothing was changed.");
        }
        Optional<String> refused = rule.refusal(fresh, List.of(one.name(), one.signInName()));
        if (refused.isPresent()) {
            return new StaffService.Refused("person.password", refused.get());
        }
        setPassword(user.schoolId(), user.id(), fresh);
        log.add(user.schoolId(), user.id(), LogEvent.PASSWORD_CHANGED, user.id());
        return new StaffService.Done();
    }

    private void setPassword(UUID schoolId, UUID personId, String password) {
        store.setSecret(schoolId, personId, "PASSWORD", secrets.encode(password));
        links.forget(schoolId, personId);
        devices.forgetAll(personId);
        staff.member(schoolId, personId).ifPresent(one -> throttle.forget(SignIn.teacherAccount(one.signInName())));
        sessions.endAll(personId);
    }
}
