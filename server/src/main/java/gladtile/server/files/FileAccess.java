package gladtile.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.server.accounts.CurrentUser;
import java.time.Duration;
import java.util.Set;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.springframework.stereotype.Service;

/**
 * Who may have a file; that somebody knows its name is not enough. All may have what they brought themselves. A teacher may
 * have what stands on activities that they may look at, in parts of a library that they may take, and what was given to their classes, said there or sent back
 * there. A student may have what stands in pages that they or their team began (what is given to a class may not be open
 * yet, or be for others of it), what they or their team said on them, and what came back.
 */
@Service
public class FileAccess {
    /** How long a yes is remembered: pages ask for many files at once, and again and again. */
    private static final Duration REMEMBERED = Duration.ofMinutes(1);

    private final FileAccessStore store;
    private final FileUseStore uses;
    /** What a version names; it never changes. */
    private final Cache<UUID, Set<String>> named =
            Caffeine.newBuilder().maximumSize(2_000).build();

    private final Cache<UUID, Set<UUID>> versions = Caffeine.newBuilder()
            .maximumSize(20_000)
            .expireAfterWrite(Duration.ofSeconds(5))
            .build();

    private record Asked(UUID personId, String sha256) {}

    private final Cache<Asked, Boolean> met = Caffeine.newBuilder()
            .maximumSize(50_000)
            .expireAfterWrite(REMEMBERED)
            .build();

    FileAccess(FileAccessStore store, FileUseStore uses) {
        this.store = store;
        this.uses = uses;
    }

    boolean mayHave(CurrentUser user, String sha256) {
        if (user.kind() == CurrentUser.Kind.TEACHER) {
            return hasMet(user, sha256, () -> isForTeacher(user, sha256));
        }
        return isGiven(user, sha256)
                || hasBrought(user, sha256)
                || hasMet(user, sha256, () -> store.isInTheirWork(user.schoolId(), user.id(), sha256))
                || isGivenByNow(user, sha256);
    }

    private boolean isForTeacher(CurrentUser teacher, String sha256) {
        return hasBrought(teacher, sha256)
                || uses.isOnTheirShelf(teacher.schoolId(), teacher.id(), sha256)
                || uses.isInTheirLibrary(teacher.schoolId(), teacher.id(), sha256)
                || uses.isInTheirClasses(teacher.schoolId(), teacher.id(), sha256);
    }

    /** Whether somebody brought these bytes themselves. */
    public boolean hasBrought(CurrentUser user, String sha256) {
        return store.isBroughtBy(user.schoolId(), sha256, user.id());
    }

    private boolean isGiven(CurrentUser student, String sha256) {
        return names(student, versions.get(student.id(), id -> store.versionsOf(student.schoolId(), id)), sha256);
    }

    /** What is asked for now may stand on pages that were begun a moment ago; last, since it reads them anew. */
    private boolean isGivenByNow(CurrentUser student, String sha256) {
        Set<UUID> fresh = store.versionsOf(student.schoolId(), student.id());
        versions.put(student.id(), fresh);
        return names(student, fresh, sha256);
    }

    private boolean names(CurrentUser student, Set<UUID> all, String sha256) {
        return all.stream()
                .anyMatch(version -> named.get(version, id -> FileNames.in(store.version(student.schoolId(), id)))
                        .contains(sha256));
    }

    private boolean hasMet(CurrentUser user, String sha256, BooleanSupplier looks) {
        Asked asked = new Asked(user.id(), sha256);
        if (met.getIfPresent(asked) != null) {
            return true;
        }
        boolean has = looks.getAsBoolean();
        // A no may be a yes in a moment: a team mate says something, a colleague shares a page.
        if (has) {
            met.put(asked, true);
        }
        return has;
    }
}
