package gladtile.server.activities;

import static gladtile.tables.Tables.ACTIVITY;
import static gladtile.tables.Tables.ACTIVITY_SHARE;
import static gladtile.tables.Tables.PAGE_STATE;
import static gladtile.tables.Tables.PUBLISHED_PERSON;

import gladtile.core.json.Json;
import gladtile.core.page.Page;
import gladtile.server.accounts.Colleagues;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.PlainText;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Which activities there are, whose they are, and who may do what with them. */
@Repository
class ActivityListStore {
    private static final int MOST = 1_000;
    private final DSLContext db;
    private final Colleagues colleagues;

    ActivityListStore(DSLContext db, Colleagues colleagues) {
        this.db = db;
        this.colleagues = colleagues;
    }

    Access access(CurrentUser user, UUID id) {
        return db.select(ACTIVITY.OWNER_ID, ACTIVITY_SHARE.MAY_EDIT)
                .from(ACTIVITY)
                .leftJoin(ACTIVITY_SHARE)
                .on(ACTIVITY_SHARE.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID))
                .and(ACTIVITY_SHARE.ACTIVITY_ID.eq(ACTIVITY.ID))
                .and(ACTIVITY_SHARE.PERSON_ID.eq(user.id()))
                .where(ACTIVITY.SCHOOL_ID.eq(user.schoolId()), ACTIVITY.ID.eq(id), ACTIVITY.DELETED_AT.isNull())
                .fetchOptional()
                .map(row -> of(user, row.value1(), row.value2()))
                .orElse(Access.NONE);
    }

    private static Access of(CurrentUser user, UUID owner, Boolean mayEdit) {
        if (owner.equals(user.id())) {
            return Access.OWN;
        }
        return accessOf(mayEdit);
    }

    /** @param mayEdit null for what is not shared */
    private static Access accessOf(Boolean mayEdit) {
        return mayEdit == null ? Access.NONE : mayEdit ? Access.EDIT : Access.LOOK;
    }

    /** Of what somebody owns or was given to see, those that meet a question, at most a thousand. */
    List<ActivityHead> find(CurrentUser user, ActivityListService.Question asked) {
        Condition mine = ACTIVITY.OWNER_ID.eq(user.id()).or(ACTIVITY_SHARE.PERSON_ID.isNotNull());
        Condition wanted = ACTIVITY.ARCHIVED.eq(asked.archived());
        if (!asked.words().isBlank()) {
            wanted = wanted.and(meets(asked.words()));
        }
        if (!asked.tag().isBlank()) {
            wanted = wanted.and(DSL.condition("{0} = any({1})", DSL.val(asked.tag()), ACTIVITY.TAGS));
        }
        return db.select(
                        ACTIVITY.ID,
                        ACTIVITY.TITLE,
                        ACTIVITY.PLACEMENTS,
                        ACTIVITY.UPDATED_AT,
                        ACTIVITY.TAGS,
                        ACTIVITY.ARCHIVED,
                        ACTIVITY.OWNER_ID,
                        ACTIVITY_SHARE.MAY_EDIT,
                        PAGE_STATE.PAGE,
                        PUBLISHED_PERSON.DISPLAY_NAME,
                        pages(),
                        sharedWith())
                .from(ACTIVITY)
                .join(PAGE_STATE)
                .on(PAGE_STATE.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID))
                .and(PAGE_STATE.ACTIVITY_ID.eq(ACTIVITY.ID))
                .and(PAGE_STATE.POSITION.eq(0))
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(ACTIVITY.OWNER_ID))
                .leftJoin(ACTIVITY_SHARE)
                .on(ACTIVITY_SHARE.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID))
                .and(ACTIVITY_SHARE.ACTIVITY_ID.eq(ACTIVITY.ID))
                .and(ACTIVITY_SHARE.PERSON_ID.eq(user.id()))
                .where(ACTIVITY.SCHOOL_ID.eq(user.schoolId()), ACTIVITY.DELETED_AT.isNull(), mine, wanted)
                .orderBy(order(asked.sort()))
                .limit(MOST)
                .fetch(row -> new ActivityHead(
                        row.get(ACTIVITY.ID),
                        row.get(ACTIVITY.TITLE),
                        row.get("pages", Integer.class),
                        row.get(ACTIVITY.PLACEMENTS),
                        row.get(ACTIVITY.UPDATED_AT),
                        Json.read(row.get(PAGE_STATE.PAGE).data(), Page.class),
                        Arrays.asList(row.get(ACTIVITY.TAGS)),
                        row.get(ACTIVITY.ARCHIVED),
                        row.get(PUBLISHED_PERSON.DISPLAY_NAME),
                        of(user, row.get(ACTIVITY.OWNER_ID), row.get(ACTIVITY_SHARE.MAY_EDIT)),
                        row.get("shared", Integer.class)));
    }

    /** Every word given must begin a word of the name or of a page, or stand within the name or a tag. */
    private static Condition meets(String words) {
        Condition all = DSL.noCondition();
        for (String word : words.strip().split("\\s+")) {
            String letters =
                    PlainText.of(word).replaceAll("[^\\p{L}\\p{M}\\p{N}]", " ").strip();
            Condition begins = letters.isEmpty()
                    ? DSL.noCondition()
                    : DSL.condition(
                            "activity.search_vector @@ to_tsquery('simple', {0})",
                            DSL.val(letters.replaceAll("\\s+", ":* & ") + ":*"));
            Condition within = ACTIVITY.TITLE
                    .containsIgnoreCase(word)
                    .or(DSL.condition(
                            "exists (select from unnest({0}) tag where tag ilike {1})",
                            ACTIVITY.TAGS, DSL.val("%" + word.replaceAll("([%_\\\\])", "\\\\$1") + "%")));
            all = all.and(letters.isEmpty() ? within : begins.or(within));
        }
        return all;
    }

    private static SortField<?> order(ActivityListService.Sort sort) {
        return switch (sort) {
            case LATEST -> ACTIVITY.UPDATED_AT.desc();
            case NAME -> DSL.lower(ACTIVITY.TITLE).asc();
            case OLDEST -> ACTIVITY.CREATED_AT.asc();
        };
    }

    private static org.jooq.Field<Integer> pages() {
        var page = PAGE_STATE.as("p");
        return DSL.field(DSL.selectCount()
                        .from(page)
                        .where(page.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), page.ACTIVITY_ID.eq(ACTIVITY.ID)))
                .as("pages");
    }

    private static org.jooq.Field<Integer> sharedWith() {
        var share = ACTIVITY_SHARE.as("s");
        return DSL.field(DSL.selectCount()
                        .from(share)
                        .where(share.SCHOOL_ID.eq(ACTIVITY.SCHOOL_ID), share.ACTIVITY_ID.eq(ACTIVITY.ID)))
                .as("shared");
    }

    void setTags(CurrentUser user, UUID id, List<String> tags) {
        db.update(ACTIVITY)
                .set(ACTIVITY.TAGS, tags.toArray(String[]::new))
                .where(of(user, id))
                .execute();
    }

    void archived(CurrentUser user, UUID id, boolean aside) {
        db.update(ACTIVITY).set(ACTIVITY.ARCHIVED, aside).where(of(user, id)).execute();
    }

    /** Only its owner deletes it and brings it back, so what is deleted can be asked for by its owner alone. */
    boolean setDeleted(CurrentUser user, UUID id, OffsetDateTime at) {
        return db.update(ACTIVITY)
                        .set(ACTIVITY.DELETED_AT, at)
                        .where(of(user, id), ACTIVITY.OWNER_ID.eq(user.id()))
                        .execute()
                > 0;
    }

    private static Condition of(CurrentUser user, UUID id) {
        return ACTIVITY.SCHOOL_ID.eq(user.schoolId()).and(ACTIVITY.ID.eq(id));
    }

    List<ActivityListService.Colleague> colleagues(CurrentUser user, UUID id) {
        Map<UUID, Boolean> mayEdit = db.select(ACTIVITY_SHARE.PERSON_ID, ACTIVITY_SHARE.MAY_EDIT)
                .from(ACTIVITY_SHARE)
                .where(ACTIVITY_SHARE.SCHOOL_ID.eq(user.schoolId()), ACTIVITY_SHARE.ACTIVITY_ID.eq(id))
                .fetchMap(ACTIVITY_SHARE.PERSON_ID, ACTIVITY_SHARE.MAY_EDIT);
        return colleagues.of(user).stream()
                .map(one -> new ActivityListService.Colleague(one.id(), one.name(), accessOf(mayEdit.get(one.id()))))
                .toList();
    }

    /** @return false when there is no such colleague */
    boolean share(CurrentUser user, UUID id, UUID colleague, Access access) {
        db.deleteFrom(ACTIVITY_SHARE)
                .where(ACTIVITY_SHARE.SCHOOL_ID.eq(user.schoolId()), ACTIVITY_SHARE.ACTIVITY_ID.eq(id))
                .and(ACTIVITY_SHARE.PERSON_ID.eq(colleague))
                .execute();
        boolean there = colleagues.isColleague(user, colleague);
        if (there && access.mayView()) {
            db.insertInto(ACTIVITY_SHARE)
                    .set(ACTIVITY_SHARE.SCHOOL_ID, user.schoolId())
                    .set(ACTIVITY_SHARE.ACTIVITY_ID, id)
                    .set(ACTIVITY_SHARE.PERSON_ID, colleague)
                    .set(ACTIVITY_SHARE.MAY_EDIT, access.mayEdit())
                    .execute();
        }
        return there;
    }

    String title(UUID schoolId, UUID id) {
        return db.select(ACTIVITY.TITLE)
                .from(ACTIVITY)
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.ID.eq(id))
                .fetchSingle(ACTIVITY.TITLE);
    }

    /** Whatever the new owner was allowed by sharing they are allowed as an owner now. */
    int handOver(UUID schoolId, UUID from, UUID to) {
        db.deleteFrom(ACTIVITY_SHARE)
                .where(ACTIVITY_SHARE.SCHOOL_ID.eq(schoolId), ACTIVITY_SHARE.PERSON_ID.eq(to))
                .and(ACTIVITY_SHARE.ACTIVITY_ID.in(db.select(ACTIVITY.ID)
                        .from(ACTIVITY)
                        .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.OWNER_ID.eq(from))))
                .execute();
        return db.update(ACTIVITY)
                .set(ACTIVITY.OWNER_ID, to)
                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.OWNER_ID.eq(from))
                .execute();
    }
}
