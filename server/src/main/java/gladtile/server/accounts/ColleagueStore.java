package gladtile.server.accounts;

import static gladtile.tables.Tables.PUBLISHED_PERSON;

import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The other teachers of a school, in the database. */
@Repository
class ColleagueStore {
    private static final int MOST = 1_000;
    private final DSLContext db;

    ColleagueStore(DSLContext db) {
        this.db = db;
    }

    private static Condition areColleaguesOf(CurrentUser user) {
        return PUBLISHED_PERSON
                .SCHOOL_ID
                .eq(user.schoolId())
                .and(PUBLISHED_PERSON.KIND.eq("teacher"))
                .and(PUBLISHED_PERSON.ID.ne(user.id()));
    }

    List<Colleagues.Colleague> of(CurrentUser user) {
        return db.select(PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME)
                .from(PUBLISHED_PERSON)
                .where(areColleaguesOf(user))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.ID)
                .limit(MOST)
                .fetch(row -> new Colleagues.Colleague(row.value1(), row.value2()));
    }

    boolean isColleague(CurrentUser user, UUID id) {
        return db.fetchExists(PUBLISHED_PERSON, areColleaguesOf(user), PUBLISHED_PERSON.ID.eq(id));
    }
}
