package gladtile.server.accounts;

import static gladtile.tables.Tables.PUBLISHED_PERSON;

import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The other teachers of a school, with whom things are shared. */
@Repository
public class ColleagueStore {
    private final DSLContext db;

    ColleagueStore(DSLContext db) {
        this.db = db;
    }

    /** On {@code published_person}: whether a row is a colleague of theirs. */
    public static Condition isColleagueOf(CurrentUser user) {
        return PUBLISHED_PERSON
                .SCHOOL_ID
                .eq(user.schoolId())
                .and(PUBLISHED_PERSON.KIND.eq("teacher"))
                .and(PUBLISHED_PERSON.ID.ne(user.id()));
    }

    public boolean isColleague(CurrentUser user, UUID id) {
        return db.fetchExists(PUBLISHED_PERSON, isColleagueOf(user), PUBLISHED_PERSON.ID.eq(id));
    }
}
