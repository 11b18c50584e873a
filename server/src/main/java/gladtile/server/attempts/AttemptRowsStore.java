package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.MOVE;

import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.StateChange;
import gladtile.core.json.Json;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import org.jooq.JSONB;
import org.jooq.Record;

/** Reads rows of attempts and their moves. */
final class AttemptRowsStore {
    private AttemptRowsStore() {}

    static AttemptRow row(Record row, AttemptState kept, List<ArrivedMove> tail) {
        return new AttemptRow(
                row.get(ATTEMPT.ID),
                row.get(ATTEMPT.ASSIGNMENT_ID),
                row.get(ATTEMPT.HOLDER_ID),
                row.get(ATTEMPT.ROUND),
                row.get(ATTEMPT.ASKED_FOR),
                row.get(ATTEMPT.VERSION_ID),
                kept,
                tail,
                instant(row.get(ATTEMPT.BEGUN_AT)),
                instant(row.get(ATTEMPT.HANDED_IN_AT)),
                instant(row.get(ATTEMPT.HANDED_IN_MADE_AT)));
    }

    static AttemptState state(Record row) {
        return Json.read(row.get(ATTEMPT.STATE).data(), AttemptState.class);
    }

    static ArrivedMove arrived(Record row) {
        Move move = new Move(
                row.get(MOVE.MOVE_ID),
                Json.read(row.get(MOVE.ACT).data(), Act.class),
                row.get(MOVE.DEVICE_TIME).toInstant());
        return new ArrivedMove(move, row.get(MOVE.AT).toInstant(), madeAt(row), change(row));
    }

    /** Null where it is not kept. */
    static StateChange change(Record row) {
        JSONB change = row.get(MOVE.CHANGE);
        return change == null ? null : Json.read(change.data(), StateChange.class);
    }

    /** Moves of before devices told when they sent them were taken as made when they arrived. */
    static Instant madeAt(Record row) {
        OffsetDateTime made = row.get(MOVE.MADE_AT);
        return (made == null ? row.get(MOVE.AT) : made).toInstant();
    }

    static Instant instant(OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }
}
