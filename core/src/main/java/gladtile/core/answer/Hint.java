package gladtile.core.answer;

import gladtile.core.Bounds;

/**
 * Words a student may see after n refusals.
 *
 * @param after how many, from 1 to {@link Bounds#TRIES}
 */
public record Hint(String words, int after) {
    public Hint {
        Bounds.text("hint.words", words, Bounds.HINT_LENGTH);
        Bounds.within("hint.after", after, 1, Bounds.TRIES);
    }
}
