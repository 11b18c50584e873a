package gladtile.server.files;

import static gladtile.tables.Tables.FILE;
import static gladtile.tables.Tables.FILE_BRINGER;
import static gladtile.tables.Tables.FILE_USE;
import static gladtile.tables.Tables.LIBRARY_FILE;
import static gladtile.tables.Tables.PUBLISHED_ACTIVITY;
import static gladtile.tables.Tables.PUBLISHED_ACTIVITY_SHARE;
import static gladtile.tables.Tables.PUBLISHED_ACTIVITY_VERSION;
import static gladtile.tables.Tables.PUBLISHED_ASSIGNMENT;
import static gladtile.tables.Tables.PUBLISHED_ATTEMPT;
import static gladtile.tables.Tables.PUBLISHED_LIBRARY_PART;
import static gladtile.tables.Tables.PUBLISHED_LIBRARY_SHARE;
import static gladtile.tables.Tables.PUBLISHED_MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.PUBLISHED_REVIEW;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Where files are used, and so which teachers may have them, in the database. */
@Repository
class FileUseStore {
    private final DSLContext db;

    FileUseStore(DSLContext db) {
        this.db = db;
    }

    /** Those of the names that are files of the school. */
    Set<String> there(UUID schoolId, Collection<String> names) {
        return names.isEmpty()
                ? Set.of()
                : new HashSet<>(db.select(FILE.SHA256)
                        .from(FILE)
                        .where(FILE.SCHOOL_ID.eq(schoolId), FILE.SHA256.in(names))
                        .fetch(FILE.SHA256));
    }

    /** Those of the files that an activity names, or named once. */
    Set<String> on(UUID schoolId, UUID activityId, Collection<String> names) {
        return new HashSet<>(db.select(FILE_USE.SHA256)
                .from(FILE_USE)
                .where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.ACTIVITY_ID.eq(activityId), FILE_USE.SHA256.in(names))
                .fetch(FILE_USE.SHA256));
    }

    void put(UUID schoolId, UUID activityId, Collection<String> names) {
        for (String sha256 : names) {
            db.insertInto(FILE_USE, FILE_USE.SCHOOL_ID, FILE_USE.SHA256, FILE_USE.ACTIVITY_ID)
                    .values(schoolId, sha256, activityId)
                    .onConflictDoNothing()
                    .execute();
        }
    }

    void keep(UUID schoolId, UUID partId, Collection<String> names) {
        for (String sha256 : names) {
            db.insertInto(LIBRARY_FILE, LIBRARY_FILE.SCHOOL_ID, LIBRARY_FILE.SHA256, LIBRARY_FILE.PART_ID)
                    .values(schoolId, sha256, partId)
                    .onConflictDoNothing()
                    .execute();
        }
    }

    /** In a part of a library that is theirs, or that they may take. */
    boolean isInTheirLibrary(UUID schoolId, UUID teacherId, String sha256) {
        return db.fetchExists(DSL.selectOne()
                .from(LIBRARY_FILE)
                .join(PUBLISHED_LIBRARY_PART)
                .on(
                        PUBLISHED_LIBRARY_PART.SCHOOL_ID.eq(LIBRARY_FILE.SCHOOL_ID),
                        PUBLISHED_LIBRARY_PART.ID.eq(LIBRARY_FILE.PART_ID))
                .leftJoin(PUBLISHED_LIBRARY_SHARE)
                .on(
                        PUBLISHED_LIBRARY_SHARE.SCHOOL_ID.eq(PUBLISHED_LIBRARY_PART.SCHOOL_ID),
                        PUBLISHED_LIBRARY_SHARE.PART_ID.eq(PUBLISHED_LIBRARY_PART.ID))
                .and(PUBLISHED_LIBRARY_SHARE.PERSON_ID.eq(teacherId))
                .where(LIBRARY_FILE.SCHOOL_ID.eq(schoolId), LIBRARY_FILE.SHA256.eq(sha256))
                .and(PUBLISHED_LIBRARY_PART
                        .OWNER_ID
                        .eq(teacherId)
                        .or(PUBLISHED_LIBRARY_PART
                                .DELETED_AT
                                .isNull()
                                .and(PUBLISHED_LIBRARY_PART
                                        .FOR_SCHOOL
                                        .isTrue()
                                        .or(PUBLISHED_LIBRARY_SHARE.PERSON_ID.isNotNull())))));
    }

    /** On an activity that is theirs or was shared with them. */
    boolean isOnTheirShelf(UUID schoolId, UUID teacherId, String sha256) {
        return db.fetchExists(DSL.selectOne()
                .from(FILE_USE)
                .join(PUBLISHED_ACTIVITY)
                .on(PUBLISHED_ACTIVITY.SCHOOL_ID.eq(FILE_USE.SCHOOL_ID), PUBLISHED_ACTIVITY.ID.eq(FILE_USE.ACTIVITY_ID))
                .leftJoin(PUBLISHED_ACTIVITY_SHARE)
                .on(
                        PUBLISHED_ACTIVITY_SHARE.SCHOOL_ID.eq(PUBLISHED_ACTIVITY.SCHOOL_ID),
                        PUBLISHED_ACTIVITY_SHARE.ACTIVITY_ID.eq(PUBLISHED_ACTIVITY.ID))
                .and(PUBLISHED_ACTIVITY_SHARE.PERSON_ID.eq(teacherId))
                .where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.SHA256.eq(sha256))
                .and(PUBLISHED_ACTIVITY.OWNER_ID.eq(teacherId).or(PUBLISHED_ACTIVITY_SHARE.PERSON_ID.isNotNull())));
    }

    /** In what was given to a class of theirs, in what its students brought, or in what was sent back there. */
    boolean isInTheirClasses(UUID schoolId, UUID teacherId, String sha256) {
        var theirs = DSL.select(PUBLISHED_MEMBERSHIP.CLASS_ID)
                .from(PUBLISHED_MEMBERSHIP)
                .where(PUBLISHED_MEMBERSHIP.SCHOOL_ID.eq(schoolId), PUBLISHED_MEMBERSHIP.PERSON_ID.eq(teacherId));
        boolean given = db.fetchExists(DSL.selectOne()
                .from(FILE_USE)
                .join(PUBLISHED_ASSIGNMENT)
                .on(
                        PUBLISHED_ASSIGNMENT.SCHOOL_ID.eq(FILE_USE.SCHOOL_ID),
                        PUBLISHED_ASSIGNMENT.ACTIVITY_ID.eq(FILE_USE.ACTIVITY_ID))
                .join(PUBLISHED_ACTIVITY_VERSION)
                .on(
                        PUBLISHED_ACTIVITY_VERSION.SCHOOL_ID.eq(PUBLISHED_ASSIGNMENT.SCHOOL_ID),
                        PUBLISHED_ACTIVITY_VERSION.ID.eq(PUBLISHED_ASSIGNMENT.VERSION_ID))
                .where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.SHA256.eq(sha256))
                .and(PUBLISHED_ASSIGNMENT.CLASS_ID.in(theirs))
                .and(names(PUBLISHED_ACTIVITY_VERSION.ACTIVITY, sha256)));
        return given
                || db.fetchExists(DSL.selectOne()
                        .from(FILE_BRINGER)
                        .join(PUBLISHED_MEMBERSHIP)
                        .on(PUBLISHED_MEMBERSHIP.SCHOOL_ID.eq(FILE_BRINGER.SCHOOL_ID))
                        .and(PUBLISHED_MEMBERSHIP.PERSON_ID.eq(FILE_BRINGER.PERSON_ID))
                        .join(PUBLISHED_PERSON)
                        .on(
                                PUBLISHED_PERSON.SCHOOL_ID.eq(FILE_BRINGER.SCHOOL_ID),
                                PUBLISHED_PERSON.ID.eq(FILE_BRINGER.PERSON_ID))
                        .where(FILE_BRINGER.SCHOOL_ID.eq(schoolId), FILE_BRINGER.SHA256.eq(sha256))
                        // A colleague in the same class may keep things of their own.
                        .and(PUBLISHED_PERSON.KIND.eq("student"))
                        .and(PUBLISHED_MEMBERSHIP.CLASS_ID.in(theirs)))
                || db.fetchExists(DSL.selectOne()
                        .from(PUBLISHED_REVIEW)
                        .join(PUBLISHED_ATTEMPT)
                        .on(
                                PUBLISHED_ATTEMPT.SCHOOL_ID.eq(PUBLISHED_REVIEW.SCHOOL_ID),
                                PUBLISHED_ATTEMPT.ID.eq(PUBLISHED_REVIEW.ATTEMPT_ID))
                        .join(PUBLISHED_ASSIGNMENT)
                        .on(
                                PUBLISHED_ASSIGNMENT.SCHOOL_ID.eq(PUBLISHED_ATTEMPT.SCHOOL_ID),
                                PUBLISHED_ASSIGNMENT.ID.eq(PUBLISHED_ATTEMPT.ASSIGNMENT_ID))
                        .where(PUBLISHED_REVIEW.SCHOOL_ID.eq(schoolId))
                        .and(PUBLISHED_ASSIGNMENT.CLASS_ID.in(theirs))
                        .and(names(PUBLISHED_REVIEW.REVIEW, sha256).or(names(PUBLISHED_REVIEW.SENT_REVIEW, sha256))));
    }

    private static Condition names(TableField<?, JSONB> json, String sha256) {
        return DSL.position(json.cast(String.class), sha256).gt(0);
    }
}
