package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Those who work at a school: invited, given a role, let go. */
@Service
public class StaffService {
    private final PersonStore store;
    private final PersonService people;
    private final OneTimeLinkService links;
    private final PasswordRule rule;
    private final SessionService sessions;
    private final ActivityLog log;
    private final Clock clock;

    StaffService(
            PersonStore store,
            PersonService people,
            OneTimeLinkService links,
            PasswordRule rule,
            SessionService sessions,
            ActivityLog log,
            Clock clock) {
        this.store = store;
        this.people = people;
        this.links = links;
        this.rule = rule;
        this.sessions = sessions;
        this.log = log;
        this.clock = clock;
    }

    /**
     * Somebody who works at the school.
     *
     * @param invited they have not chosen a password yet
     * @param invitedUntil how long their invitation is good; null where there is none that is
     * @param lastSeen when they signed in last; null for never
     */
    public record Member(
            UUID id,
            String name,
            String signInName,
            CurrentUser.Role role,
            boolean invited,
            OffsetDateTime invitedUntil,
            boolean deactivated,
            OffsetDateTime lastSeen) {}

    /** What comes of a wish to change something. */
    public sealed interface Outcome {}

    public record Done() implements Outcome {}

    /** @param personId who was invited, or may choose a new password */
    public record LinkMade(UUID personId, OneTimeLinkService.Made link) implements Outcome {}

    public record Came(CurrentUser user) implements Outcome {}

    public record NoneSuch() implements Outcome {}

    /** @param message whole sentences, with what is safe */
    public record Refused(String bound, String message) implements Outcome {}

    public List<Member> of(UUID schoolId) {
        return store.staff(schoolId);
    }

    /** Whether somebody signs in by that name, at whatever school. */
    public boolean isTaken(String signInName) {
        return store.isTaken(signInName);
    }

    /** Whoever has the link chooses a password and is let in. */
    @Transactional
    public Outcome invite(CurrentUser by, String name, String signInName, CurrentUser.Role role) {
        if (role == CurrentUser.Role.STUDENT) {
            return new Refused("person.role", "Students are added to a class. Nothing was changed.");
        }
        if (name.isBlank() || signInName.isBlank()) {
            return new Refused("person.name", "A name and a user name are needed. Nothing was changed.");
        }
        if (store.isTaken(signInName.strip())) {
            return new Refused(
                    "person.signInName",
                    "Somebody has the user name '%s' already. Nothing was changed.".formatted(signInName.strip()));
        }
        CurrentUser user = new CurrentUser(
                by.schoolId(), UuidV7.make(), role, Bounds.text("person.name", name.strip(), Bounds.PERSON_NAME));
        store.add(
                user,
                Bounds.text("person.signInName", signInName.strip(), Bounds.PERSON_NAME),
                people.secretOfNobody());
        store.setSecret(by.schoolId(), user.id(), PersonStore.INVITED, people.secretOfNobody());
        log.add(by.schoolId(), by.id(), LogEvent.PERSON_INVITED, user.id(), Map.of("role", role.name()));
        return new LinkMade(user.id(), links.make(OneTimeLinkService.Purpose.INVITATION, by.schoolId(), user.id()));
    }

    /** Another invitation for who has not come yet, a link for a new password for who has. */
    @Transactional
    public Outcome link(CurrentUser by, UUID personId) {
        Member one = member(by.schoolId(), personId).orElse(null);
        if (one == null) {
            return new NoneSuch();
        }
        if (one.deactivated()) {
            return new Refused("person.state", "%s may not sign in. Let them in again first.".formatted(one.name()));
        }
        OneTimeLinkService.Purpose purpose =
                one.invited() ? OneTimeLinkService.Purpose.INVITATION : OneTimeLinkService.Purpose.PASSWORD;
        LogEvent event = one.invited() ? LogEvent.PERSON_INVITED : LogEvent.PASSWORD_LINK_MADE;
        log.add(by.schoolId(), by.id(), event, personId);
        return new LinkMade(personId, links.make(purpose, by.schoolId(), personId));
    }

    /** Signed out everywhere, so that what they may is what they do. */
    @Transactional
    public Outcome setRole(CurrentUser by, UUID personId, CurrentUser.Role role) {
        Member one = member(by.schoolId(), personId).orElse(null);
        if (one == null || role == CurrentUser.Role.STUDENT) {
            return new NoneSuch();
        }
        if (one.role() == role) {
            return new Done();
        }
        if (role != CurrentUser.Role.ADMINISTRATOR && isLastAdministrator(by.schoolId(), personId)) {
            return lastOne();
        }
        store.setRole(by.schoolId(), personId, role);
        log.add(
                by.schoolId(),
                by.id(),
                LogEvent.ROLE_CHANGED,
                personId,
                Map.of("from", one.role().name(), "to", role.name()));
        sessions.endAll(personId);
        return new Done();
    }

    /** Who is deactivated can sign in no more, and is signed out; what they made stays. */
    @Transactional
    public Outcome setActive(CurrentUser by, UUID personId, boolean active) {
        Member one = member(by.schoolId(), personId).orElse(null);
        if (one == null) {
            return new NoneSuch();
        }
        if (one.deactivated() != active) {
            return new Done();
        }
        if (!active && isLastAdministrator(by.schoolId(), personId)) {
            return lastOne();
        }
        store.setDeactivated(by.schoolId(), personId, active ? null : OffsetDateTime.now(clock));
        log.add(by.schoolId(), by.id(), active ? LogEvent.PERSON_REACTIVATED : LogEvent.PERSON_DEACTIVATED, personId);
        if (!active) {
            links.forget(by.schoolId(), personId);
            sessions.endAll(personId);
        }
        return new Done();
    }

    private boolean isLastAdministrator(UUID schoolId, UUID personId) {
        return store.holdAdministrators(schoolId).equals(List.of(personId));
    }

    private static Refused lastOne() {
        return new Refused(
                "school.administrators",
                "This is the only administrator of the school. Make somebody else one first. Nothing was changed.");
    }

    public Optional<Member> member(UUID schoolId, UUID personId) {
        return store.staff(schoolId).stream()
                .filter(one -> one.id().equals(personId))
                .findFirst();
    }

    /** All schools of this installation; one, but for tests. */
    public List<School> schools() {
        return store.schools();
    }

    public Optional<School> school(UUID schoolId) {
        return store.school(schoolId);
    }

    @Transactional
    public void setSchool(CurrentUser by, School to) {
        store.setSchool(to);
        log.add(
                by.schoolId(),
                by.id(),
                LogEvent.SETTINGS_CHANGED,
                null,
                Map.of(
                        "language",
                        to.language(),
                        "timeZone",
                        to.timeZone(),
                        "logDays",
                        String.valueOf(to.retention().logDays()),
                        "backups",
                        String.valueOf(to.retention().backups())));
    }

    /** The first administrator of a new school, by the link that was shown when the program was started. */
    @Transactional
    public Outcome setUp(
            String token,
            String school,
            String language,
            String timeZone,
            String name,
            String signInName,
            String password) {
        if (people.anySchool()) {
            return new Refused("school.there", "This school is set up already. Sign in.");
        }
        if (links.look(token)
                .filter(link -> link.purpose() == OneTimeLinkService.Purpose.SET_UP)
                .isEmpty()) {
            return new NoneSuch();
        }
        if (name.isBlank() || signInName.isBlank()) {
            return new Refused("person.name", "A name and a user name are needed. Nothing was changed.");
        }
        Optional<String> refused = rule.refusal(password, List.of(name, signInName, school));
        if (refused.isPresent()) {
            return new Refused("person.password", refused.get());
        }
        School made = new School(
                UuidV7.make(),
                school.strip(),
                language,
                timeZone,
                School.Retention.USUAL,
                null,
                School.StudentSignIn.BOTH);
        if (links.use(token).isEmpty()) {
            return new NoneSuch();
        }
        store.addSchool(made.id(), made.name());
        store.setSchool(made);
        CurrentUser user =
                people.addStaff(made.id(), CurrentUser.Role.ADMINISTRATOR, name.strip(), signInName.strip(), password);
        log.add(made.id(), user.id(), LogEvent.SCHOOL_SET_UP, user.id());
        return came(user);
    }

    private Came came(CurrentUser user) {
        store.seen(user.schoolId(), user.id(), OffsetDateTime.now(clock));
        return new Came(user);
    }
}
