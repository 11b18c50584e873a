package gladtile.core.typed;

import com.ezylang.evalex.config.ExpressionConfiguration;
import com.ezylang.evalex.parser.ASTNode;
import com.ezylang.evalex.parser.ParseException;
import com.ezylang.evalex.parser.ShuntingYardConverter;
import com.ezylang.evalex.parser.Token;
import com.ezylang.evalex.parser.Tokenizer;
import java.util.List;
import java.util.Optional;

/** Reads what is written in the mathematics of school: letters are variables, and products need no sign. */
final class Algebra {
    private static final ExpressionConfiguration PLAIN = ExpressionConfiguration.builder()
            .implicitMultiplicationAllowed(false)
            .arraysAllowed(false)
            .structuresAllowed(false)
            .build();
    /** How deep brackets may lie in one another. */
    private static final int DEPTH = 60;

    private Algebra() {}

    /** One side, or the two sides of an equation. */
    record Read(List<ASTNode> sides) {}

    /** Empty when it cannot be read. */
    static Optional<Read> parse(String written) {
        String spelled = AlgebraSpelling.spelled(written);
        String[] sides = spelled.split("=", -1);
        if (sides.length > 2 || deeperThan(spelled, DEPTH)) {
            return Optional.empty();
        }
        try {
            ASTNode left = side(sides[0]);
            return Optional.of(new Read(sides.length == 1 ? List.of(left) : List.of(left, side(sides[1]))));
        } catch (ParseException | AlgebraSpelling.NotMaths e) {
            return Optional.empty();
        }
    }

    private static ASTNode side(String text) throws ParseException {
        List<Token> tokens = new Tokenizer(text, PLAIN).parse();
        ASTNode top = new ShuntingYardConverter(text, tokens, PLAIN).toAbstractSyntaxTree();
        AlgebraSpelling.check(top);
        return top;
    }

    private static boolean deeperThan(String text, int most) {
        int depth = 0;
        for (int i = 0; i < text.length(); i++) {
            depth += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
            if (depth > most) {
                return true;
            }
        }
        return false;
    }
}
