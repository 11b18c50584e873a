package gladtile.server.attempts;

import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.MOVE;

import gladtile.core.answer.Verdict;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.Standing;
import gladtile.core.json.Json;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Attempts and their moves in the database. */
@Repository
class AttemptStore {
    /**
     * One round trip and one commit for many requests: each attempt steps on only from the seq this machine knew, and
     * its moves are appended only if it did.
     */
    private static final String APPEND = """
            with w as (
              select * from unnest(?::uuid[], ?::uuid[], ?::bigint[], ?::bigint[], ?::text[], ?::int[], ?::text[])
                as w (school_id, id, seq, next, state, score, standing)
            ), stepped as (
              update attempt a set seq = w.next, state = coalesce(w.state::jsonb, a.state), score = w.score, standing = w.standing,
                updated_at = now()
              from w where a.school_id = w.school_id and a.id = w.id and a.seq = w.seq
              returning a.school_id, a.id
            ), appended as (
              insert into move (school_id, attempt_id, seq, move_id, act, verdict, device_time, at)
              select s.school_id, s.id, m.seq, m.move_id, m.act::jsonb, m.verdict::jsonb, m.device_time, m.at
              from stepped s
              join unnest(?::uuid[], ?::bigint[], ?::uuid[], ?::text[], ?::text[], ?::timestamptz[], ?::timestamptz[])
                as m (attempt_id, seq, move_id, act, verdict, device_time, at) on m.attempt_id = s.id
            )
            select id from stepped
            """;

    /**
     * The whole state is written only when this many moves lie behind the one kept: writing it was the largest part
     * of what a move cost the database. Reading makes the few moves since then again.
     */
    private static final int MOVES_BEHIND = 16;

    private static final Field<Long> KEPT_SEQ = DSL.field("({0} ->> 'seq')::bigint", Long.class, ATTEMPT.STATE);

    private final DSLContext db;
    private final JdbcTemplate jdbc;

    AttemptStore(DSLContext db, JdbcTemplate jdbc) {
        this.db = db;
        this.jdbc = jdbc;
    }

    /**
     * An attempt's own row.
     *
     * @param kept the state as it was last kept, which may be some moves behind {@code seq}
     * @param tail the moves since then, oldest first
     */
    record Row(UUID id, UUID assignmentId, UUID studentId, AttemptState kept, List<Arrived> tail) {}

    /** A move with the time by the server's clock at which it was judged. */
    record Arrived(Move move, Instant at) {}

    /** A move with what was found of it, if it was judged. */
    record Judged(Move move, Optional<Verdict> verdict, Instant at) {}

    Optional<Row> read(UUID schoolId, UUID id) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(id))
                .fetchOptional()
                .map(this::row);
    }

    Optional<Row> of(UUID schoolId, UUID assignmentId, UUID studentId) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.STUDENT_ID.eq(studentId))
                .fetchOptional()
                .map(this::row);
    }

    /** Every attempt of an assignment. */
    List<Row> all(UUID schoolId, UUID assignmentId) {
        Map<UUID, List<Arrived>> tails = new HashMap<>();
        db.select(MOVE.ATTEMPT_ID, MOVE.MOVE_ID, MOVE.ACT, MOVE.DEVICE_TIME, MOVE.AT)
                .from(MOVE)
                .join(ATTEMPT)
                .on(ATTEMPT.SCHOOL_ID.eq(MOVE.SCHOOL_ID), ATTEMPT.ID.eq(MOVE.ATTEMPT_ID))
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(MOVE.SEQ.gt(KEPT_SEQ))
                .orderBy(MOVE.ATTEMPT_ID, MOVE.SEQ)
                .forEach(row -> tails.computeIfAbsent(row.get(MOVE.ATTEMPT_ID), id -> new ArrayList<>())
                        .add(arrived(row)));
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .fetch(row -> row(row, tails.getOrDefault(row.getId(), List.of())));
    }

    /** Copies count as the piece that they came off. */
    List<Attempts.Miss> misses(UUID schoolId, UUID assignmentId) {
        Field<String> piece = DSL.field("split_part({0} ->> 'pieceId', '~', 1)", String.class, MOVE.ACT);
        Field<String> zone = DSL.field("{0} ->> 'zoneId'", String.class, MOVE.VERDICT);
        return db.select(piece, zone, DSL.count())
                .from(MOVE)
                .join(ATTEMPT)
                .on(ATTEMPT.SCHOOL_ID.eq(MOVE.SCHOOL_ID), ATTEMPT.ID.eq(MOVE.ATTEMPT_ID))
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(DSL.condition("{0} ->> 'says' = 'TURNED_AWAY'", MOVE.VERDICT))
                .and(DSL.condition("{0} ->> 'kind' = 'put'", MOVE.ACT))
                .and(zone.isNotNull())
                .groupBy(piece, zone)
                .orderBy(DSL.count().desc(), piece, zone)
                .fetch(row -> new Attempts.Miss(row.value1(), row.value2(), row.value3()));
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
     * Moves to be appended to one attempt.
     *
     * @param seq the attempt's seq before the first of them
     * @param after the attempt after the last of them
     */
    record Append(UUID schoolId, UUID attemptId, long seq, List<Judged> moves, AttemptState after, int score) {
        boolean keepsState() {
            return seq / MOVES_BEHIND != after.seq() / MOVES_BEHIND;
        }
    }

    /**
     * Appends moves and steps their attempts on, each attempt all or nothing.
     *
     * @param all no attempt twice
     * @return the attempts that were at the seq given; of the others nothing was written
     */
    Set<UUID> append(List<Append> all) {
        // In one order everywhere, so that two machines never wait for each other in a ring.
        List<Append> sorted =
                all.stream().sorted(Comparator.comparing(Append::attemptId)).toList();
        record Line(UUID attemptId, long seq, Judged judged) {}
        List<Line> lines = new ArrayList<>();
        for (Append one : sorted) {
            for (int i = 0; i < one.moves().size(); i++) {
                lines.add(
                        new Line(one.attemptId(), one.seq() + 1 + i, one.moves().get(i)));
            }
        }
        return jdbc.execute(APPEND, (PreparedStatement statement) -> {
            Arrays arrays = new Arrays(statement);
            arrays.set("uuid", sorted, Append::schoolId);
            arrays.set("uuid", sorted, Append::attemptId);
            arrays.set("bigint", sorted, Append::seq);
            arrays.set("bigint", sorted, one -> one.after().seq());
            arrays.set("text", sorted, one -> one.keepsState() ? Json.write(one.after()) : null);
            arrays.set("int", sorted, Append::score);
            arrays.set("text", sorted, one -> one.after().standing().name());
            arrays.set("uuid", lines, Line::attemptId);
            arrays.set("bigint", lines, Line::seq);
            arrays.set("uuid", lines, line -> line.judged.move().id());
            arrays.set("text", lines, line -> Json.write(line.judged.move().act()));
            arrays.set(
                    "text",
                    lines,
                    line -> line.judged.verdict().map(Json::write).orElse(null));
            arrays.set(
                    "timestamptz",
                    lines,
                    line -> Timestamp.from(line.judged.move().deviceTime()));
            arrays.set("timestamptz", lines, line -> Timestamp.from(line.judged.at()));
            Set<UUID> stepped = new HashSet<>();
            try (ResultSet rows = statement.executeQuery()) {
                while (rows.next()) {
                    stepped.add(rows.getObject(1, UUID.class));
                }
            }
            return stepped;
        });
    }

    /** Sets a statement's parameters one after another, each an array of one field of many rows. */
    private static final class Arrays {
        private final PreparedStatement statement;
        private int at;

        Arrays(PreparedStatement statement) {
            this.statement = statement;
        }

        <T> void set(String type, List<T> rows, Function<T, Object> field) throws SQLException {
            Object[] values = rows.stream().map(field).toArray();
            statement.setArray(++at, statement.getConnection().createArrayOf(type, values));
        }
    }

    private Row row(Record row) {
        AttemptState kept = kept(row);
        if (kept.seq() == row.get(ATTEMPT.SEQ)) {
            return row(row, List.of());
        }
        List<Arrived> tail = db.select(MOVE.MOVE_ID, MOVE.ACT, MOVE.DEVICE_TIME, MOVE.AT)
                .from(MOVE)
                .where(MOVE.SCHOOL_ID.eq(row.get(ATTEMPT.SCHOOL_ID)), MOVE.ATTEMPT_ID.eq(row.get(ATTEMPT.ID)))
                .and(MOVE.SEQ.gt(kept.seq()))
                .orderBy(MOVE.SEQ)
                .fetch(AttemptStore::arrived);
        return row(row, tail);
    }

    private static Row row(Record row, List<Arrived> tail) {
        return new Row(
                row.get(ATTEMPT.ID), row.get(ATTEMPT.ASSIGNMENT_ID), row.get(ATTEMPT.STUDENT_ID), kept(row), tail);
    }

    private static AttemptState kept(Record row) {
        return Json.read(row.get(ATTEMPT.STATE).data(), AttemptState.class);
    }

    private static Arrived arrived(Record row) {
        Move move = new Move(
                row.get(MOVE.MOVE_ID),
                Json.read(row.get(MOVE.ACT).data(), Act.class),
                row.get(MOVE.DEVICE_TIME).toInstant());
        return new Arrived(move, row.get(MOVE.AT).toInstant());
    }
}
