package gladtile.server.library;

import static gladtile.tables.Tables.LIBRARY_PART;
import static gladtile.tables.Tables.LIBRARY_SHARE;

import gladtile.server.accounts.Colleagues;
import gladtile.server.accounts.CurrentUser;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** With whom parts are shared, in the database. */
@Repository
class LibrarySharingStore {
    private final DSLContext db;
    private final Colleagues colleagues;

    LibrarySharingStore(DSLContext db, Colleagues colleagues) {
        this.db = db;
        this.colleagues = colleagues;
    }

    LibrarySharingService.Sharing sharing(CurrentUser user, UUID id) {
        boolean school =
                db.fetchExists(LIBRARY_PART, LibraryStore.isTheirs(user, id), LIBRARY_PART.FOR_SCHOOL.isTrue());
        Set<UUID> with = db.select(LIBRARY_SHARE.PERSON_ID)
                .from(LIBRARY_SHARE)
                .where(LIBRARY_SHARE.SCHOOL_ID.eq(user.schoolId()), LIBRARY_SHARE.PART_ID.eq(id))
                .fetchSet(LIBRARY_SHARE.PERSON_ID);
        List<LibrarySharingService.PartColleague> shared = colleagues.of(user).stream()
                .map(one -> new LibrarySharingService.PartColleague(one.id(), one.name(), with.contains(one.id())))
                .toList();
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
