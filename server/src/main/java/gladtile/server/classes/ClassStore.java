package gladtile.server.classes;

import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.PERSON;
import static gladtile.tables.Tables.SCHOOL_CLASS;

import gladtile.server.classes.Classes.ClassHead;
import gladtile.server.classes.Classes.Student;
import java.util.List;
import java.util.Optional;
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
                        SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME, DSL.count(PERSON.ID).as("students"))
                .from(SCHOOL_CLASS)
                .join(theirs)
                .on(theirs.SCHOOL_ID.eq(SCHOOL_CLASS.SCHOOL_ID), theirs.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .and(theirs.PERSON_ID.eq(personId))
                .leftJoin(MEMBERSHIP)
                .on(MEMBERSHIP.SCHOOL_ID.eq(SCHOOL_CLASS.SCHOOL_ID), MEMBERSHIP.CLASS_ID.eq(SCHOOL_CLASS.ID))
                .leftJoin(PERSON)
                .on(PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .and(PERSON.KIND.eq("student"))
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId))
                .groupBy(SCHOOL_CLASS.ID, SCHOOL_CLASS.NAME)
                .orderBy(SCHOOL_CLASS.NAME)
                .fetch(row -> new ClassHead(row.value1(), row.value2(), row.value3()));
    }

    List<Student> students(UUID schoolId, UUID classId) {
        return db.select(PERSON.ID, PERSON.DISPLAY_NAME)
                .from(MEMBERSHIP)
                .join(PERSON)
                .on(PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.CLASS_ID.eq(classId))
                .and(PERSON.KIND.eq("student"))
                .orderBy(PERSON.DISPLAY_NAME, PERSON.ID)
                .fetch(row -> new Student(row.value1(), row.value2()));
    }

    Optional<String> name(UUID schoolId, UUID classId) {
        return db.select(SCHOOL_CLASS.NAME)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(classId))
                .fetchOptional(SCHOOL_CLASS.NAME);
    }
}
