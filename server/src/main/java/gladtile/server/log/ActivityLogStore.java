package gladtile.server.log;

import static gladtile.tables.Tables.ACTIVITY_LOG;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import gladtile.core.json.Json;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** The activity log in the database. */
@Repository
class ActivityLogStore {
    private final DSLContext db;

    ActivityLogStore(DSLContext db) {
        this.db = db;
    }

    void add(UUID schoolId, LogEntry one) {
        db.insertInto(ACTIVITY_LOG)
                .set(ACTIVITY_LOG.SCHOOL_ID, schoolId)
                .set(ACTIVITY_LOG.ID, one.id())
                .set(ACTIVITY_LOG.AT, one.at())
                .set(ACTIVITY_LOG.EVENT, one.event().name())
                .set(ACTIVITY_LOG.ACTOR_ID, one.actorId())
                .set(ACTIVITY_LOG.SUBJECT_ID, one.subjectId())
                .set(ACTIVITY_LOG.DETAILS, JSONB.valueOf(Json.write(one.details())))
                .execute();
    }

    List<LogEntry> page(UUID schoolId, LogFilter filter, UUID before, int most) {
        Condition which = ACTIVITY_LOG.SCHOOL_ID.eq(schoolId);
        if (filter.events() != null) {
            which = which.and(ACTIVITY_LOG.EVENT.in(
                    filter.events().stream().map(Enum::name).toList()));
        }
        if (filter.about() != null) {
            which = which.and(ACTIVITY_LOG.ACTOR_ID.eq(filter.about()).or(ACTIVITY_LOG.SUBJECT_ID.eq(filter.about())));
        }
        if (filter.from() != null) {
            which = which.and(ACTIVITY_LOG.AT.ge(filter.from().atOffset(ZoneOffset.UTC)));
        }
        if (filter.to() != null) {
            which = which.and(ACTIVITY_LOG.AT.lt(filter.to().atOffset(ZoneOffset.UTC)));
        }
        if (before != null) {
            which = which.and(ACTIVITY_LOG.ID.lt(before));
        }
        return db.selectFrom(ACTIVITY_LOG)
                .where(which)
                .orderBy(ACTIVITY_LOG.ID.desc())
                .limit(most)
                .fetch(row -> new LogEntry(
                        row.getId(),
                        row.getAt(),
                        LogEvent.valueOf(row.getEvent()),
                        row.getActorId(),
                        row.getSubjectId(),
                        details(row.getDetails())));
    }

    /** As it is kept. */
    private record Details(@JsonValue Map<String, String> byName) {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Details {}
    }

    private static Map<String, String> details(JSONB json) {
        return Json.read(json.data(), Details.class).byName();
    }

    void deleteBefore(UUID schoolId, OffsetDateTime time) {
        db.deleteFrom(ACTIVITY_LOG)
                .where(ACTIVITY_LOG.SCHOOL_ID.eq(schoolId), ACTIVITY_LOG.AT.lt(time))
                .execute();
    }
}
