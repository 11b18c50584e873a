package gladtile.core.typed;

import cc.redberry.rings.bigint.BigInteger;
import cc.redberry.rings.poly.multivar.MultivariatePolynomial;
import gladtile.core.typed.Expr.Call;
import gladtile.core.typed.Expr.Constant;
import gladtile.core.typed.Expr.Function;
import gladtile.core.typed.Expr.Negated;
import gladtile.core.typed.Expr.Operation;
import gladtile.core.typed.Expr.Variable;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Mathematics as rational functions of unknowns: each variable, π, and each root, sine and the like is one, told apart by
 * what stands within it once that is multiplied out. Numbers are reckoned exactly: a root of a square number is a number,
 * 2^(1+2) is 8.
 */
final class Unknowns {
    /** The largest whole power that is multiplied out, and of a number. */
    private static final int POWER = 60;

    private static final int NUMBER_POWER = 1000;

    private final int most;
    private final Steps steps;
    private final Map<String, Integer> index = new LinkedHashMap<>();
    private boolean opaque;

    /** @param all everything that is to be compared */
    Unknowns(List<Expr> all, Steps steps) {
        this.most = all.stream().mapToInt(Unknowns::leaves).sum();
        this.steps = steps;
    }

    /** Whether something stands for itself that may be equal to something that looks different. */
    boolean opaque() {
        return opaque;
    }

    /** Not an error: somebody divided by zero, or took the root or the logarithm of what has none. */
    static final class Undefined extends RuntimeException {
        private static final long serialVersionUID = 1;

        Undefined() {
            super("not defined", null, false, false);
        }
    }

    /** How many unknowns it can have at most. */
    private static int leaves(Expr expr) {
        if (expr instanceof Variable) {
            return 1;
        }
        if (expr instanceof Negated negated) {
            return leaves(negated.of());
        }
        if (expr instanceof Operation operation) {
            return 1 + leaves(operation.left()) + leaves(operation.right());
        }
        return expr instanceof Call call ? 2 + leaves(call.of()) : 0;
    }

    Fraction of(Expr expr) {
        steps.take(1);
        if (expr instanceof Constant constant) {
            return number(constant.value());
        }
        if (expr instanceof Variable variable) {
            return unknown(variable.name());
        }
        if (expr instanceof Negated negated) {
            return of(negated.of()).negated();
        }
        if (expr instanceof Call call) {
            return called(call.function(), of(call.of()));
        }
        Operation operation = (Operation) expr;
        Fraction left = of(operation.left());
        Fraction right = of(operation.right());
        return switch (operation.sign()) {
            case '+' -> left.plus(right, steps);
            case '-' -> left.plus(right.negated(), steps);
            case '*' -> left.times(right, steps);
            case '/' -> left.times(inverse(right), steps);
            default -> power(left, right);
        };
    }

    private static Fraction inverse(Fraction of) {
        if (of.isZero()) {
            throw new Undefined();
        }
        return of.inverse();
    }

    private Fraction power(Fraction base, Fraction exponent) {
        BigFraction number = exponent.constant().orElse(null);
        if (number != null && number.getDenominator().equals(java.math.BigInteger.ONE)) {
            java.math.BigInteger whole = number.getNumerator();
            int least = base.constant().isPresent() ? NUMBER_POWER : POWER;
            if (whole.abs().compareTo(java.math.BigInteger.valueOf(least)) > 0) {
                if (base.constant().isPresent()) {
                    throw new Fraction.TooLarge();
                }
                return unknown("pow[" + key(base) + "][" + key(exponent) + "]", true);
            }
            if (whole.signum() < 0 && base.isZero()) {
                throw new Undefined();
            }
            return base.power(whole.intValueExact(), steps);
        }
        if (number != null && number.equals(BigFraction.of(1, 2))) {
            return called(Function.SQRT, base);
        }
        if (isE(base)) {
            return called(Function.EXP, exponent);
        }
        return unknown("pow[" + key(base) + "][" + key(exponent) + "]", true);
    }

    private Fraction called(Function function, Fraction of) {
        BigFraction number = of.constant().orElse(null);
        switch (function) {
            case SQRT -> {
                Optional<Fraction> root = number == null ? Optional.empty() : root(number);
                if (root.isPresent()) {
                    return root.get();
                }
            }
            case ABS -> {
                if (number != null) {
                    return number(number.abs());
                }
            }
            case EXP -> {
                boolean whole = number != null && number.getDenominator().equals(java.math.BigInteger.ONE);
                if (whole && number.getNumerator().abs().bitLength() < 6) {
                    return unknown("e").power(number.intValue(), steps);
                }
            }
            case LN, LOG -> {
                if (number != null && number.signum() <= 0) {
                    throw new Undefined();
                }
                if (number != null && number.equals(BigFraction.ONE)) {
                    return number(BigFraction.ZERO);
                }
                if (function == Function.LN && isE(of)
                        || function == Function.LOG && number != null && number.equals(BigFraction.of(10))) {
                    return number(BigFraction.ONE);
                }
            }
            default -> {
                if (of.isZero()) {
                    return number(function == Function.COS ? BigFraction.ONE : BigFraction.ZERO);
                }
            }
        }
        boolean turned = (function.odd() || function.even()) && leadsNegative(of);
        Fraction inside = turned ? of.negated() : of;
        Fraction call = unknown(Algebra.nameOf(function) + "[" + key(inside) + "]", true);
        return turned && function.odd() ? call.negated() : call;
    }

    /** The exact root of a number; empty where it has none that is a fraction. */
    private Optional<Fraction> root(BigFraction of) {
        if (of.signum() < 0) {
            throw new Undefined();
        }
        java.math.BigInteger above = of.getNumerator().sqrt();
        java.math.BigInteger below = of.getDenominator().sqrt();
        boolean exact = above.multiply(above).equals(of.getNumerator())
                && below.multiply(below).equals(of.getDenominator());
        return exact ? Optional.of(number(BigFraction.of(above, below))) : Optional.empty();
    }

    private static boolean leadsNegative(Fraction of) {
        return of.above().lc().signum() * of.below().lc().signum() < 0;
    }

    private boolean isE(Fraction of) {
        return index.containsKey("e") && of.same(unknown("e"), steps);
    }

    private Fraction number(BigFraction value) {
        return Fraction.number(most, value.getNumerator(), value.getDenominator());
    }

    private Fraction unknown(String name) {
        return unknown(name, false);
    }

    private Fraction unknown(String name, boolean standsForItself) {
        opaque |= standsForItself;
        return Fraction.variable(most, index.computeIfAbsent(name, new_ -> index.size()));
    }

    /**
     * Written so that what is the same is mostly written the same: over a common number where nothing but a number is
     * below. Where it is not, 'the same' is not found here, and points decide.
     */
    private String key(Fraction of) {
        steps.take(1 + of.above().size() + of.below().size());
        if (!of.below().isConstant()) {
            return of.above() + "|" + of.below();
        }
        BigInteger below = of.below().cc();
        BigInteger common = of.above().content().gcd(below).abs();
        if (below.signum() < 0) {
            common = common.negate();
        }
        MultivariatePolynomial<BigInteger> above = of.above().copy().divideExact(common);
        return above + "|" + below.divideExact(common);
    }
}
