package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.activity.WordLine;
import gladtile.core.activity.WordStyle;
import java.util.Random;
import org.junit.jupiter.api.Test;

class WordFitTest {
    private static final WordStyle STYLE = new WordStyle(50, false, "#000000", WordStyle.Align.LEFT);

    @Test
    void a_free_box_is_as_wide_as_its_longest_line() {
        WordFit fit = WordFit.free("A a\nA", STYLE);
        // 'A' 681, space 269, 'a' 562 thousandths, by the font's own hmtx table.
        assertThat(fit.width()).isCloseTo((681 + 269 + 562) * 0.05 + 20, within(1e-9));
        assertThat(fit.content().lines()).extracting(WordLine::text).containsExactly("A a", "A");
        assertThat(fit.content().wraps()).isFalse();
    }

    @Test
    void a_narrow_box_breaks_at_spaces_and_never_within_a_word() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            StringBuilder text = new StringBuilder();
            for (int w = random.nextInt(1, 30); w > 0; w--) {
                text.append("ab🔭é".repeat(random.nextInt(1, 4))).append(w > 1 ? " " : "");
            }
            double width = 120 + random.nextInt(600);
            WordFit fit = WordFit.within(width, text.toString(), STYLE);
            assertThat(fit.content().lines()).allSatisfy(line -> {
                boolean oneWord = !line.text().contains(" ");
                assertThat(oneWord || line.width() <= width - 2 * WordFit.PADDING)
                        .isTrue();
            });
            assertThat(String.join(
                            " ",
                            fit.content().lines().stream().map(WordLine::text).toList()))
                    .isEqualTo(text.toString());
        }
    }

    @Test
    void empty_words_keep_one_line() {
        assertThat(WordFit.free("", STYLE).content().lines()).hasSize(1);
        assertThat(WordFit.free("", STYLE).height()).isEqualTo(20 + 50 * 1.35);
    }
}
