package gladtile.server.files;

import static gladtile.tables.Tables.FILE;
import static gladtile.tables.Tables.FILE_CHUNK;
import static gladtile.tables.Tables.PICTURE_CREDIT;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Files by the hash of their bytes, in chunks. */
@Repository
class FileStore {
    private static final int CHUNK = 1024 * 1024;
    private final DSLContext db;
    private final FileAccessStore access;

    FileStore(DSLContext db, FileAccessStore access) {
        this.db = db;
        this.access = access;
    }

    record Kept(String mediaType, byte[] bytes) {}

    /** Keeps a picture; the same bytes twice in one school are one file. */
    @Transactional
    public void keep(UUID schoolId, UUID person, StoredPicture picture, byte[] bytes, String credit) {
        int added = db.insertInto(FILE)
                .set(FILE.SCHOOL_ID, schoolId)
                .set(FILE.SHA256, picture.sha256())
                .set(FILE.MEDIA_TYPE, picture.mediaType())
                .set(FILE.BYTES, (long) bytes.length)
                .set(FILE.WIDTH, picture.width())
                .set(FILE.HEIGHT, picture.height())
                .set(FILE.BROUGHT_BY, person)
                .onConflictDoNothing()
                .execute();
        if (added > 0) {
            for (int from = 0, n = 0; from < bytes.length; from += CHUNK, n++) {
                db.insertInto(FILE_CHUNK)
                        .set(FILE_CHUNK.SCHOOL_ID, schoolId)
                        .set(FILE_CHUNK.SHA256, picture.sha256())
                        .set(FILE_CHUNK.N, n)
                        .set(FILE_CHUNK.BYTES, Arrays.copyOfRange(bytes, from, Math.min(bytes.length, from + CHUNK)))
                        .execute();
            }
        }
        access.brought(schoolId, picture.sha256(), person);
        if (!credit.isBlank()) {
            db.insertInto(PICTURE_CREDIT)
                    .set(PICTURE_CREDIT.SCHOOL_ID, schoolId)
                    .set(PICTURE_CREDIT.SHA256, picture.sha256())
                    .set(PICTURE_CREDIT.CREDIT, credit)
                    .onConflict(PICTURE_CREDIT.SCHOOL_ID, PICTURE_CREDIT.SHA256)
                    .doUpdate()
                    .set(PICTURE_CREDIT.CREDIT, credit)
                    .execute();
        }
    }

    /** Empty for none. */
    String credit(UUID schoolId, String sha256) {
        return db.select(PICTURE_CREDIT.CREDIT)
                .from(PICTURE_CREDIT)
                .where(PICTURE_CREDIT.SCHOOL_ID.eq(schoolId), PICTURE_CREDIT.SHA256.eq(sha256))
                .fetchOptional(PICTURE_CREDIT.CREDIT)
                .orElse("");
    }

    /** What is known of a file without reading it. */
    record Head(String mediaType, long bytes) {}

    Optional<Head> head(UUID schoolId, String sha256) {
        return db.select(FILE.MEDIA_TYPE, FILE.BYTES)
                .from(FILE)
                .where(FILE.SCHOOL_ID.eq(schoolId), FILE.SHA256.eq(sha256))
                .fetchOptional(row -> new Head(row.value1(), row.value2()));
    }

    StoredFile file(UUID schoolId, String sha256, long bytes) {
        return new StoredFile(
                bytes,
                CHUNK,
                n -> db.select(FILE_CHUNK.BYTES)
                        .from(FILE_CHUNK)
                        .where(FILE_CHUNK.SCHOOL_ID.eq(schoolId), FILE_CHUNK.SHA256.eq(sha256), FILE_CHUNK.N.eq(n))
                        .fetchOptional(FILE_CHUNK.BYTES)
                        .orElse(new byte[0]));
    }

    Optional<Kept> read(UUID schoolId, String sha256) {
        return db.select(FILE.MEDIA_TYPE)
                .from(FILE)
                .where(FILE.SCHOOL_ID.eq(schoolId), FILE.SHA256.eq(sha256))
                .fetchOptional(FILE.MEDIA_TYPE)
                .map(type -> {
                    ByteArrayOutputStream all = new ByteArrayOutputStream();
                    db.select(FILE_CHUNK.BYTES)
                            .from(FILE_CHUNK)
                            .where(FILE_CHUNK.SCHOOL_ID.eq(schoolId), FILE_CHUNK.SHA256.eq(sha256))
                            .orderBy(FILE_CHUNK.N)
                            .forEach(row -> all.writeBytes(row.value1()));
                    return new Kept(type, all.toByteArray());
                });
    }
}
