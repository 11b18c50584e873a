package gladtile.server.files;

import static gladtile.tables.Tables.FILE;
import static gladtile.tables.Tables.FILE_CHUNK;
import static gladtile.tables.Tables.PUBLISHED_SCHOOL;
import static gladtile.tables.Tables.PUBLISHED_SCREENCAST;
import static gladtile.tables.Tables.UPLOAD;
import static gladtile.tables.Tables.UPLOAD_CHUNK;

import gladtile.core.page.FileRef;
import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Files on their way in, piece by piece. */
@Repository
class UploadStore {
    private final DSLContext db;
    private final FileAccessStore access;

    UploadStore(DSLContext db, FileAccessStore access) {
        this.db = db;
        this.access = access;
    }

    /** @param bytes of the whole file, as was said at the beginning */
    record Upload(UUID id, String name, long bytes) {}

    /** Bytes of all files of a school, those on their way in among them. */
    /** Gigabytes that the school set itself; empty for none set. */
    Optional<Integer> limit(UUID schoolId) {
        return db.select(PUBLISHED_SCHOOL.STORAGE_GIGABYTES)
                .from(PUBLISHED_SCHOOL)
                .where(PUBLISHED_SCHOOL.ID.eq(schoolId))
                .fetchOptional(PUBLISHED_SCHOOL.STORAGE_GIGABYTES);
    }

    long used(UUID schoolId) {
        return both(FILE.SCHOOL_ID.eq(schoolId), UPLOAD.SCHOOL_ID.eq(schoolId)) + beingRecorded(schoolId);
    }

    private long beingRecorded(UUID schoolId) {
        return db.select(DSL.coalesce(DSL.sum(PUBLISHED_SCREENCAST.BYTES), BigDecimal.ZERO))
                .from(PUBLISHED_SCREENCAST)
                .where(PUBLISHED_SCREENCAST.SCHOOL_ID.eq(schoolId))
                .fetchSingle()
                .value1()
                .longValue();
    }

    /** Bytes that somebody brought since then or is bringing now. */
    long broughtSince(UUID schoolId, UUID person, OffsetDateTime since) {
        return both(
                FILE.SCHOOL_ID.eq(schoolId).and(FILE.BROUGHT_BY.eq(person)).and(FILE.BROUGHT_AT.ge(since)),
                UPLOAD.SCHOOL_ID.eq(schoolId).and(UPLOAD.PERSON_ID.eq(person)));
    }

    /** In one statement: what becomes a file between two of them would be in neither. */
    private long both(Condition kept, Condition coming) {
        return db.select(DSL.coalesce(
                                DSL.field(DSL.select(DSL.sum(FILE.BYTES))
                                        .from(FILE)
                                        .where(kept)),
                                DSL.inline(BigDecimal.ZERO))
                        .plus(DSL.coalesce(
                                DSL.field(DSL.select(DSL.sum(UPLOAD.BYTES))
                                        .from(UPLOAD)
                                        .where(coming)),
                                DSL.inline(BigDecimal.ZERO))))
                .fetchOne(0, Long.class);
    }

    void begin(UUID schoolId, UUID person, Upload upload) {
        db.insertInto(UPLOAD)
                .set(UPLOAD.SCHOOL_ID, schoolId)
                .set(UPLOAD.ID, upload.id())
                .set(UPLOAD.PERSON_ID, person)
                .set(UPLOAD.NAME, upload.name())
                .set(UPLOAD.BYTES, upload.bytes())
                .execute();
    }

    /** Those that nobody went on with. */
    void forget(UUID schoolId, OffsetDateTime begunBefore) {
        db.deleteFrom(UPLOAD)
                .where(UPLOAD.SCHOOL_ID.eq(schoolId), UPLOAD.BEGUN_AT.lt(begunBefore))
                .execute();
    }

    /** Only the one who began it finds it. */
    Optional<Upload> read(UUID schoolId, UUID person, UUID id) {
        return db.selectFrom(UPLOAD)
                .where(UPLOAD.SCHOOL_ID.eq(schoolId), UPLOAD.ID.eq(id), UPLOAD.PERSON_ID.eq(person))
                .fetchOptional(row -> new Upload(row.getId(), row.getName(), row.getBytes()));
    }

    /** The numbers of the pieces that are there. */
    List<Integer> pieces(UUID schoolId, UUID id) {
        return db.select(UPLOAD_CHUNK.N)
                .from(UPLOAD_CHUNK)
                .where(UPLOAD_CHUNK.SCHOOL_ID.eq(schoolId), UPLOAD_CHUNK.UPLOAD_ID.eq(id))
                .orderBy(UPLOAD_CHUNK.N)
                .fetch(UPLOAD_CHUNK.N);
    }

    /** The same piece twice is one. */
    void put(UUID schoolId, UUID id, int n, byte[] bytes) {
        db.insertInto(UPLOAD_CHUNK)
                .set(UPLOAD_CHUNK.SCHOOL_ID, schoolId)
                .set(UPLOAD_CHUNK.UPLOAD_ID, id)
                .set(UPLOAD_CHUNK.N, n)
                .set(UPLOAD_CHUNK.BYTES, bytes)
                .onConflict(UPLOAD_CHUNK.SCHOOL_ID, UPLOAD_CHUNK.UPLOAD_ID, UPLOAD_CHUNK.N)
                .doUpdate()
                .set(UPLOAD_CHUNK.BYTES, bytes)
                .execute();
    }

    /** Every piece in its order, one at a time. */
    void each(UUID schoolId, UUID id, Consumer<byte[]> piece) {
        for (int n : pieces(schoolId, id)) {
            piece.accept(piece(schoolId, id, n));
        }
    }

    byte[] piece(UUID schoolId, UUID id, int n) {
        return db.select(UPLOAD_CHUNK.BYTES)
                .from(UPLOAD_CHUNK)
                .where(UPLOAD_CHUNK.SCHOOL_ID.eq(schoolId), UPLOAD_CHUNK.UPLOAD_ID.eq(id), UPLOAD_CHUNK.N.eq(n))
                .fetchOptional(UPLOAD_CHUNK.BYTES)
                .orElse(new byte[0]);
    }

    /**
     * Makes it a file; the bytes stay in the database meanwhile. The same bytes twice in one school are one file, which
     * waits only while nobody wants it to stay.
     */
    @Transactional
    public void finish(UUID schoolId, UUID person, Upload upload, FileRef file, boolean waits) {
        int added = db.insertInto(FILE)
                .set(FILE.SCHOOL_ID, schoolId)
                .set(FILE.SHA256, file.sha256())
                .set(FILE.MEDIA_TYPE, file.mediaType())
                .set(FILE.BYTES, upload.bytes())
                .set(FILE.BROUGHT_BY, person)
                .set(FILE.NAME, file.name())
                .set(FILE.WAITS, waits)
                .onConflictDoNothing()
                .execute();
        if (added == 0) {
            // One that waits begins its wait anew, in the same breath: it must not be cleared away just now.
            db.update(FILE)
                    .set(FILE.WAITS, waits)
                    .set(FILE.BROUGHT_AT, DSL.currentOffsetDateTime())
                    .where(FILE.SCHOOL_ID.eq(schoolId), FILE.SHA256.eq(file.sha256()), FILE.WAITS.isTrue())
                    .execute();
        }
        if (added > 0) {
            db.insertInto(FILE_CHUNK, FILE_CHUNK.SCHOOL_ID, FILE_CHUNK.SHA256, FILE_CHUNK.N, FILE_CHUNK.BYTES)
                    .select(db.select(
                                    UPLOAD_CHUNK.SCHOOL_ID,
                                    DSL.inline(file.sha256()),
                                    UPLOAD_CHUNK.N,
                                    UPLOAD_CHUNK.BYTES)
                            .from(UPLOAD_CHUNK)
                            .where(UPLOAD_CHUNK.SCHOOL_ID.eq(schoolId), UPLOAD_CHUNK.UPLOAD_ID.eq(upload.id())))
                    .execute();
        }
        access.brought(schoolId, file.sha256(), person);
        delete(schoolId, upload.id());
    }

    void delete(UUID schoolId, UUID id) {
        db.deleteFrom(UPLOAD)
                .where(UPLOAD.SCHOOL_ID.eq(schoolId), UPLOAD.ID.eq(id))
                .execute();
    }
}
