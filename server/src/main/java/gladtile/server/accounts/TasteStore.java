package gladtile.server.accounts;

import static gladtile.tables.Tables.PERSON_TASTE;

import gladtile.core.json.Json;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** Tastes in the database. */
@Repository
class TasteStore {
    private final DSLContext db;

    TasteStore(DSLContext db) {
        this.db = db;
    }

    Optional<Taste> read(Who who) {
        return db.select(PERSON_TASTE.TASTE)
                .from(PERSON_TASTE)
                .where(PERSON_TASTE.SCHOOL_ID.eq(who.schoolId()), PERSON_TASTE.PERSON_ID.eq(who.id()))
                .fetchOptional(row -> Json.read(row.value1().data(), Taste.class));
    }

    void keep(Who who, Taste taste) {
        JSONB json = JSONB.valueOf(Json.write(taste));
        db.insertInto(PERSON_TASTE)
                .set(PERSON_TASTE.SCHOOL_ID, who.schoolId())
                .set(PERSON_TASTE.PERSON_ID, who.id())
                .set(PERSON_TASTE.TASTE, json)
                .onConflict(PERSON_TASTE.SCHOOL_ID, PERSON_TASTE.PERSON_ID)
                .doUpdate()
                .set(PERSON_TASTE.TASTE, json)
                .execute();
    }
}
