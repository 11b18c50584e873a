package gladtile.server.live;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.analysis.CommonMistakes.Missed;
import gladtile.core.analysis.Stuck;
import gladtile.core.assigned.AssignTerms;
import gladtile.core.assigned.AssignmentControl;
import gladtile.core.assigned.Extension;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Standing;
import gladtile.server.assignments.Assignee;
import gladtile.server.attempts.AttemptQueries.Work;
import gladtile.server.classes.ClassService.Student;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** The table of students × placements. In an assignment for teams a row is a team. */
public record ProgressTable(
        UUID assignmentId,
        UUID activityId,
        UUID classId,
        String title,
        String className,
        String joinCode,
        OffsetDateTime assignedAt,
        AssignTerms terms,
        AssignmentControl control,
        Map<UUID, Extension> extensions,
        List<SeriesPart> series,
        List<ProgressPage> pages,
        List<ProgressRow> students,
        Hardest hardest) {

    /** One of several that were given together. */
    public record SeriesPart(UUID assignmentId, String title) {}

    /** The columns of one page. */
    public record ProgressPage(String id, String name, List<Placement> placements) {}

    /**
     * One student or team.
     *
     * @param with the members of a team
     * @param standing absent while they have not joined
     * @param pageId the page they last opened; absent while they have not joined
     * @param path the pages they met, in that order
     * @param cells one for each placement, in the order of the columns
     * @param late whether it was handed in after it was due
     * @param sentBack whether the newest round was reviewed and sent back
     * @param stuck where they are stuck now; absent when they are not
     * @param here whether a page of theirs is open now
     * @param elsewhere whether they left the class since they began
     */
    public record ProgressRow(
            UUID id,
            String name,
            @JsonInclude(Include.NON_EMPTY) List<String> with,
            @JsonInclude(Include.NON_NULL) UUID attemptId,
            @JsonInclude(Include.NON_NULL) Standing standing,
            @JsonInclude(Include.NON_NULL) String pageId,
            int round,
            int solved,
            @JsonInclude(Include.NON_EMPTY) List<String> path,
            List<Cell> cells,
            @JsonInclude(Include.NON_NULL) Instant handedInAt,
            boolean late,
            boolean sentBack,
            @JsonInclude(Include.NON_NULL) Stuck stuck,
            boolean here,
            boolean elsewhere) {}

    /**
     * One placement of one student.
     *
     * @param tries how often a zone judged the piece
     * @param solvedAt the try that was accepted first, or 0
     */
    public record Cell(int tries, int solvedAt) {}

    /** The placements that most had wrong at first, the hardest first. */
    public record Hardest(List<HardPlacement> placements) {}

    /**
     * @param share right at the first try, of those who tried, 0 to 1
     * @param tried how many tried
     * @param misses where the misses went, the most frequent first
     */
    public record HardPlacement(Placement placement, double share, int tried, List<Missed> misses) {}

    private static final Cell UNTOUCHED = new Cell(0, 0);

    /** What is known of a row besides the work itself. */
    record Beside(boolean late, boolean sentBack, Stuck stuck, boolean here, boolean elsewhere) {}

    /** @param work null while nobody has joined */
    static ProgressRow row(Assignee assignee, Work work, AttemptRules columns, Beside beside) {
        AttemptState state = work == null ? null : work.state();
        List<Cell> cells = columns.placements().stream()
                .map(placement -> {
                    return state == null ? UNTOUCHED : new Cell(state.tries(placement), state.solvedAt(placement));
                })
                .toList();
        return new ProgressRow(
                assignee.id(),
                assignee.name(),
                assignee.team() ? assignee.members().stream().map(Student::name).toList() : List.of(),
                work == null ? null : work.id(),
                state == null ? null : state.standing(),
                state == null ? null : state.pageId(),
                work == null ? 0 : work.round(),
                state == null ? 0 : state.solved(work.version().rules()),
                state == null
                        ? List.of()
                        : state.met().stream().map(AttemptState.Met::pageId).toList(),
                cells,
                work == null ? null : work.handedInAt(),
                beside.late(),
                beside.sentBack(),
                beside.stuck(),
                beside.here(),
                beside.elsewhere());
    }
}
