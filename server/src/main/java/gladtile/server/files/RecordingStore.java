package gladtile.server.files;

import static gladtile.tables.Tables.FILE;

import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Which recordings of students still wait for the move that puts them on a page. */
@Repository
class RecordingStore {
    private final DSLContext db;

    RecordingStore(DSLContext db) {
        this.db = db;
    }

    /** It stays from now on. @return whether there is such a sound */
    boolean keep(UUID schoolId, String sha256) {
        return db.update(FILE)
                        .set(FILE.WAITS, false)
                        .where(
                                FILE.SCHOOL_ID.eq(schoolId),
                                FILE.SHA256.eq(sha256),
                                FILE.MEDIA_TYPE.startsWith("audio/"))
                        .execute()
                > 0;
    }

    /** Their bytes go with them. @return how many were cleared away */
    int clear(OffsetDateTime broughtBefore) {
        return db.deleteFrom(FILE)
                .where(FILE.WAITS.isTrue(), FILE.BROUGHT_AT.lt(broughtBefore))
                .execute();
    }
}
