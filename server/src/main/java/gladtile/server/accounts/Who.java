package gladtile.server.accounts;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** The person a request comes from, as kept in their session. */
public record Who(UUID schoolId, UUID id, Kind kind, String name) implements Principal, Serializable {
    /** What a person is in the school. */
    public enum Kind {
        TEACHER,
        STUDENT
    }

    @Override
    public String getName() {
        return id.toString();
    }
}
