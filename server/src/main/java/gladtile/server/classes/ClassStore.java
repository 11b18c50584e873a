package gladtile.server.classes;

import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_CLASS_LANGUAGE;
import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.SCHOOL_CLASS;
import static gladtile.tables.Tables.TEAM;

import gladtile.server.classes.ClassService.ClassHead;
import gladtile.server.classes.ClassService.Student;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Classes and memberships in the database. */
@Repository
class ClassStore {
    private final DSLContext db;

    ClassStore(DSLContext db) {
        this.db = db;
    }

    void insert(UUID schoolId, UUID id, String name) {
        db.insertInto(SCHOOL_CLASS, SCHOOL_CLASS.SCHOOL_ID, SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME)
                .values(schoolId, id, name)
                .execute();
    }

    void addMember(UUID schoolId, UUID classId, UUID personId) {
        db.insertInto(MEMBERSHIP, MEMBERSHIP.SCHOOL_ID, MEMBERSHIP.CLASS_ID, MEMBERSHIP.PERSON_ID)
                .values(schoolId, classId, personId)
                .onConflictDoNothing()
                .execute();
    }

    void removeMember(UUID schoolId, UUID classId, UUID personId) {
        db.deleteFrom(MEMBERSHIP)
                .where(
                        MEMBERSHIP.SCHOOL_ID.eq(schoolId),
                        MEMBERSHIP.CLASS_ID.eq(classId),
                        MEMBERSHIP.PERSON_ID.eq(personId))
                .execute();
    }

    void rename(UUID schoolId, UUID id, String name) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.NAME, name)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .execute();
    }

    /** @param language null for that of the school */
    void setLanguage(UUID schoolId, UUID id, String language) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.LANGUAGE, language)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .execute();
    }

    /** Its own; empty where it has that of the school. */
    Optional<String> ownLanguage(UUID schoolId, UUID id) {
        return db.select(SCHOOL_CLASS.LANGUAGE)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .fetchOptional(SCHOOL_CLASS.LANGUAGE);
    }

    /** The one that its students are spoken to in. */
    String language(UUID schoolId, UUID id) {
        return db.select(PUBLISHED_CLASS_LANGUAGE.LANGUAGE)
                .from(PUBLISHED_CLASS_LANGUAGE)
                .where(PUBLISHED_CLASS_LANGUAGE.SCHOOL_ID.eq(schoolId), PUBLISHED_CLASS_LANGUAGE.CLASS_ID.eq(id))
                .fetchSingle(PUBLISHED_CLASS_LANGUAGE.LANGUAGE);
    }

    boolean isMember(UUID schoolId, UUID classId, UUID personId) {
        return db.fetchExists(
                MEMBERSHIP,
                MEMBERSHIP.SCHOOL_ID.eq(schoolId),
                MEMBERSHIP.CLASS_ID.eq(classId),
                MEMBERSHIP.PERSON_ID.eq(personId));
    }

    List<ClassHead> of(UUID schoolId, UUID personId) {
        var theirs = MEMBERSHIP.as("theirs");
        return db.select(
                        SCHOOL_CLASS.ID,
                        SCHOOL_CLASS.NAME,
                        DSL.count(PUBLISHED_PERSON.ID).as("students"),
                        SCHOOL_CLASS.ARCHIVED_AT)
                .from(SCHOOL_CLASS)
                .join(theirs)
                .on(theirs.SCHOOL_ID.eq(SCHOOL_CLASS.SCHOOL_ID), theirs.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .and(theirs.PERSON_ID.eq(personId))
                .leftJoin(MEMBERSHIP)
                .on(MEMBERSHIP.SCHOOL_ID.eq(SCHOOL_CLASS.SCHOOL_ID), MEMBERSHIP.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .leftJoin(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .and(PUBLISHED_PERSON.KIND.eq("student"))
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId))
                .groupBy(SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME, SCHOOL_CLASS.ARCHIVED_AT)
                .orderBy(SCHOOL_CLASS.NAME)
                .fetch(row -> new ClassHead(row.value1(), row.value2(), row.value3(), row.value4() != null));
    }

    List<ClassService.StaffedClass> all(UUID schoolId) {
        Map<UUID, Set<UUID>> staff = new HashMap<>();
        Map<UUID, Integer> students = new HashMap<>();
        db.select(MEMBERSHIP.CLASS_ID, PUBLISHED_PERSON.ID, PUBLISHED_PERSON.KIND)
                .from(MEMBERSHIP)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId))
                .forEach(row -> {
                    if (row.value3().equals("student")) {
                        students.merge(row.value1(), 1, Integer::sum);
                    } else {
                        staff.computeIfAbsent(row.value1(), id -> new HashSet<>())
                                .add(row.value2());
                    }
                });
        return db.select(SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME, SCHOOL_CLASS.ARCHIVED_AT)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId))
                .orderBy(SCHOOL_CLASS.NAME, SCHOOL_CLASS.ID)
                .fetch(row -> new ClassService.StaffedClass(
                        row.value1(),
                        row.value2(),
                        row.value3() != null,
                        students.getOrDefault(row.value1(), 0),
                        staff.getOrDefault(row.value1(), Set.of())));
    }

    List<Student> students(UUID schoolId, UUID classId) {
        return db.select(PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.SECRET_KIND)
                .from(MEMBERSHIP)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.CLASS_ID.eq(classId))
                .and(PUBLISHED_PERSON.KIND.eq("student"))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.ID)
                .fetch(row ->
                        new Student(row.value1(), row.value2(), row.value3().equals("PICTURES")));
    }

    Optional<String> name(UUID schoolId, UUID classId) {
        return db.select(SCHOOL_CLASS.NAME)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(classId))
                .fetchOptional(SCHOOL_CLASS.NAME);
    }

    void archive(UUID schoolId, UUID id, boolean archived) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.ARCHIVED_AT, archived ? DSL.currentOffsetDateTime() : DSL.val((OffsetDateTime) null))
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .execute();
    }

    boolean isArchived(UUID schoolId, UUID id) {
        return db.fetchExists(
                SCHOOL_CLASS,
                SCHOOL_CLASS.SCHOOL_ID.eq(schoolId),
                SCHOOL_CLASS.ID.eq(id),
                SCHOOL_CLASS.ARCHIVED_AT.isNotNull());
    }

    Optional<String> code(UUID schoolId, UUID id) {
        return db.select(SCHOOL_CLASS.JOIN_CODE)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .fetchOptional(SCHOOL_CLASS.JOIN_CODE);
    }

    void setCode(UUID schoolId, UUID id, String code) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.JOIN_CODE, code)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(id))
                .execute();
    }

    Optional<ClassService.Coded> byCode(String code) {
        return db.select(SCHOOL_CLASS.SCHOOL_ID, SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.JOIN_CODE.eq(code), SCHOOL_CLASS.ARCHIVED_AT.isNull())
                .fetchOptional(row -> new ClassService.Coded(row.value1(), row.value2(), row.value3()));
    }

    List<UUID> teachers(UUID schoolId, UUID classId) {
        return db.select(PUBLISHED_PERSON.ID)
                .from(MEMBERSHIP)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.CLASS_ID.eq(classId))
                .and(PUBLISHED_PERSON.KIND.eq("teacher"))
                .fetch(PUBLISHED_PERSON.ID);
    }

    Map<UUID, String> names(UUID schoolId, Collection<UUID> ids) {
        return db.select(PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME)
                .from(PUBLISHED_PERSON)
                .where(PUBLISHED_PERSON.SCHOOL_ID.eq(schoolId), PUBLISHED_PERSON.ID.in(ids))
                .unionAll(db.select(TEAM.ID, TEAM.NAME).from(TEAM).where(TEAM.SCHOOL_ID.eq(schoolId), TEAM.ID.in(ids)))
                .fetchMap(row -> row.value1(), row -> row.value2());
    }
}
