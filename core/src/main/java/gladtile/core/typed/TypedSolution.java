package gladtile.core.typed;

import java.math.BigDecimal;

/** What is shown as the right answer of a gap. */
public final class TypedSolution {
    private TypedSolution() {}

    /** Empty for a pattern, of which nobody can say which answer is meant. */
    public static String of(TypedRule rule) {
        if (rule instanceof TypedRule.TextRule text) {
            return text.alternatives().get(0);
        }
        if (rule instanceof TypedRule.NumberRule number) {
            String value =
                    BigDecimal.valueOf(number.value()).stripTrailingZeros().toPlainString();
            return number.unit() == null ? value : value + " " + number.unit();
        }
        return rule instanceof TypedRule.MathsRule maths ? maths.expression() : "";
    }
}
