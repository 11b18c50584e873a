package gladtile.server.home;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.assigned.Window;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.Who;
import gladtile.server.assignments.Assignments;
import gladtile.server.assignments.Assignments.Assignment;
import gladtile.server.assignments.Worker;
import gladtile.server.assignments.Workers;
import gladtile.server.attempts.Attempts;
import gladtile.server.attempts.Attempts.Head;
import gladtile.server.review.Reviews;
import gladtile.server.review.Reviews.Kept;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What a student has to do: what is due, what came back, what can be improved. */
@Service
class Home {
    private final Assignments assignments;
    private final Workers workers;
    private final Attempts attempts;
    private final Reviews reviews;
    private final Clock clock;

    Home(Assignments assignments, Workers workers, Attempts attempts, Reviews reviews, Clock clock) {
        this.assignments = assignments;
        this.workers = workers;
        this.attempts = attempts;
        this.reviews = reviews;
        this.clock = clock;
    }

    /** Whose turn it is, as a student sees it. */
    enum Turn {
        NOT_OPEN_YET,
        TO_DO,
        IN_WORK,
        HANDED_IN,
        CAME_BACK,
        CLOSED
    }

    /**
     * One assignment of a student's.
     *
     * @param window its times for this student
     * @param with the members of the team they work on it with; empty for one alone
     * @param after the title of what is to be handed in before it opens; absent for nothing
     */
    record ToDo(
            UUID assignmentId,
            String title,
            String className,
            Turn turn,
            int round,
            Window window,
            Window.Stage stage,
            boolean mayImprove,
            @JsonInclude(Include.NON_NULL) Score score,
            @JsonInclude(Include.NON_EMPTY) List<String> with,
            @JsonInclude(Include.NON_NULL) String after) {}

    /** @param now by the server's clock */
    record HomeView(String name, Instant now, List<ToDo> all) {}

    HomeView of(Who student) {
        List<Assignment> all = assignments.allForStudent(student);
        Map<UUID, Worker> mine = new HashMap<>();
        Set<UUID> holders = new HashSet<>();
        for (Assignment one : all) {
            Worker worker = workers.holder(one, student.id()).orElseThrow();
            mine.put(one.id(), worker);
            holders.add(worker.id());
        }
        Map<UUID, Map<UUID, Head>> heads = attempts.heads(
                student.schoolId(), all.stream().map(Assignment::id).toList(), holders);
        Map<UUID, Head> own = new HashMap<>();
        for (Assignment one : all) {
            Head head = heads.getOrDefault(one.id(), Map.of())
                    .get(mine.get(one.id()).id());
            if (head != null) {
                own.put(one.id(), head);
            }
        }
        Map<UUID, Kept> kept = reviews.of(
                student.schoolId(), own.values().stream().map(Head::id).toList());
        List<ToDo> todo = new ArrayList<>();
        Assignment before = null;
        for (Assignment one : all) {
            boolean follows =
                    before != null && one.seriesId() != null && one.seriesId().equals(before.seriesId());
            Head first = follows ? own.get(before.id()) : null;
            boolean waits = follows && (first == null || first.round() == 1 && first.standing() == Standing.WORKING);
            Head head = own.get(one.id());
            Kept review = head == null ? null : kept.get(head.id());
            todo.add(toDo(one, mine.get(one.id()), head, review, waits ? before.title() : null));
            before = one;
        }
        return new HomeView(student.name(), clock.instant(), todo);
    }

    private ToDo toDo(Assignment assignment, Worker worker, Head head, Kept review, String after) {
        Window window = assignment.window(worker.id());
        Window.Stage stage = window.at(clock.instant());
        boolean sent = review != null && review.sentAt() != null;
        Turn turn;
        if (head == null) {
            turn = stage == Window.Stage.NOT_YET || after != null
                    ? Turn.NOT_OPEN_YET
                    : stage == Window.Stage.CLOSED ? Turn.CLOSED : Turn.TO_DO;
        } else if (head.standing() == Standing.WORKING) {
            turn = Turn.IN_WORK;
        } else {
            turn = sent ? Turn.CAME_BACK : Turn.HANDED_IN;
        }
        Integer rounds = assignment.terms().rounds();
        boolean again = rounds != null && head != null && head.round() < rounds && stage != Window.Stage.CLOSED;
        boolean mayImprove = head != null
                && head.standing() == Standing.HANDED_IN
                && (again || sent && review.sent().mayImprove());
        return new ToDo(
                assignment.id(),
                assignment.title(),
                assignment.className(),
                turn,
                head == null ? 1 : head.round(),
                window,
                stage,
                mayImprove,
                sent ? review.score() : null,
                worker.team() ? worker.members().stream().map(one -> one.name()).toList() : List.of(),
                after);
    }
}
