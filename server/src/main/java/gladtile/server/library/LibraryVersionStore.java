package gladtile.server.library;

import static gladtile.tables.Tables.LIBRARY_VERSION;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** The versions of parts in the database; of each part the last ones are kept. */
@Repository
class LibraryVersionStore {
    private final DSLContext db;

    LibraryVersionStore(DSLContext db) {
        this.db = db;
    }

    void insert(UUID schoolId, UUID id, LibraryStore.Version version) {
        db.insertInto(LIBRARY_VERSION)
                .set(LIBRARY_VERSION.SCHOOL_ID, schoolId)
                .set(LIBRARY_VERSION.PART_ID, id)
                .set(LIBRARY_VERSION.VERSION, version.number())
                .set(LIBRARY_VERSION.CONTENTS, JSONB.valueOf(version.contents()))
                .set(LIBRARY_VERSION.SIZE, version.contents().length())
                .set(LIBRARY_VERSION.KEPT_AT, version.at())
                .execute();
        db.deleteFrom(LIBRARY_VERSION)
                .where(LIBRARY_VERSION.SCHOOL_ID.eq(schoolId), LIBRARY_VERSION.PART_ID.eq(id))
                .and(LIBRARY_VERSION.VERSION.le(version.number() - LibraryService.VERSIONS))
                .execute();
    }

    List<LibraryService.PartVersion> of(UUID schoolId, UUID id) {
        return db.select(LIBRARY_VERSION.VERSION, LIBRARY_VERSION.KEPT_AT)
                .from(LIBRARY_VERSION)
                .where(LIBRARY_VERSION.SCHOOL_ID.eq(schoolId), LIBRARY_VERSION.PART_ID.eq(id))
                .orderBy(LIBRARY_VERSION.VERSION.desc())
                .fetch(row -> new LibraryService.PartVersion(row.value1(), row.value2()));
    }

    Optional<String> contents(UUID schoolId, UUID id, int version) {
        return db.select(LIBRARY_VERSION.CONTENTS)
                .from(LIBRARY_VERSION)
                .where(LIBRARY_VERSION.SCHOOL_ID.eq(schoolId), LIBRARY_VERSION.PART_ID.eq(id))
                .and(LIBRARY_VERSION.VERSION.eq(version))
                .fetchOptional(row -> row.value1().data());
    }
}
