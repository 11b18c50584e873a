package gladtile.server.attempts;

import gladtile.core.assigned.BlockReason;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.ActivityVersionService;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.classes.ClassService.Student;
import gladtile.server.support.UuidV7;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** Students' attempts at assignments: opening them, their rounds, and bringing them to another version. */
@Service
public class AttemptService {
    private final AttemptStore store;
    private final AssignmentService assignments;
    private final ActivityVersionService versions;
    private final AssigneeDirectory assignees;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final AttemptCache cache;
    private final StudentViewService seen;

    AttemptService(
            AttemptStore store,
            AssignmentService assignments,
            ActivityVersionService versions,
            AssigneeDirectory assignees,
            ApplicationEventPublisher events,
            AttemptCache cache,
            StudentViewService seen,
            Clock clock) {
        this.versions = versions;
        this.store = store;
        this.assignments = assignments;
        this.assignees = assignees;
        this.events = events;
        this.cache = cache;
        this.seen = seen;
        this.clock = clock;
    }

    /** An attempt as it stands. @param round from 1 */
    public record Opened(
            UUID id,
            Assignment assignment,
            Assignee assignee,
            int round,
            ActivityVersion version,
            AttemptState state) {}

    /** What came of opening. */
    public sealed interface Opening {}

    /** There it is. */
    public record Open(Opened opened) implements Opening {}

    /** It cannot be begun yet. @param words why, as a student is told */
    public record NotYet(BlockReason barred, String words) implements Opening {}

    /** Where an attempt stands, without what is in it. @param handedInAt by the device's clock put right; null before */
    public record Head(UUID id, int round, Standing standing, Instant handedInAt, int solved) {}

    /** How far a class is with an assignment. */
    public record Counts(int joined, int handedIn) {
        public static final Counts NONE = new Counts(0, 0);
    }

    /** By assignment; those nobody joined are left out. */
    public Map<UUID, Counts> counts(UUID schoolId, Collection<UUID> assignmentIds) {
        return store.counts(schoolId, assignmentIds);
    }

    /** By assignment and by student or team. */
    public Map<UUID, Map<UUID, Head>> heads(UUID schoolId, Collection<UUID> assignmentIds, Collection<UUID> holders) {
        return store.heads(schoolId, assignmentIds, holders);
    }

    /**
     * Opens the newest round of the student's, or their team's, work, making the first one. Whoever began something goes
     * on with it, even when they are in another class now. Empty when it is not for the student.
     */
    public Optional<Opening> open(CurrentUser student, UUID assignmentId) {
        Assignment assignment =
                assignments.anyones(student.schoolId(), assignmentId).orElse(null);
        if (assignment == null || assignment.control().withdrawnAt() != null) {
            return Optional.empty();
        }
        UUID school = student.schoolId();
        Assignee assignee = assignees.holder(assignment, student.id()).orElse(null);
        UUID holder = assignee == null ? student.id() : assignee.id();
        AttemptRow row = store.of(school, assignmentId, holder).orElse(null);
        if (row == null && assignee == null) {
            return Optional.empty();
        }
        if (row == null) {
            NotYet barred = barred(assignment, assignee);
            if (barred != null) {
                return Optional.of(barred);
            }
            ActivityVersion version = versions.of(assignment, assignment.versionId(), holder);
            UUID id = UuidV7.make();
            AttemptState start = AttemptState.start(version.rules(), now());
            store.insert(school, id, assignmentId, holder, new AttemptStore.Round(1, false, version.id()), start);
            row = store.of(school, assignmentId, holder).orElseThrow();
            events.publishEvent(new AttemptChanged(school, assignmentId, holder, row.id(), 0));
        }
        Assignee user = assignee != null ? assignee : alone(student);
        // Ready for the first move, which a whole class makes at the same moment.
        cache.get(school, row.id());
        return Optional.of(new Open(opened(assignment, user, row)));
    }

    private static Assignee alone(CurrentUser student) {
        return new Assignee(
                student.id(), student.name(), List.of(new Student(student.id(), student.name(), false)), false);
    }

    private Opened opened(Assignment assignment, Assignee assignee, AttemptRow row) {
        ActivityVersion version = versions.of(assignment, row.versionId(), row.holderId());
        return new Opened(row.id(), assignment, assignee, row.round(), version, row.current(version.rules()));
    }

    private NotYet barred(Assignment assignment, Assignee assignee) {
        if (assignment.window(assignee.id()).at(clock.instant()) == TimeWindow.Stage.NOT_YET) {
            return new NotYet(BlockReason.NOT_OPEN_YET, "This is not open yet. Come back later.");
        }
        if (assignment.window(assignee.id()).at(clock.instant()) == TimeWindow.Stage.CLOSED) {
            return new NotYet(BlockReason.CLOSED, "This is closed and was not begun. Ask your teacher for more time.");
        }
        return waitsFor(assignment, assignee)
                .map(before -> new NotYet(
                        BlockReason.NOT_OPEN_YET,
                        "“%s” comes first. Hand it in, then this opens.".formatted(before.title())))
                .orElse(null);
    }

    /** The one of its series that is to be handed in first; empty when there is none. */
    private Optional<Assignment> waitsFor(Assignment assignment, Assignee assignee) {
        if (assignment.position() == 0) {
            return Optional.empty();
        }
        Assignment before = assignments.series(assignment).get(assignment.position() - 1);
        Head head = store.heads(before.schoolId(), List.of(before.id()), List.of(assignee.id()))
                .getOrDefault(before.id(), Map.of())
                .get(assignee.id());
        return head == null || head.round() == 1 && head.standing() == Standing.WORKING
                ? Optional.of(before)
                : Optional.empty();
    }

    /** An attempt of the student's, or of their team. */
    public Optional<Opened> own(CurrentUser student, UUID attemptId) {
        return store.read(student.schoolId(), attemptId).flatMap(row -> {
            Assignment assignment =
                    assignments.anyones(student.schoolId(), row.assignmentId()).orElseThrow();
            // What was withdrawn is not to be read any more either.
            boolean theirs = assignment.control().withdrawnAt() == null
                    && assignees.holds(assignment, row.holderId(), student.id());
            return theirs
                    ? Optional.of(opened(
                            assignment,
                            assignees
                                    .holder(assignment, student.id())
                                    .filter(assignee -> assignee.id().equals(row.holderId()))
                                    .orElseGet(() -> alone(student)),
                            row))
                    : Optional.empty();
        });
    }

    /** Whether the student goes on with it; not what they began alone before they were put into a team. */
    public boolean goesOn(CurrentUser student, Opened opened) {
        return assignees.goesOnWith(opened.assignment(), opened.assignee().id(), student.id());
    }

    /** The same on the page that a member of a team is on, where each turns the pages for themselves. */
    public Opened at(Opened opened, String pageId) {
        AttemptState state = PathProgress.at(opened.state(), opened.version().rules(), pageId, clock.instant());
        return opened.assignment().terms().apart()
                ? new Opened(
                        opened.id(), opened.assignment(), opened.assignee(), opened.round(), opened.version(), state)
                : opened;
    }

    /** The round before one that is improved. */
    public Optional<UUID> roundBefore(UUID schoolId, Opened opened) {
        return store.round(schoolId, opened.assignment().id(), opened.assignee().id(), opened.round() - 1);
    }

    /**
     * Begins the round after one that was handed in: everything lies as it was left. If there is a later round already,
     * that one.
     *
     * @param askedFor whether the teacher sent it back to be improved, so that it is open past the closing time
     */
    public Opened nextRound(Opened last, boolean askedFor) {
        UUID school = last.assignment().schoolId();
        UUID holder = last.assignee().id();
        AttemptRow newest = store.of(school, last.assignment().id(), holder).orElseThrow();
        if (newest.round() == last.round()) {
            // What was not told of the last round is not told by the next one either.
            AttemptState start = seen(last).nextRound(last.version().rules(), now());
            UUID id = UuidV7.make();
            store.insert(
                    school,
                    id,
                    last.assignment().id(),
                    holder,
                    new AttemptStore.Round(
                            last.round() + 1, askedFor, last.version().id()),
                    start);
            newest = store.of(school, last.assignment().id(), holder).orElseThrow();
            events.publishEvent(
                    new AttemptChanged(school, last.assignment().id(), holder, newest.id(), AttemptChanged.ANEW));
        }
        return opened(last.assignment(), last.assignee(), newest);
    }

    /**
     * Brings an attempt to another version.
     *
     * @return false when it was stepped on meanwhile, so that nothing was changed
     */
    public boolean updateVersion(Assignment assignment, AttemptQueries.Work work, UUID versionId, AttemptState state) {
        boolean renewed = store.updateVersion(
                assignment.schoolId(), work.id(), work.state().seq(), versionId, state);
        cache.forget(work.id());
        if (renewed) {
            events.publishEvent(new AttemptChanged(
                    assignment.schoolId(), assignment.id(), work.holderId(), work.id(), AttemptChanged.ANEW));
        }
        return renewed;
    }

    /** In microseconds, as the database keeps it. */
    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    /** An attempt's state as its student may see it now. */
    public AttemptState seen(Opened opened) {
        return seen.of(opened.assignment(), opened.id(), opened.version(), opened.state());
    }
}
