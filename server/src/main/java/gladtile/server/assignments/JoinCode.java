package gladtile.server.assignments;

import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;

/**
 * Codes that a class types: six of 24 signs, some 191 million codes. Left out are signs that children take for one
 * another (0 and O, 1, I and L, 2 and Z, 5 and S, 8 and B, U and V).
 */
final class JoinCode {
    private static final String SIGNS = "ACDEFGHJKMNPQRTVWXY34679";
    private static final int LENGTH = 6;

    private JoinCode() {}

    static String make() {
        return make(new SecureRandom());
    }

    static String make(RandomGenerator random) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            code.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return code.toString();
    }

    /** What was typed, without spaces and hyphens and in large letters; empty when it cannot be a code. */
    static Optional<String> read(String typed) {
        String code = typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT);
        boolean possible = code.length() == LENGTH && code.chars().allMatch(sign -> SIGNS.indexOf(sign) >= 0);
        return possible ? Optional.of(code) : Optional.empty();
    }
}
