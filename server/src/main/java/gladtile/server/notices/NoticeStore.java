package gladtile.server.notices;

import static gladtile.tables.Tables.NOTICE;
import static gladtile.tables.Tables.OUTBOX;
import static gladtile.tables.Tables.PUBLISHED_ASSIGNMENT;
import static gladtile.tables.Tables.PUBLISHED_MEMBERSHIP;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import gladtile.core.json.Json;
import gladtile.server.notices.NoticeService.About;
import gladtile.server.notices.NoticeService.Kind;
import gladtile.server.notices.NoticeService.Mail;
import gladtile.server.notices.NoticeService.Notice;
import gladtile.server.support.UuidV7;
import gladtile.tables.tables.PublishedMembership;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Notices, and what would be mailed, in the database. */
@Repository
class NoticeStore {
    private static final int MOST = 100;
    private final DSLContext db;

    NoticeStore(DSLContext db) {
        this.db = db;
    }

    /** The same notice again, by its id, is one notice, new once more. @return whether it was not there yet */
    @Transactional
    public boolean add(UUID schoolId, UUID id, UUID personId, Kind kind, About about, Mail mail, OffsetDateTime at) {
        JSONB json = JSONB.valueOf(Json.write(about));
        boolean known = db.fetchExists(NOTICE, NOTICE.SCHOOL_ID.eq(schoolId), NOTICE.ID.eq(id));
        db.insertInto(NOTICE)
                .set(NOTICE.SCHOOL_ID, schoolId)
                .set(NOTICE.ID, id)
                .set(NOTICE.PERSON_ID, personId)
                .set(NOTICE.KIND, kind.name())
                .set(NOTICE.ABOUT, json)
                .set(NOTICE.AT, at)
                .onConflict(NOTICE.SCHOOL_ID, NOTICE.ID)
                .doUpdate()
                .set(NOTICE.ABOUT, json)
                .set(NOTICE.AT, at)
                .setNull(NOTICE.SEEN_AT)
                .execute();
        if (!known) {
            db.insertInto(OUTBOX)
                    .set(OUTBOX.SCHOOL_ID, schoolId)
                    .set(OUTBOX.ID, UuidV7.make())
                    .set(OUTBOX.TO_PERSON, personId)
                    .set(OUTBOX.SUBJECT, mail.subject())
                    .set(OUTBOX.WORDS, mail.words())
                    .set(OUTBOX.AT, at)
                    .execute();
        }
        return !known;
    }

    boolean has(UUID schoolId, UUID id) {
        return db.fetchExists(NOTICE, NOTICE.SCHOOL_ID.eq(schoolId), NOTICE.ID.eq(id));
    }

    List<Notice> of(UUID schoolId, UUID personId) {
        return db.selectFrom(NOTICE)
                .where(NOTICE.SCHOOL_ID.eq(schoolId), NOTICE.PERSON_ID.eq(personId))
                .orderBy(NOTICE.AT.desc())
                .limit(MOST)
                .fetch(row -> new Notice(
                        row.getId(),
                        Kind.valueOf(row.getKind()),
                        Json.read(row.getAbout().data(), About.class),
                        row.getAt().toInstant(),
                        row.getSeenAt() != null));
    }

    void seen(UUID schoolId, UUID personId, OffsetDateTime at) {
        db.update(NOTICE)
                .set(NOTICE.SEEN_AT, at)
                .where(NOTICE.SCHOOL_ID.eq(schoolId), NOTICE.PERSON_ID.eq(personId), NOTICE.SEEN_AT.isNull())
                .execute();
    }

    List<NoticeService.Posted> outbox(UUID schoolId, UUID teacherId) {
        PublishedMembership theirs = PUBLISHED_MEMBERSHIP.as("theirs");
        PublishedMembership own = PUBLISHED_MEMBERSHIP.as("own");
        return db.select(PUBLISHED_PERSON.DISPLAY_NAME, OUTBOX.SUBJECT, OUTBOX.WORDS, OUTBOX.AT)
                .from(OUTBOX)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(OUTBOX.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(OUTBOX.TO_PERSON))
                .where(OUTBOX.SCHOOL_ID.eq(schoolId))
                .and(OUTBOX.TO_PERSON
                        .eq(teacherId)
                        .or(PUBLISHED_PERSON
                                .KIND
                                .eq("student")
                                .andExists(DSL.selectOne()
                                        .from(theirs)
                                        .join(own)
                                        .on(own.SCHOOL_ID.eq(theirs.SCHOOL_ID), own.CLASS_ID.eq(theirs.CLASS_ID))
                                        .where(
                                                theirs.SCHOOL_ID.eq(schoolId),
                                                theirs.PERSON_ID.eq(OUTBOX.TO_PERSON),
                                                own.PERSON_ID.eq(teacherId)))))
                .orderBy(OUTBOX.AT.desc())
                .limit(MOST)
                .fetch(row -> new NoticeService.Posted(
                        row.value1(), row.value2(), row.value3(), row.value4().toInstant()));
    }

    /** An assignment by its school and id. */
    record Due(UUID schoolId, UUID assignmentId) {}

    /** Those that are due between two times, of all schools, unless they are withdrawn. */
    List<Due> dueBetween(OffsetDateTime from, OffsetDateTime to) {
        var due = DSL.field("({0} ->> 'dueAt')::timestamptz", OffsetDateTime.class, PUBLISHED_ASSIGNMENT.TERMS);
        return db.select(PUBLISHED_ASSIGNMENT.SCHOOL_ID, PUBLISHED_ASSIGNMENT.ID)
                .from(PUBLISHED_ASSIGNMENT)
                .where(PUBLISHED_ASSIGNMENT.WITHDRAWN_AT.isNull(), due.between(from, to))
                .limit(10_000)
                .fetch(row -> new Due(row.value1(), row.value2()));
    }
}
