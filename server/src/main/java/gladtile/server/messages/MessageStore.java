package gladtile.server.messages;

import static gladtile.tables.Tables.MESSAGE;

import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.messages.MessageService.Word;
import gladtile.server.support.UuidV7;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Words that teachers say to students at work, in the database. */
@Repository
class MessageStore {
    private static final int MOST = 50;
    private final DSLContext db;

    MessageStore(DSLContext db) {
        this.db = db;
    }

    void insert(Assignment assignment, UUID holderId, UUID byId, String words, OffsetDateTime at) {
        db.insertInto(MESSAGE)
                .set(MESSAGE.SCHOOL_ID, assignment.schoolId())
                .set(MESSAGE.ID, UuidV7.make())
                .set(MESSAGE.ASSIGNMENT_ID, assignment.id())
                .set(MESSAGE.HOLDER_ID, holderId)
                .set(MESSAGE.BY_ID, byId)
                .set(MESSAGE.TEXT, words)
                .set(MESSAGE.AT, at)
                .execute();
    }

    /** To one and to all, the newest first. */
    List<Word> to(Assignment assignment, UUID holderId, OffsetDateTime since) {
        return db.selectFrom(MESSAGE)
                .where(MESSAGE.SCHOOL_ID.eq(assignment.schoolId()), MESSAGE.ASSIGNMENT_ID.eq(assignment.id()))
                .and(MESSAGE.HOLDER_ID.isNull().or(MESSAGE.HOLDER_ID.eq(holderId)))
                .and(MESSAGE.AT.gt(since))
                .orderBy(MESSAGE.AT.desc())
                .limit(MOST)
                .fetch(row -> new Word(row.getId(), row.getText(), row.getAt().toInstant(), row.getHolderId() == null));
    }
}
