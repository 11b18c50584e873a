package gladtile.server.accounts;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** The person a request comes from, as kept in their session. */
public record CurrentUser(UUID schoolId, UUID id, Role role, String name) implements Principal, Serializable {
    /** Whether somebody works at the school or learns there. */
    public enum Kind {
        TEACHER,
        STUDENT
    }

    /** What somebody may do. An administrator teaches too; an assistant sees what a class does and changes nothing. */
    public enum Role {
        ADMINISTRATOR,
        TEACHER,
        ASSISTANT,
        STUDENT;

        public Kind kind() {
            return this == STUDENT ? Kind.STUDENT : Kind.TEACHER;
        }
    }

    public Kind kind() {
        return role.kind();
    }

    @Override
    public String getName() {
        return id.toString();
    }
}
