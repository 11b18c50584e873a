package gladtile.server.live;

import static gladtile.tables.Tables.SAID_WORD;

import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.live.Words.Word;
import gladtile.server.support.UuidV7;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Words that teachers say to students at work, in the database. */
@Repository
class WordStore {
    private static final int MOST = 50;
    private final DSLContext db;

    WordStore(DSLContext db) {
        this.db = db;
    }

    void insert(Assignment assignment, UUID holderId, UUID byId, String words, OffsetDateTime at) {
        db.insertInto(SAID_WORD)
                .set(SAID_WORD.SCHOOL_ID, assignment.schoolId())
                .set(SAID_WORD.ID, UuidV7.make())
                .set(SAID_WORD.ASSIGNMENT_ID, assignment.id())
                .set(SAID_WORD.HOLDER_ID, holderId)
                .set(SAID_WORD.BY_ID, byId)
                .set(SAID_WORD.WORDS, words)
                .set(SAID_WORD.AT, at)
                .execute();
    }

    /** To one and to all, the newest first. */
    List<Word> to(Assignment assignment, UUID holderId, OffsetDateTime since) {
        return db.selectFrom(SAID_WORD)
                .where(SAID_WORD.SCHOOL_ID.eq(assignment.schoolId()), SAID_WORD.ASSIGNMENT_ID.eq(assignment.id()))
                .and(SAID_WORD.HOLDER_ID.isNull().or(SAID_WORD.HOLDER_ID.eq(holderId)))
                .and(SAID_WORD.AT.gt(since))
                .orderBy(SAID_WORD.AT.desc())
                .limit(MOST)
                .fetch(row ->
                        new Word(row.getId(), row.getWords(), row.getAt().toInstant(), row.getHolderId() == null));
    }
}
