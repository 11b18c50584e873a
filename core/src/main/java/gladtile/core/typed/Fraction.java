package gladtile.core.typed;

import static cc.redberry.rings.Rings.Z;

import cc.redberry.rings.bigint.BigInteger;
import cc.redberry.rings.poly.multivar.MonomialOrder;
import cc.redberry.rings.poly.multivar.MultivariatePolynomial;

/**
 * A rational function: two polynomials over the integers. It is never reduced, since equality needs no reduced form;
 * so its cost is bounded by counting terms before each product.
 */
record Fraction(MultivariatePolynomial<BigInteger> above, MultivariatePolynomial<BigInteger> below) {
    /** Products of terms in one multiplication. */
    private static final long PRODUCTS = 40_000;

    private static final int BITS = 20_000;

    /** Not an error: the one who asks says that it cannot decide. */
    static final class TooLarge extends RuntimeException {
        TooLarge() {
            super("the expression grows too large", null, false, false);
        }
    }

    static Fraction number(int variables, java.math.BigInteger above, java.math.BigInteger below) {
        return new Fraction(constant(variables, above), constant(variables, below));
    }

    static Fraction variable(int variables, int index) {
        return new Fraction(
                constant(variables, java.math.BigInteger.ZERO).createMonomial(index, 1),
                constant(variables, java.math.BigInteger.ONE));
    }

    private static MultivariatePolynomial<BigInteger> constant(int variables, java.math.BigInteger value) {
        return MultivariatePolynomial.zero(variables, Z, MonomialOrder.DEFAULT).add(new BigInteger(value));
    }

    Fraction plus(Fraction other, Deadline deadline) {
        if (below.equals(other.below)) {
            return new Fraction(above.copy().add(other.above), below);
        }
        return new Fraction(
                times(above, other.below, deadline).add(times(other.above, below, deadline)),
                times(below, other.below, deadline));
    }

    Fraction negated() {
        return new Fraction(above.copy().negate(), below);
    }

    Fraction times(Fraction other, Deadline deadline) {
        return new Fraction(times(above, other.above, deadline), times(below, other.below, deadline));
    }

    boolean isZero() {
        return above.isZero();
    }

    Fraction inverse() {
        return new Fraction(below, above);
    }

    Fraction power(int n, Deadline deadline) {
        Fraction base = n < 0 ? inverse() : this;
        Fraction product = null;
        for (int i = 0; i < Math.abs(n); i++) {
            product = product == null ? base : product.times(base, deadline);
        }
        return product == null ? number(above.nVariables, java.math.BigInteger.ONE, java.math.BigInteger.ONE) : product;
    }

    boolean same(Fraction other, Deadline deadline) {
        return times(above, other.below, deadline).equals(times(other.above, below, deadline));
    }

    /** Whether one is the other times a number other than 0: what makes two equations say the same. */
    boolean proportional(Fraction other, Deadline deadline) {
        if (isZero() || other.isZero()) {
            return isZero() && other.isZero();
        }
        MultivariatePolynomial<BigInteger> a = times(above, other.below, deadline);
        MultivariatePolynomial<BigInteger> b = times(other.above, below, deadline);
        return a.copy().multiply(b.lc()).equals(b.copy().multiply(a.lc()));
    }

    private static MultivariatePolynomial<BigInteger> times(
            MultivariatePolynomial<BigInteger> a, MultivariatePolynomial<BigInteger> b, Deadline deadline) {
        deadline.check();
        boolean long_ =
                a.maxAbsCoefficient().bitLength() + (long) b.maxAbsCoefficient().bitLength() > BITS;
        if (long_ || (long) a.size() * b.size() > PRODUCTS || (long) a.degreeSum() + b.degreeSum() > 400) {
            throw new TooLarge();
        }
        return a.copy().multiply(b);
    }
}
