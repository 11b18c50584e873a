package gladtile.server.assignments;

import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.EDITION;
import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.SCHOOL_CLASS;

import gladtile.core.activity.Activity;
import gladtile.core.json.Json;
import gladtile.server.assignments.Assignments.Assignment;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Editions and assignments in the database. */
@Repository
class AssignmentStore {
    private final DSLContext db;

    AssignmentStore(DSLContext db) {
        this.db = db;
    }

    @Transactional
    public void insert(Assignment assignment, long activitySeq, Activity activity) {
        db.insertInto(EDITION)
                .set(EDITION.SCHOOL_ID, assignment.schoolId())
                .set(EDITION.ID, assignment.editionId())
                .set(EDITION.ACTIVITY_ID, assignment.activityId())
                .set(EDITION.ACTIVITY_SEQ, activitySeq)
                .set(EDITION.ACTIVITY, JSONB.valueOf(Json.write(activity)))
                .execute();
        db.insertInto(ASSIGNMENT)
                .set(ASSIGNMENT.SCHOOL_ID, assignment.schoolId())
                .set(ASSIGNMENT.ID, assignment.id())
                .set(ASSIGNMENT.EDITION_ID, assignment.editionId())
                .set(ASSIGNMENT.ACTIVITY_ID, assignment.activityId())
                .set(ASSIGNMENT.CLASS_ID, assignment.classId())
                .set(ASSIGNMENT.TEACHER_ID, assignment.teacherId())
                .set(ASSIGNMENT.TITLE, assignment.title())
                .set(ASSIGNMENT.JOIN_CODE, assignment.joinCode())
                .set(ASSIGNMENT.ASSIGNED_AT, assignment.assignedAt())
                .execute();
    }

    Optional<Assignment> read(UUID schoolId, UUID id) {
        return where(ASSIGNMENT.SCHOOL_ID.eq(schoolId).and(ASSIGNMENT.ID.eq(id)))
                .fetchOptional(AssignmentStore::assignment);
    }

    Optional<Assignment> byCode(String code) {
        return where(ASSIGNMENT.JOIN_CODE.eq(code)).fetchOptional(AssignmentStore::assignment);
    }

    List<Assignment> of(UUID schoolId, UUID teacherId) {
        return where(ASSIGNMENT.SCHOOL_ID.eq(schoolId).and(ASSIGNMENT.TEACHER_ID.eq(teacherId)))
                .orderBy(ASSIGNMENT.ASSIGNED_AT.desc())
                .limit(1_000)
                .fetch(AssignmentStore::assignment);
    }

    List<Assignment> forStudent(UUID schoolId, UUID studentId) {
        return where(ASSIGNMENT
                        .SCHOOL_ID
                        .eq(schoolId)
                        .and(ASSIGNMENT.CLASS_ID.in(db.select(MEMBERSHIP.CLASS_ID)
                                .from(MEMBERSHIP)
                                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.PERSON_ID.eq(studentId)))))
                .orderBy(ASSIGNMENT.ASSIGNED_AT.desc())
                .limit(200)
                .fetch(AssignmentStore::assignment);
    }

    Activity edition(UUID schoolId, UUID id) {
        String json = db.select(EDITION.ACTIVITY)
                .from(EDITION)
                .where(EDITION.SCHOOL_ID.eq(schoolId), EDITION.ID.eq(id))
                .fetchSingle(EDITION.ACTIVITY)
                .data();
        return Json.read(json, Activity.class);
    }

    private SelectConditionStep<?> where(Condition condition) {
        return db.select(ASSIGNMENT.fields())
                .select(SCHOOL_CLASS.NAME)
                .from(ASSIGNMENT)
                .join(SCHOOL_CLASS)
                .on(SCHOOL_CLASS.SCHOOL_ID.eq(ASSIGNMENT.SCHOOL_ID), SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
                .where(condition);
    }

    private static Assignment assignment(Record row) {
        return new Assignment(
                row.get(ASSIGNMENT.SCHOOL_ID),
                row.get(ASSIGNMENT.ID),
                row.get(ASSIGNMENT.EDITION_ID),
                row.get(ASSIGNMENT.ACTIVITY_ID),
                row.get(ASSIGNMENT.CLASS_ID),
                row.get(ASSIGNMENT.TEACHER_ID),
                row.get(ASSIGNMENT.TITLE),
                row.get(SCHOOL_CLASS.NAME),
                row.get(ASSIGNMENT.JOIN_CODE),
                row.get(ASSIGNMENT.ASSIGNED_AT));
    }
}
