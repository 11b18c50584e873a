package gladtile.server.accounts;

import gladtile.server.accounts.Throttle.Limit;
import gladtile.server.log.ActivityLog;
import gladtile.server.log.LogEvent;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/**
 * Checks passwords and PINs, bounds guessing, and says the same whatever was wrong. Failures count by account and
 * place together: who guesses holds up the place they guess from. Places where the account was never used share a
 * bound for the account; devices that nobody ever used share bounds for the code and the address.
 */
@Service
public class SignIn {
    /** Failures at one account from one device or address. */
    static final int TEACHER_FAILURES = 8;

    static final int STUDENT_FAILURES = 5;
    static final Duration SHORT = Duration.ofMinutes(10);
    /** At one account, from all devices together that it was never used on. */
    static final int FROM_ELSEWHERE = 20;

    static final Duration LONG = Duration.ofHours(1);
    /** Through one join code, from devices that nobody has signed in on. */
    static final int THROUGH_CODE = 60;
    /** From one address, from such devices; a whole school may come from one. */
    static final int FROM_ADDRESS = 500;
    /** Join codes that do not exist, from one device that is known, or from all others of one address. */
    static final int CODES = 30;

    static final int CODES_FROM_ADDRESS = 300;
    /** Passkeys that were not right, from one address; none can be guessed, so this only spares the server. */
    static final int KEYS_FROM_ADDRESS = 100;

    /** Of tries left, where there is nothing to tell of. */
    public static final int UNTOLD = Integer.MAX_VALUE;

    /** bcrypt reads no more bytes than this. */
    static final int SECRET_BYTES = 72;

    private final PersonStore people;
    private final PasswordEncoder secrets;
    private final Throttle throttle;
    private final KnownDevices devices;
    private final ActivityLog log;
    private final Clock clock;
    private final String nobodysHash;

    SignIn(
            PersonStore people,
            PasswordEncoder secrets,
            Throttle throttle,
            KnownDevices devices,
            ActivityLog log,
            Clock clock) {
        this.log = log;
        this.clock = clock;
        this.people = people;
        this.secrets = secrets;
        this.throttle = throttle;
        this.devices = devices;
        this.nobodysHash = secrets.encode("nobody");
    }

    /** What came of it. */
    public sealed interface Result {}

    public record Welcome(CurrentUser user) implements Result {}

    /** @param left how many more tries there are before one has to wait */
    public record Wrong(int left) implements Result {}

    public record Wait(Duration atMost) implements Result {}

    public Result teacher(String name, String password, SignInSource from) {
        return check(teacherAccount(name), TEACHER_FAILURES, password, people.teacher(name), null, from);
    }

    /**
     * A student of a class list, by PIN.
     *
     * @param code through which they come
     */
    public Result student(UUID schoolId, String code, UUID studentId, String pin, SignInSource from) {
        return check(
                accountOf(studentId), STUDENT_FAILURES, pin, people.student(schoolId, studentId), "code:" + code, from);
    }

    /**
     * Somebody who works here was known by something else than a password.
     *
     * @param by what it was, for the log
     * @return empty where they may not sign in
     */
    public Optional<CurrentUser> staff(UUID schoolId, UUID personId, String by) {
        return people.active(schoolId, personId).map(user -> {
            people.seen(user.schoolId(), user.id(), OffsetDateTime.now(clock));
            log.add(user.schoolId(), user.id(), LogEvent.SIGNED_IN, user.id(), Map.of("by", by));
            return user;
        });
    }

    /** Whether too much that proved nothing came from an address, and for how long nothing more is looked at. */
    public Optional<Duration> passkeyWait(SignInSource from) {
        return throttle.wait(List.of(keys(from)));
    }

    public void passkeyFailed(SignInSource from) {
        throttle.begin(List.of(keys(from)));
    }

    private static Limit keys(SignInSource from) {
        return new Limit("keys@" + from.address(), KEYS_FROM_ADDRESS, SHORT);
    }

    static String teacherAccount(String name) {
        return "teacher:" + name.toLowerCase(Locale.ROOT);
    }

    static String accountOf(UUID studentId) {
        return "student:" + studentId;
    }

    /** Whether too many join codes that do not exist were tried from there, and for how long no more are looked at. */
    public Optional<Duration> codesWait(SignInSource from) {
        return throttle.wait(List.of(codes(from)));
    }

    public void codeFailed(SignInSource from) {
        throttle.begin(List.of(codes(from)));
    }

    private Limit codes(SignInSource from) {
        return devices.isKnown(from)
                ? new Limit("codes@" + place(from, true), CODES, SHORT)
                : new Limit("codes@" + place(from, false), CODES_FROM_ADDRESS, SHORT);
    }

    private Result check(
            String account,
            int most,
            String secret,
            Optional<PersonStore.Known> known,
            String code,
            SignInSource from) {
        boolean used = devices.isKnown(from);
        List<Limit> limits = new ArrayList<>();
        Limit here = new Limit(account + "@" + place(from, used), most, SHORT);
        limits.add(here);
        if (!devices.isKnownTo(from, known.map(one -> one.user().id()).orElse(null))) {
            limits.add(new Limit(account, FROM_ELSEWHERE, LONG));
        }
        List<Limit> strangers = new ArrayList<>();
        if (!used) {
            strangers.add(new Limit("address:" + from.address(), FROM_ADDRESS, SHORT));
            if (code != null) {
                strangers.add(new Limit(code, THROUGH_CODE, SHORT));
            }
        }
        Optional<Duration> wait = throttle.wait(strangers);
        if (wait.isPresent()) {
            return new Wait(wait.get());
        }
        Throttle.Answer begun = throttle.begin(limits);
        if (begun instanceof Throttle.Full full) {
            return new Wait(full.time());
        }
        Throttle.Counted counted = (Throttle.Counted) begun;
        // A name nobody has costs the same time as a wrong password, so that names cannot be found out by the clock.
        String hash = known.map(PersonStore.Known::secretHash).orElse(nobodysHash);
        boolean readable = secret.getBytes(StandardCharsets.UTF_8).length <= SECRET_BYTES;
        if (!readable || !secrets.matches(secret, hash) || known.isEmpty()) {
            throttle.failed(counted.id(), strangers.stream().map(Limit::counted).toList());
            // What was typed is not written down: it may be a password in the wrong field.
            known.map(one -> one.user().schoolId())
                    .or(people::onlySchool)
                    .ifPresent(school -> log.add(
                            school,
                            null,
                            LogEvent.SIGN_IN_FAILED,
                            known.map(one -> one.user().id()).orElse(null)));
            return new Wrong(counted.left());
        }
        throttle.succeeded(counted.id(), here.counted());
        CurrentUser user = known.get().user();
        people.seen(user.schoolId(), user.id(), OffsetDateTime.now(clock));
        log.add(user.schoolId(), user.id(), LogEvent.SIGNED_IN, user.id());
        return new Welcome(user);
    }

    private static String place(SignInSource from, boolean used) {
        return used ? java.util.HexFormat.of().formatHex(from.deviceHash()) : from.address();
    }
}
