package gladtile.server.attempts;

import gladtile.core.assigned.BlockReason;
import gladtile.core.attempt.Move;
import gladtile.core.attempt.MoveResult;
import gladtile.core.message.Message;
import gladtile.server.accounts.CurrentUser;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Keeps what a student did and a rule then refused, so that the teacher can see what it was. */
@Service
class RefusedMoveService {
    private final RefusedMoveStore store;

    RefusedMoveService(RefusedMoveStore store) {
        this.store = store;
    }

    /** Rules that take something a student did; of the others nothing is lost. */
    private static final Set<MoveResult.Rule> TAKES_WORK = EnumSet.of(
            MoveResult.Rule.HANDED_IN,
            MoveResult.Rule.TIME_IS_UP,
            MoveResult.Rule.NO_SUCH_PAGE,
            MoveResult.Rule.NO_SUCH_ITEM,
            MoveResult.Rule.NO_GAP,
            MoveResult.Rule.NOT_OPEN,
            MoveResult.Rule.INK_FULL);

    private static final Set<BlockReason> KEEPS_OUT =
            EnumSet.of(BlockReason.WITHDRAWN, BlockReason.EDITING_CLOSED, BlockReason.CLOSED, BlockReason.IN_A_TEAM);

    /** A device lets go of a move that was refused by name, so the teacher can see here what it was. */
    void keep(CurrentUser student, UUID attemptId, List<Move> moves, MoveService.Result result) {
        Move move = null;
        Message reason = null;
        if (result instanceof MoveService.NoneMade none
                && TAKES_WORK.contains(none.refused().rule())) {
            move = moves.get(none.index());
            reason = none.refused().message();
        } else if (result instanceof MoveService.NotNow none && KEEPS_OUT.contains(none.barred())) {
            move = moves.get(none.index());
            reason = none.barred().message();
        }
        if (move != null && move.act().carriesWork()) {
            store.keep(student.schoolId(), attemptId, move, reason, student.id());
        }
    }
}
