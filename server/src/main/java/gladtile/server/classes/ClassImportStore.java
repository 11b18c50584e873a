package gladtile.server.classes;

import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.SCHOOL_CLASS;

import gladtile.core.roster.Intake.Known;
import gladtile.core.roster.Intake.KnownClass;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What a school has of its register. */
@Repository
class ClassImportStore {
    private final DSLContext db;

    ClassImportStore(DSLContext db) {
        this.db = db;
    }

    /** Everybody of the school whom the register knows. */
    List<Known> students(UUID schoolId) {
        return db.select(PUBLISHED_PERSON.ID, PUBLISHED_PERSON.REGISTER_ID, PUBLISHED_PERSON.DISPLAY_NAME)
                .from(PUBLISHED_PERSON)
                .where(
                        PUBLISHED_PERSON.SCHOOL_ID.eq(schoolId),
                        PUBLISHED_PERSON.KIND.eq("student"),
                        PUBLISHED_PERSON.REGISTER_ID.isNotNull())
                .fetch(row -> new Known(row.value1().toString(), row.value2(), row.value3()));
    }

    /** The classes of the register, and those of the teacher that are not of it; with their students. */
    List<KnownClass> classes(UUID schoolId, UUID teacherId) {
        Set<UUID> mine = new HashSet<>(db.select(MEMBERSHIP.CLASS_ID)
                .from(MEMBERSHIP)
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.PERSON_ID.eq(teacherId))
                .fetch(MEMBERSHIP.CLASS_ID));
        Map<UUID, List<Known>> students = new HashMap<>(db.select(
                        MEMBERSHIP.CLASS_ID,
                        PUBLISHED_PERSON.ID,
                        PUBLISHED_PERSON.REGISTER_ID,
                        PUBLISHED_PERSON.DISPLAY_NAME)
                .from(MEMBERSHIP)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(MEMBERSHIP.PERSON_ID))
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.CLASS_ID.in(mine))
                .and(PUBLISHED_PERSON.KIND.eq("student"))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.ID)
                .fetchGroups(
                        MEMBERSHIP.CLASS_ID, row -> new Known(row.value2().toString(), row.value3(), row.value4())));
        return db.select(SCHOOL_CLASS.ID, SCHOOL_CLASS.REGISTER_ID, SCHOOL_CLASS.NAME)
                .from(SCHOOL_CLASS)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId))
                .and(SCHOOL_CLASS.REGISTER_ID.isNotNull().or(SCHOOL_CLASS.ID.in(mine)))
                .and(SCHOOL_CLASS.REGISTER_ID.isNotNull().or(SCHOOL_CLASS.ARCHIVED_AT.isNull()))
                .orderBy(SCHOOL_CLASS.NAME, SCHOOL_CLASS.ID)
                .fetch(row -> new KnownClass(
                        row.value1().toString(),
                        row.value2(),
                        row.value3(),
                        mine.contains(row.value1()),
                        students.getOrDefault(row.value1(), List.of())));
    }

    void setClass(UUID schoolId, UUID classId, String registerId) {
        db.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.REGISTER_ID, registerId)
                .where(SCHOOL_CLASS.SCHOOL_ID.eq(schoolId), SCHOOL_CLASS.ID.eq(classId))
                .execute();
    }
}
