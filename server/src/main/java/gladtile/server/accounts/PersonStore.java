package gladtile.server.accounts;

import static gladtile.tables.Tables.ONE_TIME_LINK;
import static gladtile.tables.Tables.PERSON;
import static gladtile.tables.Tables.SCHOOL;

import java.time.OffsetDateTime;
import java.util.List;
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
    /** The kind of the secret of somebody who was invited and has not chosen one. */
    static final String INVITED = "INVITED";

    private final DSLContext db;

    PersonStore(DSLContext db) {
        this.db = db;
    }

    /** A person with the hash of their password or PIN. */
    record Known(CurrentUser user, String secretHash) {}

    Optional<Known> teacher(String signInName) {
        return db.selectFrom(PERSON)
                .where(DSL.lower(PERSON.SIGN_IN_NAME).eq(signInName.toLowerCase(Locale.ROOT)))
                .and(PERSON.KIND.eq("teacher"))
                .and(PERSON.DEACTIVATED_AT.isNull())
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

    void add(CurrentUser user, String signInName, String secretHash) {
        db.insertInto(PERSON)
                .set(PERSON.SCHOOL_ID, user.schoolId())
                .set(PERSON.ID, user.id())
                .set(PERSON.KIND, user.kind().name().toLowerCase(Locale.ROOT))
                .set(PERSON.ROLE, lower(user.role()))
                .set(PERSON.DISPLAY_NAME, user.name())
                .set(PERSON.SIGN_IN_NAME, signInName)
                .set(PERSON.SECRET_KIND, user.kind() == CurrentUser.Kind.TEACHER ? "PASSWORD" : "PIN")
                .set(PERSON.SECRET_HASH, secretHash)
                .execute();
    }

    void setRegistered(UUID schoolId, UUID id, String registerId, String name) {
        db.update(PERSON)
                .set(PERSON.REGISTER_ID, registerId)
                .set(PERSON.DISPLAY_NAME, name)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
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
        return new Known(user(row), row.get(PERSON.SECRET_HASH));
    }

    private static CurrentUser user(Record row) {
        return new CurrentUser(row.get(PERSON.SCHOOL_ID), row.get(PERSON.ID), role(row), row.get(PERSON.DISPLAY_NAME));
    }

    private static CurrentUser.Role role(Record row) {
        return CurrentUser.Role.valueOf(row.get(PERSON.ROLE).toUpperCase(Locale.ROOT));
    }

    private static String lower(CurrentUser.Role role) {
        return role.name().toLowerCase(Locale.ROOT);
    }

    /** The one school of this installation; empty where there is none, or several. */
    Optional<UUID> onlySchool() {
        List<UUID> two = db.select(SCHOOL.ID).from(SCHOOL).limit(2).fetch(SCHOOL.ID);
        return two.size() == 1 ? Optional.of(two.get(0)) : Optional.empty();
    }

    Optional<Known> find(UUID schoolId, UUID id) {
        return db.selectFrom(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .fetchOptional()
                .map(PersonStore::known);
    }

    /** Somebody who works here and may sign in. */
    Optional<CurrentUser> active(UUID schoolId, UUID id) {
        return db.selectFrom(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id), PERSON.KIND.eq("teacher"))
                .and(PERSON.DEACTIVATED_AT.isNull())
                .fetchOptional(PersonStore::user);
    }

    /** Empty for students. */
    Optional<String> signInName(UUID schoolId, UUID id) {
        return db.select(PERSON.SIGN_IN_NAME)
                .from(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id), PERSON.SIGN_IN_NAME.isNotNull())
                .fetchOptional(PERSON.SIGN_IN_NAME);
    }

    boolean isTaken(String signInName) {
        return db.fetchExists(PERSON, DSL.lower(PERSON.SIGN_IN_NAME).eq(signInName.toLowerCase(Locale.ROOT)));
    }

    void seen(UUID schoolId, UUID id, OffsetDateTime now) {
        db.update(PERSON)
                .set(PERSON.LAST_SEEN_AT, now)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .execute();
    }

    /** All who work at the school, by name; with the end of their invitation while they have not taken it. */
    List<StaffService.Member> staff(UUID schoolId) {
        return db.select(PERSON.asterisk(), ONE_TIME_LINK.EXPIRES_AT)
                .from(PERSON)
                .leftJoin(ONE_TIME_LINK)
                .on(
                        ONE_TIME_LINK.SCHOOL_ID.eq(PERSON.SCHOOL_ID),
                        ONE_TIME_LINK.PERSON_ID.eq(PERSON.ID),
                        ONE_TIME_LINK.PURPOSE.eq("invitation"))
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.KIND.eq("teacher"))
                .orderBy(PERSON.DISPLAY_NAME, PERSON.ID)
                .fetch(row -> new StaffService.Member(
                        row.get(PERSON.ID),
                        row.get(PERSON.DISPLAY_NAME),
                        row.get(PERSON.SIGN_IN_NAME),
                        role(row),
                        row.get(PERSON.SECRET_KIND).equals(INVITED),
                        row.get(ONE_TIME_LINK.EXPIRES_AT),
                        row.get(PERSON.DEACTIVATED_AT) != null,
                        row.get(PERSON.LAST_SEEN_AT)));
    }

    /** Their rows are held until the end of the transaction, so that the last administrator stays one. */
    List<UUID> holdAdministrators(UUID schoolId) {
        return db.select(PERSON.ID)
                .from(PERSON)
                .where(
                        PERSON.SCHOOL_ID.eq(schoolId),
                        PERSON.ROLE.eq("administrator"),
                        PERSON.DEACTIVATED_AT.isNull(),
                        PERSON.SECRET_KIND.ne(INVITED))
                .orderBy(PERSON.ID)
                .forUpdate()
                .fetch(PERSON.ID);
    }

    void setRole(UUID schoolId, UUID id, CurrentUser.Role role) {
        db.update(PERSON)
                .set(PERSON.ROLE, lower(role))
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .execute();
    }

    /** @param at null for active again */
    void setDeactivated(UUID schoolId, UUID id, OffsetDateTime at) {
        db.update(PERSON)
                .set(PERSON.DEACTIVATED_AT, at)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .execute();
    }

    Optional<School> school(UUID id) {
        return db.selectFrom(SCHOOL).where(SCHOOL.ID.eq(id)).fetchOptional(PersonStore::school);
    }

    List<School> schools() {
        return db.selectFrom(SCHOOL).orderBy(SCHOOL.ID).fetch(PersonStore::school);
    }

    private static School school(Record row) {
        return new School(
                row.get(SCHOOL.ID),
                row.get(SCHOOL.NAME),
                row.get(SCHOOL.LANGUAGE),
                row.get(SCHOOL.TIME_ZONE),
                new School.Retention(row.get(SCHOOL.LOG_DAYS), row.get(SCHOOL.BACKUPS_KEPT)),
                row.get(SCHOOL.STORAGE_GIGABYTES),
                School.StudentSignIn.valueOf(row.get(SCHOOL.STUDENT_SIGN_IN)));
    }

    void setSchool(School to) {
        db.update(SCHOOL)
                .set(SCHOOL.NAME, to.name())
                .set(SCHOOL.LANGUAGE, to.language())
                .set(SCHOOL.TIME_ZONE, to.timeZone())
                .set(SCHOOL.LOG_DAYS, to.retention().logDays())
                .set(SCHOOL.BACKUPS_KEPT, to.retention().backups())
                .set(SCHOOL.STORAGE_GIGABYTES, to.storageGigabytes())
                .set(SCHOOL.STUDENT_SIGN_IN, to.studentSignIn().name())
                .where(SCHOOL.ID.eq(to.id()))
                .execute();
    }
}
