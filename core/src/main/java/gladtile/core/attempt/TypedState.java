package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.answer.Verdict;

/**
 * What stands in a gap that is typed into.
 *
 * @param says {@link Verdict.Says#NOT_JUDGED} while it waits for a check
 * @param tries how often it was judged
 * @param solvedAt the try that was taken first, from 1; 0 when none yet
 */
public record TypedState(String text, Verdict.Says says, int tries, int solvedAt) {
    public TypedState {
        Bounds.text("typed.text", text, Bounds.TYPED_LENGTH);
        Bounds.present("typed.says", says);
    }

    boolean waits() {
        return says == Verdict.Says.NOT_JUDGED && !text.isBlank();
    }

    boolean taken() {
        return says == Verdict.Says.BELONGS;
    }

    TypedState judged(Verdict.Says found) {
        int now = tries + 1;
        return new TypedState(text, found, now, solvedAt == 0 && found == Verdict.Says.BELONGS ? now : solvedAt);
    }
}
