package gladtile.server.personaldata;

import static gladtile.tables.Tables.*;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The files that somebody brought, and whether anything that stays shows them. */
@Repository
class PersonalFileStore {
    private final DSLContext db;

    PersonalFileStore(DSLContext db) {
        this.db = db;
    }

    /** A file that they brought. */
    record Brought(String sha256, String name, String mediaType) {}

    List<Brought> of(UUID schoolId, UUID id) {
        return db.select(FILE.SHA256, FILE.NAME, FILE.MEDIA_TYPE)
                .from(FILE)
                .where(FILE.SCHOOL_ID.eq(schoolId))
                .and(FILE.BROUGHT_BY
                        .eq(id)
                        .or(FILE.SHA256.in(db.select(FILE_BRINGER.SHA256)
                                .from(FILE_BRINGER)
                                .where(FILE_BRINGER.SCHOOL_ID.eq(schoolId), FILE_BRINGER.PERSON_ID.eq(id)))))
                .orderBy(FILE.SHA256)
                .fetch(row -> new Brought(row.value1(), row.value2(), row.value3()));
    }

    void write(UUID schoolId, String sha256, OutputStream out) throws IOException {
        try (var chunks = db.select(FILE_CHUNK.BYTES)
                .from(FILE_CHUNK)
                .where(FILE_CHUNK.SCHOOL_ID.eq(schoolId), FILE_CHUNK.SHA256.eq(sha256))
                .orderBy(FILE_CHUNK.N)
                .fetchSize(1)
                .fetchLazy()) {
            for (var row : chunks) {
                out.write(row.value1());
            }
        }
    }

    /** Whether anything that stays shows that file. */
    boolean isUsed(UUID schoolId, String sha256) {
        List<Condition> places = new ArrayList<>();
        places.add(DSL.exists(
                db.selectOne().from(FILE_USE).where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.SHA256.eq(sha256))));
        places.add(DSL.exists(db.selectOne()
                .from(LIBRARY_FILE)
                .where(LIBRARY_FILE.SCHOOL_ID.eq(schoolId), LIBRARY_FILE.SHA256.eq(sha256))));
        places.add(DSL.exists(db.selectOne()
                .from(FILE_BRINGER)
                .where(FILE_BRINGER.SCHOOL_ID.eq(schoolId), FILE_BRINGER.SHA256.eq(sha256))));
        for (TableField<?, JSONB> told : List.of(
                ACTIVITY_VERSION.ACTIVITY,
                MOVE.ACT,
                REVIEW.REVIEW_,
                REVIEW.SENT_REVIEW,
                SCREENCAST.WHOLE,
                SCREENCAST.VIDEO)) {
            places.add(DSL.exists(db.selectOne()
                    .from(told.getTable())
                    .where(PersonalDataStore.school(told.getTable())
                            .eq(schoolId)
                            .and(told.cast(String.class).contains(sha256)))));
        }
        return db.fetchExists(DSL.selectOne().where(DSL.or(places)));
    }
}
