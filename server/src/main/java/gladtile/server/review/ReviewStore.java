package gladtile.server.review;

import static gladtile.tables.Tables.PUBLISHED_NEWEST_ATTEMPT;
import static gladtile.tables.Tables.READY_PHRASE;
import static gladtile.tables.Tables.REVIEW;

import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.core.json.Json;
import gladtile.core.review.Review;
import gladtile.server.review.ReviewService.Kept;
import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Reviews in the database. */
@Repository
class ReviewStore {
    private final DSLContext db;

    ReviewStore(DSLContext db) {
        this.db = db;
    }

    Map<UUID, Kept> read(UUID schoolId, Collection<UUID> attemptIds) {
        return db.selectFrom(REVIEW)
                .where(REVIEW.SCHOOL_ID.eq(schoolId), REVIEW.ATTEMPT_ID.in(attemptIds))
                .fetchMap(row -> row.getAttemptId(), ReviewStore::kept);
    }

    Optional<Kept> read(UUID schoolId, UUID attemptId) {
        return Optional.ofNullable(read(schoolId, List.of(attemptId)).get(attemptId));
    }

    Set<UUID> sentAmong(UUID schoolId, Collection<UUID> attemptIds) {
        return new HashSet<>(db.select(REVIEW.ATTEMPT_ID)
                .from(REVIEW)
                .where(REVIEW.SCHOOL_ID.eq(schoolId), REVIEW.ATTEMPT_ID.in(attemptIds), REVIEW.SENT_AT.isNotNull())
                .fetch(REVIEW.ATTEMPT_ID));
    }

    /**
     * Keeps a review in place of the one of that version.
     *
     * @param version of the one it was made from; 0 for none
     * @param sent with which score it is sent; null for keeping it only: what was sent before stays as it was
     * @return false when somebody changed it meanwhile, so that nothing was changed
     */
    @Transactional
    public boolean keep(
            UUID schoolId, UUID attemptId, long version, Review review, UUID byId, OffsetDateTime at, Score sent) {
        JSONB json = JSONB.valueOf(Json.write(review));
        int kept;
        if (version == 0) {
            kept = db.insertInto(REVIEW)
                    .set(REVIEW.SCHOOL_ID, schoolId)
                    .set(REVIEW.ATTEMPT_ID, attemptId)
                    .set(REVIEW.REVIEW_, json)
                    .set(REVIEW.VERSION, 1L)
                    .set(REVIEW.BY_ID, byId)
                    .set(REVIEW.UPDATED_AT, at)
                    .onConflictDoNothing()
                    .execute();
        } else {
            kept = db.update(REVIEW)
                    .set(REVIEW.REVIEW_, json)
                    .set(REVIEW.VERSION, version + 1)
                    .set(REVIEW.BY_ID, byId)
                    .set(REVIEW.UPDATED_AT, at)
                    .where(REVIEW.SCHOOL_ID.eq(schoolId), REVIEW.ATTEMPT_ID.eq(attemptId))
                    .and(REVIEW.VERSION.eq(version))
                    .execute();
        }
        if (kept == 1 && sent != null) {
            db.update(REVIEW)
                    .set(REVIEW.SENT_AT, at)
                    .set(REVIEW.SENT_REVIEW, json)
                    .set(REVIEW.GOT, BigDecimal.valueOf(sent.got()))
                    .set(REVIEW.MOST, BigDecimal.valueOf(sent.most()))
                    .where(REVIEW.SCHOOL_ID.eq(schoolId), REVIEW.ATTEMPT_ID.eq(attemptId))
                    .execute();
        }
        return kept == 1;
    }

    record Waiting(int waiting, int sent) {}

    /** Of each assignment with handed-in work, how many newest rounds wait and how many were sent back. */
    Map<UUID, Waiting> waiting(UUID schoolId, Collection<UUID> assignmentIds) {
        return db.select(
                        PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID,
                        DSL.count().filterWhere(REVIEW.SENT_AT.isNull()),
                        DSL.count().filterWhere(REVIEW.SENT_AT.isNotNull()))
                .from(PUBLISHED_NEWEST_ATTEMPT)
                .leftJoin(REVIEW)
                .on(REVIEW.SCHOOL_ID.eq(schoolId), REVIEW.ATTEMPT_ID.eq(PUBLISHED_NEWEST_ATTEMPT.ID))
                .where(
                        PUBLISHED_NEWEST_ATTEMPT.SCHOOL_ID.eq(schoolId),
                        PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID.in(assignmentIds),
                        PUBLISHED_NEWEST_ATTEMPT.STANDING.eq(Standing.HANDED_IN.name()))
                .groupBy(PUBLISHED_NEWEST_ATTEMPT.ASSIGNMENT_ID)
                .fetchMap(row -> row.value1(), row -> new Waiting(row.value2(), row.value3()));
    }

    Optional<PhraseService> phrases(UUID schoolId, UUID personId) {
        return db.select(READY_PHRASE.PHRASES)
                .from(READY_PHRASE)
                .where(READY_PHRASE.SCHOOL_ID.eq(schoolId), READY_PHRASE.PERSON_ID.eq(personId))
                .fetchOptional(row -> Json.read(row.value1().data(), PhraseService.class));
    }

    void keepPhrases(UUID schoolId, UUID personId, PhraseService phrases) {
        JSONB json = JSONB.valueOf(Json.write(phrases));
        db.insertInto(READY_PHRASE)
                .values(schoolId, personId, json)
                .onConflict(READY_PHRASE.SCHOOL_ID, READY_PHRASE.PERSON_ID)
                .doUpdate()
                .set(READY_PHRASE.PHRASES, json)
                .execute();
    }

    private static Kept kept(Record row) {
        OffsetDateTime sent = row.get(REVIEW.SENT_AT);
        Score score = row.get(REVIEW.GOT) == null
                ? null
                : new Score(
                        row.get(REVIEW.GOT).doubleValue(), row.get(REVIEW.MOST).doubleValue());
        return new Kept(
                Json.read(row.get(REVIEW.REVIEW_).data(), Review.class),
                row.get(REVIEW.VERSION),
                row.get(REVIEW.BY_ID),
                row.get(REVIEW.UPDATED_AT).toInstant(),
                sent == null ? null : sent.toInstant(),
                sent == null ? null : Json.read(row.get(REVIEW.SENT_REVIEW).data(), Review.class),
                score);
    }
}
