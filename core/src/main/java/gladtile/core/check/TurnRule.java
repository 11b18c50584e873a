package gladtile.core.check;

import gladtile.core.answer.PieceFacts;
import gladtile.core.edit.SetMovement;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import java.util.List;

/** Pieces that are right at a turn which students cannot give them. */
final class TurnRule {
    private static final double FULL_TURN = 360;

    private TurnRule() {}

    static void check(CheckedPage on) {
        for (Item piece : on.pieces) {
            PieceFacts known = on.key.facts(piece.id());
            if (known.rightTurn() == null || known.isTurnedRight(piece.frame().turn()) || isReached(piece, known)) {
                continue;
            }
            boolean turns = piece.movement() instanceof Movement.Turns;
            String key = turns ? "page-check.turn-not-met" : "page-check.cannot-turn";
            on.found(
                    Finding.Kind.TURN_OUT_OF_REACH,
                    List.of(piece.id()),
                    Message.of(key, "piece", on.called(piece), "turn", known.rightTurn()),
                    List.of(new Mend(
                            Message.of("page-check.mend.any-angle"),
                            new SetMovement(on.page.id(), piece.id(), new Movement.Turns(0)))));
        }
    }

    private static boolean isReached(Item piece, PieceFacts known) {
        if (!(piece.movement() instanceof Movement.Turns turns)) {
            return false;
        }
        if (turns.step() == 0) {
            return true;
        }
        for (double by = 0; by < FULL_TURN; by += turns.step()) {
            if (known.isTurnedRight(piece.frame().turn() + by)) {
                return true;
            }
        }
        return false;
    }
}
