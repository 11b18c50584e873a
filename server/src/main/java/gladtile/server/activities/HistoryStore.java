package gladtile.server.activities;

import static gladtile.tables.Tables.ACTIVITY_EDIT;
import static gladtile.tables.Tables.NAMED_VERSION;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.KeptMessage;
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
    List<HistoryController.Step> steps(CurrentUser user, UUID id, long upTo, int most) {
        return db.select(
                        ACTIVITY_EDIT.SEQ,
                        ACTIVITY_EDIT.AT,
                        DSL.coalesce(PUBLISHED_PERSON.DISPLAY_NAME, ""),
                        ACTIVITY_EDIT.TOLD,
                        ACTIVITY_EDIT.KIND,
                        NAMED_VERSION.NAME)
                .from(ACTIVITY_EDIT)
                .leftJoin(PUBLISHED_PERSON)
                .on(
                        PUBLISHED_PERSON.SCHOOL_ID.eq(ACTIVITY_EDIT.SCHOOL_ID),
                        PUBLISHED_PERSON.ID.eq(ACTIVITY_EDIT.AUTHOR_ID))
                .leftJoin(NAMED_VERSION)
                .on(NAMED_VERSION.SCHOOL_ID.eq(ACTIVITY_EDIT.SCHOOL_ID))
                .and(NAMED_VERSION.ACTIVITY_ID.eq(ACTIVITY_EDIT.ACTIVITY_ID))
                .and(NAMED_VERSION.SEQ.eq(ACTIVITY_EDIT.SEQ))
                .where(ACTIVITY_EDIT.SCHOOL_ID.eq(user.schoolId()), ACTIVITY_EDIT.ACTIVITY_ID.eq(id))
                .and(ACTIVITY_EDIT.SEQ.le(upTo))
                .orderBy(ACTIVITY_EDIT.SEQ.desc())
                .limit(most)
                .fetch(row -> new HistoryController.Step(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        KeptMessage.read(row.value4()),
                        row.value5(),
                        row.value6()));
    }

    List<HistoryController.NamedVersion> versions(CurrentUser user, UUID id) {
        return db.select(NAMED_VERSION.SEQ, NAMED_VERSION.NAME, NAMED_VERSION.AT)
                .from(NAMED_VERSION)
                .where(NAMED_VERSION.SCHOOL_ID.eq(user.schoolId()), NAMED_VERSION.ACTIVITY_ID.eq(id))
                .orderBy(NAMED_VERSION.SEQ.desc())
                .limit(1_000)
                .fetch(row -> new HistoryController.NamedVersion(row.value1(), row.value2(), row.value3()));
    }

    long newest(CurrentUser user, UUID id) {
        Long newest = db.select(DSL.max(ACTIVITY_EDIT.SEQ))
                .from(ACTIVITY_EDIT)
                .where(ACTIVITY_EDIT.SCHOOL_ID.eq(user.schoolId()), ACTIVITY_EDIT.ACTIVITY_ID.eq(id))
                .fetchSingle(0, Long.class);
        return newest == null ? 0 : newest;
    }

    void name(CurrentUser user, UUID id, long seq, String name, OffsetDateTime now) {
        db.insertInto(NAMED_VERSION)
                .set(NAMED_VERSION.SCHOOL_ID, user.schoolId())
                .set(NAMED_VERSION.ACTIVITY_ID, id)
                .set(NAMED_VERSION.SEQ, seq)
                .set(NAMED_VERSION.NAME, name)
                .set(NAMED_VERSION.NAMED_BY, user.id())
                .set(NAMED_VERSION.AT, now)
                .onConflict(NAMED_VERSION.SCHOOL_ID, NAMED_VERSION.ACTIVITY_ID, NAMED_VERSION.SEQ)
                .doUpdate()
                .set(NAMED_VERSION.NAME, name)
                .execute();
    }
}
