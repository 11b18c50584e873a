package gladtile.server.accounts;

import static gladtile.tables.Tables.KNOWN_DEVICE;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Devices by the hash of their token, and who signed in on them. */
@Repository
class KnownDeviceStore {
    private final DSLContext db;

    KnownDeviceStore(DSLContext db) {
        this.db = db;
    }

    boolean isKnown(byte[] hash) {
        return db.fetchExists(KNOWN_DEVICE, KNOWN_DEVICE.TOKEN_HASH.eq(hash));
    }

    boolean isKnownTo(byte[] hash, UUID personId) {
        return db.fetchExists(KNOWN_DEVICE, KNOWN_DEVICE.TOKEN_HASH.eq(hash), KNOWN_DEVICE.PERSON_ID.eq(personId));
    }

    /** @param most that are kept of the person's, those used last */
    void put(byte[] hash, CurrentUser user, OffsetDateTime now, int most) {
        db.insertInto(KNOWN_DEVICE)
                .set(KNOWN_DEVICE.TOKEN_HASH, hash)
                .set(KNOWN_DEVICE.SCHOOL_ID, user.schoolId())
                .set(KNOWN_DEVICE.PERSON_ID, user.id())
                .set(KNOWN_DEVICE.USED_AT, now)
                .onConflict(KNOWN_DEVICE.TOKEN_HASH, KNOWN_DEVICE.PERSON_ID)
                .doUpdate()
                .set(KNOWN_DEVICE.USED_AT, now)
                .execute();
        db.deleteFrom(KNOWN_DEVICE)
                .where(KNOWN_DEVICE.PERSON_ID.eq(user.id()))
                .and(KNOWN_DEVICE.TOKEN_HASH.notIn(DSL.select(KNOWN_DEVICE.TOKEN_HASH)
                        .from(KNOWN_DEVICE)
                        .where(KNOWN_DEVICE.PERSON_ID.eq(user.id()))
                        .orderBy(KNOWN_DEVICE.USED_AT.desc())
                        .limit(most)))
                .execute();
    }

    void forgetAll(UUID personId) {
        db.deleteFrom(KNOWN_DEVICE).where(KNOWN_DEVICE.PERSON_ID.eq(personId)).execute();
    }

    void sweep(OffsetDateTime before) {
        db.deleteFrom(KNOWN_DEVICE).where(KNOWN_DEVICE.USED_AT.lt(before)).execute();
    }
}
