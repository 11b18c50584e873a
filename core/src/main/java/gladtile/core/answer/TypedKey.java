package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.typed.TypedRule;

/**
 * How one gap that is typed into is answered.
 *
 * @param timing absent for at once: when the student leaves the gap or presses Enter
 * @param tries after so many refusals it takes no more; absent for no end
 * @param worth points, otherwise than the activity says; absent for as it says
 */
public record TypedKey(
        TypedRule rule,
        @JsonInclude(JsonInclude.Include.NON_NULL) JudgeTiming timing,
        @JsonInclude(JsonInclude.Include.NON_NULL) Replies replies,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer tries,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer worth) {
    public TypedKey {
        Bounds.present("typed.rule", rule);
        timing = timing == JudgeTiming.AT_ONCE ? null : timing;
        replies = Replies.orNull(replies);
        if (tries != null) {
            Bounds.within("typed.tries", tries, 1, Bounds.TRIES);
        }
        if (worth != null) {
            Bounds.within("typed.worth", worth, 0, Bounds.POINTS);
        }
    }

    public static TypedKey of(TypedRule rule) {
        return new TypedKey(rule, null, null, null, null);
    }

    public JudgeTiming when() {
        return timing == null ? JudgeTiming.AT_ONCE : timing;
    }

    public Replies says() {
        return replies == null ? Replies.NONE : replies;
    }
}
