package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT_BASE;
import static gladtile.tables.Tables.MOVE;

import gladtile.core.analysis.CommonMistakes;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.VerdictReason;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.Outcome;
import gladtile.core.json.Json;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** The moves of attempts as they were made and judged, for telling again what became of them. */
@Repository
class MoveLogStore {
    private final DSLContext db;
    private final JdbcTemplate jdbc;

    MoveLogStore(DSLContext db, JdbcTemplate jdbc) {
        this.db = db;
        this.jdbc = jdbc;
    }

    /** What was judged of an assignment's attempts after some move each; the tries of each attempt in their order. */
    List<AttemptQueries.JudgedPart> judged(UUID schoolId, Map<UUID, Long> after) {
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
                MoveLogStore::judgedPart);
    }

    /** Refusals that are no fault of the student's. */
    private static final String NO_FAULT = Arrays.stream(VerdictReason.values())
            .filter(why -> !why.counts())
            .map(why -> "'" + why.name() + "'")
            .collect(Collectors.joining(", "));

    /** Of a move that had one thing judged, the verdict tells it. */
    private static final String OUTCOMES = """
            select e ->> 'itemId', e ->> 'zoneId', (e ->> 'right')::boolean, e ->> 'text'
            from jsonb_array_elements(m.outcomes) as e
            union all
            select coalesce(split_part(m.act ->> 'pieceId', '~', 1), m.act ->> 'gapId'), m.verdict ->> 'zoneId',
              m.verdict ->> 'says' = 'BELONGS', left(btrim(m.act ->> 'text'), 40)
            where m.outcomes is null and m.verdict ->> 'says' in ('BELONGS', 'DOES_NOT_BELONG')
              and m.verdict ->> 'zoneId' is not null
              and coalesce(m.verdict ->> 'why', '') not in (""" + NO_FAULT + ")";

    /** In one go, as plainly as the driver can: a year's assignment has 160,000 of these. */
    private static final String JUDGED = """
            select m.attempt_id, m.seq, o.item, o.zone, o.is_right, o.text,
              (extract(epoch from coalesce(m.made_at, m.at)) * 1000000)::bigint
            from %s join move m on %s cross join lateral (""" + OUTCOMES + """
            ) as o (item, zone, is_right, text)
            where m.verdict is not null or m.outcomes is not null
            order by m.attempt_id, m.seq""";

    private static AttemptQueries.JudgedPart judgedPart(ResultSet row, int n) throws SQLException {
        return new AttemptQueries.JudgedPart(
                row.getObject(1, UUID.class),
                row.getLong(2),
                new Outcome(row.getString(3), row.getString(4), row.getBoolean(5), row.getString(6)),
                Instant.EPOCH.plus(row.getLong(7), ChronoUnit.MICROS));
    }

    /** All that was judged of an assignment, each attempt's in its order. */
    List<AttemptQueries.JudgedPart> judged(UUID schoolId, UUID assignmentId) {
        return jdbc.query(
                JUDGED.formatted(
                        "attempt a",
                        "m.school_id = a.school_id and m.attempt_id = a.id and a.school_id = ? and a.assignment_id = ?"),
                MoveLogStore::judgedPart,
                schoolId,
                assignmentId);
    }

    /** Every move of an attempt, in order. */
    List<AttemptQueries.Logged> log(UUID schoolId, UUID attemptId) {
        return db.selectFrom(MOVE)
                .where(MOVE.SCHOOL_ID.eq(schoolId), MOVE.ATTEMPT_ID.eq(attemptId))
                .orderBy(MOVE.SEQ)
                .fetch(row -> new AttemptQueries.Logged(
                        row.getSeq(),
                        new Move(
                                row.getMoveId(),
                                Json.read(row.getAct().data(), Act.class),
                                row.getDeviceTime().toInstant()),
                        Optional.ofNullable(row.getVerdict()).map(json -> Json.read(json.data(), Verdict.class)),
                        AttemptRowsStore.change(row),
                        row.getAt().toInstant(),
                        AttemptRowsStore.madeAt(row),
                        row.getById()));
    }

    /** What an attempt goes out from: its beginning and each renewal, in order. */
    List<AttemptQueries.Base> bases(UUID schoolId, UUID attemptId) {
        return db.selectFrom(ATTEMPT_BASE)
                .where(ATTEMPT_BASE.SCHOOL_ID.eq(schoolId), ATTEMPT_BASE.ATTEMPT_ID.eq(attemptId))
                .orderBy(ATTEMPT_BASE.SEQ, ATTEMPT_BASE.AT)
                .fetch(row -> new AttemptQueries.Base(
                        row.getSeq(),
                        row.getVersionId(),
                        Json.read(row.getState().data(), AttemptState.class)));
    }

    /** Copies count as the piece that they came off. */
    List<CommonMistakes.Counted> misses(UUID schoolId, UUID assignmentId) {
        return jdbc.query(
                MISSES,
                (row, n) -> new CommonMistakes.Counted(
                        new Outcome(row.getString(1), row.getString(2), false, row.getString(3)), row.getInt(4)),
                schoolId,
                assignmentId);
    }

    private static final String MISSES = """
            select o.item, o.zone, o.text, count(*)
            from attempt a join move m on m.school_id = a.school_id and m.attempt_id = a.id
            cross join lateral (""" + OUTCOMES + """
            ) as o (item, zone, is_right, text)
            where a.school_id = ? and a.assignment_id = ? and not o.is_right
            group by 1, 2, 3
            order by 4 desc, 1, 2, 3""";

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
}
