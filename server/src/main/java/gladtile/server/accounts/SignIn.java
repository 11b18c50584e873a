package gladtile.server.accounts;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Checks passwords and PINs, slows down guessing, and says the same whatever was wrong. */
@Service
public class SignIn {
    /** After so many failures within {@link #WINDOW} nothing more is checked, not even the right secret. */
    static final int TEACHER_FAILURES = 8;

    static final int STUDENT_FAILURES = 5;
    static final int CODE_FAILURES = 30;
    static final Duration WINDOW = Duration.ofMinutes(10);

    /** bcrypt reads no more bytes than this. */
    static final int SECRET_LENGTH = 72;

    private final PersonStore people;
    private final PasswordEncoder secrets;
    private final Clock clock;
    private final String nobodysHash;

    SignIn(PersonStore people, PasswordEncoder secrets, Clock clock) {
        this.people = people;
        this.secrets = secrets;
        this.clock = clock;
        this.nobodysHash = secrets.encode("nobody");
    }

    /** What came of it. */
    public sealed interface Result {}

    public record Welcome(Who who) implements Result {}

    public record Wrong() implements Result {}

    public record Wait(Duration atMost) implements Result {}

    public Result teacher(String name, String password) {
        String tried = "teacher:" + name.toLowerCase(Locale.ROOT);
        return check(tried, TEACHER_FAILURES, password, () -> people.teacher(name));
    }

    /** A student of a class list, by PIN. */
    public Result student(UUID schoolId, UUID studentId, String pin) {
        return check("student:" + studentId, STUDENT_FAILURES, pin, () -> people.student(schoolId, studentId));
    }

    /** Whether this address has tried too many join codes that do not exist. */
    public boolean mayTryCodes(String address) {
        return people.failuresSince("codes:" + address, since()) < CODE_FAILURES;
    }

    public void codeFailed(String address) {
        people.addFailure("codes:" + address, OffsetDateTime.now(clock));
    }

    private Result check(
            String tried, int most, String secret, java.util.function.Supplier<Optional<PersonStore.Known>> whom) {
        if (people.failuresSince(tried, since()) >= most) {
            return new Wait(WINDOW);
        }
        Optional<PersonStore.Known> known = whom.get();
        // A name nobody has costs the same time as a wrong password, so that names cannot be found out by the clock.
        String hash = known.map(PersonStore.Known::secretHash).orElse(nobodysHash);
        boolean right = secret.length() <= SECRET_LENGTH && secrets.matches(secret, hash) && known.isPresent();
        if (!right) {
            people.addFailure(tried, OffsetDateTime.now(clock));
            return new Wrong();
        }
        people.forgetFailures(tried);
        return new Welcome(known.get().who());
    }

    private OffsetDateTime since() {
        return OffsetDateTime.now(clock).minus(WINDOW);
    }

    @Scheduled(fixedDelayString = "PT10M")
    void sweep() {
        people.sweepFailures(since());
    }
}
