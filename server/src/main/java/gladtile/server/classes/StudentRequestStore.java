package gladtile.server.classes;

import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.SCHOOL_CLASS;
import static gladtile.tables.Tables.STUDENT_REQUEST;

import gladtile.tables.tables.Membership;
import gladtile.tables.tables.PublishedPerson;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Who has which students, and who asked for them, in the database. */
@Repository
class StudentRequestStore {
    private final DSLContext db;

    StudentRequestStore(DSLContext db) {
        this.db = db;
    }

    /** One student whom somebody asked for. */
    record Asked(UUID classId, String className, String by, UUID studentId, String student) {}

    /** The teachers who have the student in a class of theirs. */
    List<UUID> teachersOf(UUID schoolId, UUID studentId) {
        Membership theirs = MEMBERSHIP.as("theirs");
        Membership own = MEMBERSHIP.as("own");
        return db.selectDistinct(own.PERSON_ID)
                .from(theirs)
                .join(own)
                .on(own.SCHOOL_ID.eq(theirs.SCHOOL_ID), own.CLASS_ID.eq(theirs.CLASS_ID))
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(own.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(own.PERSON_ID))
                .where(
                        theirs.SCHOOL_ID.eq(schoolId),
                        theirs.PERSON_ID.eq(studentId),
                        PUBLISHED_PERSON.KIND.eq("teacher"))
                .fetch(own.PERSON_ID);
    }

    void ask(UUID schoolId, UUID classId, UUID studentId, UUID by, OffsetDateTime at) {
        db.insertInto(STUDENT_REQUEST)
                .set(STUDENT_REQUEST.SCHOOL_ID, schoolId)
                .set(STUDENT_REQUEST.CLASS_ID, classId)
                .set(STUDENT_REQUEST.STUDENT_ID, studentId)
                .set(STUDENT_REQUEST.ASKED_BY, by)
                .set(STUDENT_REQUEST.ASKED_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    /** Those of a teacher's students whom colleagues asked for. */
    List<Asked> toAnswer(UUID schoolId, UUID teacherId) {
        Membership theirs = MEMBERSHIP.as("theirs");
        Membership own = MEMBERSHIP.as("own");
        return asked(STUDENT_REQUEST
                .SCHOOL_ID
                .eq(schoolId)
                .and(STUDENT_REQUEST.ASKED_BY.ne(teacherId))
                .andExists(DSL.selectOne()
                        .from(theirs)
                        .join(own)
                        .on(own.SCHOOL_ID.eq(theirs.SCHOOL_ID), own.CLASS_ID.eq(theirs.CLASS_ID))
                        .where(
                                theirs.SCHOOL_ID.eq(schoolId),
                                theirs.PERSON_ID.eq(STUDENT_REQUEST.STUDENT_ID),
                                own.PERSON_ID.eq(teacherId))));
    }

    /** Those who were asked for, for a class. */
    List<Asked> forClass(UUID schoolId, UUID classId) {
        return asked(STUDENT_REQUEST.SCHOOL_ID.eq(schoolId).and(STUDENT_REQUEST.CLASS_ID.eq(classId)));
    }

    private List<Asked> asked(Condition which) {
        PublishedPerson by = PUBLISHED_PERSON.as("by");
        return db.select(
                        STUDENT_REQUEST.CLASS_ID,
                        SCHOOL_CLASS.NAME,
                        by.DISPLAY_NAME,
                        STUDENT_REQUEST.STUDENT_ID,
                        PUBLISHED_PERSON.DISPLAY_NAME)
                .from(STUDENT_REQUEST)
                .join(SCHOOL_CLASS)
                .on(SCHOOL_CLASS.SCHOOL_ID.eq(STUDENT_REQUEST.SCHOOL_ID), SCHOOL_CLASS.ID.eq(STUDENT_REQUEST.CLASS_ID))
                .join(PUBLISHED_PERSON)
                .on(
                        PUBLISHED_PERSON.SCHOOL_ID.eq(STUDENT_REQUEST.SCHOOL_ID),
                        PUBLISHED_PERSON.ID.eq(STUDENT_REQUEST.STUDENT_ID))
                .join(by)
                .on(by.SCHOOL_ID.eq(STUDENT_REQUEST.SCHOOL_ID), by.ID.eq(STUDENT_REQUEST.ASKED_BY))
                .where(which)
                .orderBy(STUDENT_REQUEST.ASKED_AT, STUDENT_REQUEST.CLASS_ID, PUBLISHED_PERSON.DISPLAY_NAME)
                .fetch(row -> new Asked(row.value1(), row.value2(), row.value3(), row.value4(), row.value5()));
    }

    void remove(UUID schoolId, UUID classId, Collection<UUID> students) {
        db.deleteFrom(STUDENT_REQUEST)
                .where(
                        STUDENT_REQUEST.SCHOOL_ID.eq(schoolId),
                        STUDENT_REQUEST.CLASS_ID.eq(classId),
                        STUDENT_REQUEST.STUDENT_ID.in(students))
                .execute();
    }
}
