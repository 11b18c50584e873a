package gladtile.server.accounts;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
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
                throw new OutOfBounds("school.logDays", "The activity log is kept for 30 to 3,650 days.");
            }
            if (backups < 3 || backups > 400) {
                throw new OutOfBounds("school.backups", "Between 3 and 400 backups are kept.");
            }
        }
    }

    public static final Set<String> LANGUAGES = Set.of("en", "de", "fr", "es", "ar");

    public School {
        Bounds.text("school.name", name, Bounds.PERSON_NAME);
        if (name.isBlank()) {
            throw new OutOfBounds("school.name", "A school has a name.");
        }
        if (!LANGUAGES.contains(Bounds.present("school.language", language))) {
            throw new OutOfBounds("school.language", "The languages are en, de, fr, es and ar.");
        }
        Bounds.present("school.studentSignIn", studentSignIn);
        if (storageGigabytes != null && (storageGigabytes < 1 || storageGigabytes > 100_000)) {
            throw new OutOfBounds("school.storageGigabytes", "The files may take 1 to 100,000 GB.");
        }
        try {
            ZoneId.of(Bounds.present("school.timeZone", timeZone));
        } catch (DateTimeException e) {
            throw new OutOfBounds("school.timeZone", "There is no time zone of that name.");
        }
    }
}
