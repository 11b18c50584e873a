package gladtile.server.attempts;

import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.MOVE;

import gladtile.core.answer.Verdict;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.Standing;
import gladtile.core.json.Json;
import java.sql.Timestamp;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Attempts and their moves in the database. */
@Repository
class AttemptStore {
    /**
     * One round trip and one commit for a whole request: the attempt steps on only from the seq this machine knew, and
     * the moves are appended only if it did.
     */
    private static final String APPEND = """
            with stepped as (
              update attempt set seq = ?, state = ?::jsonb, score = ?, standing = ?, updated_at = ?
              where school_id = ? and id = ? and seq = ?
              returning school_id, id
            )
            insert into move (school_id, attempt_id, seq, move_id, act, verdict, device_time, at)
            select s.school_id, s.id, m.seq, m.move_id, m.act::jsonb, m.verdict::jsonb, m.device_time, ?
            from stepped s, unnest(?::bigint[], ?::uuid[], ?::text[], ?::text[], ?::timestamptz[])
              as m (seq, move_id, act, verdict, device_time)
            """;

    private final DSLContext db;
    private final JdbcTemplate jdbc;

    AttemptStore(DSLContext db, JdbcTemplate jdbc) {
        this.db = db;
        this.jdbc = jdbc;
    }

    /** An attempt's own row. */
    record Row(UUID id, UUID assignmentId, UUID studentId, AttemptState state) {}

    /** A move with what was found of it, if it was judged. */
    record Judged(Move move, Optional<Verdict> verdict) {}

    Optional<Row> read(UUID schoolId, UUID id) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(id))
                .fetchOptional()
                .map(AttemptStore::row);
    }

    Optional<Row> of(UUID schoolId, UUID assignmentId, UUID studentId) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.STUDENT_ID.eq(studentId))
                .fetchOptional()
                .map(AttemptStore::row);
    }

    /** Every attempt of an assignment, by student. */
    Map<UUID, AttemptState> states(UUID schoolId, UUID assignmentId) {
        Map<UUID, AttemptState> found = new HashMap<>();
        db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .forEach(row -> found.put(row.getStudentId(), row(row).state()));
        return found;
    }

    Map<UUID, Attempts.Counts> counts(UUID schoolId, UUID teacherId) {
        return db.select(
                        ATTEMPT.ASSIGNMENT_ID,
                        DSL.count(),
                        DSL.count().filterWhere(ATTEMPT.STANDING.eq(Standing.HANDED_IN.name())))
                .from(ATTEMPT)
                .join(ASSIGNMENT)
                .on(ASSIGNMENT.SCHOOL_ID.eq(ATTEMPT.SCHOOL_ID), ASSIGNMENT.ID.eq(ATTEMPT.ASSIGNMENT_ID))
                .where(ASSIGNMENT.SCHOOL_ID.eq(schoolId), ASSIGNMENT.TEACHER_ID.eq(teacherId))
                .groupBy(ATTEMPT.ASSIGNMENT_ID)
                .fetchMap(row -> row.value1(), row -> new Attempts.Counts(row.value2(), row.value3()));
    }

    /** Adds an attempt; if the student has one already, that one stays. */
    void insert(UUID schoolId, UUID id, UUID assignmentId, UUID studentId, AttemptState start) {
        db.insertInto(ATTEMPT)
                .set(ATTEMPT.SCHOOL_ID, schoolId)
                .set(ATTEMPT.ID, id)
                .set(ATTEMPT.ASSIGNMENT_ID, assignmentId)
                .set(ATTEMPT.STUDENT_ID, studentId)
                .set(ATTEMPT.STATE, JSONB.valueOf(Json.write(start)))
                .set(ATTEMPT.STANDING, start.standing().name())
                .onConflict(ATTEMPT.SCHOOL_ID, ATTEMPT.ASSIGNMENT_ID, ATTEMPT.STUDENT_ID)
                .doNothing()
                .execute();
    }

    /** Every move's verdict by the move's id, for telling again what was told before. */
    Map<UUID, Optional<Verdict>> verdicts(UUID schoolId, UUID attemptId) {
        Map<UUID, Optional<Verdict>> found = new LinkedHashMap<>();
        db.select(MOVE.MOVE_ID, MOVE.VERDICT)
                .from(MOVE)
                .where(MOVE.SCHOOL_ID.eq(schoolId), MOVE.ATTEMPT_ID.eq(attemptId))
                .orderBy(MOVE.SEQ)
                .forEach(row -> found.put(
                        row.value1(),
                        Optional.ofNullable(row.value2()).map(json -> Json.read(json.data(), Verdict.class))));
        return found;
    }

    /**
     * Appends moves and steps the attempt on, all or nothing.
     *
     * @param seq the attempt's seq before the first of them
     * @return false when the attempt is not at that seq, so that nothing was written
     */
    boolean append(
            UUID schoolId, UUID id, long seq, List<Judged> moves, AttemptState after, int score, OffsetDateTime at) {
        int n = moves.size();
        Long[] seqs = new Long[n];
        UUID[] ids = new UUID[n];
        String[] acts = new String[n];
        String[] verdicts = new String[n];
        Timestamp[] times = new Timestamp[n];
        for (int i = 0; i < n; i++) {
            Judged judged = moves.get(i);
            seqs[i] = seq + 1 + i;
            ids[i] = judged.move().id();
            acts[i] = Json.write(judged.move().act());
            verdicts[i] = judged.verdict().map(Json::write).orElse(null);
            times[i] = Timestamp.from(judged.move().deviceTime());
        }
        Integer written = jdbc.execute(APPEND, (java.sql.PreparedStatement statement) -> {
            int k = 0;
            statement.setLong(++k, after.seq());
            statement.setString(++k, Json.write(after));
            statement.setInt(++k, score);
            statement.setString(++k, after.standing().name());
            statement.setObject(++k, at);
            statement.setObject(++k, schoolId);
            statement.setObject(++k, id);
            statement.setLong(++k, seq);
            statement.setObject(++k, at);
            var connection = statement.getConnection();
            statement.setArray(++k, connection.createArrayOf("bigint", seqs));
            statement.setArray(++k, connection.createArrayOf("uuid", ids));
            statement.setArray(++k, connection.createArrayOf("text", acts));
            statement.setArray(++k, connection.createArrayOf("text", verdicts));
            statement.setArray(++k, connection.createArrayOf("timestamptz", times));
            return statement.executeUpdate();
        });
        return written != null && written == n;
    }

    private static Row row(Record row) {
        return new Row(
                row.get(ATTEMPT.ID),
                row.get(ATTEMPT.ASSIGNMENT_ID),
                row.get(ATTEMPT.STUDENT_ID),
                Json.read(row.get(ATTEMPT.STATE).data(), AttemptState.class));
    }
}
