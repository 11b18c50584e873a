package gladtile.core.typed;

import com.ezylang.evalex.parser.ASTNode;
import com.ezylang.evalex.parser.Token.TokenType;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Writes school mathematics with every sign that a parser wants: 2x(x+1) as 2*x*(x+1), x² as x^(2). */
final class AlgebraSpelling {
    static final Set<String> FUNCTIONS = Set.of("sqrt", "sin", "cos", "tan", "abs", "ln", "exp");
    private static final Set<String> OPERATORS = Set.of("+", "-", "*", "/", "^");
    private static final Pattern PART = Pattern.compile(
            "(?<number>\\d+(?:[.,]\\d+)?|[.,]\\d+)|(?<name>\\p{L}+)|(?<sign>[-+*/^=()])|(?<space>\\s+)|(?<other>.)",
            Pattern.DOTALL);
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    private AlgebraSpelling() {}

    /** Not an error of ours: the one who reads takes it as 'cannot be read'. */
    static final class NotMaths extends RuntimeException {
        NotMaths(String why) {
            super(why, null, false, false);
        }
    }

    static String spelled(String written) {
        String text = signs(written);
        StringBuilder out = new StringBuilder();
        Matcher part = PART.matcher(text);
        boolean value = false;
        while (part.find()) {
            String number = part.group("number");
            String name = part.group("name");
            String sign = part.group("sign");
            if (number != null) {
                value = factor(out, value, number.replace(',', '.'));
            } else if (name != null) {
                value = letters(out, value, name, text.startsWith("(", part.end()));
            } else if (sign != null) {
                if (sign.equals("(")) {
                    out.append(value ? "*(" : "(");
                    value = false;
                } else {
                    out.append(sign);
                    value = sign.equals(")");
                }
            } else if (part.group("other") != null) {
                // Left in, so that the parser refuses it.
                out.append(part.group("other"));
                value = false;
            }
        }
        return out.toString();
    }

    private static boolean factor(StringBuilder out, boolean value, String text) {
        out.append(value ? "*" : "").append(text);
        return true;
    }

    /** A name of a function before a bracket, the number pi, or one variable for each letter. */
    private static boolean letters(StringBuilder out, boolean value, String name, boolean bracket) {
        String small = name.toLowerCase(Locale.ROOT);
        boolean before = value;
        if (bracket) {
            for (String function : FUNCTIONS) {
                if (small.endsWith(function)) {
                    String rest = name.substring(0, name.length() - function.length());
                    before = rest.isEmpty() ? before : letters(out, before, rest, false);
                    out.append(before ? "*" : "").append(function.toUpperCase(Locale.ROOT));
                    return false;
                }
            }
        }
        if (small.equals("pi") || name.equals("π")) {
            return factor(out, before, "PI_");
        }
        for (int i = 0; i < name.length(); i++) {
            before = factor(out, before, name.charAt(i) == 'π' ? "PI_" : "v_" + (int) name.charAt(i) + "_");
        }
        return true;
    }

    private static String signs(String written) {
        StringBuilder text = new StringBuilder();
        boolean up = false;
        for (int i = 0; i < written.length(); i++) {
            char c = written.charAt(i);
            int raised = RAISED.indexOf(c);
            boolean raises =
                    raised >= 0 || c == '⁻' && i + 1 < written.length() && RAISED.indexOf(written.charAt(i + 1)) >= 0;
            if (raises != up) {
                text.append(raises ? "^(" : ")");
                up = raises;
            }
            switch (c) {
                case '−', '–', '⁻' -> text.append('-');
                case '·', '⋅', '×' -> text.append('*');
                case '÷', ':' -> text.append('/');
                case '√' -> text.append("sqrt");
                case '[', '{' -> text.append('(');
                case ']', '}' -> text.append(')');
                default -> text.append(raised >= 0 ? Character.forDigit(raised, 10) : c);
            }
        }
        return text.append(up ? ")" : "")
                .toString()
                .replaceAll("sqrt\\s*(\\d+(?:[.,]\\d+)?|\\p{L})(?!\\()", "sqrt($1)");
    }

    /** Only what is told here is mathematics; the parser knows more. */
    static void check(ASTNode node) {
        String value = node.getToken().getValue();
        TokenType type = node.getToken().getType();
        boolean fine = switch (type) {
            case NUMBER_LITERAL, VARIABLE_OR_CONSTANT -> true;
            case INFIX_OPERATOR, PREFIX_OPERATOR -> OPERATORS.contains(value);
            case FUNCTION -> FUNCTIONS.contains(value.toLowerCase(Locale.ROOT));
            default -> false;
        };
        if (!fine) {
            throw new NotMaths(value + " is no mathematics that is known here");
        }
        node.getParameters().forEach(AlgebraSpelling::check);
    }
}
