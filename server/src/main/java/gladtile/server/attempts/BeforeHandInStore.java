package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT_BEFORE_HAND_IN;

import gladtile.core.attempt.AttemptState;
import gladtile.core.json.Json;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** Work as it was just before it was handed in, in the database. */
@Repository
class BeforeHandInStore {
    private final DSLContext db;

    BeforeHandInStore(DSLContext db) {
        this.db = db;
    }

    /** The one that is furthest stays, where two machines hand in at once. */
    void keep(UUID schoolId, UUID attemptId, UUID versionId, AttemptState state) {
        JSONB json = JSONB.valueOf(Json.write(state));
        db.insertInto(ATTEMPT_BEFORE_HAND_IN)
                .set(ATTEMPT_BEFORE_HAND_IN.SCHOOL_ID, schoolId)
                .set(ATTEMPT_BEFORE_HAND_IN.ATTEMPT_ID, attemptId)
                .set(ATTEMPT_BEFORE_HAND_IN.VERSION_ID, versionId)
                .set(ATTEMPT_BEFORE_HAND_IN.SEQ, state.seq())
                .set(ATTEMPT_BEFORE_HAND_IN.STATE, json)
                .onConflict(ATTEMPT_BEFORE_HAND_IN.SCHOOL_ID, ATTEMPT_BEFORE_HAND_IN.ATTEMPT_ID)
                .doUpdate()
                .set(ATTEMPT_BEFORE_HAND_IN.VERSION_ID, versionId)
                .set(ATTEMPT_BEFORE_HAND_IN.SEQ, state.seq())
                .set(ATTEMPT_BEFORE_HAND_IN.STATE, json)
                .where(ATTEMPT_BEFORE_HAND_IN.SEQ.le(state.seq()))
                .execute();
    }

    /** Empty where it was another version, or was handed in before this was kept. */
    Optional<AttemptState> read(UUID schoolId, UUID attemptId, UUID versionId) {
        return db.select(ATTEMPT_BEFORE_HAND_IN.STATE)
                .from(ATTEMPT_BEFORE_HAND_IN)
                .where(
                        ATTEMPT_BEFORE_HAND_IN.SCHOOL_ID.eq(schoolId),
                        ATTEMPT_BEFORE_HAND_IN.ATTEMPT_ID.eq(attemptId),
                        ATTEMPT_BEFORE_HAND_IN.VERSION_ID.eq(versionId))
                .fetchOptional(row -> Json.read(row.value1().data(), AttemptState.class));
    }
}
