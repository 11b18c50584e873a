package gladtile.server.accounts;

import static gladtile.tables.Tables.PERSON;
import static gladtile.tables.Tables.PUBLISHED_LANGUAGE;

import gladtile.server.accounts.LanguageController.OwnLanguage;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** In which language somebody is spoken to. */
@Repository
class LanguageStore {
    private final DSLContext db;

    LanguageStore(DSLContext db) {
        this.db = db;
    }

    OwnLanguage of(UUID schoolId, UUID personId) {
        return db.select(PUBLISHED_LANGUAGE.LANGUAGE, PUBLISHED_LANGUAGE.CHOSEN)
                .from(PUBLISHED_LANGUAGE)
                .where(PUBLISHED_LANGUAGE.SCHOOL_ID.eq(schoolId), PUBLISHED_LANGUAGE.PERSON_ID.eq(personId))
                .fetchSingle(row -> new OwnLanguage(row.value1(), row.value2()));
    }

    /** @param language null for that of their class or school */
    void choose(UUID schoolId, UUID personId, String language) {
        db.update(PERSON)
                .set(PERSON.LANGUAGE, language)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(personId))
                .execute();
    }
}
