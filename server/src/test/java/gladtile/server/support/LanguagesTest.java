package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.PluralRules;
import gladtile.core.json.Json;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * The sentences of server and front end in each language: none missing, none left over, of the same things, and with every
 * form of number that the language has. Which those are is ICU's own CLDR data (Unicode CLDR, plural rules, cardinal).
 */
class LanguagesTest {
    private static final Path WEB = Path.of("../web/src/i18n");

    static List<Locale> languages() {
        return MessageRenderer.LANGUAGES;
    }

    private static Map<String, String> ofServer(String bundle, Locale language) throws IOException {
        String end = language.equals(Locale.ENGLISH) ? "" : "_" + language.getLanguage();
        Map<String, String> all = new TreeMap<>();
        try (InputStream file =
                LanguagesTest.class.getResourceAsStream("/messages/%s%s.properties".formatted(bundle, end))) {
            if (file != null) {
                Properties sentences = new Properties();
                sentences.load(new InputStreamReader(file, StandardCharsets.UTF_8));
                sentences.forEach((key, sentence) -> all.put((String) key, (String) sentence));
            }
        }
        return all;
    }

    /** @param part the folder of the sentences that are fetched together */
    private static Map<String, String> ofScreens(Path part, Locale language) throws IOException {
        Map<String, String> all = new TreeMap<>();
        Json.read(Files.readString(part.resolve(language.getLanguage() + ".json")), JsonNode.class)
                .properties()
                .forEach(one -> all.put(one.getKey(), one.getValue().asString()));
        return all;
    }

    /** What a sentence speaks of. */
    private static Set<String> arguments(String sentence) {
        MessagePattern read = new MessagePattern(sentence);
        Set<String> names = new TreeSet<>();
        for (int i = 0; i < read.countParts(); i++) {
            if (read.getPart(i).getType() == MessagePattern.Part.Type.ARG_NAME) {
                names.add(read.getSubstring(read.getPart(i)));
            }
        }
        return names;
    }

    /** The forms of each plural that are missing for the language, and those that it does not have. */
    private static List<String> wrongForms(String sentence, Locale language) {
        Set<String> wanted = PluralRules.forLocale(language).getKeywords();
        MessagePattern read = new MessagePattern(sentence);
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < read.countParts(); i++) {
            MessagePattern.Part part = read.getPart(i);
            if (part.getType() != MessagePattern.Part.Type.ARG_START
                    || part.getArgType() != MessagePattern.ArgType.PLURAL) {
                continue;
            }
            Set<String> forms = new TreeSet<>();
            int end = read.getLimitPartIndex(i);
            for (int j = i + 2; j < end; j++) {
                MessagePattern.Part.Type type = read.getPart(j).getType();
                if (type == MessagePattern.Part.Type.ARG_SELECTOR) {
                    forms.add(read.getSubstring(read.getPart(j)));
                } else if (type == MessagePattern.Part.Type.MSG_START || type == MessagePattern.Part.Type.ARG_START) {
                    j = read.getLimitPartIndex(j);
                }
            }
            forms.removeIf(one -> one.startsWith("="));
            // Where all forms are worded alike one is enough.
            if (!forms.equals(Set.of("other")) && !forms.equals(new TreeSet<>(wanted))) {
                wrong.add("%s where %s are wanted".formatted(forms, wanted));
            }
        }
        return wrong;
    }

    private static void hold(Map<String, String> english, Map<String, String> other, Locale language, String where) {
        assertThat(other.keySet()).as("%s in %s", where, language).isEqualTo(english.keySet());
        other.forEach((key, sentence) -> {
            assertThat(arguments(sentence))
                    .as("what %s speaks of in %s", key, language)
                    .isEqualTo(arguments(english.get(key)));
            assertThat(wrongForms(sentence, language))
                    .as("forms of %s in %s", key, language)
                    .isEmpty();
            assertThat(sentence).as("%s in %s", key, language).isNotBlank();
        });
    }

    @ParameterizedTest
    @MethodSource("languages")
    void the_screens_have_every_sentence(Locale language) throws IOException {
        List<Path> parts;
        try (Stream<Path> folders = Files.list(WEB)) {
            parts = folders.filter(Files::isDirectory).toList();
        }
        assertThat(parts).hasSize(4);
        for (Path part : parts) {
            hold(ofScreens(part, Locale.ENGLISH), ofScreens(part, language), language, part.toString());
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void the_server_has_every_sentence(Locale language) throws IOException {
        for (String bundle : MessageRenderer.BUNDLES) {
            hold(ofServer(bundle, Locale.ENGLISH), ofServer(bundle, language), language, bundle);
        }
    }
}
