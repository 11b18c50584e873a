package gladtile.server.attempts;

import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.ATTEMPT_BASE;
import static gladtile.tables.Tables.MOVE;
import static gladtile.tables.Tables.PUBLISHED_NEWEST_ATTEMPT;

import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Standing;
import gladtile.core.json.Json;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
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

    Optional<AttemptRow> read(UUID schoolId, UUID id) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ID.eq(id))
                .fetchOptional()
                .map(this::row);
    }

    /** A certain round of a student or team. */
    Optional<UUID> round(UUID schoolId, UUID assignmentId, UUID holderId, int round) {
        return db.select(ATTEMPT.ID)
                .from(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId))
                .and(ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.HOLDER_ID.eq(holderId))
                .and(ATTEMPT.ROUND.eq(round))
                .fetchOptional(ATTEMPT.ID);
    }

    /** The newest round of a student or team. */
    Optional<AttemptRow> of(UUID schoolId, UUID assignmentId, UUID holderId) {
        return db.selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .and(ATTEMPT.HOLDER_ID.eq(holderId))
                .orderBy(ATTEMPT.ROUND.desc())
                .limit(1)
                .fetchOptional()
                .map(this::row);
    }

    /** Every round of every student or team, the newest round first. */
    List<AttemptRow> all(UUID schoolId, UUID assignmentId) {
        List<Known> rows = db
                .selectFrom(ATTEMPT)
                .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .orderBy(ATTEMPT.ROUND.desc())
                .fetch()
                // Their states are most of the work, and each can be read by itself.
                .parallelStream()
                .map(row -> new Known(row, AttemptRowsStore.state(row)))
                .toList();
        Map<UUID, List<ArrivedMove>> tails = tails(schoolId, rows);
        return rows.stream()
                .map(one ->
                        AttemptRowsStore.row(one.row, one.kept, tails.getOrDefault(one.row.get(ATTEMPT.ID), List.of())))
                .toList();
    }

    private record Known(Record row, AttemptState kept) {}

    /** The moves that lie behind the states that are kept, by attempt. Most have none. */
    private Map<UUID, List<ArrivedMove>> tails(UUID schoolId, List<Known> rows) {
        List<Known> behind = rows.stream()
                .filter(one -> one.kept.seq() < one.row.get(ATTEMPT.SEQ))
                .toList();
        Map<UUID, List<ArrivedMove>> tails = new HashMap<>();
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
                        .add(AttemptRowsStore.arrived(row)));
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
                                        AttemptRowsStore.instant(row.value6()),
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
                        PUBLISHED_NEWEST_ATTEMPT.ID,
                        PUBLISHED_NEWEST_ATTEMPT.HOLDER_ID,
                        PUBLISHED_NEWEST_ATTEMPT.VERSION_ID,
                        PUBLISHED_NEWEST_ATTEMPT.SEQ,
                        PUBLISHED_NEWEST_ATTEMPT.STANDING,
                        PUBLISHED_NEWEST_ATTEMPT.BEGUN_AT)
                .from(PUBLISHED_NEWEST_ATTEMPT)
                .where(
                        PUBLISHED_NEWEST_ATTEMPT.SCHOOL_ID.eq(schoolId),
                        PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID.eq(assignmentId))
                .fetch(row -> new AttemptQueries.Beat(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        Standing.valueOf(row.value5()),
                        row.value6().toInstant()));
    }

    Map<UUID, AttemptService.Counts> counts(UUID schoolId, Collection<UUID> assignmentIds) {
        return db.select(
                        PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID,
                        DSL.count(),
                        DSL.count().filterWhere(PUBLISHED_NEWEST_ATTEMPT.STANDING.eq(Standing.HANDED_IN.name())))
                .from(PUBLISHED_NEWEST_ATTEMPT)
                .where(
                        PUBLISHED_NEWEST_ATTEMPT.SCHOOL_ID.eq(schoolId),
                        PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID.in(assignmentIds))
                .groupBy(PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID)
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

    private AttemptRow row(Record row) {
        AttemptState kept = AttemptRowsStore.state(row);
        if (kept.seq() == row.get(ATTEMPT.SEQ)) {
            return AttemptRowsStore.row(row, kept, List.of());
        }
        List<ArrivedMove> tail = db.select(MOVE.MOVE_ID, MOVE.ACT, MOVE.CHANGE, MOVE.DEVICE_TIME, MOVE.AT, MOVE.MADE_AT)
                .from(MOVE)
                .where(MOVE.SCHOOL_ID.eq(row.get(ATTEMPT.SCHOOL_ID)), MOVE.ATTEMPT_ID.eq(row.get(ATTEMPT.ID)))
                .and(MOVE.SEQ.gt(kept.seq()))
                .orderBy(MOVE.SEQ)
                .fetch(AttemptRowsStore::arrived);
        return AttemptRowsStore.row(row, kept, tail);
    }
}
