package gladtile.core.assigned;

import gladtile.core.attempt.Act;
import gladtile.core.message.Message;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;

/** Why a move cannot be made, whatever it is: not a matter of the page, but of the assignment. */
public enum BlockReason {
    WITHDRAWN,
    NOT_OPEN_YET,
    VIEW_ONLY,
    /** A move made meanwhile waits on the device until the pages go on. */
    PAUSED,
    EDITING_CLOSED,
    CLOSED,
    /** Begun alone, before its student was put into a team. */
    IN_A_TEAM;

    /** For a student. */
    public Message message() {
        return Message.of("blocked." + name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /**
     * What bars a move; empty when nothing does.
     *
     * @param madeAt by the server's clock ({@link DeviceClock#decides}). What a tablet without a network made in time and
     *     brings too late is not taken, and the teacher can see it beside the work.
     */
    public static Optional<BlockReason> move(
            AssignTerms terms, AssignmentControl control, TimeWindow window, Act act, Instant madeAt) {
        boolean looks = act instanceof Act.Open || act instanceof Act.Reveal || act instanceof Act.Show;
        if (control.withdrawnAt() != null) {
            return Optional.of(WITHDRAWN);
        }
        TimeWindow.Stage stage = window.at(madeAt);
        if (stage == TimeWindow.Stage.NOT_YET) {
            return Optional.of(NOT_OPEN_YET);
        }
        if (looks) {
            return Optional.empty();
        }
        if (terms.shared() == Sharing.VIEW_ONLY) {
            return Optional.of(VIEW_ONLY);
        }
        // What was made just before waits with the rest: nothing is lost by it, whatever the device says of when.
        if (control.pausedAt() != null) {
            return Optional.of(PAUSED);
        }
        boolean handsIn = act instanceof Act.HandIn;
        if (!handsIn && control.closedAt() != null && !madeAt.isBefore(control.closedAt())) {
            return Optional.of(EDITING_CLOSED);
        }
        return stage == TimeWindow.Stage.CLOSED && !handsIn ? Optional.of(CLOSED) : Optional.empty();
    }
}
