package gladtile.server.activities;

import static gladtile.tables.Tables.ACTIVITY;
import static gladtile.tables.Tables.PAGE_STATE;
import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.TEMPLATE;

import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Which activities are offered as copies. What was deleted is not offered, and is again once it is restored. */
@Repository
class TemplateStore {
    private final DSLContext db;

    TemplateStore(DSLContext db) {
        this.db = db;
    }

    Optional<UUID> code(UUID schoolId, UUID activityId) {
        return db.select(TEMPLATE.CODE)
                .from(TEMPLATE)
                .where(TEMPLATE.SCHOOL_ID.eq(schoolId), TEMPLATE.ACTIVITY_ID.eq(activityId))
                .fetchOptional(TEMPLATE.CODE);
    }

    /** The first code stays: a link that was handed on goes on leading there. */
    void offer(UUID schoolId, UUID activityId, UUID code, OffsetDateTime at) {
        db.insertInto(TEMPLATE)
                .set(TEMPLATE.SCHOOL_ID, schoolId)
                .set(TEMPLATE.ACTIVITY_ID, activityId)
                .set(TEMPLATE.CODE, code)
                .set(TEMPLATE.MADE_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    void end(UUID schoolId, UUID activityId) {
        db.deleteFrom(TEMPLATE)
                .where(TEMPLATE.SCHOOL_ID.eq(schoolId), TEMPLATE.ACTIVITY_ID.eq(activityId))
                .execute();
    }

    Optional<UUID> activity(UUID schoolId, UUID code) {
        return db.select(TEMPLATE.ACTIVITY_ID)
                .from(TEMPLATE)
                .join(ACTIVITY)
                .on(ACTIVITY.SCHOOL_ID.eq(TEMPLATE.SCHOOL_ID), ACTIVITY.ID.eq(TEMPLATE.ACTIVITY_ID))
                .where(TEMPLATE.SCHOOL_ID.eq(schoolId), TEMPLATE.CODE.eq(code), ACTIVITY.DELETED_AT.isNull())
                .fetchOptional(TEMPLATE.ACTIVITY_ID);
    }

    Template head(UUID schoolId, UUID activityId) {
        return db.select(ACTIVITY.TITLE, PUBLISHED_PERSON.DISPLAY_NAME, ACTIVITY.PLACEMENTS, pages())
                .from(ACTIVITY)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(ACTIVITY.OWNER_ID))
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.ID.eq(activityId))
                .fetchSingle(row -> new Template(row.value1(), row.value2(), row.value4(), row.value3()));
    }

    private static org.jooq.Field<Integer> pages() {
        return DSL.field(DSL.selectCount()
                .from(PAGE_STATE)
                .where(PAGE_STATE.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), PAGE_STATE.ACTIVITY_ID.eq(ACTIVITY.ID)));
    }
}
