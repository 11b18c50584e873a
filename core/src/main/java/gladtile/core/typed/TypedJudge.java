package gladtile.core.typed;

import gladtile.core.Bounds;
import gladtile.core.message.Message;

/** Holds a typed answer against its rule, within the bounds of {@link Steps}. */
public final class TypedJudge {
    private TypedJudge() {}

    /** Whether any answer can be right: none is the same as what divides by zero. */
    public static boolean canBeMet(TypedRule.MathsRule rule) {
        return MathsAnswer.defined(rule);
    }

    /** For an activity that does not say its language. */
    public static Typed judge(TypedRule rule, String answer) {
        return judge(rule, answer, null);
    }

    /**
     * @param answer at most {@link Bounds#TYPED_LENGTH} UTF-16 units
     * @param language of the activity, as a BCP 47 tag; null where it does not say
     */
    public static Typed judge(TypedRule rule, String answer, String language) {
        Bounds.text("typed.answer", answer, Bounds.TYPED_LENGTH);
        if (answer.isBlank()) {
            return Typed.not(Message.of("typed.nothing-written"));
        }
        if (rule instanceof TypedRule.TextRule text) {
            return TextAnswer.judge(text, answer, language);
        }
        if (rule instanceof TypedRule.NumberRule number) {
            return NumberAnswer.judge(number, answer);
        }
        if (rule instanceof TypedRule.MathsRule maths) {
            return MathsAnswer.judge(maths, answer);
        }
        return PatternAnswer.judge((TypedRule.PatternRule) rule, answer);
    }
}
