package gladtile.server.attempts;

import gladtile.core.assigned.ResultVisibility;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.ResultView;
import gladtile.core.attempt.Standing;
import gladtile.server.assignments.ActivityVersion;
import gladtile.server.assignments.AssignmentService.Assignment;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * What a student may know of their work now. Views, replies and the next round all ask here, so that none of them tells
 * what another keeps back; and it is asked by the terms as they are now, since a teacher may have made them stricter.
 */
@Service
class StudentViewService {
    private final BeforeHandInStore before;

    StudentViewService(BeforeHandInStore before) {
        this.before = before;
    }

    /** The work as its student sees it. Where nothing is told after handing in, that is as it was just before. */
    AttemptState of(Assignment assignment, UUID attemptId, ActivityVersion version, AttemptState state) {
        if (assignment.terms().seen() != ResultVisibility.NOTHING || state.standing() != Standing.HANDED_IN) {
            return state;
        }
        return before.read(assignment.schoolId(), attemptId, version.id())
                .map(then -> ResultView.asBefore(state, then))
                .orElseGet(() -> ResultView.untold(state, version.rules()));
    }

    /** Whether an act would tell what is not told any more. */
    boolean tellsTooMuch(Assignment assignment, AttemptState state, Act act) {
        return act instanceof Act.Show
                && state.standing() == Standing.HANDED_IN
                && assignment.terms().seen() == ResultVisibility.NOTHING;
    }

    /** Keeps work as it is just before it is handed in. */
    void handingIn(Assignment assignment, UUID attemptId, ActivityVersion version, AttemptState state) {
        before.keep(assignment.schoolId(), attemptId, version.id(), state);
    }
}
