package gladtile.server.attempts;

import gladtile.core.answer.Verdict;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.Outcome;
import gladtile.core.attempt.StateChange;
import gladtile.core.json.Json;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;

/** Appends moves to attempts, many in one statement. */
@Repository
class MoveStore {
    /**
     * One round trip and one commit for many requests: each attempt steps on only from the seq and the
     * version this machine knew, and
     * its moves are appended only if it did.
     */
    private static final String APPEND = """
            with w as (
              select * from unnest(?::uuid[], ?::uuid[], ?::uuid[], ?::bigint[], ?::bigint[], ?::text[], ?::int[],
                  ?::text[], ?::timestamptz[], ?::timestamptz[])
                as w (school_id, id, version_id, seq, next, state, score, standing, handed_in_at, handed_in_made_at)
            ), stepped as (
              update attempt a set seq = w.next, state = coalesce(w.state::jsonb, a.state), score = w.score, standing = w.standing,
                updated_at = now(), handed_in_at = coalesce(w.handed_in_at, a.handed_in_at),
                handed_in_made_at = coalesce(w.handed_in_made_at, a.handed_in_made_at)
              from w where a.school_id = w.school_id and a.id = w.id and a.seq = w.seq and a.version_id = w.version_id
              returning a.school_id, a.id
            ), appended as (
              insert into move (school_id, attempt_id, seq, move_id, act, verdict, outcomes, change, device_time, at,
                made_at, by_id)
              select s.school_id, s.id, m.seq, m.move_id, m.act::jsonb, m.verdict::jsonb, m.outcomes::jsonb,
                m.change::jsonb, m.device_time, m.at, m.made_at, m.by_id
              from stepped s
              join unnest(?::uuid[], ?::bigint[], ?::uuid[], ?::text[], ?::text[], ?::text[], ?::text[],
                  ?::timestamptz[], ?::timestamptz[], ?::timestamptz[], ?::uuid[])
                as m (attempt_id, seq, move_id, act, verdict, outcomes, change, device_time, at, made_at, by_id) on m.attempt_id = s.id
            )
            select id from stepped
            """;

    /**
     * The whole state is written only when this many moves lie behind the one kept: writing it was the largest part
     * of what a move cost the database. Reading makes the few moves since then again.
     */
    private static final int MOVES_BEHIND = 16;

    private final JdbcTemplate jdbc;

    MoveStore(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * A move with what was found of it, if it was judged.
     *
     * @param outcomes what it had judged, thing by thing
     * @param change what it did to the attempt; null where nothing can be judged by such a move
     * @param at when it arrived, by the server's clock
     * @param madeAt when it was made, by the device's clock put right
     */
    record Judged(
            Move move,
            Optional<Verdict> verdict,
            List<Outcome> outcomes,
            StateChange change,
            Instant at,
            Instant madeAt,
            UUID byId) {
        /** Null where the verdict tells the same by itself, or nothing was asked for that could be judged. */
        List<Outcome> outcomesOrNull() {
            boolean one = move.act() instanceof Act.Put || move.act() instanceof Act.Type;
            return outcomes.size() <= 1 && one || verdict.isEmpty() && outcomes.isEmpty() ? null : outcomes;
        }
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
            UUID versionId,
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
            arrays.set("uuid", sorted, Append::versionId);
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
            arrays.set("text", lines, line -> orNull(line.judged.outcomesOrNull()));
            arrays.set("text", lines, line -> orNull(line.judged.change()));
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

    private static String orNull(Object value) {
        return value == null ? null : Json.write(value);
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
}
