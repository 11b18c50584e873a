package gladtile.core.typed;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;

/** Looks for a point where two expressions differ by more than the arithmetic of doubles can. */
final class Points {
    private static final int MOST = 60;
    private static final double CLEARLY = 1e-6;

    private Points() {}

    /** True is proof that they are not the same; false says nothing. Equations are compared by their difference. */
    static boolean differ(Algebra.Read a, Algebra.Read b) {
        // Seeded, so that the same answer is always told the same.
        Random random = new Random(19);
        double ratio = Double.NaN;
        for (int i = 0; i < MOST; i++) {
            Map<String, Double> at = new HashMap<>();
            Random values = new Random(random.nextLong());
            double left = value(a, at, values);
            double right = value(b, at, values);
            if (!usable(left) || !usable(right)) {
                continue;
            }
            if (a.sides().size() == 1) {
                if (apart(left, right)) {
                    return true;
                }
            } else if (Math.abs(left) > CLEARLY && Math.abs(right) > CLEARLY) {
                double now = left / right;
                if (!Double.isNaN(ratio) && apart(now, ratio)) {
                    return true;
                }
                ratio = now;
            }
        }
        return false;
    }

    private static boolean usable(double value) {
        return Double.isFinite(value) && Math.abs(value) < 1e9;
    }

    private static boolean apart(double a, double b) {
        return Math.abs(a - b) > CLEARLY * Math.max(1, Math.max(Math.abs(a), Math.abs(b)));
    }

    private static double value(Algebra.Read read, Map<String, Double> at, Random values) {
        double left = value(read.sides().get(0), at, values);
        return read.sides().size() == 1 ? left : left - value(read.sides().get(1), at, values);
    }

    /** Of either sign, so that |x| is told from x; above zero more often, where roots and logarithms are defined. */
    private static double somewhere(Random values) {
        double size = 0.2 + 2.5 * values.nextDouble();
        return values.nextInt(4) == 0 ? -size : size;
    }

    /** By functions whose results are the same on every machine. */
    private static double value(Expr expr, Map<String, Double> at, Random values) {
        if (expr instanceof Expr.Constant constant) {
            return constant.value().doubleValue();
        }
        if (expr instanceof Expr.Variable variable) {
            return switch (variable.name()) {
                case "π" -> Math.PI;
                // It may be a variable as well; a difference at this value is one all the same.
                case "e" -> Math.E;
                default -> at.computeIfAbsent(variable.name(), name -> somewhere(values));
            };
        }
        if (expr instanceof Expr.Negated negated) {
            return -value(negated.of(), at, values);
        }
        if (expr instanceof Expr.Call call) {
            double of = value(call.of(), at, values);
            return switch (call.function()) {
                case SQRT -> StrictMath.sqrt(of);
                case SIN -> StrictMath.sin(of);
                case COS -> StrictMath.cos(of);
                case TAN -> StrictMath.tan(of);
                case LN -> StrictMath.log(of);
                case LOG -> StrictMath.log10(of);
                case EXP -> StrictMath.exp(of);
                case ABS -> Math.abs(of);
            };
        }
        Expr.Operation operation = (Expr.Operation) expr;
        double left = value(operation.left(), at, values);
        double right = value(operation.right(), at, values);
        return switch (operation.sign()) {
            case '+' -> left + right;
            case '-' -> left - right;
            case '*' -> left * right;
            case '/' -> left / right;
            default -> StrictMath.pow(left, right);
        };
    }
}
