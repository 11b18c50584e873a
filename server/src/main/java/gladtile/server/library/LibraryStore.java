package gladtile.server.library;

import static gladtile.tables.Tables.LIBRARY_PART;
import static gladtile.tables.Tables.LIBRARY_SHARE;
import static gladtile.tables.Tables.LIBRARY_VERSION;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.json.Json;
import gladtile.core.page.Page;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PlainText;
import java.math.BigDecimal;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The libraries in the database. */
@Repository
class LibraryStore {
    /** Folders that are told of. */
    private static final int MOST = 1_000;

    private final DSLContext db;
    private final LibraryVersionStore versions;

    LibraryStore(DSLContext db, LibraryVersionStore versions) {
        this.db = db;
        this.versions = versions;
    }

    /** The part that is at a place, and its version. */
    record At(UUID id, int version) {}

    record Version(int number, String contents, String searchText, OffsetDateTime at) {}

    private static Condition isTheirs(CurrentUser user) {
        return LIBRARY_PART.SCHOOL_ID.eq(user.schoolId()).and(LIBRARY_PART.OWNER_ID.eq(user.id()));
    }

    /** A part of theirs that is not deleted. */
    static Condition isTheirs(CurrentUser user, UUID id) {
        return isTheirs(user).and(LIBRARY_PART.ID.eq(id)).and(LIBRARY_PART.DELETED_AT.isNull());
    }

    private static Condition isLent(CurrentUser user) {
        return LIBRARY_PART
                .FOR_SCHOOL
                .isTrue()
                .or(LIBRARY_PART.ID.in(DSL.select(LIBRARY_SHARE.PART_ID)
                        .from(LIBRARY_SHARE)
                        .where(LIBRARY_SHARE.SCHOOL_ID.eq(user.schoolId()), LIBRARY_SHARE.PERSON_ID.eq(user.id()))));
    }

    private static Condition mayTake(CurrentUser user) {
        return LIBRARY_PART
                .SCHOOL_ID
                .eq(user.schoolId())
                .and(LIBRARY_PART.DELETED_AT.isNull())
                .and(LIBRARY_PART.OWNER_ID.eq(user.id()).or(isLent(user)));
    }

    private static Condition meets(CurrentUser user, LibraryService.PartsWanted asked) {
        Condition all = mayTake(user);
        all = switch (asked.from()) {
            case MINE -> all.and(LIBRARY_PART.OWNER_ID.eq(user.id()));
            case COLLEAGUES -> all.and(LIBRARY_PART.OWNER_ID.ne(user.id()));
            case ALL -> all;
            case READY -> DSL.falseCondition();
        };
        if (!asked.folder().isEmpty()) {
            all = all.and(
                    LIBRARY_PART.FOLDER.eq(asked.folder()).or(LIBRARY_PART.FOLDER.startsWith(asked.folder() + "/")));
        }
        for (String word : PlainText.of(asked.words())
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]", " ")
                .strip()
                .split("\\s+")) {
            if (!word.isEmpty()) {
                all = all.and(DSL.condition(
                        "{0} @@ to_tsquery('simple', {1})", LIBRARY_PART.SEARCH_VECTOR, DSL.val(word + ":*")));
            }
        }
        return all;
    }

    List<PartHead> find(CurrentUser user, LibraryService.PartsWanted asked, int skip, int most) {
        Field<Boolean> lent = DSL.field(LIBRARY_PART
                .FOR_SCHOOL
                .isTrue()
                .or(DSL.exists(DSL.selectOne()
                        .from(LIBRARY_SHARE)
                        .where(
                                LIBRARY_SHARE.SCHOOL_ID.eq(LIBRARY_PART.SCHOOL_ID),
                                LIBRARY_SHARE.PART_ID.eq(LIBRARY_PART.ID)))));
        Field<JSONB> drawn = DSL.when(LIBRARY_PART.SIZE.le(LibraryService.DRAWN), LIBRARY_PART.CONTENTS);
        return db.select(
                        LIBRARY_PART.ID,
                        LIBRARY_PART.NAME,
                        LIBRARY_PART.FOLDER,
                        LIBRARY_PART.KIND,
                        PUBLISHED_PERSON.DISPLAY_NAME,
                        LIBRARY_PART.OWNER_ID,
                        lent,
                        LIBRARY_PART.VERSION,
                        LIBRARY_PART.UPDATED_AT,
                        drawn)
                .from(LIBRARY_PART)
                .join(PUBLISHED_PERSON)
                .on(
                        PUBLISHED_PERSON.SCHOOL_ID.eq(LIBRARY_PART.SCHOOL_ID),
                        PUBLISHED_PERSON.ID.eq(LIBRARY_PART.OWNER_ID))
                .where(meets(user, asked))
                .orderBy(LIBRARY_PART.UPDATED_AT.desc(), LIBRARY_PART.ID)
                .offset(skip)
                .limit(most)
                .fetch(row -> new PartHead(
                        row.get(LIBRARY_PART.ID).toString(),
                        row.get(LIBRARY_PART.NAME),
                        row.get(LIBRARY_PART.FOLDER),
                        PartHead.Kind.valueOf(row.get(LIBRARY_PART.KIND)),
                        row.get(PUBLISHED_PERSON.DISPLAY_NAME),
                        row.get(LIBRARY_PART.OWNER_ID).equals(user.id()),
                        row.get(lent),
                        row.get(LIBRARY_PART.VERSION),
                        row.get(LIBRARY_PART.UPDATED_AT),
                        page(row.get(drawn))));
    }

    private static Page page(JSONB contents) {
        return contents == null
                ? null
                : Json.read(contents.data(), Activity.class).pages().get(0);
    }

    /** How many meet a question. */
    int count(CurrentUser user, LibraryService.PartsWanted asked) {
        return db.fetchCount(LIBRARY_PART, meets(user, asked));
    }

    /** How many are somebody's own. */
    int count(CurrentUser user) {
        return db.fetchCount(LIBRARY_PART, isTheirs(user).and(LIBRARY_PART.DELETED_AT.isNull()));
    }

    /** Characters that all of somebody's parts and their versions take up, those that were deleted too. */
    long taken(CurrentUser user) {
        return db.select(DSL.coalesce(DSL.sum(LIBRARY_VERSION.SIZE), BigDecimal.ZERO))
                .from(LIBRARY_VERSION)
                .join(LIBRARY_PART)
                .on(LIBRARY_PART.SCHOOL_ID.eq(LIBRARY_VERSION.SCHOOL_ID), LIBRARY_PART.ID.eq(LIBRARY_VERSION.PART_ID))
                .where(isTheirs(user))
                .fetchSingle()
                .value1()
                .longValue();
    }

    /** Those that were deleted before then come back no more. */
    void forget(CurrentUser user, OffsetDateTime before) {
        db.deleteFrom(LIBRARY_PART)
                .where(isTheirs(user), LIBRARY_PART.DELETED_AT.lt(before))
                .execute();
    }

    List<String> folders(CurrentUser user) {
        return db.selectDistinct(LIBRARY_PART.FOLDER)
                .from(LIBRARY_PART)
                .where(isTheirs(user), LIBRARY_PART.DELETED_AT.isNull(), LIBRARY_PART.FOLDER.ne(""))
                .orderBy(LIBRARY_PART.FOLDER)
                .limit(MOST)
                .fetch(LIBRARY_PART.FOLDER);
    }

    Optional<Activity> contents(CurrentUser user, UUID id) {
        return db.select(LIBRARY_PART.CONTENTS)
                .from(LIBRARY_PART)
                .where(mayTake(user), LIBRARY_PART.ID.eq(id))
                .fetchOptional(row -> Json.read(row.value1().data(), Activity.class));
    }

    Optional<At> at(CurrentUser user, PartPlace place) {
        return db.select(LIBRARY_PART.ID, LIBRARY_PART.VERSION)
                .from(LIBRARY_PART)
                .where(isTheirs(user), LIBRARY_PART.DELETED_AT.isNull())
                .and(LIBRARY_PART.NAME.eq(place.name()))
                .and(LIBRARY_PART.FOLDER.eq(place.folder()))
                .fetchOptional(row -> new At(row.value1(), row.value2()));
    }

    Optional<Integer> ownVersion(CurrentUser user, UUID id) {
        return db.select(LIBRARY_PART.VERSION)
                .from(LIBRARY_PART)
                .where(isTheirs(user, id))
                .fetchOptional(LIBRARY_PART.VERSION);
    }

    void keep(CurrentUser user, UUID id, PartPlace place, PartHead.Kind kind, Version version) {
        if (version.number() == 1) {
            db.insertInto(LIBRARY_PART)
                    .set(LIBRARY_PART.SCHOOL_ID, user.schoolId())
                    .set(LIBRARY_PART.ID, id)
                    .set(LIBRARY_PART.OWNER_ID, user.id())
                    .set(LIBRARY_PART.NAME, place.name())
                    .set(LIBRARY_PART.FOLDER, place.folder())
                    .set(LIBRARY_PART.KIND, kind.name())
                    .set(LIBRARY_PART.CONTENTS, JSONB.valueOf(version.contents()))
                    .set(LIBRARY_PART.SIZE, version.contents().length())
                    .set(LIBRARY_PART.VERSION, 1)
                    .set(LIBRARY_PART.SEARCH_TEXT, version.searchText())
                    .set(LIBRARY_PART.UPDATED_AT, version.at())
                    .execute();
            versions.insert(user.schoolId(), id, version);
        } else {
            db.update(LIBRARY_PART)
                    .set(LIBRARY_PART.KIND, kind.name())
                    .where(isTheirs(user, id))
                    .execute();
            updateVersion(user, id, version);
        }
    }

    void updateVersion(CurrentUser user, UUID id, Version version) {
        db.update(LIBRARY_PART)
                .set(LIBRARY_PART.CONTENTS, JSONB.valueOf(version.contents()))
                .set(LIBRARY_PART.SIZE, version.contents().length())
                .set(LIBRARY_PART.VERSION, version.number())
                .set(LIBRARY_PART.SEARCH_TEXT, version.searchText())
                .set(LIBRARY_PART.UPDATED_AT, version.at())
                .where(isTheirs(user, id))
                .execute();
        versions.insert(user.schoolId(), id, version);
    }

    void move(CurrentUser user, UUID id, PartPlace place) {
        db.update(LIBRARY_PART)
                .set(LIBRARY_PART.NAME, place.name())
                .set(LIBRARY_PART.FOLDER, place.folder())
                .where(isTheirs(user, id))
                .execute();
    }

    boolean delete(CurrentUser user, UUID id, OffsetDateTime at) {
        return db.update(LIBRARY_PART)
                        .set(LIBRARY_PART.DELETED_AT, at)
                        .where(isTheirs(user, id))
                        .execute()
                > 0;
    }

    boolean restore(CurrentUser user, UUID id) {
        Condition deleted = isTheirs(user).and(LIBRARY_PART.ID.eq(id)).and(LIBRARY_PART.DELETED_AT.isNotNull());
        var row = db.select(LIBRARY_PART.NAME, LIBRARY_PART.FOLDER)
                .from(LIBRARY_PART)
                .where(deleted)
                .fetchOne();
        if (row == null) {
            return ownVersion(user, id).isPresent();
        }
        String name = row.value1();
        for (int n = 2; at(user, new PartPlace(name, row.value2())).isPresent(); n++) {
            String end = " (" + n + ")";
            String stem = row.value1();
            int room = Bounds.NAME_LENGTH - end.length();
            name = (stem.length() > room ? stem.substring(0, room).strip() : stem) + end;
        }
        db.update(LIBRARY_PART)
                .set(LIBRARY_PART.NAME, name)
                .setNull(LIBRARY_PART.DELETED_AT)
                .where(deleted)
                .execute();
        return true;
    }
}
