package gladtile.server.accounts;

import static gladtile.tables.Tables.PERSON;
import static gladtile.tables.Tables.SCHOOL;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Schools and people in the database. */
@Repository
class PersonStore {
    private final DSLContext db;

    PersonStore(DSLContext db) {
        this.db = db;
    }

    /** A person with the hash of their password or PIN. */
    record Known(Who who, String secretHash) {}

    Optional<Known> teacher(String signInName) {
        return db.selectFrom(PERSON)
                .where(DSL.lower(PERSON.SIGN_IN_NAME).eq(signInName.toLowerCase(Locale.ROOT)))
                .and(PERSON.KIND.eq("teacher"))
                .fetchOptional()
                .map(PersonStore::known);
    }

    Optional<Known> student(UUID schoolId, UUID id) {
        return db.selectFrom(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id), PERSON.KIND.eq("student"))
                .fetchOptional()
                .map(PersonStore::known);
    }

    void addSchool(UUID id, String name) {
        db.insertInto(SCHOOL, SCHOOL.ID, SCHOOL.NAME).values(id, name).execute();
    }

    boolean anySchool() {
        return db.fetchExists(SCHOOL);
    }

    void add(Who who, String signInName, String secretHash) {
        db.insertInto(PERSON)
                .set(PERSON.SCHOOL_ID, who.schoolId())
                .set(PERSON.ID, who.id())
                .set(PERSON.KIND, who.kind().name().toLowerCase(Locale.ROOT))
                .set(PERSON.DISPLAY_NAME, who.name())
                .set(PERSON.SIGN_IN_NAME, signInName)
                .set(PERSON.SECRET_HASH, secretHash)
                .execute();
    }

    void setSecret(UUID schoolId, UUID id, String kind, String secretHash) {
        db.update(PERSON)
                .set(PERSON.SECRET_KIND, kind)
                .set(PERSON.SECRET_HASH, secretHash)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .execute();
    }

    private static Known known(Record row) {
        Who.Kind kind = Who.Kind.valueOf(row.get(PERSON.KIND).toUpperCase(Locale.ROOT));
        return new Known(
                new Who(row.get(PERSON.SCHOOL_ID), row.get(PERSON.ID), kind, row.get(PERSON.DISPLAY_NAME)),
                row.get(PERSON.SECRET_HASH));
    }
}
