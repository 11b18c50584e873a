package gladtile.core.typed;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.util.ULocale;
import gladtile.core.typed.TypedRule.Counts;
import gladtile.core.typed.TypedRule.TextRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextAnswerTest {
    private static Typed judge(String wanted, String answer, Counts... counts) {
        return TypedJudge.judge(new TextRule(List.of(wanted), List.of(counts)), answer);
    }

    @ParameterizedTest
    @CsvSource({
        "Mercury, mercury, CASE",
        "café, cafe, ACCENTS",
        "ice cream, icecream, SPACES",
        "well-known, wellknown, PUNCTUATION",
        "Mars, Ｍａｒｓ, WIDTH"
    })
    void one_difference_is_let_pass_until_it_counts_and_is_then_named(String wanted, String answer, Counts counts) {
        assertThat(judge(wanted, answer).isTaken()).isTrue();
        Typed strict = judge(wanted, answer, counts);
        assertThat(strict.isTaken()).isFalse();
        assertThat(strict.why().key()).isEqualTo("typed.only-differs");
        assertThat(judge(wanted, wanted, Counts.values()).isTaken()).isTrue();
    }

    /** With nothing that counts: signs and digits are no decoration, and where only signs are wanted they are the answer. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "? | !",
                "≠ | =",
                "= | ≠",
                "≤ | <",
                "x² | x2",
                "m2 | m²",
                "3.5 | 35",
                "-5 | 5",
                "5 | -5",
                "10:30 | 1030",
                "1/2 | 12",
                "50% | 50",
                "a+b | a-b",
                "a+b | ab",
                "€5 | $5",
                "C# | C",
                "₂ | 2",
                "H₂O | HO",
                "½ | 12",
                "★ | ☆",
                "つ | っ",
                "カ | ヵ",
                "はっぱ | はつぱ",
                "か | が",
                ". | ,"
            })
    void what_is_no_decoration_always_counts(String wanted, String answer) {
        assertThat(judge(wanted, answer).isTaken())
                .as("%s for %s", answer, wanted)
                .isFalse();
        assertThat(judge(answer, wanted).isTaken())
                .as("%s for %s", wanted, answer)
                .isFalse();
        assertThat(judge(wanted, wanted).isTaken()).isTrue();
        assertThat(judge(wanted, " " + answer.strip() + " ").isTaken()).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Really? | Really",
                "well-known | well known",
                "don't | dont",
                "(the) Sun | the sun",
                "3.5 | ３.５",
                "3 | ٣",
                "-5 | −5",
                "かたかな | カタカナ",
                "ＡＢＣ | abc",
                "\"Mars\" | Mars!",
                "3, 2, 1 | 3 2 1",
                "? | ？"
            })
    void decoration_and_another_way_of_typing_the_same_do_not(String wanted, String answer) {
        assertThat(judge(wanted, answer).isTaken())
                .as("%s for %s", answer, wanted)
                .isTrue();
    }

    /** Turkish and Azeri have two letters i (Unicode, SpecialCasing.txt); everybody else has one. */
    @Test
    void capital_letters_are_those_of_the_activitys_language() {
        TextRule isparta = new TextRule(List.of("ISPARTA"), List.of());
        assertThat(TypedJudge.judge(isparta, "ısparta", "tr").isTaken()).isTrue();
        assertThat(TypedJudge.judge(isparta, "isparta", "tr").isTaken()).isFalse();
        assertThat(TypedJudge.judge(isparta, "isparta", "en").isTaken()).isTrue();
        TextRule izmir = new TextRule(List.of("İzmir"), List.of(Counts.ACCENTS));
        assertThat(TypedJudge.judge(izmir, "izmir", "tr").isTaken()).isTrue();
        assertThat(TypedJudge.judge(izmir, "ızmir", "tr-TR").isTaken()).isFalse();
        TextRule street = new TextRule(List.of("Straße"), List.of());
        assertThat(TypedJudge.judge(street, "STRASSE", "de").isTaken()).isTrue();
        TextRule greek = new TextRule(List.of("Οδυσσεύς"), List.of());
        assertThat(TypedJudge.judge(greek, "ΟΔΥΣΣΕΥΣ", "el").isTaken()).isTrue();
    }

    @Test
    void accents_can_count_while_case_does_not_and_the_other_way_round() {
        assertThat(judge("Éclair", "éclair", Counts.ACCENTS).isTaken()).isTrue();
        assertThat(judge("Éclair", "eclair", Counts.ACCENTS).isTaken()).isFalse();
        assertThat(judge("Éclair", "Eclair", Counts.CASE).isTaken()).isTrue();
        assertThat(judge("Éclair", "eclair", Counts.CASE).isTaken()).isFalse();
    }

    @Test
    void other_words_are_not_taken_and_any_alternative_is() {
        TextRule rule = new TextRule(List.of("Sun", "our star"), List.of());
        assertThat(TypedJudge.judge(rule, "OUR STAR").isTaken()).isTrue();
        assertThat(TypedJudge.judge(rule, "moon").why().key()).isEqualTo("typed.none-of-them");
        assertThat(TypedJudge.judge(rule, "  ").isTaken()).isFalse();
        assertThat(TypedJudge.judge(rule, "!?").isTaken()).isFalse();
    }

    /** The same letters in another Unicode form are the same, whatever counts. */
    @Test
    void the_unicode_form_never_counts() {
        for (String word : List.of("Ångström", "naïve", "한국", "ﷲ", "e\u0323\u0301")) {
            String other = Normalizer.normalize(word, Normalizer.Form.NFD);
            assertThat(judge(word, other, Counts.values()).isTaken()).as(word).isTrue();
        }
    }

    /**
     * Letters compared two by two beside the weights of the Default Unicode Collation Element Table (UTS 10), in
     * Debian's package unicode-data: equal at the first strength where the first weights are, and so on. ICU's root
     * order moves signs, but not the letters looked at here.
     */
    @Test
    void letters_agree_with_the_collation_table_of_the_standard() throws IOException {
        Pattern line = Pattern.compile("^([0-9A-F]{4,6})\\s*;\\s*((?:\\[[.*][0-9A-F.]+])+)");
        Pattern element = Pattern.compile("\\[[.*]([0-9A-F]{4})\\.([0-9A-F]{4})\\.([0-9A-F]{4})]");
        Map<String, List<Integer>> byPrimary = new HashMap<>();
        Map<Integer, String[]> weights = new HashMap<>();
        for (String entry : Files.readAllLines(Path.of("/usr/share/unicode/allkeys.txt"))) {
            Matcher found = line.matcher(entry);
            if (!found.find()) {
                continue;
            }
            int letter = Integer.parseInt(found.group(1), 16);
            boolean latinOrGreek = letter >= 0x61 && letter <= 0x17f
                    || letter >= 0x41 && letter <= 0x5a
                    || letter >= 0x391 && letter <= 0x3c9;
            if (!Character.isLetter(letter) || !latinOrGreek) {
                continue;
            }
            StringBuilder[] levels = {new StringBuilder(), new StringBuilder(), new StringBuilder()};
            Matcher part = element.matcher(found.group(2));
            while (part.find()) {
                for (int level = 0; level < 3; level++) {
                    if (!part.group(level + 1).equals("0000")) {
                        levels[level].append(part.group(level + 1)).append(' ');
                    }
                }
            }
            weights.put(letter, new String[] {levels[0].toString(), levels[1].toString(), levels[2].toString()});
            byPrimary
                    .computeIfAbsent(levels[0].toString(), none -> new ArrayList<>())
                    .add(letter);
        }
        assertThat(weights.size()).isGreaterThan(200);
        Random random = new Random(6);
        List<Integer> letters = new ArrayList<>(weights.keySet());
        int equal = 0;
        for (int i = 0; i < 6_000; i++) {
            int a = letters.get(random.nextInt(letters.size()));
            // Half of them letters of one kind, else hardly any two would be equal.
            List<Integer> alike = byPrimary.get(weights.get(a)[0]);
            int b = i % 2 == 0 ? alike.get(random.nextInt(alike.size())) : letters.get(random.nextInt(letters.size()));
            String[] x = weights.get(a);
            String[] y = weights.get(b);
            boolean first = x[0].equals(y[0]);
            boolean second = first && x[1].equals(y[1]);
            boolean third = second && x[2].equals(y[2]);
            String one = Character.toString(a);
            String other = Character.toString(b);
            assertThat(TextAnswer.same(one, other, Set.of(), ULocale.ROOT))
                    .as("%s %s first", one, other)
                    .isEqualTo(first);
            assertThat(TextAnswer.same(one, other, Set.of(Counts.ACCENTS), ULocale.ROOT))
                    .as("%s %s second", one, other)
                    .isEqualTo(second);
            assertThat(TextAnswer.same(one, other, Set.of(Counts.ACCENTS, Counts.CASE), ULocale.ROOT))
                    .as("%s %s third", one, other)
                    .isEqualTo(third);
            equal += first ? 1 : 0;
        }
        assertThat(equal).isBetween(2_000, 5_000);
    }
}
