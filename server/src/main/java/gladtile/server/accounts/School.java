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
 */
public record School(UUID id, String name, String language, String timeZone) {
    public static final Set<String> LANGUAGES = Set.of("en", "de", "fr", "es", "ar");

    public School {
        Bounds.text("school.name", name, Bounds.PERSON_NAME);
        if (name.isBlank()) {
            throw new OutOfBounds("school.name", "A school has a name.");
        }
        if (!LANGUAGES.contains(Bounds.present("school.language", language))) {
            throw new OutOfBounds("school.language", "The languages are en, de, fr, es and ar.");
        }
        try {
            ZoneId.of(Bounds.present("school.timeZone", timeZone));
        } catch (DateTimeException e) {
            throw new OutOfBounds("school.timeZone", "There is no time zone of that name.");
        }
    }
}
