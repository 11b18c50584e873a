package gladtile.server.accounts;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Which passwords are taken: long enough, and none that is guessed soon. No kinds of characters are asked for. */
@Component
public class PasswordRule {
    public static final int LEAST = 10;
    /** Of 0 to 4, as the library rates them; 3 withstands 100 million guesses. */
    private static final int STRENGTH = 3;

    private final Zxcvbn rating = new Zxcvbn();

    /**
     * Why a password is refused; empty where it is taken.
     *
     * @param about names that are guessed first, such as the person's own
     */
    public Optional<String> refusal(String password, List<String> about) {
        if (password.codePointCount(0, password.length()) < LEAST) {
            return Optional.of("A password has at least %d characters. Nothing was changed.".formatted(LEAST));
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > SignIn.SECRET_BYTES) {
            return Optional.of("A password has at most %d bytes, which is %1$d plain letters. Nothing was changed."
                    .formatted(SignIn.SECRET_BYTES));
        }
        return rating.measure(password, about).getScore() < STRENGTH
                ? Optional.of(
                        "This password is guessed soon. Take four words that do not belong together, or a longer one."
                                + " Nothing was changed.")
                : Optional.empty();
    }
}
