package gladtile.server.personaldata;

import static gladtile.tables.Tables.*;

import gladtile.server.personaldata.PersonalPlace.Rule;
import java.io.IOException;
import java.io.OutputStream;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONB;
import org.jooq.JSONFormat;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/**
 * All that is known of a person, in the database: counted, read out, erased. It reads the tables of every feature.
 *
 * <p>Long because every place in the database that tells of a person stands in one list, which a test compares with the database.
 */
@Repository
class PersonalDataStore {
    /** Stands where it was said who did something that stays. */
    static final UUID NOBODY = new UUID(0, 0);

    /** Never handed out: they let somebody in, or say nothing to a reader. */
    private static final Set<String> SECRET =
            Set.of("secret_hash", "token_hash", "credential_id", "public_key", "attestation", "found", "code");

    private static final List<TableField<?, JSONB>> TELLING = List.of(
            LESSON.DRAWN,
            LESSON.GROUPS,
            LESSON.SCALES,
            LESSON.LEAD,
            ATTEMPT.STATE,
            ASSIGNMENT.TERMS,
            NOTICE.ABOUT,
            MOVE.ACT,
            MOVE.CHANGE,
            MOVE.OUTCOMES,
            REVIEW.REVIEW_,
            REVIEW.SENT_REVIEW,
            ACTIVITY_LOG.DETAILS);

    /** A student leaves theirs; a teacher's become a colleague's. */
    static final String CLASSES = "Classes";

    /**
     * Every place in the database where it is said who somebody is: one list for what is handed out and what is erased. In
     * the order in which they are erased: what points to something goes before it. A test refuses a new column of ids
     * that is neither here nor known to hold no person.
     */
    static final List<PersonalPlace> PLACES = List.of(
            new PersonalPlace(NOTICE.PERSON_ID, "Notices", Rule.GOES),
            new PersonalPlace(OUTBOX.TO_PERSON, "Messages", Rule.GOES),
            new PersonalPlace(MESSAGE.HOLDER_ID, "Words said to them about their work", Rule.GOES),
            new PersonalPlace(MESSAGE.BY_ID, "Words that they said about work", Rule.STAYS_NAMELESS),
            new PersonalPlace(EXTENSION.HOLDER_ID, "More time", Rule.GOES),
            new PersonalPlace(ASSIGNMENT_FOR.TARGET_ID, "Given to them alone", Rule.GOES),
            new PersonalPlace(ATTEMPT.HOLDER_ID, "Work", Rule.GOES),
            new PersonalPlace(MOVE.BY_ID, "Moves in the work of teams", Rule.STAYS_NAMELESS),
            new PersonalPlace(REFUSED_MOVE.BY_ID, "Moves that were turned away", Rule.GOES),
            new PersonalPlace(REVIEW.BY_ID, "Reviews that they wrote", Rule.STAYS_NAMELESS),
            new PersonalPlace(STUDENT_REQUEST.STUDENT_ID, "Asked for by another class", Rule.GOES),
            new PersonalPlace(STUDENT_REQUEST.ASKED_BY, "Students they asked for", Rule.GOES),
            new PersonalPlace(TEAM_MEMBER.PERSON_ID, "Teams", Rule.GOES),
            new PersonalPlace(MEMBERSHIP.PERSON_ID, CLASSES, Rule.GOES),
            new PersonalPlace(WORKBENCH_PREFERENCES.PERSON_ID, "Own settings", Rule.GOES),
            new PersonalPlace(PICTURE_KEPT.PERSON_ID, "Pictures used lately", Rule.GOES),
            new PersonalPlace(READY_PHRASE.PERSON_ID, "Ready phrases", Rule.GOES),
            new PersonalPlace(LESSON.TEACHER_ID, "Lessons with ink", Rule.GOES),
            new PersonalPlace(SCREENCAST.TEACHER_ID, "Recordings of pages", Rule.GOES),
            new PersonalPlace(UPLOAD.PERSON_ID, "Files that are being sent", Rule.GOES),
            new PersonalPlace(FILE_BRINGER.PERSON_ID, "Files", Rule.GOES),
            new PersonalPlace(FILE.BROUGHT_BY, "Files brought first", Rule.STAYS_NAMELESS),
            new PersonalPlace(ACTIVITY_SHARE.PERSON_ID, "Activities shared with them", Rule.GOES),
            new PersonalPlace(LIBRARY_SHARE.PERSON_ID, "Parts shared with them", Rule.GOES),
            new PersonalPlace(LIBRARY_PART.OWNER_ID, "Parts in the library", Rule.IS_HANDED_OVER),
            new PersonalPlace(ASSIGNMENT.TEACHER_ID, "Assignments given", Rule.IS_HANDED_OVER),
            new PersonalPlace(ACTIVITY.OWNER_ID, "Activities", Rule.IS_HANDED_OVER),
            new PersonalPlace(ACTIVITY_EDIT.AUTHOR_ID, "Edits", Rule.STAYS_NAMELESS),
            new PersonalPlace(NAMED_VERSION.NAMED_BY, "Named versions", Rule.STAYS_NAMELESS),
            new PersonalPlace(KNOWN_DEVICE.PERSON_ID, "Devices", Rule.GOES),
            new PersonalPlace(ONE_TIME_LINK.PERSON_ID, "Links", Rule.GOES),
            new PersonalPlace(PASSKEY.PERSON_ID, "Passkeys", Rule.GOES),
            new PersonalPlace(LINKED_IDENTITY.PERSON_ID, "School accounts", Rule.GOES),
            new PersonalPlace(ACTIVITY_LOG.ACTOR_ID, "What they did, in the activity log", Rule.STAYS_NAMELESS),
            new PersonalPlace(
                    ACTIVITY_LOG.SUBJECT_ID, "What was done to them, in the activity log", Rule.STAYS_NAMELESS),
            new PersonalPlace(PERSON.ID, "Account", Rule.GOES));

    /** Goes together with an attempt. */
    static final List<TableField<?, UUID>> OF_ATTEMPTS = List.of(
            MOVE.ATTEMPT_ID,
            REFUSED_MOVE.ATTEMPT_ID,
            ATTEMPT_BASE.ATTEMPT_ID,
            ATTEMPT_BEFORE_HAND_IN.ATTEMPT_ID,
            REVIEW.ATTEMPT_ID);

    private static final int AT_ONCE = 200;

    private final DSLContext db;
    private final PersonalFileStore files;

    PersonalDataStore(DSLContext db, PersonalFileStore files) {
        this.db = db;
        this.files = files;
    }

    /** @param role in small letters @param signInName null for students */
    record Subject(UUID id, String name, String role, String signInName, List<String> classes, OffsetDateTime madeAt) {}

    /** Those whose names hold these words, by name, at most 50. */
    List<Subject> named(UUID schoolId, String words) {
        return db.selectFrom(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.DISPLAY_NAME.containsIgnoreCase(words))
                .orderBy(PERSON.DISPLAY_NAME, PERSON.ID)
                .limit(50)
                .fetch(row -> subject(schoolId, row));
    }

    Optional<Subject> find(UUID schoolId, UUID id) {
        return db.selectFrom(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ID.eq(id))
                .fetchOptional(row -> subject(schoolId, row));
    }

    private Subject subject(UUID schoolId, Record row) {
        UUID id = row.get(PERSON.ID);
        return new Subject(
                id,
                row.get(PERSON.DISPLAY_NAME),
                row.get(PERSON.ROLE),
                row.get(PERSON.SIGN_IN_NAME),
                db.select(SCHOOL_CLASS.NAME)
                        .from(MEMBERSHIP)
                        .join(SCHOOL_CLASS)
                        .on(SCHOOL_CLASS.SCHOOL_ID.eq(MEMBERSHIP.SCHOOL_ID), SCHOOL_CLASS.ID.eq(MEMBERSHIP.CLASS_ID))
                        .where(MEMBERSHIP.SCHOOL_ID.eq(schoolId), MEMBERSHIP.PERSON_ID.eq(id))
                        .orderBy(SCHOOL_CLASS.NAME)
                        .fetch(SCHOOL_CLASS.NAME),
                row.get(PERSON.CREATED_AT));
    }

    static Field<UUID> school(Table<?> table) {
        return table.field("school_id", UUID.class);
    }

    private static Condition of(UUID schoolId, PersonalPlace place, UUID id) {
        return school(place.person().getTable()).eq(schoolId).and(place.person().eq(id));
    }

    private Condition ofAttempts(UUID schoolId, TableField<?, UUID> attempt, UUID holder) {
        return school(attempt.getTable())
                .eq(schoolId)
                .and(attempt.in(db.select(ATTEMPT.ID)
                        .from(ATTEMPT)
                        .where(ATTEMPT.SCHOOL_ID.eq(schoolId), ATTEMPT.HOLDER_ID.eq(holder))));
    }

    /** How many rows of each place tell of them; those with none are left out. */
    Map<PersonalPlace, Integer> counts(UUID schoolId, UUID id) {
        Map<PersonalPlace, Integer> all = new LinkedHashMap<>();
        for (PersonalPlace place : PLACES) {
            Condition which = of(schoolId, place, id);
            if (place.person() == MOVE.BY_ID) {
                // Those of their own work go with it.
                which = which.andNot(ofAttempts(schoolId, MOVE.ATTEMPT_ID, id));
            }
            int rows = db.fetchCount(place.person().getTable(), which);
            if (rows > 0) {
                all.put(place, rows);
            }
        }
        return all;
    }

    /** @return of all that is somebody's by name and cannot be nobody's */
    boolean ownsWork(UUID schoolId, UUID id) {
        return PLACES.stream()
                .filter(place -> place.rule() == Rule.IS_HANDED_OVER)
                .anyMatch(place -> db.fetchExists(place.person().getTable(), of(schoolId, place, id)));
    }

    int moves(UUID schoolId, UUID holder) {
        return db.fetchCount(MOVE, ofAttempts(schoolId, MOVE.ATTEMPT_ID, holder));
    }

    /** Writes the rows of one place as a JSON array of objects, a row at a time. */
    void write(UUID schoolId, PersonalPlace place, UUID id, OutputStream out) throws IOException {
        rows(place.person().getTable(), of(schoolId, place, id), out);
    }

    void writeOfAttempts(UUID schoolId, TableField<?, UUID> attempt, UUID holder, OutputStream out) throws IOException {
        rows(attempt.getTable(), ofAttempts(schoolId, attempt, holder), out);
    }

    /** The rest of the page where one is drawn by a row of its own for each. */
    void writePages(UUID schoolId, UUID owner, OutputStream out) throws IOException {
        rows(
                PAGE_STATE,
                PAGE_STATE
                        .SCHOOL_ID
                        .eq(schoolId)
                        .and(PAGE_STATE.ACTIVITY_ID.in(db.select(ACTIVITY.ID)
                                .from(ACTIVITY)
                                .where(ACTIVITY.SCHOOL_ID.eq(schoolId), ACTIVITY.OWNER_ID.eq(owner)))),
                out);
    }

    private void rows(Table<?> table, Condition which, OutputStream out) throws IOException {
        List<Field<?>> fields = Arrays.stream(table.fields())
                .filter(field -> !SECRET.contains(field.getName()))
                .<Field<?>>map(field -> field)
                .toList();
        try (Cursor<Record> cursor =
                db.select(fields).from(table).where(which).fetchSize(AT_ONCE).fetchLazy()) {
            cursor.formatJSON(
                    out,
                    JSONFormat.DEFAULT_FOR_RESULTS
                            .header(false)
                            .recordFormat(JSONFormat.RecordFormat.OBJECT)
                            .quoteNested(false));
        }
    }

    List<UUID> administrators(UUID schoolId) {
        return db.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.SCHOOL_ID.eq(schoolId), PERSON.ROLE.eq("administrator"), PERSON.DEACTIVATED_AT.isNull())
                .fetch(PERSON.ID);
    }

    /**
     * Erases all that tells of them; within one transaction.
     *
     * @param to whose their activities, assignments and library parts are from now on; null where they have none
     */
    void erase(UUID schoolId, Subject subject, UUID to) {
        UUID id = subject.id();
        db.execute("set local glad.erasing = 'on'");
        List<PersonalFileStore.Brought> brought = files.of(schoolId, id);
        for (TableField<?, UUID> attempt : OF_ATTEMPTS) {
            db.deleteFrom(attempt.getTable())
                    .where(ofAttempts(schoolId, attempt, id))
                    .execute();
        }
        toldByName(schoolId, subject);
        for (PersonalPlace place : PLACES) {
            erase(schoolId, place, id, to);
        }
        for (TableField<?, JSONB> one : TELLING) {
            unname(schoolId, one, id);
        }
        for (PersonalFileStore.Brought file : brought) {
            if (!files.isUsed(schoolId, file.sha256())) {
                db.deleteFrom(FILE)
                        .where(FILE.SCHOOL_ID.eq(schoolId), FILE.SHA256.eq(file.sha256()))
                        .execute();
            }
        }
    }

    private void erase(UUID schoolId, PersonalPlace place, UUID id, UUID to) {
        Table<?> table = place.person().getTable();
        if (place.rule() == Rule.GOES) {
            db.deleteFrom(table).where(of(schoolId, place, id)).execute();
            return;
        }
        UUID instead = place.rule() == Rule.IS_HANDED_OVER
                ? to
                : place.person().getDataType().nullable() ? null : NOBODY;
        db.update(table)
                .set(place.person(), instead)
                .where(of(schoolId, place, id))
                .execute();
    }

    /** What tells of them by their name alone. */
    private void toldByName(UUID schoolId, Subject subject) {
        db.deleteFrom(NOTICE)
                .where(NOTICE.SCHOOL_ID.eq(schoolId))
                .and(DSL.jsonbGetAttributeAsText(NOTICE.ABOUT, "by").eq(subject.name()))
                .execute();
        db.deleteFrom(OUTBOX)
                .where(OUTBOX.SCHOOL_ID.eq(schoolId))
                .and(OUTBOX.WORDS.contains(subject.name()).or(OUTBOX.SUBJECT.contains(subject.name())))
                .execute();
    }

    private void unname(UUID schoolId, TableField<?, JSONB> told, UUID id) {
        Field<String> text = told.cast(String.class);
        db.update(told.getTable())
                .set(told, DSL.replace(text, id.toString(), NOBODY.toString()).cast(JSONB.class))
                .where(school(told.getTable()).eq(schoolId).and(text.contains(id.toString())))
                .execute();
    }
}
