package gladtile.server.activities;

import static gladtile.tables.Tables.ACTIVITY;
import static gladtile.tables.Tables.ACTIVITY_EDIT;
import static gladtile.tables.Tables.ACTIVITY_SNAPSHOT;
import static gladtile.tables.Tables.PAGE_STATE;

import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.activity.Passage;
import gladtile.core.answer.AnswerKey;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult;
import gladtile.core.edit.Invariants;
import gladtile.core.json.Json;
import gladtile.core.page.Page;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.KeptMessage;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Record;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;

/** Activities, their pages and their history in the database. */
@Repository
class ActivityStore {
    private static final Logger LOG = LoggerFactory.getLogger(ActivityStore.class);

    private final DSLContext db;

    ActivityStore(DSLContext db) {
        this.db = db;
    }

    /** An activity with the number of its last edit. */
    record Stored(long seq, Activity activity) {}

    /** A row of the log with the edit that takes it back. */
    record LogRow(LoggedEdit logged, Edit inverse) {}

    void insert(CurrentUser owner, UUID id, Activity activity, OffsetDateTime now) {
        db.insertInto(ACTIVITY)
                .set(ACTIVITY.SCHOOL_ID, owner.schoolId())
                .set(ACTIVITY.ID, id)
                .set(ACTIVITY.OWNER_ID, owner.id())
                .set(ACTIVITY.TITLE, activity.title())
                .set(ACTIVITY.KEY, JSONB.valueOf(Json.write(activity.key())))
                .set(ACTIVITY.MADE_FROM, json(activity.madeFrom()))
                .set(ACTIVITY.PASSAGE, json(activity.passage()))
                .set(ACTIVITY.SEARCH_TEXT, SearchText.on(activity))
                .set(ACTIVITY.PLACEMENTS, AttemptRules.of(activity).placements().size())
                .set(ACTIVITY.CREATED_AT, now)
                .set(ACTIVITY.UPDATED_AT, now)
                .execute();
        writePages(owner.schoolId(), id, Map.of(), activity.pages());
        keepSnapshot(owner.schoolId(), id, 0, activity);
    }

    private static JSONB json(Object part) {
        return part == null ? null : JSONB.valueOf(Json.write(part));
    }

    void keepSnapshot(UUID schoolId, UUID id, long seq, Activity activity) {
        db.insertInto(ACTIVITY_SNAPSHOT)
                .set(ACTIVITY_SNAPSHOT.SCHOOL_ID, schoolId)
                .set(ACTIVITY_SNAPSHOT.ACTIVITY_ID, id)
                .set(ACTIVITY_SNAPSHOT.SEQ, seq)
                .set(ACTIVITY_SNAPSHOT.ACTIVITY, JSONB.valueOf(Json.write(activity)))
                .onConflictDoNothing()
                .execute();
    }

    /** The whole as it was after an edit: the state kept before it, and the edits since then. */
    Optional<Activity> at(UUID schoolId, UUID id, long seq) {
        var snapshot = db.select(ACTIVITY_SNAPSHOT.SEQ, ACTIVITY_SNAPSHOT.ACTIVITY)
                .from(ACTIVITY_SNAPSHOT)
                .where(ACTIVITY_SNAPSHOT.SCHOOL_ID.eq(schoolId), ACTIVITY_SNAPSHOT.ACTIVITY_ID.eq(id))
                .and(ACTIVITY_SNAPSHOT.SEQ.le(seq))
                .orderBy(ACTIVITY_SNAPSHOT.SEQ.desc())
                .limit(1)
                .fetchOptional();
        return snapshot.map(kept -> {
            Activity now = Json.read(kept.get(ACTIVITY_SNAPSHOT.ACTIVITY).data(), Activity.class);
            List<Edit> edits = db.select(ACTIVITY_EDIT.EDIT)
                    .from(ACTIVITY_EDIT)
                    .where(of(schoolId, id))
                    .and(ACTIVITY_EDIT.SEQ.gt(kept.get(ACTIVITY_SNAPSHOT.SEQ)))
                    .and(ACTIVITY_EDIT.SEQ.le(seq))
                    .orderBy(ACTIVITY_EDIT.SEQ)
                    .fetch(row -> Json.read(row.get(ACTIVITY_EDIT.EDIT).data(), Edit.class));
            for (Edit edit : edits) {
                if (!(edit.apply(now) instanceof EditResult.Applied applied)) {
                    throw new IllegalStateException("activity " + id + " does not follow from its history");
                }
                now = applied.activity();
            }
            return now;
        });
    }

    /** Of its newest edit. */
    Optional<Long> seq(UUID schoolId, UUID id) {
        return db.select(ACTIVITY.SEQ)
                .from(ACTIVITY)
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.ID.eq(id))
                .fetchOptional(ACTIVITY.SEQ);
    }

    Optional<Stored> read(UUID schoolId, UUID id) {
        return head(schoolId, id, false);
    }

    /** As {@link #read}, and until the transaction ends nobody else changes it. */
    Optional<Stored> readToChange(UUID schoolId, UUID id) {
        return head(schoolId, id, true);
    }

    private Optional<Stored> head(UUID schoolId, UUID id, boolean lock) {
        var query = db.select(ACTIVITY.TITLE, ACTIVITY.SEQ, ACTIVITY.KEY, ACTIVITY.MADE_FROM, ACTIVITY.PASSAGE)
                .from(ACTIVITY)
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.ID.eq(id));
        var row = lock ? query.forUpdate().fetchOptional() : query.fetchOptional();
        return row.map(head -> {
            List<Page> pages = db.select(PAGE_STATE.PAGE)
                    .from(PAGE_STATE)
                    .where(PAGE_STATE.SCHOOL_ID.eq(schoolId), PAGE_STATE.ACTIVITY_ID.eq(id))
                    .orderBy(PAGE_STATE.POSITION)
                    .fetch(ActivityStore::page);
            AnswerKey key = Json.read(head.get(ACTIVITY.KEY).data(), AnswerKey.class);
            MadeFrom madeFrom = read(head.get(ACTIVITY.MADE_FROM), MadeFrom.class);
            Passage passage = read(head.get(ACTIVITY.PASSAGE), Passage.class);
            Activity kept = new Activity(head.get(ACTIVITY.TITLE), pages, key, madeFrom, passage);
            return new Stored(head.get(ACTIVITY.SEQ), sound(id, kept));
        });
    }

    /** What was stored before edits kept it sound is mended when it is read, and the log says what was. */
    private static Activity sound(UUID id, Activity kept) {
        Activity sound = Invariants.mended(kept);
        if (sound != kept) {
            LOG.warn("activity {} was mended when it was read: {}", id, Invariants.broken(kept));
        }
        return sound;
    }

    private static <T> T read(JSONB json, Class<T> type) {
        return json == null ? null : Json.read(json.data(), type);
    }

    void update(UUID schoolId, UUID id, Activity before, Activity after, long seq, int placements, OffsetDateTime now) {
        var update = db.update(ACTIVITY)
                .set(ACTIVITY.SEQ, seq)
                .set(ACTIVITY.TITLE, after.title())
                .set(ACTIVITY.PLACEMENTS, placements)
                .set(ACTIVITY.UPDATED_AT, now);
        String said = SearchText.on(after);
        if (!said.equals(SearchText.on(before))) {
            // Only then, since the database makes the words to be found anew.
            update = update.set(ACTIVITY.SEARCH_TEXT, said);
        }
        if (!before.key().equals(after.key())) {
            update = update.set(ACTIVITY.KEY, JSONB.valueOf(Json.write(after.key())));
        }
        if (before.madeFrom() != after.madeFrom()) {
            update = update.set(ACTIVITY.MADE_FROM, json(after.madeFrom()));
        }
        if (before.passage() != after.passage()) {
            update = update.set(ACTIVITY.PASSAGE, json(after.passage()));
        }
        update.where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.ID.eq(id)).execute();
        Map<String, Integer> places = new HashMap<>();
        Map<String, Page> were = new HashMap<>();
        for (Page page : before.pages()) {
            places.put(page.id(), places.size());
            were.put(page.id(), page);
        }
        for (Page page : before.pages()) {
            if (after.page(page.id()).isEmpty()) {
                db.deleteFrom(PAGE_STATE)
                        .where(PAGE_STATE.SCHOOL_ID.eq(schoolId), PAGE_STATE.ACTIVITY_ID.eq(id))
                        .and(PAGE_STATE.PAGE_ID.eq(page.id()))
                        .execute();
                were.remove(page.id());
            }
        }
        Map<String, Page> unmoved = new HashMap<>();
        were.forEach((pageId, page) -> {
            if (after.indexOf(pageId) == places.get(pageId)) {
                unmoved.put(pageId, page);
            }
        });
        writePages(schoolId, id, unmoved, after.pages());
    }

    /** Writes those pages that are not the same as the ones there, which stand where they stood. */
    private void writePages(UUID schoolId, UUID id, Map<String, Page> there, List<Page> pages) {
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i);
            // The pages an edit leaves alone are the very same objects.
            if (there.get(page.id()) == page) {
                continue;
            }
            JSONB json = JSONB.valueOf(Json.write(page));
            db.insertInto(PAGE_STATE)
                    .set(PAGE_STATE.SCHOOL_ID, schoolId)
                    .set(PAGE_STATE.ACTIVITY_ID, id)
                    .set(PAGE_STATE.PAGE_ID, page.id())
                    .set(PAGE_STATE.POSITION, i)
                    .set(PAGE_STATE.PAGE, json)
                    .onConflict(PAGE_STATE.SCHOOL_ID, PAGE_STATE.ACTIVITY_ID, PAGE_STATE.PAGE_ID)
                    .doUpdate()
                    .set(PAGE_STATE.POSITION, i)
                    .set(PAGE_STATE.PAGE, json)
                    .execute();
        }
    }

    void append(UUID schoolId, UUID id, LogRow row) {
        LoggedEdit logged = row.logged();
        db.insertInto(ACTIVITY_EDIT)
                .set(ACTIVITY_EDIT.SCHOOL_ID, schoolId)
                .set(ACTIVITY_EDIT.ACTIVITY_ID, id)
                .set(ACTIVITY_EDIT.SEQ, logged.seq())
                .set(ACTIVITY_EDIT.CLIENT_ID, logged.id())
                .set(ACTIVITY_EDIT.AUTHOR_ID, logged.authorId())
                .set(ACTIVITY_EDIT.AT, logged.at())
                .set(ACTIVITY_EDIT.EDIT, JSONB.valueOf(Json.write(logged.edit())))
                .set(ACTIVITY_EDIT.INVERSE, JSONB.valueOf(Json.write(row.inverse())))
                .set(ACTIVITY_EDIT.KIND, logged.kind().name().toLowerCase(Locale.ROOT))
                .set(ACTIVITY_EDIT.TARGET, logged.target())
                .set(ACTIVITY_EDIT.TOLD, KeptMessage.write(logged.edit().summary()))
                .execute();
    }

    boolean has(UUID schoolId, UUID id, UUID clientId) {
        return db.fetchExists(ACTIVITY_EDIT, of(schoolId, id), ACTIVITY_EDIT.CLIENT_ID.eq(clientId));
    }

    /** Those after a seq, oldest first. */
    List<LogRow> since(UUID schoolId, UUID id, long seq) {
        return db.selectFrom(ACTIVITY_EDIT)
                .where(of(schoolId, id), ACTIVITY_EDIT.SEQ.gt(seq))
                .orderBy(ACTIVITY_EDIT.SEQ)
                .fetch(ActivityStore::logRow);
    }

    /** The newest of what one author did: as many as a first look needs, all of them when that does not tell enough. */
    List<LogRow> lately(UUID schoolId, UUID id, UUID author, int look) {
        List<LogRow> newest = by(schoolId, id, author, look);
        boolean tells = newest.size() < look || !EditLog.undoable(newest).isEmpty();
        return tells ? newest : by(schoolId, id, author, 2_000);
    }

    /** What one author did, newest first, at most so many. */
    List<LogRow> by(UUID schoolId, UUID id, UUID author, int most) {
        return db.selectFrom(ACTIVITY_EDIT)
                .where(of(schoolId, id), ACTIVITY_EDIT.AUTHOR_ID.eq(author))
                .orderBy(ACTIVITY_EDIT.SEQ.desc())
                .limit(most)
                .fetch(ActivityStore::logRow);
    }

    private static Condition of(UUID schoolId, UUID id) {
        return ACTIVITY_EDIT.SCHOOL_ID.eq(schoolId).and(ACTIVITY_EDIT.ACTIVITY_ID.eq(id));
    }

    private static LogRow logRow(Record row) {
        LoggedEdit logged = new LoggedEdit(
                row.get(ACTIVITY_EDIT.SEQ),
                row.get(ACTIVITY_EDIT.CLIENT_ID),
                row.get(ACTIVITY_EDIT.AUTHOR_ID),
                row.get(ACTIVITY_EDIT.AT),
                Json.read(row.get(ACTIVITY_EDIT.EDIT).data(), Edit.class),
                LoggedEdit.Kind.valueOf(row.get(ACTIVITY_EDIT.KIND).toUpperCase(Locale.ROOT)),
                row.get(ACTIVITY_EDIT.TARGET));
        return new LogRow(logged, Json.read(row.get(ACTIVITY_EDIT.INVERSE).data(), Edit.class));
    }

    private static Page page(Record row) {
        return Json.read(row.get(PAGE_STATE.PAGE).data(), Page.class);
    }
}
