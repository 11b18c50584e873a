package gladtile.server.personaldata;

import static gladtile.tables.Tables.*;

import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What somebody worked on and made, by title, as it is handed out to them. */
@Repository
class PersonalWorkStore {
    private final DSLContext db;

    PersonalWorkStore(DSLContext db) {
        this.db = db;
    }

    /**
     * One piece of work.
     *
     * @param got points; null where none were given
     * @param score how many pieces lie right @param messages what was said to them about it
     */
    record Work(
            String title,
            OffsetDateTime begunAt,
            OffsetDateTime handedInAt,
            String standing,
            Integer score,
            BigDecimal got,
            BigDecimal most,
            List<String> messages) {}

    List<Work> of(UUID schoolId, UUID id) {
        return db.select()
                .from(ATTEMPT)
                .join(ASSIGNMENT)
                .on(ASSIGNMENT.SCHOOL_ID.eq(ATTEMPT.SCHOOL_ID), ASSIGNMENT.ID.eq(ATTEMPT.ASSIGNMENT_ID))
                .leftJoin(REVIEW)
                .on(
                        REVIEW.SCHOOL_ID.eq(ATTEMPT.SCHOOL_ID),
                        REVIEW.ATTEMPT_ID.eq(ATTEMPT.ID),
                        REVIEW.SENT_AT.isNotNull())
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.HOLDER_ID.eq(id))
                .orderBy(ATTEMPT.BEGUN_AT, ATTEMPT.ID)
                .fetch(row -> new Work(
                        row.get(ASSIGNMENT.TITLE),
                        row.get(ATTEMPT.BEGUN_AT),
                        row.get(ATTEMPT.HANDED_IN_AT),
                        row.get(ATTEMPT.STANDING),
                        row.get(ATTEMPT.SCORE),
                        row.get(REVIEW.GOT),
                        row.get(REVIEW.MOST),
                        messages(schoolId, row.get(ATTEMPT.ASSIGNMENT_ID), id)));
    }

    private List<String> messages(UUID schoolId, UUID assignmentId, UUID holder) {
        return db.select(MESSAGE.TEXT)
                .from(MESSAGE)
                .where(
                        MESSAGE.SCHOOL_ID.eq(schoolId),
                        MESSAGE.ASSIGNMENT_ID.eq(assignmentId),
                        MESSAGE.HOLDER_ID.eq(holder))
                .orderBy(MESSAGE.AT)
                .fetch(MESSAGE.TEXT);
    }

    List<String> activities(UUID schoolId, UUID owner) {
        return db.select(ACTIVITY.TITLE)
                .from(ACTIVITY)
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.OWNER_ID.eq(owner))
                .orderBy(ACTIVITY.TITLE, ACTIVITY.ID)
                .fetch(ACTIVITY.TITLE);
    }
}
