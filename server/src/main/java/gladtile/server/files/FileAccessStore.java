package gladtile.server.files;

import static gladtile.tables.Tables.ACTIVITY_VERSION;
import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.FILE_BRINGER;
import static gladtile.tables.Tables.MOVE;
import static gladtile.tables.Tables.REVIEW;
import static gladtile.tables.Tables.TEAM_MEMBER;

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
        return db.selectDistinct(ATTEMPT.VERSION_ID)
                .from(ATTEMPT)
                .join(ASSIGNMENT)
                .on(ASSIGNMENT.SCHOOL_ID.eq(ATTEMPT.SCHOOL_ID), ASSIGNMENT.ID.eq(ATTEMPT.ASSIGNMENT_ID))
                .where(theirs(schoolId, studentId))
                .and(ASSIGNMENT.WITHDRAWN_AT.isNull())
                .fetchSet(ATTEMPT.VERSION_ID);
    }

    private static Condition theirs(UUID schoolId, UUID studentId) {
        return ATTEMPT.SCHOOL_ID
                .eq(schoolId)
                .and(ATTEMPT.HOLDER_ID
                        .eq(studentId)
                        .or(ATTEMPT.HOLDER_ID.in(DSL.select(TEAM_MEMBER.TEAM_ID)
                                .from(TEAM_MEMBER)
                                .where(TEAM_MEMBER.SCHOOL_ID.eq(schoolId), TEAM_MEMBER.PERSON_ID.eq(studentId)))));
    }

    /** The version as it is kept, as text. */
    String version(UUID schoolId, UUID versionId) {
        return db.select(ACTIVITY_VERSION.ACTIVITY)
                .from(ACTIVITY_VERSION)
                .where(ACTIVITY_VERSION.SCHOOL_ID.eq(schoolId), ACTIVITY_VERSION.ID.eq(versionId))
                .fetchOptional(row -> row.value1().data())
                .orElse("");
    }

    /** In what they or their teams did, or in what came back of it. */
    boolean isInTheirWork(UUID schoolId, UUID studentId, String sha256) {
        return db.fetchExists(DSL.selectOne()
                        .from(MOVE)
                        .join(ATTEMPT)
                        .on(ATTEMPT.SCHOOL_ID.eq(MOVE.SCHOOL_ID), ATTEMPT.ID.eq(MOVE.ATTEMPT_ID))
                        .where(theirs(schoolId, studentId))
                        .and(MOVE.SCHOOL_ID.eq(schoolId))
                        // What they wrote may name any file.
                        .and(DSL.condition("{0} @> {1}", MOVE.ACT, said(sha256))))
                || db.fetchExists(DSL.selectOne()
                        .from(REVIEW)
                        .join(ATTEMPT)
                        .on(ATTEMPT.SCHOOL_ID.eq(REVIEW.SCHOOL_ID), ATTEMPT.ID.eq(REVIEW.ATTEMPT_ID))
                        .where(theirs(schoolId, studentId))
                        .and(names(REVIEW.SENT_REVIEW, sha256)));
    }

    private static Field<JSONB> said(String sha256) {
        return DSL.val(JSONB.valueOf("{\"recording\": {\"file\": {\"sha256\": \"%s\"}}}".formatted(sha256)));
    }

    private static Condition names(TableField<?, JSONB> json, String sha256) {
        return DSL.position(json.cast(String.class), sha256).gt(0);
    }
}
