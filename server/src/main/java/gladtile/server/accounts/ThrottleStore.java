package gladtile.server.accounts;

import static gladtile.tables.Tables.SIGN_IN_TRY;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Tries that count, in the database, since several machines may take them. */
@Repository
class ThrottleStore {
    private final DSLContext db;

    ThrottleStore(DSLContext db) {
        this.db = db;
    }

    /** When the latest tries were made, the newest first, at most so many. */
    List<OffsetDateTime> latest(String counted, OffsetDateTime since, int most) {
        return db.select(SIGN_IN_TRY.AT)
                .from(SIGN_IN_TRY)
                .where(SIGN_IN_TRY.COUNTED.eq(counted), SIGN_IN_TRY.AT.gt(since))
                .orderBy(SIGN_IN_TRY.AT.desc())
                .limit(most)
                .fetch(SIGN_IN_TRY.AT);
    }

    void add(UUID id, String counted, OffsetDateTime at) {
        db.insertInto(SIGN_IN_TRY, SIGN_IN_TRY.ID, SIGN_IN_TRY.COUNTED, SIGN_IN_TRY.AT)
                .values(id, counted, at)
                .execute();
    }

    void remove(UUID id) {
        db.deleteFrom(SIGN_IN_TRY).where(SIGN_IN_TRY.ID.eq(id)).execute();
    }

    void forget(String counted) {
        db.deleteFrom(SIGN_IN_TRY).where(SIGN_IN_TRY.COUNTED.eq(counted)).execute();
    }

    /** What was tried at an account from any one place. */
    void forgetFrom(String account) {
        db.deleteFrom(SIGN_IN_TRY)
                .where(SIGN_IN_TRY.COUNTED.startsWith(account + "@"))
                .execute();
    }

    void sweep(OffsetDateTime before) {
        db.deleteFrom(SIGN_IN_TRY).where(SIGN_IN_TRY.AT.lt(before)).execute();
    }
}
