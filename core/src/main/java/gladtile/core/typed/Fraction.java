package gladtile.core.typed;

import static cc.redberry.rings.Rings.Z;

import cc.redberry.rings.bigint.BigInteger;
import cc.redberry.rings.poly.multivar.MonomialOrder;
import cc.redberry.rings.poly.multivar.MultivariatePolynomial;
import java.util.Optional;

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

    /** The number it is, where no variable is left in it; empty otherwise, and for a division by zero. */
    Optional<org.apache.commons.numbers.fraction.BigFraction> constant() {
        if (!above.isConstant() || !below.isConstant() || below.isZero()) {
            return Optional.empty();
        }
        java.math.BigInteger up = new java.math.BigInteger(above.cc().toString());
        java.math.BigInteger down = new java.math.BigInteger(below.cc().toString());
        // The sign stands above: whoever asks for a whole number, or a root, looks at the two by themselves.
        return Optional.of(
                down.signum() < 0
                        ? org.apache.commons.numbers.fraction.BigFraction.of(up.negate(), down.negate())
                        : org.apache.commons.numbers.fraction.BigFraction.of(up, down));
    }

    static Fraction variable(int variables, int index) {
        return new Fraction(
                constant(variables, java.math.BigInteger.ZERO).createMonomial(index, 1),
                constant(variables, java.math.BigInteger.ONE));
    }

    private static MultivariatePolynomial<BigInteger> constant(int variables, java.math.BigInteger value) {
        return MultivariatePolynomial.zero(variables, Z, MonomialOrder.DEFAULT).add(new BigInteger(value));
    }

    Fraction plus(Fraction other, Steps steps) {
        if (below.equals(other.below)) {
            return new Fraction(above.copy().add(other.above), below);
        }
        return new Fraction(
                times(above, other.below, steps).add(times(other.above, below, steps)),
                times(below, other.below, steps));
    }

    Fraction negated() {
        return new Fraction(above.copy().negate(), below);
    }

    Fraction times(Fraction other, Steps steps) {
        return new Fraction(times(above, other.above, steps), times(below, other.below, steps));
    }

    boolean isZero() {
        return above.isZero();
    }

    Fraction inverse() {
        return new Fraction(below, above);
    }

    Fraction power(int n, Steps steps) {
        Fraction base = n < 0 ? inverse() : this;
        Fraction product = null;
        for (int i = 0; i < Math.abs(n); i++) {
            product = product == null ? base : product.times(base, steps);
        }
        return product == null ? number(above.nVariables, java.math.BigInteger.ONE, java.math.BigInteger.ONE) : product;
    }

    boolean same(Fraction other, Steps steps) {
        return times(above, other.below, steps).equals(times(other.above, below, steps));
    }

    /** Whether one is the other times a number other than 0: what makes two equations say the same. */
    boolean proportional(Fraction other, Steps steps) {
        if (isZero() || other.isZero()) {
            return isZero() && other.isZero();
        }
        MultivariatePolynomial<BigInteger> a = times(above, other.below, steps);
        MultivariatePolynomial<BigInteger> b = times(other.above, below, steps);
        return a.copy().multiply(b.lc()).equals(b.copy().multiply(a.lc()));
    }

    private static MultivariatePolynomial<BigInteger> times(
            MultivariatePolynomial<BigInteger> a, MultivariatePolynomial<BigInteger> b, Steps steps) {
        long bits =
                a.maxAbsCoefficient().bitLength() + (long) b.maxAbsCoefficient().bitLength();
        long products = (long) a.size() * b.size();
        if (bits > BITS || products > PRODUCTS || (long) a.degreeSum() + b.degreeSum() > 400) {
            throw new TooLarge();
        }
        // Long coefficients cost more each.
        steps.take(1 + products * (1 + bits / 256));
        return a.copy().multiply(b);
    }
}
