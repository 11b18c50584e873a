package gladtile.core.typed;

import org.apache.commons.numbers.fraction.BigFraction;

/** Mathematics as it was read: exact numbers, variables of one letter, the five operations and functions. */
sealed interface Expr {
    /** @param value never negative; a sign before it is a {@link Negated} */
    record Constant(BigFraction value) implements Expr {}

    /** @param name one letter, or π */
    record Variable(String name) implements Expr {}

    record Negated(Expr of) implements Expr {}

    /** @param sign one of {@code + - * / ^} */
    record Operation(char sign, Expr left, Expr right) implements Expr {}

    record Call(Function function, Expr of) implements Expr {}

    /** What school writes by name. Logarithms: ln to the base e, log and lg to the base 10. */
    enum Function {
        SQRT,
        SIN,
        COS,
        TAN,
        LN,
        LOG,
        EXP,
        ABS;

        /** Whether a sign before what is inside can be taken out: sin(-x) is -sin(x), cos(-x) is cos(x). */
        boolean odd() {
            return this == SIN || this == TAN;
        }

        boolean even() {
            return this == COS || this == ABS;
        }
    }
}
