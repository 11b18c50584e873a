package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlainTextTest {
    @ParameterizedTest
    @CsvSource({"Télescope,telescope", "ÜBUNG,ubung", "ё,е", "مرصد,مرصد", "हिन्दी,हिन्दी", "한,한", "🔭,🔭", "ı,ı"})
    void accents_go_and_letters_of_other_scripts_stay(String text, String plain) {
        assertThat(PlainText.of(text)).isEqualTo(plain);
        assertThat(PlainText.of(plain)).as("twice is once").isEqualTo(plain);
    }
}
