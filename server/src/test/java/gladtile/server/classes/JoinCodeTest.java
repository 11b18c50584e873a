package gladtile.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class JoinCodeTest {
    @Test
    void codes_have_no_signs_that_are_taken_for_one_another() {
        Random random = new Random(1);
        Set<String> made = new HashSet<>();
        for (int i = 0; i < 2_000; i++) {
            String code = JoinCode.make(random);
            assertThat(code).matches("[A-Z0-9]{6}").doesNotContainPattern("[01258BILOSUZ]");
            assertThat(JoinCode.read(code)).contains(code);
            made.add(code);
        }
        assertThat(made).hasSizeGreaterThan(1_995);
    }
}
