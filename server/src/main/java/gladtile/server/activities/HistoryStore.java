package gladtile.server.activities;

import static gladtile.tables.Tables.ACTIVITY_EDIT;
import static gladtile.tables.Tables.ACTIVITY_MOMENT;
import static gladtile.tables.Tables.PERSON;

import gladtile.server.accounts.Who;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** What was done to an activity, by whom and when. */
@Repository
class HistoryStore {
    private final DSLContext db;

    HistoryStore(DSLContext db) {
        this.db = db;
    }

    /** So many edits up to and with one of that number, the newest first. */
    List<HistoryController.Step> steps(Who who, UUID id, long upTo, int most) {
        return db.select(
                        ACTIVITY_EDIT.SEQ,
                        ACTIVITY_EDIT.AT,
                        DSL.coalesce(PERSON.DISPLAY_NAME, ""),
                        ACTIVITY_EDIT.TOLD,
                        ACTIVITY_EDIT.KIND,
                        ACTIVITY_MOMENT.NAME)
                .from(ACTIVITY_EDIT)
                .leftJoin(PERSON)
                .on(PERSON.SCHOOL_ID.eq(ACTIVITY_EDIT.SCHOOL_ID), PERSON.ID.eq(ACTIVITY_EDIT.AUTHOR_ID))
                .leftJoin(ACTIVITY_MOMENT)
                .on(ACTIVITY_MOMENT.SCHOOL_ID.eq(ACTIVITY_EDIT.SCHOOL_ID))
                .and(ACTIVITY_MOMENT.ACTIVITY_ID.eq(ACTIVITY_EDIT.ACTIVITY_ID))
                .and(ACTIVITY_MOMENT.SEQ.eq(ACTIVITY_EDIT.SEQ))
                .where(ACTIVITY_EDIT.SCHOOL_ID.eq(who.schoolId()), ACTIVITY_EDIT.ACTIVITY_ID.eq(id))
                .and(ACTIVITY_EDIT.SEQ.le(upTo))
                .orderBy(ACTIVITY_EDIT.SEQ.desc())
                .limit(most)
                .fetch(row -> new HistoryController.Step(
                        row.value1(), row.value2(), row.value3(), row.value4(), row.value5(), row.value6()));
    }

    List<HistoryController.Moment> moments(Who who, UUID id) {
        return db.select(ACTIVITY_MOMENT.SEQ, ACTIVITY_MOMENT.NAME, ACTIVITY_MOMENT.AT)
                .from(ACTIVITY_MOMENT)
                .where(ACTIVITY_MOMENT.SCHOOL_ID.eq(who.schoolId()), ACTIVITY_MOMENT.ACTIVITY_ID.eq(id))
                .orderBy(ACTIVITY_MOMENT.SEQ.desc())
                .limit(1_000)
                .fetch(row -> new HistoryController.Moment(row.value1(), row.value2(), row.value3()));
    }

    long newest(Who who, UUID id) {
        Long newest = db.select(DSL.max(ACTIVITY_EDIT.SEQ))
                .from(ACTIVITY_EDIT)
                .where(ACTIVITY_EDIT.SCHOOL_ID.eq(who.schoolId()), ACTIVITY_EDIT.ACTIVITY_ID.eq(id))
                .fetchSingle(0, Long.class);
        return newest == null ? 0 : newest;
    }

    void name(Who who, UUID id, long seq, String name, OffsetDateTime now) {
        db.insertInto(ACTIVITY_MOMENT)
                .set(ACTIVITY_MOMENT.SCHOOL_ID, who.schoolId())
                .set(ACTIVITY_MOMENT.ACTIVITY_ID, id)
                .set(ACTIVITY_MOMENT.SEQ, seq)
                .set(ACTIVITY_MOMENT.NAME, name)
                .set(ACTIVITY_MOMENT.NAMED_BY, who.id())
                .set(ACTIVITY_MOMENT.AT, now)
                .onConflict(ACTIVITY_MOMENT.SCHOOL_ID, ACTIVITY_MOMENT.ACTIVITY_ID, ACTIVITY_MOMENT.SEQ)
                .doUpdate()
                .set(ACTIVITY_MOMENT.NAME, name)
                .execute();
    }
}
