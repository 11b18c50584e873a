package gladtile.core.attempt;

import gladtile.core.answer.Verdict;
import gladtile.core.message.Message;
import java.util.List;
import java.util.Optional;

/** What came of a move: the attempt after it, or the rule it broke. */
public sealed interface MoveResult {
    /**
     * @param verdict present when a piece was put down, something typed, or a check made
     * @param outcomes all that it had judged, for figures; empty when nothing was
     */
    record Made(AttemptState state, Optional<Verdict> verdict, List<Outcome> outcomes) implements MoveResult {
        public Made {
            outcomes = List.copyOf(outcomes);
        }

        Made(AttemptState state, Optional<Verdict> verdict) {
            this(state, verdict, List.of());
        }
    }

    record Refused(Rule rule, Message message) implements MoveResult {}

    /** The rules that no student's move gets past, whatever is sent. */
    enum Rule {
        NO_SUCH_PAGE,
        /** Nothing leads there yet, or what leads there does not open yet. */
        NOT_OPEN,
        NO_SPOT,
        NO_SUCH_ITEM,
        FIXED_ITEM,
        /** It goes with the piece that stands for its group. */
        PART_OF_A_GROUP,
        /** Copies come off it; it stays itself. */
        SUPPLY_STAYS,
        NO_MORE_COPIES,
        MAY_NOT_TURN,
        NO_OTHER_SIDE,
        NO_COVER,
        NOT_TO_WRITE_ON,
        NOT_TO_DRAW_ON,
        INK_FULL,
        NOT_TO_SPEAK_ON,
        TOO_MUCH_SAID,
        /** The sound that it names was not brought, or so long ago that it was cleared away. */
        NO_SUCH_SOUND,
        NO_GAP,
        NO_MORE_TRIES,
        NOTHING_TO_CHECK,
        SOLUTION_NOT_SHOWN,
        TIME_IS_UP,
        ALREADY_SETTLED,
        HANDED_IN,
        TOO_MANY_MOVES
    }
}
