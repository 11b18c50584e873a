package gladtile.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.server.accounts.Who;
import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Service;

/**
 * Who may have a file. Teachers may have those of their school. A student may have what stands in pages that were given to
 * them, what they or their team put on them, what came back, and what they brought themselves; that they know its
 * name is not enough.
 */
@Service
public class FileAccess {
    private static final Pattern NAMES = Pattern.compile("[0-9a-f]{64}");
    /** How long a yes is remembered: pages ask for many files at once, and again and again. */
    private static final Duration REMEMBERED = Duration.ofMinutes(1);

    private final FileAccessStore store;
    /** What an edition names; it never changes. */
    private final Cache<UUID, Set<String>> named =
            Caffeine.newBuilder().maximumSize(2_000).build();

    private final Cache<UUID, Set<UUID>> editions = Caffeine.newBuilder()
            .maximumSize(20_000)
            .expireAfterWrite(Duration.ofSeconds(5))
            .build();

    private record Asked(UUID studentId, String sha256) {}

    private final Cache<Asked, Boolean> work = Caffeine.newBuilder()
            .maximumSize(50_000)
            .expireAfterWrite(REMEMBERED)
            .build();

    FileAccess(FileAccessStore store) {
        this.store = store;
    }

    boolean mayHave(Who who, String sha256) {
        return who.kind() == Who.Kind.TEACHER
                || isGiven(who, sha256)
                || hasBrought(who, sha256)
                || isInTheirWork(who, sha256);
    }

    /** Whether somebody brought these bytes themselves. */
    public boolean hasBrought(Who who, String sha256) {
        return store.isBroughtBy(who.schoolId(), sha256, who.id());
    }

    private boolean isGiven(Who student, String sha256) {
        Set<UUID> all = editions.get(student.id(), id -> store.editionsOf(student.schoolId(), id));
        return all.stream()
                .anyMatch(edition -> named.get(edition, id -> names(store.edition(student.schoolId(), id)))
                        .contains(sha256));
    }

    private static Set<String> names(String edition) {
        Set<String> found = new HashSet<>();
        Matcher name = NAMES.matcher(edition);
        while (name.find()) {
            found.add(name.group());
        }
        return found;
    }

    private boolean isInTheirWork(Who student, String sha256) {
        Asked asked = new Asked(student.id(), sha256);
        Boolean known = work.getIfPresent(asked);
        if (known == null) {
            known = store.isInTheirWork(student.schoolId(), student.id(), sha256);
            // A no may be a yes in a moment: a team mate says something, the teacher sends work back.
            if (known) {
                work.put(asked, true);
            }
        }
        return known;
    }
}
