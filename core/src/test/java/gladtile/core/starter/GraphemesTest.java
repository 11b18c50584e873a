package gladtile.core.starter;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Cutting into letters, beside the Unicode standard's own test data (UAX 29), from Debian's package unicode-data. */
class GraphemesTest {
    private static final Path DATA = Path.of("/usr/share/unicode/auxiliary/GraphemeBreakTest.txt");
    /** What the standard changed after the data of Debian 12 (Unicode 15.0): U+2701 is no pictograph any more. */
    private static final String CHANGED = "2701 × 200D";

    @Test
    void letters_break_where_the_standard_says() throws IOException {
        int checked = 0;
        for (String line : Files.readAllLines(DATA)) {
            String cut = line.replaceAll("#.*", "").strip();
            if (cut.isEmpty() || cut.contains(CHANGED)) {
                continue;
            }
            List<String> expected = new ArrayList<>();
            StringBuilder part = new StringBuilder();
            for (String sign : cut.split("\\s+")) {
                if (sign.equals("÷")) {
                    if (!part.isEmpty()) {
                        expected.add(part.toString());
                        part.setLength(0);
                    }
                } else if (!sign.equals("×")) {
                    part.appendCodePoint(Integer.parseInt(sign, 16));
                }
            }
            assertThat(Graphemes.letters(String.join("", expected))).as(line).isEqualTo(expected);
            checked++;
        }
        assertThat(checked).isGreaterThan(500);
    }

    @Test
    void words_keep_the_punctuation_that_clings_to_them() {
        assertThat(Graphemes.words("The moon's far side, \"dark\" or not?"))
                .containsExactly("The", "moon's", "far", "side,", "\"dark\"", "or", "not?");
        assertThat(Graphemes.words("")).isEmpty();
        assertThat(Graphemes.words("  one-way  ")).containsExactly("one-way");
    }
}
