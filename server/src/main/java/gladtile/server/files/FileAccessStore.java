package gladtile.server.files;

import static gladtile.tables.Tables.FILE_BRINGER;
import static gladtile.tables.Tables.PUBLISHED_ACTIVITY_VERSION;
import static gladtile.tables.Tables.PUBLISHED_ASSIGNMENT;
import static gladtile.tables.Tables.PUBLISHED_ATTEMPT;
import static gladtile.tables.Tables.PUBLISHED_MOVE;
import static gladtile.tables.Tables.PUBLISHED_REVIEW;
import static gladtile.tables.Tables.PUBLISHED_TEAM_MEMBER;

import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Where a student may have met a file, in the database. */
@Repository
class FileAccessStore {
    private final DSLContext db;

    FileAccessStore(DSLContext db) {
        this.db = db;
    }

    void brought(UUID schoolId, String sha256, UUID personId) {
        db.insertInto(FILE_BRINGER, FILE_BRINGER.SCHOOL_ID, FILE_BRINGER.SHA256, FILE_BRINGER.PERSON_ID)
                .values(schoolId, sha256, personId)
                .onConflictDoNothing()
                .execute();
    }

    boolean isBroughtBy(UUID schoolId, String sha256, UUID personId) {
        return db.fetchExists(
                FILE_BRINGER,
                FILE_BRINGER.SCHOOL_ID.eq(schoolId),
                FILE_BRINGER.SHA256.eq(sha256),
                FILE_BRINGER.PERSON_ID.eq(personId));
    }

    /** The versions of what a student or their teams began and what was not withdrawn. */
    Set<UUID> versionsOf(UUID schoolId, UUID studentId) {
        return db.selectDistinct(PUBLISHED_ATTEMPT.VERSION_ID)
                .from(PUBLISHED_ATTEMPT)
                .join(PUBLISHED_ASSIGNMENT)
                .on(
                        PUBLISHED_ASSIGNMENT.SCHOOL_ID.eq(PUBLISHED_ATTEMPT.SCHOOL_ID),
                        PUBLISHED_ASSIGNMENT.ID.eq(PUBLISHED_ATTEMPT.ASSIGNMENT_ID))
                .where(theirs(schoolId, studentId))
                .and(PUBLISHED_ASSIGNMENT.WITHDRAWN_AT.isNull())
                .fetchSet(PUBLISHED_ATTEMPT.VERSION_ID);
    }

    private static Condition theirs(UUID schoolId, UUID studentId) {
        return PUBLISHED_ATTEMPT
                .SCHOOL_ID
                .eq(schoolId)
                .and(PUBLISHED_ATTEMPT
                        .HOLDER_ID
                        .eq(studentId)
                        .or(PUBLISHED_ATTEMPT.HOLDER_ID.in(DSL.select(PUBLISHED_TEAM_MEMBER.TEAM_ID)
                                .from(PUBLISHED_TEAM_MEMBER)
                                .where(
                                        PUBLISHED_TEAM_MEMBER.SCHOOL_ID.eq(schoolId),
                                        PUBLISHED_TEAM_MEMBER.PERSON_ID.eq(studentId)))));
    }

    /** The version as it is kept, as text. */
    String version(UUID schoolId, UUID versionId) {
        return db.select(PUBLISHED_ACTIVITY_VERSION.ACTIVITY)
                .from(PUBLISHED_ACTIVITY_VERSION)
                .where(PUBLISHED_ACTIVITY_VERSION.SCHOOL_ID.eq(schoolId), PUBLISHED_ACTIVITY_VERSION.ID.eq(versionId))
                .fetchOptional(row -> row.value1().data())
                .orElse("");
    }

    /** In what they or their teams did, or in what came back of it. */
    boolean isInTheirWork(UUID schoolId, UUID studentId, String sha256) {
        return db.fetchExists(DSL.selectOne()
                        .from(PUBLISHED_MOVE)
                        .join(PUBLISHED_ATTEMPT)
                        .on(
                                PUBLISHED_ATTEMPT.SCHOOL_ID.eq(PUBLISHED_MOVE.SCHOOL_ID),
                                PUBLISHED_ATTEMPT.ID.eq(PUBLISHED_MOVE.ATTEMPT_ID))
                        .where(theirs(schoolId, studentId))
                        .and(PUBLISHED_MOVE.SCHOOL_ID.eq(schoolId))
                        // What they wrote may name any file.
                        .and(DSL.condition("{0} @> {1}", PUBLISHED_MOVE.ACT, said(sha256))))
                || db.fetchExists(DSL.selectOne()
                        .from(PUBLISHED_REVIEW)
                        .join(PUBLISHED_ATTEMPT)
                        .on(
                                PUBLISHED_ATTEMPT.SCHOOL_ID.eq(PUBLISHED_REVIEW.SCHOOL_ID),
                                PUBLISHED_ATTEMPT.ID.eq(PUBLISHED_REVIEW.ATTEMPT_ID))
                        .where(theirs(schoolId, studentId))
                        .and(names(PUBLISHED_REVIEW.SENT_REVIEW, sha256)));
    }

    private static Field<JSONB> said(String sha256) {
        return DSL.val(JSONB.valueOf("{\"recording\": {\"file\": {\"sha256\": \"%s\"}}}".formatted(sha256)));
    }

    private static Condition names(TableField<?, JSONB> json, String sha256) {
        return DSL.position(json.cast(String.class), sha256).gt(0);
    }
}
