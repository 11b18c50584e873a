package gladtile.server.pictures;

import static gladtile.tables.Tables.PICTURE_KEPT;

import gladtile.server.accounts.CurrentUser;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The pictures of the library that somebody keeps as favourites or used lately, by their codes. */
@Repository
class KeptPictureStore {
    private static final int MOST = 60;
    private final DSLContext db;
    private final Clock clock;

    KeptPictureStore(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    List<String> favourites(CurrentUser user) {
        return db.select(PICTURE_KEPT.CODE)
                .from(PICTURE_KEPT)
                .where(PICTURE_KEPT.SCHOOL_ID.eq(user.schoolId()), PICTURE_KEPT.PERSON_ID.eq(user.id()))
                .and(PICTURE_KEPT.KEPT)
                .orderBy(PICTURE_KEPT.CODE)
                .limit(MOST)
                .fetch(PICTURE_KEPT.CODE);
    }

    List<String> lately(CurrentUser user) {
        return db.select(PICTURE_KEPT.CODE)
                .from(PICTURE_KEPT)
                .where(PICTURE_KEPT.SCHOOL_ID.eq(user.schoolId()), PICTURE_KEPT.PERSON_ID.eq(user.id()))
                .and(PICTURE_KEPT.USED_AT.isNotNull())
                .orderBy(PICTURE_KEPT.USED_AT.desc())
                .limit(MOST)
                .fetch(PICTURE_KEPT.CODE);
    }

    void keep(CurrentUser user, String code, boolean kept) {
        db.insertInto(PICTURE_KEPT)
                .set(PICTURE_KEPT.SCHOOL_ID, user.schoolId())
                .set(PICTURE_KEPT.PERSON_ID, user.id())
                .set(PICTURE_KEPT.CODE, code)
                .set(PICTURE_KEPT.KEPT, kept)
                .onConflict(PICTURE_KEPT.SCHOOL_ID, PICTURE_KEPT.PERSON_ID, PICTURE_KEPT.CODE)
                .doUpdate()
                .set(PICTURE_KEPT.KEPT, kept)
                .execute();
    }

    void use(CurrentUser user, String code) {
        OffsetDateTime now = OffsetDateTime.now(clock);
        db.insertInto(PICTURE_KEPT)
                .set(PICTURE_KEPT.SCHOOL_ID, user.schoolId())
                .set(PICTURE_KEPT.PERSON_ID, user.id())
                .set(PICTURE_KEPT.CODE, code)
                .set(PICTURE_KEPT.USED_AT, now)
                .onConflict(PICTURE_KEPT.SCHOOL_ID, PICTURE_KEPT.PERSON_ID, PICTURE_KEPT.CODE)
                .doUpdate()
                .set(PICTURE_KEPT.USED_AT, now)
                .execute();
    }
}
