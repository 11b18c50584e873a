package gladtile.server.library;

import static gladtile.tables.Tables.LIBRARY_PART;
import static gladtile.tables.Tables.LIBRARY_SHARE;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import gladtile.server.accounts.ColleagueStore;
import gladtile.server.accounts.CurrentUser;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** With whom parts are shared, in the database. */
@Repository
class LibrarySharingStore {
    private static final int MOST = 1_000;
    private final DSLContext db;
    private final ColleagueStore colleagues;

    LibrarySharingStore(DSLContext db, ColleagueStore colleagues) {
        this.db = db;
        this.colleagues = colleagues;
    }

    LibrarySharingService.Sharing sharing(CurrentUser user, UUID id) {
        boolean school =
                db.fetchExists(LIBRARY_PART, LibraryStore.isTheirs(user, id), LIBRARY_PART.FOR_SCHOOL.isTrue());
        List<LibrarySharingService.PartColleague> shared = db.select(
                        PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME, LIBRARY_SHARE.PERSON_ID)
                .from(PUBLISHED_PERSON)
                .leftJoin(LIBRARY_SHARE)
                .on(LIBRARY_SHARE.SCHOOL_ID.eq(PUBLISHED_PERSON.SCHOOL_ID))
                .and(LIBRARY_SHARE.PERSON_ID.eq(PUBLISHED_PERSON.ID))
                .and(LIBRARY_SHARE.PART_ID.eq(id))
                .where(ColleagueStore.isColleagueOf(user))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME)
                .limit(MOST)
                .fetch(row ->
                        new LibrarySharingService.PartColleague(row.value1(), row.value2(), row.value3() != null));
        return new LibrarySharingService.Sharing(school, shared);
    }

    /** @return false when there is no such colleague */
    boolean share(CurrentUser user, UUID id, UUID colleague, boolean shared) {
        if (colleague == null) {
            db.update(LIBRARY_PART)
                    .set(LIBRARY_PART.FOR_SCHOOL, shared)
                    .where(LibraryStore.isTheirs(user, id))
                    .execute();
            return true;
        }
        db.deleteFrom(LIBRARY_SHARE)
                .where(LIBRARY_SHARE.SCHOOL_ID.eq(user.schoolId()), LIBRARY_SHARE.PART_ID.eq(id))
                .and(LIBRARY_SHARE.PERSON_ID.eq(colleague))
                .execute();
        boolean there = colleagues.isColleague(user, colleague);
        if (there && shared) {
            db.insertInto(LIBRARY_SHARE, LIBRARY_SHARE.SCHOOL_ID, LIBRARY_SHARE.PART_ID, LIBRARY_SHARE.PERSON_ID)
                    .values(user.schoolId(), id, colleague)
                    .onConflictDoNothing()
                    .execute();
        }
        return there;
    }
}
