package gladtile.core.typed;

import com.ezylang.evalex.parser.ASTNode;
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

    private static double value(ASTNode node, Map<String, Double> at, Random values) {
        String token = node.getToken().getValue();
        switch (node.getToken().getType()) {
            case NUMBER_LITERAL:
                return Double.parseDouble(token);
            case VARIABLE_OR_CONSTANT:
                return token.equals("PI_")
                        ? Math.PI
                        : at.computeIfAbsent(token, name -> 0.2 + 2.5 * values.nextDouble());
            default:
        }
        double left = value(node.getParameters().get(0), at, values);
        if (node.getParameters().size() == 1) {
            return switch (token.toLowerCase(java.util.Locale.ROOT)) {
                case "-" -> -left;
                case "sqrt" -> Math.sqrt(left);
                case "sin" -> Math.sin(left);
                case "cos" -> Math.cos(left);
                case "tan" -> Math.tan(left);
                case "abs" -> Math.abs(left);
                case "ln" -> Math.log(left);
                case "exp" -> Math.exp(left);
                default -> left;
            };
        }
        double right = value(node.getParameters().get(1), at, values);
        return switch (token) {
            case "+" -> left + right;
            case "-" -> left - right;
            case "*" -> left * right;
            case "/" -> left / right;
            default -> Math.pow(left, right);
        };
    }
}
