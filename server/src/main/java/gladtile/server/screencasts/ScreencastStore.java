package gladtile.server.screencasts;

import static gladtile.tables.Tables.SCREENCAST;
import static gladtile.tables.Tables.SCREENCAST_PIECE;

import gladtile.core.json.Json;
import gladtile.core.page.FileRef;
import gladtile.core.present.Caption;
import gladtile.core.present.Chapter;
import gladtile.server.accounts.CurrentUser;
import gladtile.tables.tables.records.ScreencastRecord;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** Recordings of pages in the database. */
@Repository
class ScreencastStore {
    private final DSLContext db;

    ScreencastStore(DSLContext db) {
        this.db = db;
    }

    private static Condition own(CurrentUser user) {
        return SCREENCAST.SCHOOL_ID.eq(user.schoolId()).and(SCREENCAST.TEACHER_ID.eq(user.id()));
    }

    void begin(CurrentUser user, UUID id, UUID activityId, String title, OffsetDateTime at) {
        db.insertInto(SCREENCAST)
                .set(SCREENCAST.SCHOOL_ID, user.schoolId())
                .set(SCREENCAST.ID, id)
                .set(SCREENCAST.ACTIVITY_ID, activityId)
                .set(SCREENCAST.TEACHER_ID, user.id())
                .set(SCREENCAST.TITLE, title)
                .set(SCREENCAST.BEGAN_AT, at)
                .execute();
    }

    Optional<Screencast> find(CurrentUser user, UUID id) {
        return db.selectFrom(SCREENCAST).where(own(user), SCREENCAST.ID.eq(id)).fetchOptional(ScreencastStore::read);
    }

    /** Its row is held until the end of the transaction. */
    Optional<Screencast> hold(CurrentUser user, UUID id) {
        return db.selectFrom(SCREENCAST)
                .where(own(user), SCREENCAST.ID.eq(id))
                .forUpdate()
                .fetchOptional(ScreencastStore::read);
    }

    /** The newest first. */
    List<Screencast> of(CurrentUser user, UUID activityId, int most) {
        return db.selectFrom(SCREENCAST)
                .where(own(user), SCREENCAST.ACTIVITY_ID.eq(activityId))
                .orderBy(SCREENCAST.BEGAN_AT.desc(), SCREENCAST.ID)
                .limit(most)
                .fetch(ScreencastStore::read);
    }

    private static Screencast read(ScreencastRecord row) {
        return new Screencast(
                row.getId(),
                row.getActivityId(),
                row.getTitle(),
                row.getBeganAt().toInstant(),
                row.getMillis(),
                row.getPieces(),
                List.of(Json.read(row.getChapters().data(), Chapter[].class)),
                List.of(Json.read(row.getCaptions().data(), Caption[].class)),
                row.getShownFrom(),
                row.getShownTo(),
                file(row.getWhole()),
                file(row.getVideo()),
                file(row.getWords()));
    }

    private static FileRef file(JSONB json) {
        return json == null ? null : Json.read(json.data(), FileRef.class);
    }

    private static JSONB json(Object value) {
        return value == null ? null : JSONB.valueOf(Json.write(value));
    }

    /** The same piece again is one. */
    void put(UUID schoolId, UUID id, int n, byte[] bytes) {
        int added = db.insertInto(SCREENCAST_PIECE)
                .set(SCREENCAST_PIECE.SCHOOL_ID, schoolId)
                .set(SCREENCAST_PIECE.SCREENCAST_ID, id)
                .set(SCREENCAST_PIECE.N, n)
                .set(SCREENCAST_PIECE.BYTES, bytes)
                .onConflictDoNothing()
                .execute();
        if (added > 0) {
            db.update(SCREENCAST)
                    .set(SCREENCAST.BYTES, SCREENCAST.BYTES.plus(bytes.length))
                    .set(SCREENCAST.PIECES, SCREENCAST.PIECES.plus(1))
                    .where(SCREENCAST.SCHOOL_ID.eq(schoolId), SCREENCAST.ID.eq(id))
                    .execute();
        }
    }

    long bytes(UUID schoolId, UUID id) {
        return db.select(SCREENCAST.BYTES)
                .from(SCREENCAST)
                .where(SCREENCAST.SCHOOL_ID.eq(schoolId), SCREENCAST.ID.eq(id))
                .fetchSingle()
                .value1();
    }

    byte[] piece(UUID schoolId, UUID id, int n) {
        return db.select(SCREENCAST_PIECE.BYTES)
                .from(SCREENCAST_PIECE)
                .where(
                        SCREENCAST_PIECE.SCHOOL_ID.eq(schoolId),
                        SCREENCAST_PIECE.SCREENCAST_ID.eq(id),
                        SCREENCAST_PIECE.N.eq(n))
                .fetchSingle()
                .value1();
    }

    /** It is a file now. */
    void finish(UUID schoolId, UUID id, long millis, FileRef whole) {
        db.deleteFrom(SCREENCAST_PIECE)
                .where(SCREENCAST_PIECE.SCHOOL_ID.eq(schoolId), SCREENCAST_PIECE.SCREENCAST_ID.eq(id))
                .execute();
        db.update(SCREENCAST)
                .set(SCREENCAST.BYTES, 0L)
                .set(SCREENCAST.MILLIS, millis)
                .set(SCREENCAST.WHOLE, json(whole))
                .set(SCREENCAST.VIDEO, json(whole))
                .where(SCREENCAST.SCHOOL_ID.eq(schoolId), SCREENCAST.ID.eq(id))
                .execute();
    }

    /** All that can be otherwise. */
    void set(UUID schoolId, Screencast to) {
        db.update(SCREENCAST)
                .set(SCREENCAST.TITLE, to.title())
                .set(SCREENCAST.CHAPTERS, json(to.chapters()))
                .set(SCREENCAST.CAPTIONS, json(to.captions()))
                .set(SCREENCAST.SHOWN_FROM, to.from())
                .set(SCREENCAST.SHOWN_TO, to.to())
                .set(SCREENCAST.VIDEO, json(to.video()))
                .set(SCREENCAST.WORDS, json(to.words()))
                .where(SCREENCAST.SCHOOL_ID.eq(schoolId), SCREENCAST.ID.eq(to.id()))
                .execute();
    }

    boolean remove(CurrentUser user, UUID id) {
        return db.deleteFrom(SCREENCAST).where(own(user), SCREENCAST.ID.eq(id)).execute() > 0;
    }
}
