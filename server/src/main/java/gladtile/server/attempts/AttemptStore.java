package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.ATTEMPT_BASE;
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
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
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
import org.springframework.transaction.annotation.Transactional;

/** Attempts and their moves in the database. */
@Repository
class AttemptStore {
    /**
     * One round trip and one commit for many requests: each attempt steps on only from the seq and the
     * edition this machine knew, and
     * its moves are appended only if it did.
     */
    private static final String APPEND = """
            with w as (
              select * from unnest(?::uuid[], ?::uuid[], ?::uuid[], ?::bigint[], ?::bigint[], ?::text[], ?::int[],
                  ?::text[], ?::timestamptz[], ?::timestamptz[])
                as w (school_id, id, edition_id, seq, next, state, score, standing, handed_in_at, handed_in_made_at)
            ), stepped as (
              update attempt a set seq = w.next, state = coalesce(w.state::jsonb, a.state), score = w.score, standing = w.standing,
                updated_at = now(), handed_in_at = coalesce(w.handed_in_at, a.handed_in_at),
                handed_in_made_at = coalesce(w.handed_in_made_at, a.handed_in_made_at)
              from w where a.school_id = w.school_id and a.id = w.id and a.seq = w.seq and a.edition_id = w.edition_id
              returning a.school_id, a.id
            ), appended as (
              insert into move (school_id, attempt_id, seq, move_id, act, verdict, device_time, at, made_at, by_id)
              select s.school_id, s.id, m.seq, m.move_id, m.act::jsonb, m.verdict::jsonb, m.device_time, m.at, m.made_at,
                m.by_id
              from stepped s
              join unnest(?::uuid[], ?::bigint[], ?::uuid[], ?::text[], ?::text[], ?::timestamptz[], ?::timestamptz[],
                  ?::timestamptz[], ?::uuid[])
                as m (attempt_id, seq, move_id, act, verdict, device_time, at, made_at, by_id) on m.attempt_id = s.id
            )
            select id from stepped
            """;

    /**
     * The whole state is written only when this many moves lie behind the one kept: writing it was the largest part
     * of what a move cost the database. Reading makes the few moves since then again.
     */
    private static final int MOVES_BEHIND = 16;

    private final DSLContext db;
    private final JdbcTemplate jdbc;

    AttemptStore(DSLContext db, JdbcTemplate jdbc) {
        this.db = db;
        this.jdbc = jdbc;
    }

    /**
     * An attempt's own row.
     *
     * @param holderId the student or the team
     * @param round from 1
     * @param askedFor whether the teacher sent the round before back to be improved
     * @param kept the state as it was last kept, which may be some moves behind {@code seq}
     * @param tail the moves since then, oldest first
     * @param handedInAt by the server's clock; null before
     * @param handedInMadeAt by the device's clock put right; null before
     */
    record Row(
            UUID id,
            UUID assignmentId,
            UUID holderId,
            int round,
            boolean askedFor,
            UUID editionId,
            AttemptState kept,
            List<Arrived> tail,
            Instant begunAt,
            Instant handedInAt,
            Instant handedInMadeAt) {}

    /** A move with the time at which it was made, by the device's clock put right. */
    record Arrived(Move move, Instant madeAt) {}

    /**
     * A move with what was found of it, if it was judged.
     *
     * @param at when it arrived, by the server's clock
     * @param madeAt when it was made, by the device's clock put right
     */
    record Judged(Move move, Optional<Verdict> verdict, Instant at, Instant madeAt, UUID byId) {}

    Optional<Row> read(UUID schoolId, UUID id) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(id))
                .fetchOptional()
                .map(this::row);
    }

    /** The newest round of a student or team. */
    Optional<Row> of(UUID schoolId, UUID assignmentId, UUID holderId) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.HOLDER_ID.eq(holderId))
                .orderBy(ATTEMPT.ROUND.desc())
                .limit(1)
                .fetchOptional()
                .map(this::row);
    }

    /** Every round of every student or team, the newest round first. */
    List<Row> all(UUID schoolId, UUID assignmentId) {
        List<Known> rows = db
                .selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .orderBy(ATTEMPT.ROUND.desc())
                .fetch()
                // Their states are most of the work, and each can be read by itself.
                .parallelStream()
                .map(row -> new Known(row, kept(row)))
                .toList();
        Map<UUID, List<Arrived>> tails = tails(schoolId, rows);
        return rows.stream()
                .map(one -> row(one.row, one.kept, tails.getOrDefault(one.row.get(ATTEMPT.ID), List.of())))
                .toList();
    }

    private record Known(Record row, AttemptState kept) {}

    /** The moves that lie behind the states that are kept, by attempt. Most have none. */
    private Map<UUID, List<Arrived>> tails(UUID schoolId, List<Known> rows) {
        List<Known> behind = rows.stream()
                .filter(one -> one.kept.seq() < one.row.get(ATTEMPT.SEQ))
                .toList();
        Map<UUID, List<Arrived>> tails = new HashMap<>();
        if (behind.isEmpty()) {
            return tails;
        }
        var from = DSL.table(
                "unnest({0}, {1}) as behind(id, kept)",
                DSL.val(behind.stream().map(one -> one.row.get(ATTEMPT.ID)).toArray(UUID[]::new)),
                DSL.val(behind.stream().map(one -> one.kept.seq()).toArray(Long[]::new)));
        db.select(MOVE.ATTEMPT_ID, MOVE.MOVE_ID, MOVE.ACT, MOVE.DEVICE_TIME, MOVE.AT, MOVE.MADE_AT)
                .from(from)
                .join(MOVE)
                .on(MOVE.SCHOOL_ID.eq(schoolId), MOVE.ATTEMPT_ID.eq(DSL.field("behind.id", UUID.class)))
                .and(MOVE.SEQ.gt(DSL.field("behind.kept", Long.class)))
                .orderBy(MOVE.ATTEMPT_ID, MOVE.SEQ)
                .forEach(row -> tails.computeIfAbsent(row.get(MOVE.ATTEMPT_ID), id -> new ArrayList<>())
                        .add(arrived(row)));
        return tails;
    }

    /** The newest attempts of some students or teams, over all assignments; without what was done since they were kept. */
    Map<UUID, Map<UUID, Attempts.Head>> heads(UUID schoolId, Collection<UUID> assignmentIds, Collection<UUID> holders) {
        Map<UUID, Map<UUID, Attempts.Head>> heads = new HashMap<>();
        db.select(
                        ATTEMPT.ASSIGNMENT_ID,
                        ATTEMPT.HOLDER_ID,
                        ATTEMPT.ID,
                        ATTEMPT.ROUND,
                        ATTEMPT.STANDING,
                        ATTEMPT.HANDED_IN_MADE_AT,
                        ATTEMPT.SCORE)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.in(assignmentIds))
                .and(ATTEMPT.HOLDER_ID.in(holders))
                .orderBy(ATTEMPT.ROUND)
                .forEach(row -> heads.computeIfAbsent(row.value1(), id -> new HashMap<>())
                        .put(
                                row.value2(),
                                new Attempts.Head(
                                        row.value3(),
                                        row.value4(),
                                        Standing.valueOf(row.value5()),
                                        instant(row.value6()),
                                        row.value7())));
        return heads;
    }

    /** What was judged of an assignment's attempts after some move each; the tries of each attempt in their order. */
    List<Attempts.JudgedPart> judged(UUID schoolId, Map<UUID, Long> after) {
        return jdbc.query(
                connection -> {
                    PreparedStatement statement = connection.prepareStatement(JUDGED.formatted(
                            "unnest(?, ?) as a(id, seq)", "m.school_id = ? and m.attempt_id = a.id and m.seq > a.seq"));
                    statement.setArray(
                            1, connection.createArrayOf("uuid", after.keySet().toArray()));
                    statement.setArray(
                            2, connection.createArrayOf("bigint", after.values().toArray()));
                    statement.setObject(3, schoolId);
                    return statement;
                },
                AttemptStore::judgedPart);
    }

    /** In one go, as plainly as the driver can: a year's assignment has 160,000 of these. */
    private static final String JUDGED = """
            select m.attempt_id, m.seq, coalesce(split_part(m.act ->> 'pieceId', '~', 1), m.act ->> 'gapId'),
              m.verdict ->> 'zoneId', m.verdict ->> 'says',
              (extract(epoch from coalesce(m.made_at, m.at)) * 1000000)::bigint
            from %s join move m on %s
            where m.verdict is not null
            order by m.attempt_id, m.seq""";

    private static Attempts.JudgedPart judgedPart(ResultSet row, int n) throws SQLException {
        String says = row.getString(5);
        return new Attempts.JudgedPart(
                row.getObject(1, UUID.class),
                row.getLong(2),
                row.getString(3),
                row.getString(4),
                says == null ? Verdict.Says.NOT_JUDGED : Verdict.Says.valueOf(says),
                Instant.EPOCH.plus(row.getLong(6), ChronoUnit.MICROS));
    }

    /** All that was judged of an assignment, each attempt's in its order. */
    List<Attempts.JudgedPart> judged(UUID schoolId, UUID assignmentId) {
        return jdbc.query(
                JUDGED.formatted(
                        "attempt a",
                        "m.school_id = a.school_id and m.attempt_id = a.id and a.school_id = ? and a.assignment_id = ?"),
                AttemptStore::judgedPart,
                schoolId,
                assignmentId);
    }

    /** Every move of an attempt, in order. */
    List<Attempts.Logged> log(UUID schoolId, UUID attemptId) {
        return db.selectFrom(MOVE)
                .where(MOVE.SCHOOL_ID.eq(schoolId), MOVE.ATTEMPT_ID.eq(attemptId))
                .orderBy(MOVE.SEQ)
                .fetch(row -> new Attempts.Logged(
                        row.getSeq(),
                        new Move(
                                row.getMoveId(),
                                Json.read(row.getAct().data(), Act.class),
                                row.getDeviceTime().toInstant()),
                        Optional.ofNullable(row.getVerdict()).map(json -> Json.read(json.data(), Verdict.class)),
                        row.getAt().toInstant(),
                        madeAt(row),
                        row.getById()));
    }

    /** What an attempt goes out from: its beginning and each renewal, in order. */
    List<Attempts.Base> bases(UUID schoolId, UUID attemptId) {
        return db.selectFrom(ATTEMPT_BASE)
                .where(ATTEMPT_BASE.SCHOOL_ID.eq(schoolId), ATTEMPT_BASE.ATTEMPT_ID.eq(attemptId))
                .orderBy(ATTEMPT_BASE.SEQ, ATTEMPT_BASE.AT)
                .fetch(row -> new Attempts.Base(
                        row.getSeq(),
                        row.getEditionId(),
                        Json.read(row.getState().data(), AttemptState.class)));
    }

    /** Brings an attempt to another edition. @return false when it was stepped on meanwhile, so that nothing was changed */
    @Transactional
    public boolean renew(UUID schoolId, UUID attemptId, long seq, UUID editionId, AttemptState state) {
        JSONB json = JSONB.valueOf(Json.write(state));
        int stepped = db.update(ATTEMPT)
                .set(ATTEMPT.EDITION_ID, editionId)
                .set(ATTEMPT.STATE, json)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(attemptId), ATTEMPT.SEQ.eq(seq))
                .execute();
        if (stepped == 1) {
            insertBase(schoolId, attemptId, seq, editionId, json);
        }
        return stepped == 1;
    }

    private void insertBase(UUID schoolId, UUID attemptId, long seq, UUID editionId, JSONB state) {
        db.insertInto(ATTEMPT_BASE)
                .set(ATTEMPT_BASE.SCHOOL_ID, schoolId)
                .set(ATTEMPT_BASE.ATTEMPT_ID, attemptId)
                .set(ATTEMPT_BASE.SEQ, seq)
                .set(ATTEMPT_BASE.EDITION_ID, editionId)
                .set(ATTEMPT_BASE.STATE, state)
                .set(ATTEMPT_BASE.AT, DSL.currentOffsetDateTime())
                .execute();
    }

    /** Of each student or team the newest round, without what is in it. */
    List<Attempts.Beat> beats(UUID schoolId, UUID assignmentId) {
        return db.select(
                        ATTEMPT.ID,
                        ATTEMPT.HOLDER_ID,
                        ATTEMPT.EDITION_ID,
                        ATTEMPT.SEQ,
                        ATTEMPT.STANDING,
                        ATTEMPT.BEGUN_AT)
                .distinctOn(ATTEMPT.HOLDER_ID)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .orderBy(ATTEMPT.HOLDER_ID, ATTEMPT.ROUND.desc())
                .fetch(row -> new Attempts.Beat(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        Standing.valueOf(row.value5()),
                        row.value6().toInstant()));
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

    Map<UUID, Attempts.Counts> counts(UUID schoolId, Collection<UUID> assignmentIds) {
        var newest = db.select(ATTEMPT.ASSIGNMENT_ID, ATTEMPT.HOLDER_ID, ATTEMPT.STANDING)
                .distinctOn(ATTEMPT.ASSIGNMENT_ID, ATTEMPT.HOLDER_ID)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.in(assignmentIds))
                .orderBy(ATTEMPT.ASSIGNMENT_ID, ATTEMPT.HOLDER_ID, ATTEMPT.ROUND.desc())
                .asTable("newest");
        Field<UUID> assignment = newest.field(ATTEMPT.ASSIGNMENT_ID);
        return db.select(
                        assignment,
                        DSL.count(),
                        DSL.count().filterWhere(newest.field(ATTEMPT.STANDING).eq(Standing.HANDED_IN.name())))
                .from(newest)
                .groupBy(assignment)
                .fetchMap(row -> row.value1(), row -> new Attempts.Counts(row.value2(), row.value3()));
    }

    /** @param askedFor whether the teacher sent the round before back to be improved */
    record Round(int number, boolean askedFor, UUID editionId) {}

    /** Adds a round; if there is one with its number already, that one stays. */
    @Transactional
    public void insert(UUID schoolId, UUID id, UUID assignmentId, UUID holderId, Round round, AttemptState start) {
        JSONB state = JSONB.valueOf(Json.write(start));
        int added = db.insertInto(ATTEMPT)
                .set(ATTEMPT.SCHOOL_ID, schoolId)
                .set(ATTEMPT.ID, id)
                .set(ATTEMPT.ASSIGNMENT_ID, assignmentId)
                .set(ATTEMPT.HOLDER_ID, holderId)
                .set(ATTEMPT.ROUND, round.number())
                .set(ATTEMPT.ASKED_FOR, round.askedFor())
                .set(ATTEMPT.EDITION_ID, round.editionId())
                .set(ATTEMPT.SEQ, start.seq())
                .set(ATTEMPT.STATE, state)
                .set(ATTEMPT.STANDING, start.standing().name())
                .onConflict(ATTEMPT.SCHOOL_ID, ATTEMPT.ASSIGNMENT_ID, ATTEMPT.HOLDER_ID, ATTEMPT.ROUND)
                .doNothing()
                .execute();
        if (added == 1) {
            insertBase(schoolId, id, start.seq(), round.editionId(), state);
        }
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
    record Append(
            UUID schoolId,
            UUID attemptId,
            UUID editionId,
            long seq,
            List<Judged> moves,
            AttemptState after,
            int score) {
        /** The move that handed it in; null when none of them did. */
        Judged handIn() {
            return moves.stream()
                    .filter(one -> one.move().act() instanceof Act.HandIn)
                    .findFirst()
                    .orElse(null);
        }

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
            arrays.set("uuid", sorted, Append::editionId);
            arrays.set("bigint", sorted, Append::seq);
            arrays.set("bigint", sorted, one -> one.after().seq());
            arrays.set("text", sorted, one -> one.keepsState() ? Json.write(one.after()) : null);
            arrays.set("int", sorted, Append::score);
            arrays.set("text", sorted, one -> one.after().standing().name());
            arrays.set(
                    "timestamptz",
                    sorted,
                    one -> one.handIn() == null
                            ? null
                            : Timestamp.from(one.handIn().at()));
            arrays.set(
                    "timestamptz",
                    sorted,
                    one -> one.handIn() == null
                            ? null
                            : Timestamp.from(one.handIn().madeAt()));
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
            arrays.set("timestamptz", lines, line -> Timestamp.from(line.judged.madeAt()));
            arrays.set("uuid", lines, line -> line.judged.byId());
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
            return row(row, kept, List.of());
        }
        List<Arrived> tail = db.select(MOVE.MOVE_ID, MOVE.ACT, MOVE.DEVICE_TIME, MOVE.AT, MOVE.MADE_AT)
                .from(MOVE)
                .where(MOVE.SCHOOL_ID.eq(row.get(ATTEMPT.SCHOOL_ID)), MOVE.ATTEMPT_ID.eq(row.get(ATTEMPT.ID)))
                .and(MOVE.SEQ.gt(kept.seq()))
                .orderBy(MOVE.SEQ)
                .fetch(AttemptStore::arrived);
        return row(row, kept, tail);
    }

    private static Row row(Record row, AttemptState kept, List<Arrived> tail) {
        return new Row(
                row.get(ATTEMPT.ID),
                row.get(ATTEMPT.ASSIGNMENT_ID),
                row.get(ATTEMPT.HOLDER_ID),
                row.get(ATTEMPT.ROUND),
                row.get(ATTEMPT.ASKED_FOR),
                row.get(ATTEMPT.EDITION_ID),
                kept,
                tail,
                instant(row.get(ATTEMPT.BEGUN_AT)),
                instant(row.get(ATTEMPT.HANDED_IN_AT)),
                instant(row.get(ATTEMPT.HANDED_IN_MADE_AT)));
    }

    private static AttemptState kept(Record row) {
        return Json.read(row.get(ATTEMPT.STATE).data(), AttemptState.class);
    }

    private static Arrived arrived(Record row) {
        Move move = new Move(
                row.get(MOVE.MOVE_ID),
                Json.read(row.get(MOVE.ACT).data(), Act.class),
                row.get(MOVE.DEVICE_TIME).toInstant());
        return new Arrived(move, madeAt(row));
    }

    /** Moves of before devices told when they sent them were taken as made when they arrived. */
    private static Instant madeAt(Record row) {
        OffsetDateTime made = row.get(MOVE.MADE_AT);
        return (made == null ? row.get(MOVE.AT) : made).toInstant();
    }

    private static Instant instant(OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }
}
