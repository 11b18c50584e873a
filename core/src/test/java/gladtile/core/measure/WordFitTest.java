package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.OutOfBounds;
import gladtile.core.page.WordLine;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordWidths;
import java.util.Map;
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

    /** Where letters join and stand above each other the browser's measure counts, in whole words and in signs. */
    @Test
    void what_the_browser_measured_is_believed_and_the_rest_is_estimated() {
        WordWidths measured = new WordWidths(Map.of("नमस्ते", 2.5, "न", 0.6));
        double space = WordFit.free("a a", STYLE).width()
                - 2 * WordFit.free("a", STYLE).width()
                + 2 * WordFit.PADDING;
        assertThat(net(WordFit.free("नमस्ते", STYLE, measured))).isEqualTo(2.5 * 50);
        assertThat(net(WordFit.free("नन", STYLE, measured))).isEqualTo(1.2 * 50);
        assertThat(net(WordFit.free("नमस्ते न Moon", STYLE, measured)))
                .isCloseTo(3.1 * 50 + 2 * space + net(WordFit.free("Moon", STYLE)), within(0.01));
        // Too wide for its box, it is broken between signs, which are measured too or estimated.
        WordFit broken = WordFit.within(2 * WordFit.PADDING + 70, "नमस्ते", STYLE, measured);
        assertThat(broken.content().lines()).hasSizeGreaterThan(1).allMatch(line -> line.width() <= 70);
    }

    private static double net(WordFit fit) {
        return fit.width() - 2 * WordFit.PADDING;
    }

    @Test
    void measures_beyond_what_letters_can_be_are_refused() {
        assertThatThrownBy(() -> new WordWidths(Map.of("न", 13.0))).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new WordWidths(Map.of("न", 0.0))).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new WordWidths(Map.of("न", Double.NaN))).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new WordWidths(Map.of("न".repeat(201), 1.0))).isInstanceOf(OutOfBounds.class);
    }

    @Test
    void empty_words_keep_one_line() {
        assertThat(WordFit.free("", STYLE).content().lines()).hasSize(1);
        assertThat(WordFit.free("", STYLE).height()).isEqualTo(20 + 50 * 1.35);
    }
}
