package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.ATTEMPT_BASE;
import static gladtile.tables.Tables.MOVE;

import gladtile.core.assigned.DeviceClock;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.Standing;
import gladtile.core.attempt.StateChange;
import gladtile.core.json.Json;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Attempts in the database: who works on what, in which round, and how it stands. */
@Repository
class AttemptStore {
    private final DSLContext db;

    AttemptStore(DSLContext db) {
        this.db = db;
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
            UUID versionId,
            AttemptState kept,
            List<Arrived> tail,
            Instant begunAt,
            Instant handedInAt,
            Instant handedInMadeAt) {
        /**
         * The kept state with the moves since then. What they had judged was kept with them; the others do the same
         * whenever they are made, and each was taken once, so none can be refused now.
         */
        AttemptState current(AttemptRules rules) {
            AttemptState state = kept;
            for (Arrived one : tail) {
                state = one.on(state, rules);
            }
            return state;
        }
    }

    /**
     * A move as it came.
     *
     * @param madeAt by the device's clock put right
     * @param change what it did when it was made; null where that is not kept
     */
    record Arrived(Move move, Instant at, Instant madeAt, StateChange change) {
        /** The attempt after it. */
        AttemptState on(AttemptState state, AttemptRules rules) {
            if (change != null) {
                return change.on(state);
            }
            if (state.with(move, rules, DeviceClock.decides(madeAt, at)) instanceof Made made) {
                return made.state();
            }
            throw new IllegalStateException("move " + move.id() + " was taken once and is refused now");
        }
    }

    Optional<Row> read(UUID schoolId, UUID id) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(id))
                .fetchOptional()
                .map(this::row);
    }

    /** The newest round of a student or team. */
    Optional<UUID> round(UUID schoolId, UUID assignmentId, UUID holderId, int round) {
        return db.select(ATTEMPT.ID)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId))
                .and(ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.HOLDER_ID.eq(holderId))
                .and(ATTEMPT.ROUND.eq(round))
                .fetchOptional(ATTEMPT.ID);
    }

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
        db.select(MOVE.ATTEMPT_ID, MOVE.MOVE_ID, MOVE.ACT, MOVE.CHANGE, MOVE.DEVICE_TIME, MOVE.AT, MOVE.MADE_AT)
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
    Map<UUID, Map<UUID, AttemptService.Head>> heads(
            UUID schoolId, Collection<UUID> assignmentIds, Collection<UUID> holders) {
        Map<UUID, Map<UUID, AttemptService.Head>> heads = new HashMap<>();
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
                                new AttemptService.Head(
                                        row.value3(),
                                        row.value4(),
                                        Standing.valueOf(row.value5()),
                                        instant(row.value6()),
                                        row.value7())));
        return heads;
    }

    /** Brings an attempt to another version. @return false when it was stepped on meanwhile, so that nothing was changed */
    @Transactional
    public boolean updateVersion(UUID schoolId, UUID attemptId, long seq, UUID versionId, AttemptState state) {
        JSONB json = JSONB.valueOf(Json.write(state));
        int stepped = db.update(ATTEMPT)
                .set(ATTEMPT.VERSION_ID, versionId)
                .set(ATTEMPT.STATE, json)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(attemptId), ATTEMPT.SEQ.eq(seq))
                .execute();
        if (stepped == 1) {
            insertBase(schoolId, attemptId, seq, versionId, json);
        }
        return stepped == 1;
    }

    private void insertBase(UUID schoolId, UUID attemptId, long seq, UUID versionId, JSONB state) {
        db.insertInto(ATTEMPT_BASE)
                .set(ATTEMPT_BASE.SCHOOL_ID, schoolId)
                .set(ATTEMPT_BASE.ATTEMPT_ID, attemptId)
                .set(ATTEMPT_BASE.SEQ, seq)
                .set(ATTEMPT_BASE.VERSION_ID, versionId)
                .set(ATTEMPT_BASE.STATE, state)
                .set(ATTEMPT_BASE.AT, DSL.currentOffsetDateTime())
                .execute();
    }

    /** Of each student or team the newest round, without what is in it. */
    List<AttemptQueries.Beat> beats(UUID schoolId, UUID assignmentId) {
        return db.select(
                        ATTEMPT.ID,
                        ATTEMPT.HOLDER_ID,
                        ATTEMPT.VERSION_ID,
                        ATTEMPT.SEQ,
                        ATTEMPT.STANDING,
                        ATTEMPT.BEGUN_AT)
                .distinctOn(ATTEMPT.HOLDER_ID)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .orderBy(ATTEMPT.HOLDER_ID, ATTEMPT.ROUND.desc())
                .fetch(row -> new AttemptQueries.Beat(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        Standing.valueOf(row.value5()),
                        row.value6().toInstant()));
    }

    Map<UUID, AttemptService.Counts> counts(UUID schoolId, Collection<UUID> assignmentIds) {
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
                .fetchMap(row -> row.value1(), row -> new AttemptService.Counts(row.value2(), row.value3()));
    }

    /** @param askedFor whether the teacher sent the round before back to be improved */
    record Round(int number, boolean askedFor, UUID versionId) {}

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
                .set(ATTEMPT.VERSION_ID, round.versionId())
                .set(ATTEMPT.SEQ, start.seq())
                .set(ATTEMPT.STATE, state)
                .set(ATTEMPT.STANDING, start.standing().name())
                .onConflict(ATTEMPT.SCHOOL_ID, ATTEMPT.ASSIGNMENT_ID, ATTEMPT.HOLDER_ID, ATTEMPT.ROUND)
                .doNothing()
                .execute();
        if (added == 1) {
            insertBase(schoolId, id, start.seq(), round.versionId(), state);
        }
    }

    private Row row(Record row) {
        AttemptState kept = kept(row);
        if (kept.seq() == row.get(ATTEMPT.SEQ)) {
            return row(row, kept, List.of());
        }
        List<Arrived> tail = db.select(MOVE.MOVE_ID, MOVE.ACT, MOVE.CHANGE, MOVE.DEVICE_TIME, MOVE.AT, MOVE.MADE_AT)
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
                row.get(ATTEMPT.VERSION_ID),
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
        return new Arrived(move, row.get(MOVE.AT).toInstant(), madeAt(row), change(row));
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

    private static Instant instant(OffsetDateTime time) {
        return time == null ? null : time.toInstant();
    }
}
