package gladtile.server.attempts;

import static gladtile.tables.Tables.REFUSED_MOVE;

import gladtile.core.Bounds;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.Move;
import gladtile.core.json.Json;
import gladtile.core.message.Message;
import gladtile.server.support.KeptMessage;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Moves that could not be taken. They count for nothing, and are kept for the teacher to see. */
@Repository
class RefusedMoveStore {
    private final DSLContext db;

    RefusedMoveStore(DSLContext db) {
        this.db = db;
    }

    /** Keeps one; the same move twice is kept once, and no more than {@link Bounds#REFUSED_MOVES} of one attempt. */
    void keep(UUID schoolId, UUID attemptId, Move move, Message reason, UUID byId) {
        var there = db.select(DSL.count())
                .from(REFUSED_MOVE)
                .where(REFUSED_MOVE.SCHOOL_ID.eq(schoolId))
                .and(REFUSED_MOVE.ATTEMPT_ID.eq(attemptId));
        db.insertInto(
                        REFUSED_MOVE,
                        REFUSED_MOVE.SCHOOL_ID,
                        REFUSED_MOVE.ATTEMPT_ID,
                        REFUSED_MOVE.MOVE_ID,
                        REFUSED_MOVE.ACT,
                        REFUSED_MOVE.REASON,
                        REFUSED_MOVE.BY_ID,
                        REFUSED_MOVE.DEVICE_TIME)
                .select(DSL.select(
                                DSL.val(schoolId),
                                DSL.val(attemptId),
                                DSL.val(move.id()),
                                DSL.val(JSONB.valueOf(Json.write(move.act()))),
                                DSL.val(KeptMessage.write(reason)),
                                DSL.val(byId),
                                DSL.val(move.deviceTime().atOffset(ZoneOffset.UTC)))
                        .where(DSL.field(there).lt(Bounds.REFUSED_MOVES)))
                .onConflictDoNothing()
                .execute();
    }

    /** In the order in which they arrived. */
    List<RefusedMove> of(UUID schoolId, UUID attemptId) {
        return db.select(REFUSED_MOVE.ACT, REFUSED_MOVE.REASON, REFUSED_MOVE.DEVICE_TIME, REFUSED_MOVE.AT)
                .from(REFUSED_MOVE)
                .where(REFUSED_MOVE.SCHOOL_ID.eq(schoolId))
                .and(REFUSED_MOVE.ATTEMPT_ID.eq(attemptId))
                .orderBy(REFUSED_MOVE.AT, REFUSED_MOVE.MOVE_ID)
                .fetch(row -> new RefusedMove(
                        Json.read(row.value1().data(), Act.class),
                        KeptMessage.read(row.value2()),
                        row.value3().toInstant(),
                        row.value4().toInstant()));
    }
}
