package gladtile.core.typed;

import java.util.List;
import java.util.stream.Stream;

/**
 * Whether two expressions are the same in mathematics. Polynomials and rational functions are decided exactly, by
 * multiplying out with exact integers. A root, a sine and the like stand in that arithmetic as unknowns, so that 'the
 * same' is always true; what is not the same then is tried at points, and a clear difference at one of them is proof.
 * What is neither is said to be undecided. Places where only one of the two is defined do not count: (x²-1)/(x-1) is
 * taken for x+1.
 */
final class MathsAnswer {
    private MathsAnswer() {}

    static Typed judge(TypedRule.MathsRule rule, String answer) {
        return judge(rule, answer, Steps.usual());
    }

    static Typed judge(TypedRule.MathsRule rule, String answer, Steps steps) {
        Algebra.Read wanted = Algebra.parse(rule.expression()).orElseThrow();
        Algebra.Read given = Algebra.parse(answer).orElse(null);
        if (given == null) {
            return Typed.not("It cannot be read as mathematics.");
        }
        if (given.sides().size() != wanted.sides().size()) {
            return Typed.not(
                    wanted.sides().size() == 2
                            ? "An equation is wanted."
                            : "An expression is wanted, not an equation.");
        }
        try {
            return exactly(wanted, given, steps);
        } catch (Fraction.TooLarge | Steps.Over e) {
            return byPoints(wanted, given, "It is too large to be multiplied out");
        }
    }

    /** Whether a key can be met at all: one that divides by zero never is. */
    static boolean defined(TypedRule.MathsRule rule) {
        Algebra.Read wanted = Algebra.parse(rule.expression()).orElseThrow();
        Steps steps = Steps.usual();
        Unknowns unknowns = new Unknowns(wanted.sides(), steps);
        try {
            whole(wanted, unknowns, steps);
            return true;
        } catch (Unknowns.Undefined e) {
            return false;
        } catch (Fraction.TooLarge | Steps.Over e) {
            return true;
        }
    }

    private static Typed exactly(Algebra.Read wanted, Algebra.Read given, Steps steps) {
        List<Expr> all =
                Stream.concat(wanted.sides().stream(), given.sides().stream()).toList();
        Unknowns unknowns = new Unknowns(all, steps);
        Fraction a;
        try {
            a = whole(wanted, unknowns, steps);
        } catch (Unknowns.Undefined e) {
            return Typed.unsure("The key itself divides by zero. Please look yourself.");
        }
        Fraction b;
        try {
            b = whole(given, unknowns, steps);
        } catch (Unknowns.Undefined e) {
            return Typed.not("It divides by zero, or takes a root of less than zero.");
        }
        boolean same = wanted.sides().size() == 2 ? a.proportional(b, steps) : a.same(b, steps);
        if (same) {
            return Typed.taken("It is the same in mathematics.");
        }
        return unknowns.opaque()
                ? byPoints(wanted, given, "Roots and functions are not reckoned with exactly")
                : Typed.not("It is not the same in mathematics.");
    }

    /** Only a difference is proof. */
    private static Typed byPoints(Algebra.Read wanted, Algebra.Read given, String why) {
        return Points.differ(wanted, given)
                ? Typed.not("It is not the same in mathematics: it differs at a point.")
                : Typed.unsure(why + ", and no difference was found. Please look yourself.");
    }

    private static Fraction whole(Algebra.Read read, Unknowns unknowns, Steps steps) {
        Fraction left = unknowns.of(read.sides().get(0));
        return read.sides().size() == 1
                ? left
                : left.plus(unknowns.of(read.sides().get(1)).negated(), steps);
    }
}
