package gladtile.server.home;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.assigned.TimeWindow;
import gladtile.core.attempt.Score;
import gladtile.core.attempt.Standing;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.assignments.Assignee;
import gladtile.server.assignments.AssigneeDirectory;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.assignments.AssignmentService.Assignment;
import gladtile.server.attempts.AttemptService;
import gladtile.server.attempts.AttemptService.Head;
import gladtile.server.review.ReviewService;
import gladtile.server.review.ReviewService.Kept;
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
class StudentHome {
    private final AssignmentService assignments;
    private final AssigneeDirectory assignees;
    private final AttemptService attempts;
    private final ReviewService reviews;
    private final Clock clock;

    StudentHome(
            AssignmentService assignments,
            AssigneeDirectory assignees,
            AttemptService attempts,
            ReviewService reviews,
            Clock clock) {
        this.assignments = assignments;
        this.assignees = assignees;
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
            TimeWindow window,
            TimeWindow.Stage stage,
            boolean mayImprove,
            @JsonInclude(Include.NON_NULL) Score score,
            @JsonInclude(Include.NON_EMPTY) List<String> with,
            @JsonInclude(Include.NON_NULL) String after) {}

    /** @param now by the server's clock */
    record HomeView(String name, Instant now, List<ToDo> all) {}

    HomeView of(CurrentUser student) {
        List<Assignment> all = assignments.allForStudent(student);
        Map<UUID, Assignee> mine = new HashMap<>();
        Set<UUID> holders = new HashSet<>();
        for (Assignment one : all) {
            Assignee assignee = assignees.holder(one, student.id()).orElseThrow();
            mine.put(one.id(), assignee);
            holders.add(assignee.id());
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

    private ToDo toDo(Assignment assignment, Assignee assignee, Head head, Kept review, String after) {
        TimeWindow window = assignment.window(assignee.id());
        TimeWindow.Stage stage = window.at(clock.instant());
        boolean sent = review != null && review.sentAt() != null;
        Turn turn;
        if (head == null) {
            turn = stage == TimeWindow.Stage.NOT_YET || after != null
                    ? Turn.NOT_OPEN_YET
                    : stage == TimeWindow.Stage.CLOSED ? Turn.CLOSED : Turn.TO_DO;
        } else if (head.standing() == Standing.WORKING) {
            turn = Turn.IN_WORK;
        } else {
            turn = sent ? Turn.CAME_BACK : Turn.HANDED_IN;
        }
        Integer rounds = assignment.terms().rounds();
        boolean again = rounds != null && head != null && head.round() < rounds && stage != TimeWindow.Stage.CLOSED;
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
                assignee.team()
                        ? assignee.members().stream().map(one -> one.name()).toList()
                        : List.of(),
                after);
    }
}
