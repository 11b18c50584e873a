package gladtile.server.files;

import static gladtile.tables.Tables.ACTIVITY;
import static gladtile.tables.Tables.ACTIVITY_SHARE;
import static gladtile.tables.Tables.ACTIVITY_VERSION;
import static gladtile.tables.Tables.ASSIGNMENT;
import static gladtile.tables.Tables.ATTEMPT;
import static gladtile.tables.Tables.FILE;
import static gladtile.tables.Tables.FILE_BRINGER;
import static gladtile.tables.Tables.FILE_USE;
import static gladtile.tables.Tables.LIBRARY_FILE;
import static gladtile.tables.Tables.LIBRARY_PART;
import static gladtile.tables.Tables.LIBRARY_SHARE;
import static gladtile.tables.Tables.MEMBERSHIP;
import static gladtile.tables.Tables.PERSON;
import static gladtile.tables.Tables.REVIEW;

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
                .join(LIBRARY_PART)
                .on(LIBRARY_PART.SCHOOL_ID.eq(LIBRARY_FILE.SCHOOL_ID), LIBRARY_PART.ID.eq(LIBRARY_FILE.PART_ID))
                .leftJoin(LIBRARY_SHARE)
                .on(LIBRARY_SHARE.SCHOOL_ID.eq(LIBRARY_PART.SCHOOL_ID), LIBRARY_SHARE.PART_ID.eq(LIBRARY_PART.ID))
                .and(LIBRARY_SHARE.PERSON_ID.eq(teacherId))
                .where(LIBRARY_FILE.SCHOOL_ID.eq(schoolId), LIBRARY_FILE.SHA256.eq(sha256))
                .and(LIBRARY_PART
                        .OWNER_ID
                        .eq(teacherId)
                        .or(LIBRARY_PART
                                .DELETED_AT
                                .isNull()
                                .and(LIBRARY_PART.FOR_SCHOOL.isTrue().or(LIBRARY_SHARE.PERSON_ID.isNotNull())))));
    }

    /** On an activity that is theirs or was shared with them. */
    boolean isOnTheirShelf(UUID schoolId, UUID teacherId, String sha256) {
        return db.fetchExists(DSL.selectOne()
                .from(FILE_USE)
                .join(ACTIVITY)
                .on(ACTIVITY.SCHOOL_ID.eq(FILE_USE.SCHOOL_ID), ACTIVITY.ID.eq(FILE_USE.ACTIVITY_ID))
                .leftJoin(ACTIVITY_SHARE)
                .on(ACTIVITY_SHARE.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), ACTIVITY_SHARE.ACTIVITY_ID.eq(ACTIVITY.ID))
                .and(ACTIVITY_SHARE.PERSON_ID.eq(teacherId))
                .where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.SHA256.eq(sha256))
                .and(ACTIVITY.OWNER_ID.eq(teacherId).or(ACTIVITY_SHARE.PERSON_ID.isNotNull())));
    }

    /** In what was given to a class of theirs, in what its students brought, or in what was sent back there. */
    boolean isInTheirClasses(UUID schoolId, UUID teacherId, String sha256) {
        var theirs = DSL.select(MEMBERSHIP.CLASS_ID)
                .from(MEMBERSHIP)
                .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.PERSON_ID.eq(teacherId));
        boolean given = db.fetchExists(DSL.selectOne()
                .from(FILE_USE)
                .join(ASSIGNMENT)
                .on(ASSIGNMENT.SCHOOL_ID.eq(FILE_USE.SCHOOL_ID), ASSIGNMENT.ACTIVITY_ID.eq(FILE_USE.ACTIVITY_ID))
                .join(ACTIVITY_VERSION)
                .on(ACTIVITY_VERSION.SCHOOL_ID.eq(ASSIGNMENT.SCHOOL_ID), ACTIVITY_VERSION.ID.eq(ASSIGNMENT.VERSION_ID))
                .where(FILE_USE.SCHOOL_ID.eq(schoolId), FILE_USE.SHA256.eq(sha256))
                .and(ASSIGNMENT.CLASS_ID.in(theirs))
                .and(names(ACTIVITY_VERSION.ACTIVITY, sha256)));
        return given
                || db.fetchExists(DSL.selectOne()
                        .from(FILE_BRINGER)
                        .join(MEMBERSHIP)
                        .on(MEMBERSHIP.SCHOOL_ID.eq(FILE_BRINGER.SCHOOL_ID))
                        .and(MEMBERSHIP.PERSON_ID.eq(FILE_BRINGER.PERSON_ID))
                        .join(PERSON)
                        .on(PERSON.SCHOOL_ID.eq(FILE_BRINGER.SCHOOL_ID), PERSON.ID.eq(FILE_BRINGER.PERSON_ID))
                        .where(FILE_BRINGER.SCHOOL_ID.eq(schoolId), FILE_BRINGER.SHA256.eq(sha256))
                        // A colleague in the same class may keep things of their own.
                        .and(PERSON.KIND.eq("student"))
                        .and(MEMBERSHIP.CLASS_ID.in(theirs)))
                || db.fetchExists(DSL.selectOne()
                        .from(REVIEW)
                        .join(ATTEMPT)
                        .on(ATTEMPT.SCHOOL_ID.eq(REVIEW.SCHOOL_ID), ATTEMPT.ID.eq(REVIEW.ATTEMPT_ID))
                        .join(ASSIGNMENT)
                        .on(ASSIGNMENT.SCHOOL_ID.eq(ATTEMPT.SCHOOL_ID), ASSIGNMENT.ID.eq(ATTEMPT.ASSIGNMENT_ID))
                        .where(REVIEW.SCHOOL_ID.eq(schoolId))
                        .and(ASSIGNMENT.CLASS_ID.in(theirs))
                        .and(names(REVIEW.REVIEW_, sha256).or(names(REVIEW.SENT_REVIEW, sha256))));
    }

    private static Condition names(TableField<?, JSONB> json, String sha256) {
        return DSL.position(json.cast(String.class), sha256).gt(0);
    }
}
