package gladtile.core.typed;

import gladtile.core.message.Message;
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
            return Typed.not(Message.of("typed.no-maths"));
        }
        if (given.sides().size() != wanted.sides().size()) {
            return Typed.not(
                    wanted.sides().size() == 2
                            ? Message.of("typed.wants-equation")
                            : Message.of("typed.wants-expression"));
        }
        try {
            return exactly(wanted, given, steps);
        } catch (Fraction.TooLarge | Steps.Over e) {
            return byPoints(wanted, given, Message.of("typed.too-large"));
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
            return Typed.unsure(Message.of("typed.key-divides-by-zero"));
        }
        Fraction b;
        try {
            b = whole(given, unknowns, steps);
        } catch (Unknowns.Undefined e) {
            return Typed.not(Message.of("typed.not-defined"));
        }
        boolean same = wanted.sides().size() == 2 ? a.proportional(b, steps) : a.same(b, steps);
        if (same) {
            return Typed.taken(Message.of("typed.same"));
        }
        return unknowns.opaque()
                ? byPoints(wanted, given, Message.of("typed.functions"))
                : Typed.not(Message.of("typed.not-same"));
    }

    /** Only a difference is proof. */
    private static Typed byPoints(Algebra.Read wanted, Algebra.Read given, Message why) {
        return Points.differ(wanted, given) ? Typed.not(Message.of("typed.differs")) : Typed.unsure(why);
    }

    private static Fraction whole(Algebra.Read read, Unknowns unknowns, Steps steps) {
        Fraction left = unknowns.of(read.sides().get(0));
        return read.sides().size() == 1
                ? left
                : left.plus(unknowns.of(read.sides().get(1)).negated(), steps);
    }
}
