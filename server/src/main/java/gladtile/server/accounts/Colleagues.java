package gladtile.server.accounts;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The other teachers of a school, with whom things are shared. */
@Service
public class Colleagues {
    private final ColleagueStore store;

    Colleagues(ColleagueStore store) {
        this.store = store;
    }

    public record Colleague(UUID id, String name) {}

    /** By name, at most a thousand. */
    public List<Colleague> of(CurrentUser user) {
        return store.of(user);
    }

    public boolean isColleague(CurrentUser user, UUID id) {
        return store.isColleague(user, id);
    }
}
