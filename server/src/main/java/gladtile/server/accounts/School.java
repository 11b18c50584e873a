package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.Set;
import java.util.UUID;

/**
 * A school.
 *
 * @param language as BCP 47 has it; one of {@link #LANGUAGES}
 * @param timeZone as the IANA time zone database names it
 * @param storageGigabytes how much its files may take, 1 to 100,000; null for as much as the machine has for it
 */
public record School(
        UUID id,
        String name,
        String language,
        String timeZone,
        Retention retention,
        Integer storageGigabytes,
        StudentSignIn studentSignIn) {
    /** What students sign in with, besides their code and name. */
    public enum StudentSignIn {
        /** As each teacher likes. */
        BOTH,
        PIN,
        PICTURES
    }

    /**
     * How long what is kept about people is kept.
     *
     * @param logDays how long lines of the activity log are kept; 30 to 3,650
     * @param backups how many nightly backups are kept; 3 to 400
     */
    public record Retention(int logDays, int backups) {
        public static final Retention USUAL = new Retention(400, 14);

        public Retention {
            if (logDays < 30 || logDays > 3_650) {
                throw new OutOfBounds("school.logDays", Message.of("bound.school.log-days"));
            }
            if (backups < 3 || backups > 400) {
                throw new OutOfBounds("school.backups", Message.of("bound.school.backups"));
            }
        }
    }

    public static final Set<String> LANGUAGES = Set.of("en", "de", "fr", "es", "ar");

    public School {
        Bounds.text("school.name", name, Bounds.PERSON_NAME);
        if (name.isBlank()) {
            throw new OutOfBounds("school.name", Message.of("bound.school.name"));
        }
        language(Bounds.present("school.language", language));
        Bounds.present("school.studentSignIn", studentSignIn);
        if (storageGigabytes != null && (storageGigabytes < 1 || storageGigabytes > 100_000)) {
            throw new OutOfBounds("school.storageGigabytes", Message.of("bound.school.storage-gigabytes"));
        }
        try {
            ZoneId.of(Bounds.present("school.timeZone", timeZone));
        } catch (DateTimeException e) {
            throw new OutOfBounds("school.timeZone", Message.of("bound.school.time-zone"));
        }
    }

    /** Refuses what is none of {@link #LANGUAGES}; null says nothing of a language, and passes. */
    public static void language(String code) {
        if (code != null && !LANGUAGES.contains(code)) {
            throw new OutOfBounds("school.language", Message.of("bound.school.language"));
        }
    }
}
