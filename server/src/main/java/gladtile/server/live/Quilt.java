package gladtile.server.live;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Rules;
import gladtile.core.attempt.Standing;
import gladtile.server.classes.Classes.Student;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.UUID;

/** The table of students × placements. */
public record Quilt(
        UUID assignmentId,
        String title,
        String className,
        String joinCode,
        OffsetDateTime assignedAt,
        List<QuiltPage> pages,
        List<QuiltRow> students) {

    /** The columns of one page. */
    public record QuiltPage(String id, String name, List<Placement> placements) {}

    /**
     * One student.
     *
     * @param standing absent while they have not joined
     * @param pageId the page they last opened; absent while they have not joined
     * @param way the pages they met, in that order
     * @param cells one for each placement, in the order of the columns
     */
    public record QuiltRow(
            UUID id,
            String name,
            @JsonInclude(JsonInclude.Include.NON_NULL) Standing standing,
            @JsonInclude(JsonInclude.Include.NON_NULL) String pageId,
            int solved,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> way,
            List<Cell> cells) {}

    /**
     * One placement of one student.
     *
     * @param tries how often a zone judged the piece
     * @param solvedAt the try that was accepted first, or 0
     */
    public record Cell(int tries, int solvedAt) {}

    private static final Cell UNTOUCHED = new Cell(0, 0);

    /** @param state null while the student has not joined */
    static QuiltRow row(Student student, AttemptState state, Rules rules) {
        List<Cell> cells = rules.placements().stream()
                .map(placement -> {
                    return state == null ? UNTOUCHED : new Cell(state.tries(placement), state.solvedAt(placement));
                })
                .toList();
        return new QuiltRow(
                student.id(),
                student.name(),
                state == null ? null : state.standing(),
                state == null ? null : state.pageId(),
                state == null ? 0 : state.solved(rules),
                state == null
                        ? List.of()
                        : state.met().stream().map(AttemptState.Met::pageId).toList(),
                cells);
    }
}
