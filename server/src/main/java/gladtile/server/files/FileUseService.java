package gladtile.server.files;

import gladtile.server.accounts.CurrentUser;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * Which activities name which files. Who may look at an activity may have its files, so a file comes onto one only by
 * somebody who may have it already: else a page would be the way to it.
 */
@Service
public class FileUseService {
    private final FileUseStore store;
    private final FileAccess access;

    FileUseService(FileUseStore store, FileAccess access) {
        this.store = store;
        this.access = access;
    }

    /** Whether all files that a document names are for this person. @param json an edit, a list, an activity */
    public boolean areFor(CurrentUser user, String json) {
        return store.there(user.schoolId(), FileNames.in(json)).stream()
                .allMatch(sha256 -> access.mayHave(user, sha256));
    }

    /**
     * Notes the files that an activity names from now on.
     *
     * @param json what comes onto it
     * @return false where one of them is neither on it nor for this person; then nothing is noted
     */
    public boolean put(CurrentUser user, UUID activityId, String json) {
        Set<String> fresh = store.there(user.schoolId(), FileNames.in(json));
        if (fresh.isEmpty()) {
            return true;
        }
        fresh.removeAll(store.on(user.schoolId(), activityId, fresh));
        boolean theirs = fresh.stream().allMatch(sha256 -> access.mayHave(user, sha256));
        if (theirs) {
            store.put(user.schoolId(), activityId, fresh);
        }
        return theirs;
    }

    /** Notes the files that a part of somebody's library names from now on; they may have all of them. */
    public void keep(CurrentUser user, UUID partId, String json) {
        store.keep(user.schoolId(), partId, store.there(user.schoolId(), FileNames.in(json)));
    }
}
