package gladtile.server.classes;

import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import org.springframework.dao.DuplicateKeyException;

/**
 * Codes that a class types: six of 24 signs, some 191 million codes. Left out are signs that children take for one
 * another (0 and O, 1, I and L, 2 and Z, 5 and S, 8 and B, U and V).
 */
public final class JoinCode {
    private static final String SIGNS = "ACDEFGHJKMNPQRTVWXY34679";
    private static final int LENGTH = 6;
    private static final int TRIED = 5;

    private JoinCode() {}

    public static String make() {
        return make(new SecureRandom());
    }

    /**
     * A code that nobody has.
     *
     * @param keep keeps it, or throws when somebody has it already
     */
    public static String fresh(Consumer<String> keep) {
        for (int i = 1; ; i++) {
            String code = make();
            try {
                keep.accept(code);
                return code;
            } catch (DuplicateKeyException taken) {
                if (i == TRIED) {
                    throw taken;
                }
            }
        }
    }

    static String make(RandomGenerator random) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return code.toString();
    }

    /** What was typed, without spaces and hyphens and in large letters; empty when it cannot be a code. */
    public static Optional<String> read(String typed) {
        String code = typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        boolean possible = code.length() == LENGTH && code.chars().allMatch(sign -> SIGNS.indexOf(sign) >= 0);
        return possible ? Optional.of(code) : Optional.empty();
    }
}
