package gladtile.server.notices;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityShared;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptService;
import gladtile.server.attempts.HandedIn;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.classes.StudentRequestService.AskedFor;
import gladtile.server.classes.StudentRequestService.SecretReset;
import gladtile.server.review.ReviewService.SentBack;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * Tells people within the app what waits for them. No mail is sent, since children have no address here; the outbox
 * shows what would be.
 */
@Service
class NoticeService {
    private static final Duration AHEAD = Duration.ofHours(24);

    private final NoticeStore store;
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final AttemptService attempts;
    private final ClassService classes;
    private final Clock clock;

    NoticeService(
            NoticeStore store,
            AssignmentService assignments,
            AssigneeDirectory assignees,
            AttemptService attempts,
            ClassService classes,
            Clock clock) {
        this.store = store;
        this.assignments = assignments;
        this.assignees = assignees;
        this.attempts = attempts;
        this.classes = classes;
        this.clock = clock;
    }

    /** What a notice tells of. */
    enum Kind {
        HANDED_IN,
        CAME_BACK,
        DUE_TOMORROW,
        SHARED,
        STUDENTS_ASKED_FOR,
        SECRET_RESET
    }

    /**
     * @param assignmentId absent where it is about an activity
     * @param count of an assignment how many have handed in; 0 where nothing is counted
     * @param title of the assignment or activity; the class that students are asked for, or the student whose PIN is new
     * @param activityId that a colleague shares; absent where it is about something else
     * @param by the colleague's name
     */
    record About(
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID assignmentId,
            String title,
            int count,
            @JsonInclude(JsonInclude.Include.NON_NULL) UUID activityId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String by) {
        About(UUID assignmentId, String title, int count) {
            this(assignmentId, title, count, null, null);
        }
    }

    record Notice(UUID id, Kind kind, About about, Instant at, boolean seen) {}

    /** What would be mailed. */
    record Mail(String subject, String words) {}

    /** One that would have been. @param to by their name; there is no address */
    record Posted(String to, String subject, String words, Instant at) {}

    List<Notice> of(CurrentUser user) {
        return store.of(user.schoolId(), user.id());
    }

    void seen(CurrentUser user) {
        store.seen(user.schoolId(), user.id(), now());
    }

    /** To the teacher, and to the students of their classes. */
    List<Posted> outbox(CurrentUser teacher) {
        return store.outbox(teacher.schoolId(), teacher.id());
    }

    /** One notice for each teacher of the class, which counts on: thirty hand in within a minute. */
    @EventListener
    void handedIn(HandedIn handed) {
        Assignment one = handed.assignment();
        int count = attempts.counts(one.schoolId(), List.of(one.id()))
                .getOrDefault(one.id(), AttemptService.Counts.NONE)
                .handedIn();
        About about = new About(one.id(), one.title(), count);
        Mail mail = new Mail("Handed in: " + one.title(), "Students of %s have handed in.".formatted(one.className()));
        for (UUID teacher : classes.teachers(one.schoolId(), one.classId())) {
            store.add(
                    one.schoolId(), id(Kind.HANDED_IN, one.id(), teacher), teacher, Kind.HANDED_IN, about, mail, now());
        }
    }

    @EventListener
    void shared(ActivityShared shared) {
        Mail mail = new Mail(
                "Shared with you: " + shared.title(),
                shared.mayEdit()
                        ? "%s shares an activity with you. You can edit it.".formatted(shared.by())
                        : "%s shares an activity with you. You can look at it and copy it.".formatted(shared.by()));
        store.add(
                shared.schoolId(),
                id(Kind.SHARED, shared.activityId(), shared.colleague()),
                shared.colleague(),
                Kind.SHARED,
                new About(null, shared.title(), 0, shared.activityId(), shared.by()),
                mail,
                now());
    }

    @EventListener
    void askedFor(AskedFor asked) {
        Mail mail = new Mail(
                "Asked for: students for " + asked.className(),
                "%s would like to have students of yours in %s too. Say yes or no on the classes screen."
                        .formatted(asked.by(), asked.className()));
        store.add(
                asked.schoolId(),
                id(Kind.STUDENTS_ASKED_FOR, asked.classId(), asked.to()),
                asked.to(),
                Kind.STUDENTS_ASKED_FOR,
                new About(null, asked.className(), asked.count(), null, asked.by()),
                mail,
                now());
    }

    @EventListener
    void secretReset(SecretReset reset) {
        Mail mail = new Mail(
                "A new PIN: " + reset.student(),
                "%s has given %s a new PIN or new pictures.".formatted(reset.by(), reset.student()));
        for (UUID other : reset.others()) {
            store.add(
                    reset.schoolId(),
                    id(Kind.SECRET_RESET, reset.studentId(), other),
                    other,
                    Kind.SECRET_RESET,
                    new About(null, reset.student(), 0, null, reset.by()),
                    mail,
                    now());
        }
    }

    @EventListener
    void sentBack(SentBack sent) {
        Assignment one = sent.assignment();
        Mail mail = new Mail(
                "Came back: " + one.title(),
                sent.mayImprove() ? "Your teacher sent it back. You may improve it." : "Your teacher sent it back.");
        for (Student student : members(one, sent.holderId())) {
            store.add(
                    one.schoolId(),
                    id(Kind.CAME_BACK, sent.attemptId(), student.id()),
                    student.id(),
                    Kind.CAME_BACK,
                    new About(one.id(), one.title(), 0),
                    mail,
                    now());
        }
    }

    private List<Student> members(Assignment assignment, UUID holderId) {
        return assignees.find(assignment, holderId).map(Assignee::members).orElse(List.of());
    }

    @Scheduled(fixedDelayString = "PT15M", initialDelayString = "PT1M")
    void lookAhead() {
        OffsetDateTime now = now();
        for (NoticeStore.Due due : store.dueBetween(now, now.plus(AHEAD))) {
            assignments.anyones(due.schoolId(), due.assignmentId()).ifPresent(this::dueSoon);
        }
    }

    /** Tells all who have not handed in, each once. */
    void dueSoon(Assignment one) {
        List<Assignee> all = assignees.of(one);
        Map<UUID, AttemptService.Head> heads = attempts.heads(
                        one.schoolId(),
                        List.of(one.id()),
                        all.stream().map(Assignee::id).toList())
                .getOrDefault(one.id(), Map.of());
        Mail mail = new Mail("Due soon: " + one.title(), "It is due within a day and not handed in yet.");
        for (Assignee assignee : all) {
            AttemptService.Head head = heads.get(assignee.id());
            boolean done = head != null && (head.standing() == Standing.HANDED_IN || head.round() > 1);
            for (Student student : done ? List.<Student>of() : assignee.members()) {
                UUID id = id(Kind.DUE_TOMORROW, one.id(), student.id());
                if (!store.has(one.schoolId(), id)) {
                    About about = new About(one.id(), one.title(), 0);
                    store.add(one.schoolId(), id, student.id(), Kind.DUE_TOMORROW, about, mail, now());
                }
            }
        }
    }

    /** The same for the same thing, on whichever machine it is made. */
    private static UUID id(Kind kind, UUID about, UUID person) {
        return UUID.nameUUIDFromBytes((kind + ":" + about + ":" + person).getBytes(StandardCharsets.UTF_8));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
