package gladtile.server.assignments;

import static gladtile.tables.Tables.ACTIVITY_VERSION;
import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.ASSIGNMENT_FOR;
import static gladtile.tables.Tables.EXTENSION;
import static gladtile.tables.Tables.PUBLISHED_MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_SCHOOL_CLASS;

import gladtile.core.activity.Activity;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.AssignmentControl;
import gladtile.core.assigned.Extension;
import gladtile.core.edit.Invariants;
import gladtile.core.json.Json;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.assignments.AssignmentService.Whom;
import gladtile.server.classes.JoinCode;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.Result;
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

    /** An assignment that is about to be given, with its version. */
    record New(Assignment assignment, long activitySeq, Activity activity) {}

    /** @param code of the first; the others have codes too, which nobody needs to know */
    @Transactional
    public void insert(List<New> all, String code) {
        for (New one : all) {
            Assignment assignment = one.assignment();
            insertVersion(assignment, assignment.versionId(), one.activitySeq(), one.activity());
            db.insertInto(ASSIGNMENT)
                    .set(ASSIGNMENT.SCHOOL_ID, assignment.schoolId())
                    .set(ASSIGNMENT.ID, assignment.id())
                    .set(ASSIGNMENT.VERSION_ID, assignment.versionId())
                    .set(ASSIGNMENT.ACTIVITY_ID, assignment.activityId())
                    .set(ASSIGNMENT.CLASS_ID, assignment.classId())
                    .set(ASSIGNMENT.TEACHER_ID, assignment.teacherId())
                    .set(ASSIGNMENT.TITLE, assignment.title())
                    .set(ASSIGNMENT.JOIN_CODE, assignment.position() == 0 ? code : JoinCode.make())
                    .set(ASSIGNMENT.ASSIGNED_AT, assignment.assignedAt())
                    .set(ASSIGNMENT.TERMS, JSONB.valueOf(Json.write(assignment.terms())))
                    .set(ASSIGNMENT.WHOM, assignment.whom().name())
                    .set(ASSIGNMENT.SERIES_ID, assignment.seriesId())
                    .set(ASSIGNMENT.SERIES_POSITION, assignment.position())
                    .execute();
            for (UUID target : assignment.targets()) {
                db.insertInto(ASSIGNMENT_FOR)
                        .values(assignment.schoolId(), assignment.id(), target)
                        .execute();
            }
        }
    }

    void insertVersion(Assignment assignment, UUID versionId, long activitySeq, Activity activity) {
        db.insertInto(ACTIVITY_VERSION)
                .set(ACTIVITY_VERSION.SCHOOL_ID, assignment.schoolId())
                .set(ACTIVITY_VERSION.ID, versionId)
                .set(ACTIVITY_VERSION.ACTIVITY_ID, assignment.activityId())
                .set(ACTIVITY_VERSION.ACTIVITY_SEQ, activitySeq)
                .set(ACTIVITY_VERSION.ACTIVITY, JSONB.valueOf(Json.write(activity)))
                .execute();
    }

    Optional<Assignment> read(UUID schoolId, UUID id) {
        return first(where(ASSIGNMENT.SCHOOL_ID.eq(schoolId).and(ASSIGNMENT.ID.eq(id))));
    }

    Optional<Assignment> byCode(String code) {
        return first(where(ASSIGNMENT.JOIN_CODE.eq(code)));
    }

    List<Assignment> of(UUID schoolId, UUID teacherId) {
        return all(where(ASSIGNMENT.SCHOOL_ID.eq(schoolId).and(inClassOf(schoolId, teacherId)))
                .orderBy(ASSIGNMENT.ASSIGNED_AT.desc(), ASSIGNMENT.SERIES_POSITION)
                .limit(1_000)
                .fetch());
    }

    List<Assignment> forStudent(UUID schoolId, UUID studentId) {
        return all(where(ASSIGNMENT
                        .SCHOOL_ID
                        .eq(schoolId)
                        .and(ASSIGNMENT.WITHDRAWN_AT.isNull())
                        .and(inClassOf(schoolId, studentId)))
                .orderBy(ASSIGNMENT.ASSIGNED_AT.desc(), ASSIGNMENT.SERIES_POSITION)
                .limit(200)
                .fetch());
    }

    List<Assignment> ofClass(UUID schoolId, UUID classId, UUID activityId) {
        return all(where(ASSIGNMENT
                        .SCHOOL_ID
                        .eq(schoolId)
                        .and(ASSIGNMENT.CLASS_ID.eq(classId))
                        .and(ASSIGNMENT.ACTIVITY_ID.eq(activityId))
                        .and(ASSIGNMENT.WITHDRAWN_AT.isNull()))
                .limit(200)
                .fetch());
    }

    List<Assignment> series(UUID schoolId, UUID seriesId) {
        return all(where(ASSIGNMENT.SCHOOL_ID.eq(schoolId).and(ASSIGNMENT.SERIES_ID.eq(seriesId)))
                .orderBy(ASSIGNMENT.SERIES_POSITION)
                .fetch());
    }

    private Condition inClassOf(UUID schoolId, UUID personId) {
        return ASSIGNMENT.CLASS_ID.in(db.select(PUBLISHED_MEMBERSHIP.CLASS_ID)
                .from(PUBLISHED_MEMBERSHIP)
                .where(PUBLISHED_MEMBERSHIP.SCHOOL_ID.eq(schoolId), PUBLISHED_MEMBERSHIP.PERSON_ID.eq(personId)));
    }

    Activity version(UUID schoolId, UUID id) {
        String json = db.select(ACTIVITY_VERSION.ACTIVITY)
                .from(ACTIVITY_VERSION)
                .where(ACTIVITY_VERSION.SCHOOL_ID.eq(schoolId), ACTIVITY_VERSION.ID.eq(id))
                .fetchSingle(ACTIVITY_VERSION.ACTIVITY)
                .data();
        return Invariants.mended(Json.read(json, Activity.class));
    }

    void setVersion(Assignment assignment, UUID versionId) {
        db.update(ASSIGNMENT)
                .set(ASSIGNMENT.VERSION_ID, versionId)
                .where(is(assignment))
                .execute();
    }

    void setControl(Assignment assignment, AssignmentControl control) {
        db.update(ASSIGNMENT)
                .set(ASSIGNMENT.PAUSED_AT, time(control.pausedAt()))
                .set(ASSIGNMENT.PAUSE_MESSAGE, control.words())
                .set(ASSIGNMENT.EDITING_CLOSED_AT, time(control.closedAt()))
                .set(ASSIGNMENT.WITHDRAWN_AT, time(control.withdrawnAt()))
                .where(is(assignment))
                .execute();
    }

    void setTerms(Assignment assignment, AssignTerms terms) {
        db.update(ASSIGNMENT)
                .set(ASSIGNMENT.TERMS, JSONB.valueOf(Json.write(terms)))
                .where(is(assignment))
                .execute();
    }

    void setCode(Assignment assignment, String code) {
        db.update(ASSIGNMENT)
                .set(ASSIGNMENT.JOIN_CODE, code)
                .where(is(assignment))
                .execute();
    }

    void setExtension(Assignment assignment, UUID holderId, Extension extension) {
        if (extension == null) {
            db.deleteFrom(EXTENSION)
                    .where(EXTENSION.SCHOOL_ID.eq(assignment.schoolId()))
                    .and(EXTENSION.ASSIGNMENT_ID.eq(assignment.id()))
                    .and(EXTENSION.HOLDER_ID.eq(holderId))
                    .execute();
            return;
        }
        JSONB json = JSONB.valueOf(Json.write(extension));
        db.insertInto(EXTENSION)
                .values(assignment.schoolId(), assignment.id(), holderId, json)
                .onConflict(EXTENSION.SCHOOL_ID, EXTENSION.ASSIGNMENT_ID, EXTENSION.HOLDER_ID)
                .doUpdate()
                .set(EXTENSION.EXTENSION_, json)
                .execute();
    }

    private static Condition is(Assignment assignment) {
        return ASSIGNMENT.SCHOOL_ID.eq(assignment.schoolId()).and(ASSIGNMENT.ID.eq(assignment.id()));
    }

    private SelectConditionStep<?> where(Condition condition) {
        return db.select(ASSIGNMENT.fields())
                .select(PUBLISHED_SCHOOL_CLASS.NAME)
                .from(ASSIGNMENT)
                .join(PUBLISHED_SCHOOL_CLASS)
                .on(
                        PUBLISHED_SCHOOL_CLASS.SCHOOL_ID.eq(ASSIGNMENT.SCHOOL_ID),
                        PUBLISHED_SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
                .where(condition);
    }

    private Optional<Assignment> first(SelectConditionStep<?> query) {
        return all(query.fetch()).stream().findFirst();
    }

    /** With whom they are for and who has more time, read for all of them at once. */
    private List<Assignment> all(Result<? extends Record> rows) {
        Set<UUID> ids = new HashSet<>(rows.getValues(ASSIGNMENT.ID));
        if (ids.isEmpty()) {
            return List.of();
        }
        UUID schoolId = rows.get(0).get(ASSIGNMENT.SCHOOL_ID);
        Map<UUID, Set<UUID>> targets = new HashMap<>();
        db.selectFrom(ASSIGNMENT_FOR)
                .where(ASSIGNMENT_FOR.SCHOOL_ID.eq(schoolId), ASSIGNMENT_FOR.ASSIGNMENT_ID.in(ids))
                .forEach(row -> targets.computeIfAbsent(row.getAssignmentId(), id -> new HashSet<>())
                        .add(row.getTargetId()));
        Map<UUID, Map<UUID, Extension>> extensions = new HashMap<>();
        db.selectFrom(EXTENSION)
                .where(EXTENSION.SCHOOL_ID.eq(schoolId), EXTENSION.ASSIGNMENT_ID.in(ids))
                .forEach(row -> extensions
                        .computeIfAbsent(row.getAssignmentId(), id -> new HashMap<>())
                        .put(row.getHolderId(), Json.read(row.getExtension().data(), Extension.class)));
        return rows.map(row -> assignment(
                row,
                targets.getOrDefault(row.get(ASSIGNMENT.ID), Set.of()),
                extensions.getOrDefault(row.get(ASSIGNMENT.ID), Map.of())));
    }

    private static Assignment assignment(Record row, Set<UUID> targets, Map<UUID, Extension> extensions) {
        AssignmentControl control = new AssignmentControl(
                instant(row.get(ASSIGNMENT.PAUSED_AT)),
                row.get(ASSIGNMENT.PAUSE_MESSAGE),
                instant(row.get(ASSIGNMENT.EDITING_CLOSED_AT)),
                instant(row.get(ASSIGNMENT.WITHDRAWN_AT)));
        return new Assignment(
                row.get(ASSIGNMENT.SCHOOL_ID),
                row.get(ASSIGNMENT.ID),
                row.get(ASSIGNMENT.VERSION_ID),
                row.get(ASSIGNMENT.ACTIVITY_ID),
                row.get(ASSIGNMENT.CLASS_ID),
                row.get(ASSIGNMENT.TEACHER_ID),
                row.get(ASSIGNMENT.TITLE),
                row.get(PUBLISHED_SCHOOL_CLASS.NAME),
                row.get(ASSIGNMENT.JOIN_CODE),
                row.get(ASSIGNMENT.ASSIGNED_AT),
                Json.read(row.get(ASSIGNMENT.TERMS).data(), AssignTerms.class),
                Whom.valueOf(row.get(ASSIGNMENT.WHOM)),
                targets,
                control,
                row.get(ASSIGNMENT.SERIES_ID),
                row.get(ASSIGNMENT.SERIES_POSITION),
                extensions);
    }

    private static Instant instant(OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }

    private static OffsetDateTime time(Instant instant) {
        return instant == null ? null : instant.atOffset(ZoneOffset.UTC);
    }
}
