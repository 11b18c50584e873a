package gladtile.core.typed;

import gladtile.core.typed.Expr.Call;
import gladtile.core.typed.Expr.Constant;
import gladtile.core.typed.Expr.Function;
import gladtile.core.typed.Expr.Negated;
import gladtile.core.typed.Expr.Operation;
import gladtile.core.typed.Expr.Variable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Reads what is written in the mathematics of school, by its conventions (common practice): products need no sign, each
 * letter is a variable, a power binds tighter than a sign before it (-x² is -(x²)) and is read from the right
 * (2^3^2 is 2^9), |x| is the absolute value, sin x and sin²(x) are read as they are meant.
 *
 * <p>Long because a parser is read as one grammar, from the loosest binding to the tightest.
 */
final class Algebra {
    /** How deep brackets and signs may lie in one another. */
    private static final int DEPTH = 120;
    /** The longest first, so that sqrt is not taken for letters. */
    private static final Map<String, Function> NAMES =
            new TreeMap<>((a, b) -> a.length() == b.length() ? a.compareTo(b) : b.length() - a.length());

    static {
        NAMES.put("sqrt", Function.SQRT);
        NAMES.put("sin", Function.SIN);
        NAMES.put("cos", Function.COS);
        NAMES.put("tan", Function.TAN);
        NAMES.put("ln", Function.LN);
        NAMES.put("log", Function.LOG);
        NAMES.put("lg", Function.LOG);
        NAMES.put("exp", Function.EXP);
        NAMES.put("abs", Function.ABS);
    }

    private final String text;
    private int at;
    private int depth;
    /** How many absolute values are open here; a bar behind a value closes one. */
    private int bars;

    private Algebra(String text) {
        this.text = text;
    }

    /** One side, or the two sides of an equation. */
    record Read(List<Expr> sides) {}

    /** Not an error of ours: whoever reads takes it as 'cannot be read'. */
    private static final class NotMaths extends RuntimeException {
        private static final long serialVersionUID = 1;

        NotMaths() {
            super("no mathematics", null, false, false);
        }
    }

    /** Empty when it cannot be read. */
    static Optional<Read> parse(String written) {
        String[] sides = MathsText.plain(written).split("=", -1);
        if (sides.length > 2) {
            return Optional.empty();
        }
        try {
            List<Expr> read = new ArrayList<>();
            for (String side : sides) {
                read.add(new Algebra(side).whole());
            }
            return Optional.of(new Read(List.copyOf(read)));
        } catch (NotMaths e) {
            return Optional.empty();
        }
    }

    private Expr whole() {
        Expr all = sum();
        if (peek() != 0) {
            throw new NotMaths();
        }
        return all;
    }

    private Expr sum() {
        Expr left = signed();
        while (peek() == '+' || peek() == '-') {
            char sign = take();
            left = new Operation(sign, left, signed());
        }
        return left;
    }

    /** A sign binds looser than a product: -2x is -(2x), which is the same. */
    private Expr signed() {
        return deeper(() -> {
            if (peek() == '-') {
                take();
                return new Negated(signed());
            }
            if (peek() == '+') {
                take();
                return signed();
            }
            return product();
        });
    }

    private Expr product() {
        Expr left = power();
        while (true) {
            char next = peek();
            if (next == '*' || next == '/') {
                take();
                left = new Operation(next, left, signedFactor());
            } else if (beginsFactor(next)) {
                left = new Operation('*', left, power());
            } else {
                return left;
            }
        }
    }

    private Expr signedFactor() {
        return deeper(() -> {
            if (peek() == '-') {
                take();
                return new Negated(signedFactor());
            }
            if (peek() == '+') {
                take();
                return signedFactor();
            }
            return power();
        });
    }

    /** Whether what comes is multiplied with what was before, without a sign. Two numbers in a row are no product. */
    private boolean beginsFactor(char next) {
        if (isDigit(next) || next == '.' || next == ',') {
            int back = at - 1;
            while (back >= 0 && text.charAt(back) == ' ') {
                back--;
            }
            return back >= 0 && !isDigit(text.charAt(back));
        }
        return next == '(' || Character.isLetter(next) || next == '|' && bars == 0;
    }

    private Expr power() {
        Expr base = atom();
        if (peek() != '^') {
            return base;
        }
        take();
        return new Operation('^', base, exponent());
    }

    private Expr exponent() {
        return deeper(() -> {
            if (peek() == '-') {
                take();
                return new Negated(exponent());
            }
            if (peek() == '+') {
                take();
                return exponent();
            }
            return power();
        });
    }

    private Expr atom() {
        char next = peek();
        if (isDigit(next) || next == '.' || next == ',') {
            return number();
        }
        if (next == '(') {
            return bracket();
        }
        if (next == '|') {
            take();
            bars++;
            Expr inside = deeper(this::sum);
            expect('|');
            bars--;
            return new Call(Function.ABS, inside);
        }
        if (Character.isLetter(next)) {
            return named();
        }
        throw new NotMaths();
    }

    private Expr bracket() {
        expect('(');
        // A bar within a bracket opens anew.
        int outside = bars;
        bars = 0;
        Expr inside = deeper(this::sum);
        bars = outside;
        expect(')');
        return inside;
    }

    /** Digits with a decimal point or comma, and a fraction behind them as in 1½. */
    private Expr number() {
        int from = at;
        while (at < text.length() && isDigit(text.charAt(at))) {
            at++;
        }
        String whole = text.substring(from, at);
        String parts = "";
        if (at < text.length() && (text.charAt(at) == '.' || text.charAt(at) == ',')) {
            int behind = ++at;
            while (at < text.length() && isDigit(text.charAt(at))) {
                at++;
            }
            parts = text.substring(behind, at);
        }
        if (whole.isEmpty() && parts.isEmpty()) {
            throw new NotMaths();
        }
        BigFraction value = BigFraction.of(new BigInteger("0" + whole + parts), BigInteger.TEN.pow(parts.length()));
        if (at < text.length() && text.charAt(at) == '_') {
            at++;
            Operation fraction = (Operation) bracket();
            value = value.add(((Constant) fraction.left()).value().divide(((Constant) fraction.right()).value()));
        }
        return new Constant(value);
    }

    /** A function, π, or a variable. Of letters in a row the function stands first, or last before a bracket. */
    private Expr named() {
        for (Map.Entry<String, Function> one : NAMES.entrySet()) {
            String name = one.getKey();
            if (functionAt(name, one.getValue())) {
                at += name.length();
                return call(one.getValue());
            }
        }
        if (text.regionMatches(true, at, "pi", 0, 2)
                && (at + 2 == text.length() || !Character.isLetter(text.charAt(at + 2)))) {
            at += 2;
            return new Variable("π");
        }
        char letter = text.charAt(at++);
        if (Character.isSurrogate(letter)) {
            throw new NotMaths();
        }
        return new Variable(String.valueOf(letter));
    }

    /** sin(x), sin x, sin 2x, sin²(x): without a bracket it takes what is multiplied without a sign, up to a bracket. */
    private Expr call(Function function) {
        Expr power = null;
        if (peek() == '^') {
            take();
            power = exponent();
        }
        Expr of = peek() == '(' || peek() == '|' ? atom() : function == Function.SQRT ? bare() : bareProduct();
        Expr call = new Call(function, of);
        return power == null ? call : new Operation('^', call, power);
    }

    private Expr bare() {
        char next = peek();
        if (!isDigit(next) && !Character.isLetter(next)) {
            throw new NotMaths();
        }
        return deeper(this::atom);
    }

    private Expr bareProduct() {
        Expr left = deeper(() -> isDigit(peek()) || Character.isLetter(peek()) ? power() : fail());
        while (Character.isLetter(peek()) && !functionBegins()) {
            left = new Operation('*', left, power());
        }
        return left;
    }

    private boolean functionBegins() {
        return NAMES.entrySet().stream().anyMatch(one -> functionAt(one.getKey(), one.getValue()));
    }

    /** Letters that spell a name are that function only where something stands behind them for it to take. */
    private boolean functionAt(String name, Function function) {
        if (!text.regionMatches(true, at, name, 0, name.length())) {
            return false;
        }
        int behind = at + name.length();
        while (behind < text.length() && text.charAt(behind) == ' ') {
            behind++;
        }
        char next = behind < text.length() ? text.charAt(behind) : 0;
        if (next == '(' || next == '|' || next == '^' && function != Function.SQRT) {
            return true;
        }
        return function != Function.ABS && function != Function.EXP && (isDigit(next) || Character.isLetter(next));
    }

    private static Expr fail() {
        throw new NotMaths();
    }

    private interface Part {
        Expr read();
    }

    private Expr deeper(Part part) {
        if (++depth > DEPTH) {
            throw new NotMaths();
        }
        Expr read = part.read();
        depth--;
        return read;
    }

    /** The next sign behind any space; 0 at the end. */
    private char peek() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
        return at < text.length() ? text.charAt(at) : 0;
    }

    private char take() {
        return text.charAt(at++);
    }

    private void expect(char sign) {
        if (peek() != sign) {
            throw new NotMaths();
        }
        at++;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static String nameOf(Function function) {
        return function.name().toLowerCase(Locale.ROOT);
    }
}
