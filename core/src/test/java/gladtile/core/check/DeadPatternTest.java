package gladtile.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.regex.Pattern;
import java.util.regex.PatternSyntaxException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DeadPatternTest {
    @ParameterizedTest
    @ValueSource(strings = {"a^b", "a$b", "(a|b)^c", "moon$s", "(a^b)+", "x(?:y$)z", "a^|b$c", "[ab]^", "(a^b)c|d^e"})
    void nothing_fits(String pattern) {
        assertThat(DeadPattern.is(pattern)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "^a$", "a*^b", "a^b|c", "(a^b)?c", "[^a]$", "\\^a", "a$\\b", "a{0}^b", "^^a$$", "(^a|b)c", "[]a]^*b"
            })
    void something_may_fit(String pattern) {
        assertThat(DeadPattern.is(pattern)).isFalse();
    }

    /** No pattern is called dead that fits a text: random patterns over a few signs, tried on all short texts. */
    @Test
    void what_fits_a_text_is_never_called_dead() {
        Random random = new Random(5);
        String signs = "aab^$|()?*";
        int dead = 0;
        for (int i = 0; i < 20_000; i++) {
            StringBuilder made = new StringBuilder();
            int length = 1 + random.nextInt(8);
            for (int k = 0; k < length; k++) {
                made.append(signs.charAt(random.nextInt(signs.length())));
            }
            Pattern pattern;
            try {
                pattern = Pattern.compile(made.toString());
            } catch (PatternSyntaxException e) {
                continue;
            }
            if (DeadPattern.is(made.toString())) {
                dead++;
                for (String text : new String[] {"", "a", "b", "aa", "ab", "ba", "bb", "aab", "aba", "abb", "aabb"}) {
                    assertThat(pattern.matcher(text).matches())
                            .as("%s fits '%s'", made, text)
                            .isFalse();
                }
            }
        }
        assertThat(dead).isGreaterThan(200);
    }
}
