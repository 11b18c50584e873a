package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.server.support.UuidV7;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Makes schools and the people in them. */
@Service
public class PersonService {
    private static final int NAME = Bounds.PERSON_NAME;
    private static final int PIN_STRENGTH = 7;
    private static final Set<String> EASY =
            Set.of("0000", "1111", "2222", "3333", "4444", "5555", "6666", "7777", "8888", "9999", "1234", "4321");
    private final SecureRandom chance = new SecureRandom();
    /**
     * For PINs and pictures. There are so few of them that no hash, however slow, keeps them from whoever has the database;
     * what bounds guessing is {@link Throttle}. A slower one would only make four hundred cards, and a class coming in, wait.
     */
    private final PasswordEncoder pins = new BCryptPasswordEncoder(PIN_STRENGTH);

    private final PersonStore store;
    private final PasswordEncoder secrets;
    private final Throttle throttle;
    private final KnownDevices devices;
    private final SessionService sessions;

    PersonService(
            PersonStore store,
            PasswordEncoder secrets,
            Throttle throttle,
            KnownDevices devices,
            SessionService sessions) {
        this.store = store;
        this.secrets = secrets;
        this.throttle = throttle;
        this.devices = devices;
        this.sessions = sessions;
    }

    public boolean anySchool() {
        return store.anySchool();
    }

    /** The one school of this installation; empty where there is none, or several. */
    public Optional<UUID> onlySchool() {
        return store.onlySchool();
    }

    public UUID addSchool(String name) {
        UUID id = UuidV7.make();
        store.addSchool(id, Bounds.text("school.name", name, NAME));
        return id;
    }

    public CurrentUser addTeacher(UUID schoolId, String name, String signInName, String password) {
        return addStaff(schoolId, CurrentUser.Role.TEACHER, name, signInName, password);
    }

    /** Somebody who works at the school and signs in by that password. */
    public CurrentUser addStaff(UUID schoolId, CurrentUser.Role role, String name, String signInName, String password) {
        CurrentUser user = new CurrentUser(schoolId, UuidV7.make(), role, Bounds.text("person.name", name, NAME));
        store.add(user, Bounds.text("person.signInName", signInName, NAME), secrets.encode(password));
        return user;
    }

    /** Whether that password lets somebody in; for passwords that everybody knows. */
    public boolean hasPassword(String signInName, String password) {
        return store.teacher(signInName)
                .filter(known -> secrets.matches(password, known.secretHash()))
                .isPresent();
    }

    /** A PIN by chance, never one that everybody tries first. */
    public String freshPin() {
        String pin;
        do {
            pin = "%04d".formatted(chance.nextInt(10_000));
        } while (EASY.contains(pin));
        return pin;
    }

    /** A new PIN for a student; the old secret no longer lets anybody in, and whoever came in by it is signed out. */
    public void setPin(UUID schoolId, UUID studentId, String pin) {
        setSecret(schoolId, studentId, "PIN", pins.encode(pin));
    }

    private void setSecret(UUID schoolId, UUID studentId, String kind, String hash) {
        store.setSecret(schoolId, studentId, kind, hash);
        throttle.forget(SignIn.accountOf(studentId));
        devices.forgetAll(studentId);
        sessions.endAll(studentId);
    }

    /** Signed out everywhere, and no try to sign in is remembered; within the erasure of somebody. */
    public void forgetSignIns(UUID schoolId, UUID personId) {
        throttle.forget(SignIn.accountOf(personId));
        store.signInName(schoolId, personId).ifPresent(name -> throttle.forget(SignIn.teacherAccount(name)));
        devices.forgetAll(personId);
        sessions.endAll(personId);
    }

    /** As {@link #setPin}; pictures in their order, with hyphens between them. */
    public void setPictures(UUID schoolId, UUID studentId, String pictures) {
        setSecret(schoolId, studentId, "PICTURES", pins.encode(pictures));
    }

    /** The hash of a secret that nobody knows: who has it cannot sign in before they get one of their own. */
    public String secretOfNobody() {
        byte[] unknown = new byte[32];
        chance.nextBytes(unknown);
        return pins.encode(HexFormat.of().formatHex(unknown));
    }

    /** The hash of a PIN, which is slow by design. @param pin four digits */
    public String hashOf(String pin) {
        if (!pin.matches("[0-9]{4}")) {
            throw new OutOfBounds("person.pin", Message.of("bound.person.pin"));
        }
        return pins.encode(pin);
    }

    /** @param hash of their secret */
    public CurrentUser addStudentWithSecret(UUID schoolId, String name, String hash) {
        CurrentUser user = new CurrentUser(
                schoolId, UuidV7.make(), CurrentUser.Role.STUDENT, Bounds.text("person.name", name, NAME));
        store.add(user, null, hash);
        return user;
    }

    /** A student as the school's register has them. @param registerId null where it gives none */
    public void setRegistered(UUID schoolId, UUID studentId, String registerId, String name) {
        store.setRegistered(schoolId, studentId, registerId, Bounds.text("person.name", name, NAME));
    }

    /** @param pin four digits */
    public CurrentUser addStudent(UUID schoolId, String name, String pin) {
        return addStudentWithSecret(schoolId, name, hashOf(pin));
    }
}
