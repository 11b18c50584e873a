package gladtile.server.library;

import static gladtile.tables.Tables.LIBRARY_PART;
import static gladtile.tables.Tables.LIBRARY_SHARE;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

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

    LibrarySharingStore(DSLContext db) {
        this.db = db;
    }

    LibrarySharingService.Sharing sharing(CurrentUser who, UUID id) {
        boolean school = db.fetchExists(LIBRARY_PART, LibraryStore.isTheirs(who, id), LIBRARY_PART.FOR_SCHOOL.isTrue());
        List<LibrarySharingService.PartColleague> colleagues = db.select(
                        PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME, LIBRARY_SHARE.PERSON_ID)
                .from(PUBLISHED_PERSON)
                .leftJoin(LIBRARY_SHARE)
                .on(LIBRARY_SHARE.SCHOOL_ID.eq(PUBLISHED_PERSON.SCHOOL_ID))
                .and(LIBRARY_SHARE.PERSON_ID.eq(PUBLISHED_PERSON.ID))
                .and(LIBRARY_SHARE.PART_ID.eq(id))
                .where(
                        PUBLISHED_PERSON.SCHOOL_ID.eq(who.schoolId()),
                        PUBLISHED_PERSON.KIND.eq("teacher"),
                        PUBLISHED_PERSON.ID.ne(who.id()))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME)
                .limit(MOST)
                .fetch(row ->
                        new LibrarySharingService.PartColleague(row.value1(), row.value2(), row.value3() != null));
        return new LibrarySharingService.Sharing(school, colleagues);
    }

    /** @return false when there is no such colleague */
    boolean share(CurrentUser who, UUID id, UUID colleague, boolean shared) {
        if (colleague == null) {
            db.update(LIBRARY_PART)
                    .set(LIBRARY_PART.FOR_SCHOOL, shared)
                    .where(LibraryStore.isTheirs(who, id))
                    .execute();
            return true;
        }
        db.deleteFrom(LIBRARY_SHARE)
                .where(LIBRARY_SHARE.SCHOOL_ID.eq(who.schoolId()), LIBRARY_SHARE.PART_ID.eq(id))
                .and(LIBRARY_SHARE.PERSON_ID.eq(colleague))
                .execute();
        boolean there = db.fetchExists(
                PUBLISHED_PERSON,
                PUBLISHED_PERSON.SCHOOL_ID.eq(who.schoolId()),
                PUBLISHED_PERSON.ID.eq(colleague),
                PUBLISHED_PERSON.KIND.eq("teacher"),
                PUBLISHED_PERSON.ID.ne(who.id()));
        if (there && shared) {
            db.insertInto(LIBRARY_SHARE, LIBRARY_SHARE.SCHOOL_ID, LIBRARY_SHARE.PART_ID, LIBRARY_SHARE.PERSON_ID)
                    .values(who.schoolId(), id, colleague)
                    .onConflictDoNothing()
                    .execute();
        }
        return there;
    }
}
