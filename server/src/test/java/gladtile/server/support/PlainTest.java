package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainTest {
    /**
     * Lines of the Unicode standard's own normalisation test data (NormalizationTest.txt, parts 0 and 1), put down
     * from memory: source, composed, taken apart. All three are one word to whoever looks for it.
     */
    @ParameterizedTest
    @CsvSource({
        "1E0A,1E0A,0044 0307",
        "1E0C,1E0C,0044 0323",
        "1E0A 0323,1E0C 0307,0044 0323 0307",
        "1E0C 0307,1E0C 0307,0044 0323 0307",
        "0112,0112,0045 0304",
        "212B,00C5,0041 030A",
        "00C5,00C5,0041 030A",
        "00E0,00E0,0061 0300",
        "AC00,AC00,1100 1161",
        "0958,0915 093C,0915 093C",
    })
    void forms_that_the_standard_calls_equal_are_one(String source, String composed, String apart) {
        assertThat(Plain.of(letters(source)))
                .isEqualTo(Plain.of(letters(composed)))
                .isEqualTo(Plain.of(letters(apart)));
    }

    @ParameterizedTest
    @CsvSource({"Télescope,telescope", "ÜBUNG,ubung", "ё,е", "مرصد,مرصد", "हिन्दी,हिन्दी", "한,한", "🔭,🔭", "ı,ı"})
    void accents_go_and_letters_of_other_scripts_stay(String text, String plain) {
        assertThat(Plain.of(text)).isEqualTo(plain);
        assertThat(Plain.of(plain)).as("twice is once").isEqualTo(plain);
    }

    private static String letters(String codes) {
        StringBuilder text = new StringBuilder();
        for (String code : codes.split(" ")) {
            text.appendCodePoint(Integer.parseInt(code, 16));
        }
        return text.toString();
    }
}
