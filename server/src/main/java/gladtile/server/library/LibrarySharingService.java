package gladtile.server.library;

import gladtile.server.accounts.CurrentUser;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who else may take a part: colleagues one by one, or the whole school. Only its owner says so. */
@Service
public class LibrarySharingService {
    private final LibraryStore parts;
    private final LibrarySharingStore store;

    LibrarySharingService(LibraryStore parts, LibrarySharingStore store) {
        this.parts = parts;
        this.store = store;
    }

    /** Another teacher. @param has whether they may take the part */
    public record PartColleague(UUID id, String name, boolean has) {}

    /** @param school whether everybody who teaches at the school may take it */
    public record Sharing(boolean school, List<PartColleague> colleagues) {}

    public Optional<Sharing> of(CurrentUser user, UUID id) {
        return parts.ownVersion(user, id).map(version -> store.sharing(user, id));
    }

    /** @param colleague null for the whole school */
    @Transactional
    public boolean share(CurrentUser user, UUID id, UUID colleague, boolean shared) {
        return parts.ownVersion(user, id).isPresent() && store.share(user, id, colleague, shared);
    }
}
