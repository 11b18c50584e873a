package gladtile.server.lessons;

import static gladtile.tables.Tables.LESSON;
import static gladtile.tables.Tables.LESSON_STROKE;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.json.Json;
import gladtile.core.page.Stroke;
import gladtile.core.present.Lead;
import gladtile.core.present.LessonGroup;
import gladtile.core.present.PageScale;
import gladtile.server.accounts.CurrentUser;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Lessons and their ink in the database. */
@Repository
class LessonStore {
    private final DSLContext db;

    LessonStore(DSLContext db) {
        this.db = db;
    }

    /** Without its ink. */
    record Row(
            UUID id,
            UUID activityId,
            UUID classId,
            LocalDate heldOn,
            List<String> drawn,
            Map<String, PageScale> scales,
            List<LessonGroup> groups) {}

    private static Condition own(CurrentUser user) {
        return LESSON.SCHOOL_ID.eq(user.schoolId()).and(LESSON.TEACHER_ID.eq(user.id()));
    }

    /** Where there is one of that day already, nothing is made. @return whether it was made */
    boolean make(CurrentUser user, UUID id, UUID activityId, UUID classId, LocalDate day) {
        return db.insertInto(LESSON)
                        .set(LESSON.SCHOOL_ID, user.schoolId())
                        .set(LESSON.ID, id)
                        .set(LESSON.ACTIVITY_ID, activityId)
                        .set(LESSON.TEACHER_ID, user.id())
                        .set(LESSON.CLASS_ID, classId)
                        .set(LESSON.HELD_ON, day)
                        .onConflictDoNothing()
                        .execute()
                > 0;
    }

    /** As the teacher had it last on that activity; of pages that they measured on. */
    Map<String, PageScale> lastScales(CurrentUser user, UUID activityId) {
        return db.select(LESSON.SCALES)
                .from(LESSON)
                .where(own(user), LESSON.ACTIVITY_ID.eq(activityId), LESSON.SCALES.ne(JSONB.valueOf("{}")))
                .orderBy(LESSON.HELD_ON.desc(), LESSON.ID.desc())
                .limit(1)
                .fetchOptional(row -> scales(row.value1()))
                .orElse(Map.of());
    }

    /** As the teacher had them last in that class. */
    List<LessonGroup> lastGroups(CurrentUser user, UUID classId) {
        return db.select(LESSON.GROUPS)
                .from(LESSON)
                .where(own(user), LESSON.CLASS_ID.eq(classId), LESSON.GROUPS.ne(JSONB.valueOf("[]")))
                .orderBy(LESSON.HELD_ON.desc(), LESSON.ID.desc())
                .limit(1)
                .fetchOptional(row -> groups(row.value1()))
                .orElse(List.of());
    }

    private static Map<String, PageScale> scales(JSONB json) {
        return Json.read(json.data(), Scales.class).byPage();
    }

    private static List<LessonGroup> groups(JSONB json) {
        return List.of(Json.read(json.data(), LessonGroup[].class));
    }

    /** A map as it is kept. */
    private record Scales(@JsonValue Map<String, PageScale> byPage) {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Scales {}
    }

    void setScales(UUID schoolId, UUID lessonId, Map<String, PageScale> scales) {
        set(schoolId, lessonId, LESSON.SCALES, JSONB.valueOf(Json.write(scales)));
    }

    void setGroups(UUID schoolId, UUID lessonId, List<LessonGroup> groups) {
        set(schoolId, lessonId, LESSON.GROUPS, JSONB.valueOf(Json.write(groups)));
    }

    private void set(UUID schoolId, UUID lessonId, Field<JSONB> what, JSONB to) {
        db.update(LESSON)
                .set(what, to)
                .where(LESSON.SCHOOL_ID.eq(schoolId), LESSON.ID.eq(lessonId))
                .execute();
    }

    Row ofDay(CurrentUser user, UUID activityId, UUID classId, LocalDate day) {
        return rows(own(user)
                        .and(LESSON.ACTIVITY_ID.eq(activityId))
                        .and(LESSON.CLASS_ID.isNotDistinctFrom(classId))
                        .and(LESSON.HELD_ON.eq(day)))
                .get(0);
    }

    Optional<Row> find(CurrentUser user, UUID id) {
        return rows(own(user).and(LESSON.ID.eq(id))).stream().findFirst();
    }

    private List<Row> rows(Condition where) {
        return db.selectFrom(LESSON)
                .where(where)
                .fetch(row -> new Row(
                        row.getId(),
                        row.getActivityId(),
                        row.getClassId(),
                        row.getHeldOn(),
                        List.of(Json.read(row.getDrawn().data(), String[].class)),
                        scales(row.getScales()),
                        groups(row.getGroups())));
    }

    /** Of one activity, the latest first. */
    List<Row> of(CurrentUser user, UUID activityId, int most) {
        return db.selectFrom(LESSON)
                .where(own(user), LESSON.ACTIVITY_ID.eq(activityId))
                .orderBy(LESSON.HELD_ON.desc(), LESSON.ID.desc())
                .limit(most)
                .fetch(row -> new Row(
                        row.getId(),
                        row.getActivityId(),
                        row.getClassId(),
                        row.getHeldOn(),
                        List.of(),
                        Map.of(),
                        List.of()));
    }

    /** Lesson id to how many strokes it has; those without any are left out. */
    Map<UUID, Integer> strokes(UUID schoolId, Collection<UUID> lessons) {
        return db.select(LESSON_STROKE.LESSON_ID, DSL.count())
                .from(LESSON_STROKE)
                .where(LESSON_STROKE.SCHOOL_ID.eq(schoolId), LESSON_STROKE.LESSON_ID.in(lessons))
                .groupBy(LESSON_STROKE.LESSON_ID)
                .fetchMap(LESSON_STROKE.LESSON_ID, DSL.count());
    }

    /** Of all strokes of a lesson together. */
    int points(UUID schoolId, UUID lessonId) {
        return db.select(DSL.coalesce(DSL.sum(LESSON_STROKE.POINTS), BigDecimal.ZERO))
                .from(LESSON_STROKE)
                .where(LESSON_STROKE.SCHOOL_ID.eq(schoolId), LESSON_STROKE.LESSON_ID.eq(lessonId))
                .fetchSingle()
                .value1()
                .intValue();
    }

    Map<String, List<DrawnStroke>> ink(UUID schoolId, UUID lessonId) {
        Map<String, List<DrawnStroke>> ink = new LinkedHashMap<>();
        db.select(LESSON_STROKE.PAGE_ID, LESSON_STROKE.ID, LESSON_STROKE.STROKE)
                .from(LESSON_STROKE)
                .where(LESSON_STROKE.SCHOOL_ID.eq(schoolId), LESSON_STROKE.LESSON_ID.eq(lessonId))
                .orderBy(LESSON_STROKE.PLACE)
                .forEach(row -> ink.computeIfAbsent(row.value1(), page -> new ArrayList<>())
                        .add(new DrawnStroke(
                                row.value2(), Json.read(row.value3().data(), Stroke.class))));
        return ink;
    }

    /** Its row is held until the end of the transaction, so that nobody adds beyond a bound at the same time. */
    boolean hold(CurrentUser user, UUID lessonId) {
        return db.select(LESSON.ID)
                .from(LESSON)
                .where(own(user), LESSON.ID.eq(lessonId))
                .forUpdate()
                .fetchOptional()
                .isPresent();
    }

    /** A stroke that is there already stays as it is: what is sent again changes nothing. */
    void draw(UUID schoolId, UUID lessonId, String pageId, List<DrawnStroke> strokes) {
        for (DrawnStroke one : strokes) {
            db.insertInto(LESSON_STROKE)
                    .set(LESSON_STROKE.SCHOOL_ID, schoolId)
                    .set(LESSON_STROKE.LESSON_ID, lessonId)
                    .set(LESSON_STROKE.PAGE_ID, pageId)
                    .set(LESSON_STROKE.ID, one.id())
                    .set(LESSON_STROKE.STROKE, JSONB.valueOf(Json.write(one.stroke())))
                    .set(LESSON_STROKE.POINTS, one.stroke().count())
                    .onConflictDoNothing()
                    .execute();
        }
    }

    void wipe(UUID schoolId, UUID lessonId, List<String> ids) {
        db.deleteFrom(LESSON_STROKE)
                .where(
                        LESSON_STROKE.SCHOOL_ID.eq(schoolId),
                        LESSON_STROKE.LESSON_ID.eq(lessonId),
                        LESSON_STROKE.ID.in(ids))
                .execute();
    }

    void setDrawn(UUID schoolId, UUID lessonId, List<String> drawn) {
        set(schoolId, lessonId, LESSON.DRAWN, JSONB.valueOf(Json.write(drawn)));
    }

    /** @param lead null for nothing */
    void setLead(UUID schoolId, UUID lessonId, Lead lead) {
        set(schoolId, lessonId, LESSON.LEAD, lead == null ? null : JSONB.valueOf(Json.write(lead)));
    }

    /** Of one lesson; empty where nothing is told. */
    Optional<Lead> lead(UUID schoolId, UUID lessonId) {
        return leads(LESSON.SCHOOL_ID.eq(schoolId).and(LESSON.ID.eq(lessonId))).stream()
                .findFirst();
    }

    /** Of all lessons of that activity and class. */
    List<Lead> leads(UUID schoolId, UUID activityId, UUID classId) {
        return leads(LESSON.SCHOOL_ID
                .eq(schoolId)
                .and(LESSON.ACTIVITY_ID.eq(activityId))
                .and(LESSON.CLASS_ID.eq(classId)));
    }

    private List<Lead> leads(Condition where) {
        return db.select(LESSON.LEAD)
                .from(LESSON)
                .where(where, LESSON.LEAD.isNotNull())
                .fetch(row -> Json.read(row.value1().data(), Lead.class));
    }

    boolean remove(CurrentUser user, UUID lessonId) {
        return db.deleteFrom(LESSON).where(own(user), LESSON.ID.eq(lessonId)).execute() > 0;
    }
}
