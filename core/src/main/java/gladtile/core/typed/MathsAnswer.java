package gladtile.core.typed;

import com.ezylang.evalex.parser.ASTNode;
import com.ezylang.evalex.parser.Token.TokenType;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Whether two expressions are the same in mathematics. Polynomials and rational functions are decided exactly, by
 * multiplying out with exact integers. A root, a sine and the like stand in that arithmetic as unknowns, so that 'the
 * same' is always true; what is not the same then is tried at points, and a clear difference at one of them is proof.
 * What is neither is said to be undecided. Places where only one of the two is defined do not count: (x²-1)/(x-1) is
 * taken for x+1.
 */
final class MathsAnswer {
    /** The largest whole power that is multiplied out. */
    private static final int POWER = 60;

    private MathsAnswer() {}

    static Typed judge(TypedRule.MathsRule rule, String answer) {
        return judge(rule, answer, Deadline.in(Deadline.MILLIS));
    }

    static Typed judge(TypedRule.MathsRule rule, String answer, Deadline deadline) {
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
            return exactly(wanted, given, deadline);
        } catch (Fraction.TooLarge | Deadline.Over | StackOverflowError e) {
            return byPoints(wanted, given, "It is too large to be multiplied out in time");
        } catch (Nothing e) {
            return Typed.not("It divides by nothing.");
        }
    }

    private static Typed exactly(Algebra.Read wanted, Algebra.Read given, Deadline deadline) {
        Unknowns unknowns = new Unknowns();
        wanted.sides().forEach(unknowns::collect);
        given.sides().forEach(unknowns::collect);
        Fraction a = whole(wanted, unknowns, deadline);
        Fraction b = whole(given, unknowns, deadline);
        boolean same = wanted.sides().size() == 2 ? a.proportional(b, deadline) : a.same(b, deadline);
        if (same) {
            return Typed.taken("It is the same in mathematics.");
        }
        return unknowns.opaque
                ? byPoints(wanted, given, "Roots and functions are not reckoned with exactly")
                : Typed.not("It is not the same in mathematics.");
    }

    /** Only a difference is proof. */
    private static Typed byPoints(Algebra.Read wanted, Algebra.Read given, String why) {
        return Points.differ(wanted, given)
                ? Typed.not("It is not the same in mathematics: it differs at a point.")
                : Typed.unsure(why + ", and no difference was found. Please look yourself.");
    }

    private static Fraction whole(Algebra.Read read, Unknowns unknowns, Deadline deadline) {
        Fraction left = fraction(read.sides().get(0), unknowns, deadline);
        return read.sides().size() == 1
                ? left
                : left.plus(fraction(read.sides().get(1), unknowns, deadline).negated(), deadline);
    }

    /** Not an error: somebody divided by zero. */
    private static final class Nothing extends RuntimeException {
        Nothing() {
            super("division by zero", null, false, false);
        }
    }

    private static Fraction fraction(ASTNode node, Unknowns unknowns, Deadline deadline) {
        deadline.check();
        Integer opaque = unknowns.index.get(Unknowns.key(node));
        if (opaque != null) {
            return Fraction.variable(unknowns.index.size(), opaque);
        }
        if (node.getToken().getType() == TokenType.NUMBER_LITERAL) {
            BigDecimal value = new BigDecimal(node.getToken().getValue());
            int scale = Math.max(0, value.scale());
            return Fraction.number(
                    unknowns.index.size(), value.movePointRight(scale).toBigIntegerExact(), BigInteger.TEN.pow(scale));
        }
        Fraction left = fraction(node.getParameters().get(0), unknowns, deadline);
        String sign = node.getToken().getValue();
        if (node.getParameters().size() == 1) {
            return sign.equals("-") ? left.negated() : left;
        }
        if (sign.equals("^")) {
            int power = Unknowns.wholePower(node);
            if (power < 0 && left.isZero()) {
                throw new Nothing();
            }
            return left.power(power, deadline);
        }
        Fraction right = fraction(node.getParameters().get(1), unknowns, deadline);
        return switch (sign) {
            case "+" -> left.plus(right, deadline);
            case "-" -> left.plus(right.negated(), deadline);
            case "*" -> left.times(right, deadline);
            default -> {
                if (right.isZero()) {
                    throw new Nothing();
                }
                yield left.times(right.inverse(), deadline);
            }
        };
    }

    /** Every variable, and everything that is no rational function of them, as an unknown of its own. */
    private static final class Unknowns {
        private final Map<String, Integer> index = new LinkedHashMap<>();
        private boolean opaque;

        void collect(ASTNode node) {
            TokenType type = node.getToken().getType();
            if (type == TokenType.VARIABLE_OR_CONSTANT) {
                index.putIfAbsent(key(node), index.size());
                // The number pi is an unknown too: it fulfils no equation with whole numbers.
            } else if (type == TokenType.FUNCTION || isOddPower(node)) {
                index.putIfAbsent(key(node), index.size());
                opaque = true;
            } else if (type != TokenType.NUMBER_LITERAL) {
                node.getParameters().forEach(this::collect);
            }
        }

        private static boolean isOddPower(ASTNode node) {
            if (!node.getToken().getValue().equals("^")) {
                return false;
            }
            Integer power = constant(node.getParameters().get(1));
            return power == null || Math.abs(power) > POWER;
        }

        static int wholePower(ASTNode node) {
            Integer power = constant(node.getParameters().get(1));
            if (power == null) {
                throw new Fraction.TooLarge();
            }
            return power;
        }

        /** A whole number with or without a sign; else null. */
        private static Integer constant(ASTNode node) {
            if (node.getToken().getType() == TokenType.PREFIX_OPERATOR) {
                Integer of = constant(node.getParameters().get(0));
                return of == null ? null : node.getToken().getValue().equals("-") ? Integer.valueOf(-of) : of;
            }
            if (node.getToken().getType() != TokenType.NUMBER_LITERAL) {
                return null;
            }
            BigDecimal value = new BigDecimal(node.getToken().getValue());
            boolean whole =
                    value.stripTrailingZeros().scale() <= 0 && value.abs().compareTo(BigDecimal.valueOf(1000)) < 0;
            return whole ? (Integer) value.intValueExact() : null;
        }

        static String key(ASTNode node) {
            StringBuilder key = new StringBuilder(node.getToken().getValue());
            List<String> of = new ArrayList<>();
            node.getParameters().forEach(one -> of.add(key(one)));
            return of.isEmpty() ? key.toString() : key.append(of).toString();
        }
    }
}
