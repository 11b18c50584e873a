package gladtile.server.personaldata;

import static gladtile.tables.Tables.*;

import java.util.List;
import java.util.UUID;
import org.jooq.TableField;

/**
 * Every place in the database where it is said who somebody is. One list for what is handed out and what is erased; a
 * test refuses a new column of ids that is neither here nor known to hold no person.
 */
final class PersonalTables {
    private PersonalTables() {}

    /** What becomes of a row when its person is erased. */
    enum Rule {
        /** It is about them alone. */
        GOES,
        /** It is part of somebody else's work, and stays without telling who. */
        STAYS_NAMELESS,
        /** It becomes that of whoever takes over. */
        IS_HANDED_OVER
    }

    /** @param title as it is called in what is handed out */
    record Place(TableField<?, UUID> person, String title, Rule rule) {}

    /** In the order in which they are erased: what points to something goes before it. */
    static final List<Place> ALL = List.of(
            new Place(NOTICE.PERSON_ID, "Notices", Rule.GOES),
            new Place(OUTBOX.TO_PERSON, "Messages", Rule.GOES),
            new Place(SAID_WORD.HOLDER_ID, "Words said to them about their work", Rule.GOES),
            new Place(SAID_WORD.BY_ID, "Words that they said about work", Rule.STAYS_NAMELESS),
            new Place(EXTENSION.HOLDER_ID, "More time", Rule.GOES),
            new Place(ASSIGNMENT_FOR.TARGET_ID, "Given to them alone", Rule.GOES),
            new Place(ATTEMPT.HOLDER_ID, "Work", Rule.GOES),
            new Place(MOVE.BY_ID, "Moves in the work of teams", Rule.STAYS_NAMELESS),
            new Place(REFUSED_MOVE.BY_ID, "Moves that were turned away", Rule.GOES),
            new Place(REVIEW.BY_ID, "Reviews that they wrote", Rule.STAYS_NAMELESS),
            new Place(STUDENT_REQUEST.STUDENT_ID, "Asked for by another class", Rule.GOES),
            new Place(STUDENT_REQUEST.ASKED_BY, "Students they asked for", Rule.GOES),
            new Place(TEAM_MEMBER.PERSON_ID, "Teams", Rule.GOES),
            new Place(MEMBERSHIP.PERSON_ID, "Classes", Rule.GOES),
            new Place(PERSON_TASTE.PERSON_ID, "Own settings", Rule.GOES),
            new Place(PICTURE_KEPT.PERSON_ID, "Pictures used lately", Rule.GOES),
            new Place(READY_PHRASE.PERSON_ID, "Ready phrases", Rule.GOES),
            new Place(LESSON.TEACHER_ID, "Lessons with ink", Rule.GOES),
            new Place(SCREENCAST.TEACHER_ID, "Recordings of pages", Rule.GOES),
            new Place(UPLOAD.PERSON_ID, "Files that are being sent", Rule.GOES),
            new Place(FILE_BRINGER.PERSON_ID, "Files", Rule.GOES),
            new Place(FILE.BROUGHT_BY, "Files brought first", Rule.STAYS_NAMELESS),
            new Place(ACTIVITY_SHARE.PERSON_ID, "Activities shared with them", Rule.GOES),
            new Place(LIBRARY_SHARE.PERSON_ID, "Parts shared with them", Rule.GOES),
            new Place(LIBRARY_PART.OWNER_ID, "Parts in the library", Rule.IS_HANDED_OVER),
            new Place(ASSIGNMENT.TEACHER_ID, "Assignments given", Rule.IS_HANDED_OVER),
            new Place(ACTIVITY.OWNER_ID, "Activities", Rule.IS_HANDED_OVER),
            new Place(ACTIVITY_EDIT.AUTHOR_ID, "Edits", Rule.STAYS_NAMELESS),
            new Place(ACTIVITY_MOMENT.NAMED_BY, "Named moments", Rule.STAYS_NAMELESS),
            new Place(KNOWN_DEVICE.PERSON_ID, "Devices", Rule.GOES),
            new Place(ONE_TIME_LINK.PERSON_ID, "Links", Rule.GOES),
            new Place(PASSKEY.PERSON_ID, "Passkeys", Rule.GOES),
            new Place(LINKED_IDENTITY.PERSON_ID, "School accounts", Rule.GOES),
            new Place(ACTIVITY_LOG.ACTOR_ID, "What they did, in the activity log", Rule.STAYS_NAMELESS),
            new Place(ACTIVITY_LOG.SUBJECT_ID, "What was done to them, in the activity log", Rule.STAYS_NAMELESS),
            new Place(PERSON.ID, "Account", Rule.GOES));

    /** Goes together with an attempt. */
    static final List<TableField<?, UUID>> OF_ATTEMPTS = List.of(
            MOVE.ATTEMPT_ID,
            REFUSED_MOVE.ATTEMPT_ID,
            ATTEMPT_BASE.ATTEMPT_ID,
            ATTEMPT_BEFORE_HAND_IN.ATTEMPT_ID,
            REVIEW.ATTEMPT_ID);
}
