package gladtile.server.attempts;

import gladtile.core.assigned.Barred;
import gladtile.core.assigned.Window;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Course;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Worker;
import gladtile.server.assignments.Workers;
import gladtile.server.classes.Classes.Student;
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

/** Students' attempts at assignments: opening them, their rounds, and bringing them to another edition. */
@Service
public class Attempts {
    private final AttemptStore store;
    private final Assignments assignments;
    private final Workers workers;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Folds folds;
    private final SeenByStudent seen;

    Attempts(
            AttemptStore store,
            Assignments assignments,
            Workers workers,
            ApplicationEventPublisher events,
            Folds folds,
            SeenByStudent seen,
            Clock clock) {
        this.store = store;
        this.assignments = assignments;
        this.workers = workers;
        this.events = events;
        this.folds = folds;
        this.seen = seen;
        this.clock = clock;
    }

    /** An attempt as it stands. @param round from 1 */
    public record Opened(
            UUID id,
            Assignment assignment,
            Worker worker,
            int round,
            Assignments.Edition edition,
            AttemptState state) {}

    /** What came of opening. */
    public sealed interface Opening {}

    /** There it is. */
    public record Open(Opened opened) implements Opening {}

    /** It cannot be begun yet. @param words why, as a student is told */
    public record NotYet(Barred barred, String words) implements Opening {}

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
    public Optional<Opening> open(Who student, UUID assignmentId) {
        Assignment assignment =
                assignments.anyones(student.schoolId(), assignmentId).orElse(null);
        if (assignment == null || assignment.control().withdrawnAt() != null) {
            return Optional.empty();
        }
        UUID school = student.schoolId();
        Worker worker = workers.holder(assignment, student.id()).orElse(null);
        UUID holder = worker == null ? student.id() : worker.id();
        AttemptStore.Row row = store.of(school, assignmentId, holder).orElse(null);
        if (row == null && worker == null) {
            return Optional.empty();
        }
        if (row == null) {
            NotYet barred = barred(assignment, worker);
            if (barred != null) {
                return Optional.of(barred);
            }
            Assignments.Edition edition = assignments.edition(assignment, assignment.editionId(), holder);
            UUID id = UuidV7.make();
            AttemptState start = AttemptState.start(edition.rules(), now());
            store.insert(school, id, assignmentId, holder, new AttemptStore.Round(1, false, edition.id()), start);
            row = store.of(school, assignmentId, holder).orElseThrow();
            events.publishEvent(new AttemptChanged(school, assignmentId, holder, row.id(), 0));
        }
        Worker who = worker != null ? worker : alone(student);
        // Ready for the first move, which a whole class makes at the same moment.
        folds.get(school, row.id());
        return Optional.of(new Open(opened(assignment, who, row)));
    }

    private static Worker alone(Who student) {
        return new Worker(
                student.id(), student.name(), List.of(new Student(student.id(), student.name(), false)), false);
    }

    private Opened opened(Assignment assignment, Worker worker, AttemptStore.Row row) {
        Assignments.Edition edition = assignments.edition(assignment, row.editionId(), row.holderId());
        return new Opened(row.id(), assignment, worker, row.round(), edition, row.current(edition.rules()));
    }

    private NotYet barred(Assignment assignment, Worker worker) {
        if (assignment.window(worker.id()).at(clock.instant()) == Window.Stage.NOT_YET) {
            return new NotYet(Barred.NOT_OPEN_YET, "This is not open yet. Come back later.");
        }
        if (assignment.window(worker.id()).at(clock.instant()) == Window.Stage.CLOSED) {
            return new NotYet(Barred.CLOSED, "This is closed and was not begun. Ask your teacher for more time.");
        }
        return waitsFor(assignment, worker)
                .map(before -> new NotYet(
                        Barred.NOT_OPEN_YET,
                        "“%s” comes first. Hand it in, then this opens.".formatted(before.title())))
                .orElse(null);
    }

    /** The one of its series that is to be handed in first; empty when there is none. */
    private Optional<Assignment> waitsFor(Assignment assignment, Worker worker) {
        if (assignment.position() == 0) {
            return Optional.empty();
        }
        Assignment before = assignments.series(assignment).get(assignment.position() - 1);
        Head head = store.heads(before.schoolId(), List.of(before.id()), List.of(worker.id()))
                .getOrDefault(before.id(), Map.of())
                .get(worker.id());
        return head == null || head.round() == 1 && head.standing() == Standing.WORKING
                ? Optional.of(before)
                : Optional.empty();
    }

    /** An attempt of the student's, or of their team. */
    public Optional<Opened> own(Who student, UUID attemptId) {
        return store.read(student.schoolId(), attemptId).flatMap(row -> {
            Assignment assignment =
                    assignments.anyones(student.schoolId(), row.assignmentId()).orElseThrow();
            // What was withdrawn is not to be read any more either.
            boolean theirs = assignment.control().withdrawnAt() == null
                    && workers.holds(assignment, row.holderId(), student.id());
            return theirs
                    ? Optional.of(opened(
                            assignment,
                            workers.holder(assignment, student.id())
                                    .filter(worker -> worker.id().equals(row.holderId()))
                                    .orElseGet(() -> alone(student)),
                            row))
                    : Optional.empty();
        });
    }

    /** Whether the student goes on with it; not what they began alone before they were put into a team. */
    public boolean goesOn(Who student, Opened opened) {
        return workers.goesOnWith(opened.assignment(), opened.worker().id(), student.id());
    }

    /** The same on the page that a member of a team is on, where each turns the pages for themselves. */
    public Opened at(Opened opened, String pageId) {
        AttemptState state = Course.at(opened.state(), opened.edition().rules(), pageId, clock.instant());
        return opened.assignment().terms().apart()
                ? new Opened(opened.id(), opened.assignment(), opened.worker(), opened.round(), opened.edition(), state)
                : opened;
    }

    /** The round before one that is improved. */
    public Optional<UUID> roundBefore(UUID schoolId, Opened opened) {
        return store.round(schoolId, opened.assignment().id(), opened.worker().id(), opened.round() - 1);
    }

    /**
     * Begins the round after one that was handed in: everything lies as it was left. If there is a later round already,
     * that one.
     *
     * @param askedFor whether the teacher sent it back to be improved, so that it is open past the closing time
     */
    public Opened nextRound(Opened last, boolean askedFor) {
        UUID school = last.assignment().schoolId();
        UUID holder = last.worker().id();
        AttemptStore.Row newest =
                store.of(school, last.assignment().id(), holder).orElseThrow();
        if (newest.round() == last.round()) {
            // What was not told of the last round is not told by the next one either.
            AttemptState start = seen(last).nextRound(last.edition().rules(), now());
            UUID id = UuidV7.make();
            store.insert(
                    school,
                    id,
                    last.assignment().id(),
                    holder,
                    new AttemptStore.Round(
                            last.round() + 1, askedFor, last.edition().id()),
                    start);
            newest = store.of(school, last.assignment().id(), holder).orElseThrow();
            events.publishEvent(
                    new AttemptChanged(school, last.assignment().id(), holder, newest.id(), AttemptChanged.ANEW));
        }
        return opened(last.assignment(), last.worker(), newest);
    }

    /**
     * Brings an attempt to another edition.
     *
     * @return false when it was stepped on meanwhile, so that nothing was changed
     */
    public boolean renew(Assignment assignment, Works.Work work, UUID editionId, AttemptState state) {
        boolean renewed =
                store.renew(assignment.schoolId(), work.id(), work.state().seq(), editionId, state);
        folds.forget(work.id());
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
        return seen.of(opened.assignment(), opened.id(), opened.edition(), opened.state());
    }
}
