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

    /** Nothing is wider than the box, nothing is lost, and a word is broken only where it is wider than the box. */
    @Test
    void a_narrow_box_breaks_at_spaces_and_within_a_word_only_where_it_is_too_wide() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            StringBuilder text = new StringBuilder();
            for (int w = random.nextInt(1, 30); w > 0; w--) {
                text.append("ab🔭é".repeat(random.nextInt(1, 4))).append(w > 1 ? " " : "");
            }
            double width = 120 + random.nextInt(600);
            double room = width - 2 * WordFit.PADDING;
            WordFit fit = WordFit.within(width, text.toString(), STYLE);
            assertThat(fit.content().lines())
                    .allSatisfy(line -> assertThat(line.width()).isLessThanOrEqualTo(room));
            String joined = String.join(
                    "\n", fit.content().lines().stream().map(WordLine::text).toList());
            assertThat(joined.replaceAll("[\n ]", "")).isEqualTo(text.toString().replace(" ", ""));
            for (String word : text.toString().split(" ")) {
                if (WordFit.free(word, STYLE).width() - 2 * WordFit.PADDING <= room) {
                    assertThat(joined).contains(word);
                }
            }
            // Never between the two halves of one sign.
            assertThat(fit.content().lines())
                    .allSatisfy(line -> assertThat(line.text().codePoints())
                            .noneMatch(letter -> letter >= 0xD800 && letter <= 0xDFFF));
        }
    }

    /** Vowel signs of Devanagari stand on their letter: नमस्ते is four signs that are read, of six letters and marks. */
    @Test
    void signs_of_other_scripts_are_counted_as_they_are_read() {
        assertThat(WordFit.free("नमस्ते", STYLE).width() - 2 * WordFit.PADDING).isLessThanOrEqualTo(4 * 50);
        assertThat(WordFit.free("👩‍🚀", STYLE).width() - 2 * WordFit.PADDING).isEqualTo(50);
        assertThat(WordFit.free("e\u0301", STYLE).width())
                .isEqualTo(WordFit.free("é", STYLE).width());
    }

    @Test
    void empty_words_keep_one_line() {
        assertThat(WordFit.free("", STYLE).content().lines()).hasSize(1);
        assertThat(WordFit.free("", STYLE).height()).isEqualTo(20 + 50 * 1.35);
    }
}
