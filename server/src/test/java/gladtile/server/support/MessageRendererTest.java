package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import gladtile.core.answer.Points;
import gladtile.core.assigned.BlockReason;
import gladtile.core.check.Finding;
import gladtile.core.message.Message;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The sentences: none is missing, none is left over, each says what it is given. */
class MessageRendererTest {
    /** Keys that are put together from what core names: the beginning is all that stands in the source. */
    private static final Set<String> BEGINNINGS =
            Set.of("page-check.title.", "item.kind.", "item.kind.shape.", "blocked.");

    private static final Pattern TEXT = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern KEY = Pattern.compile("[a-z]+(-[a-z]+)*([.][a-z0-9]+(-[a-z0-9]+)*)+");
    private static final Pattern CALL =
            Pattern.compile("(?:Message[.]of|\\bwords)\\(\\s*\"([a-z-]+[.][a-z0-9.-]+|literal)\"\\s*([,)])");

    private final MessageRenderer messages = new MessageRenderer();

    private static Map<String, String> sentences() throws IOException {
        Map<String, String> all = new TreeMap<>();
        for (String bundle : MessageRenderer.BUNDLES) {
            Properties read = new Properties();
            try (var in = MessageRenderer.class.getResourceAsStream("/messages/" + bundle + ".properties")) {
                read.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            }
            read.forEach((key, text) -> assertThat(all.put((String) key, (String) text))
                    .as("%s twice", key)
                    .isNull());
        }
        return all;
    }

    private static List<String> sources() throws IOException {
        try (Stream<Path> core = Files.walk(Path.of("../core/src/main/java"));
                Stream<Path> server = Files.walk(Path.of("src/main/java"))) {
            return Stream.concat(core, server)
                    .filter(file -> file.toString().endsWith(".java"))
                    .map(MessageRendererTest::read)
                    .toList();
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void no_sentence_is_missing_and_none_is_left_over() throws IOException {
        Map<String, String> sentences = sentences();
        Set<String> families = new TreeSet<>();
        sentences.keySet().forEach(key -> families.add(key.replaceFirst("[.].*", "")));
        Set<String> used = new TreeSet<>();
        Set<String> missing = new TreeSet<>();
        for (String source : sources()) {
            Matcher call = CALL.matcher(source);
            while (call.find()) {
                if (!sentences.containsKey(call.group(1))) {
                    missing.add(call.group(1));
                }
            }
            Matcher text = TEXT.matcher(source);
            while (text.find()) {
                used.add(text.group(1));
            }
        }
        missing.removeAll(BEGINNINGS);
        assertThat(missing).isEmpty();
        Set<String> over = new TreeSet<>(sentences.keySet());
        over.removeIf(key -> used.contains(key) || BEGINNINGS.stream().anyMatch(key::startsWith));
        assertThat(over).as("nobody says these").isEmpty();
        assertThat(families).hasSizeGreaterThan(15);
        assertThat(sentences.keySet())
                .allMatch(key -> key.equals("literal") || KEY.matcher(key).matches());
    }

    /** Each call with a key gives just what its sentence speaks of: no name that is not asked for, none that lacks. */
    @Test
    void each_sentence_is_given_what_it_speaks_of() throws IOException {
        Map<String, String> sentences = sentences();
        int held = 0;
        for (String source : sources()) {
            Matcher call = CALL.matcher(source);
            while (call.find()) {
                if (!sentences.containsKey(call.group(1))) {
                    continue;
                }
                Set<String> given = given(source, call.end(2) - 1);
                assertThat(given).as(call.group(1)).isEqualTo(asked(sentences.get(call.group(1))));
                held++;
            }
        }
        assertThat(held).isGreaterThan(250);
    }

    /** The names that a sentence speaks of, in any of its forms. */
    private static Set<String> asked(String sentence) {
        Set<String> names = new TreeSet<>();
        MessagePattern pattern = new MessagePattern(sentence);
        for (int i = 0; i < pattern.countParts(); i++) {
            if (pattern.getPartType(i) == MessagePattern.Part.Type.ARG_NAME) {
                names.add(pattern.getSubstring(pattern.getPart(i)));
            }
        }
        return names;
    }

    /** The names among the arguments of a call: every other one, from the first behind the key. */
    private static Set<String> given(String source, int from) {
        Set<String> names = new TreeSet<>();
        int depth = 1;
        boolean name = false;
        for (int i = from; depth > 0; i++) {
            char c = source.charAt(i);
            if (c == '"') {
                int end = i + 1;
                while (source.charAt(end) != '"') {
                    end += source.charAt(end) == '\\' ? 2 : 1;
                }
                if (name && depth == 1) {
                    names.add(source.substring(i + 1, end));
                }
                i = end;
            } else if (c == '(' || c == '[' || c == '{') {
                depth++;
            } else if (c == ')' || c == ']' || c == '}') {
                depth--;
            } else if (c == ',' && depth == 1) {
                name = !name;
            }
        }
        return names;
    }

    /** What core has to say it says by keys; only faults of ours, which nobody reads on a screen, are in words. */
    @Test
    void core_has_no_sentence() throws IOException {
        Pattern sentence = Pattern.compile("\"[^\"\\\\\n]*[a-z]{2,} [a-z]{2,} [a-z]{2,}[^\"\n]*\"");
        Set<String> found = new TreeSet<>();
        try (Stream<Path> core = Files.walk(Path.of("../core/src/main/java"))) {
            for (Path file :
                    core.filter(one -> one.toString().endsWith(".java")).toList()) {
                String source = Files.readString(file)
                        .replaceAll("(?s)/[*].*?[*]/", "")
                        .replaceAll("(?m)^\\s*//.*$", "")
                        .replaceAll("(?s)(new Illegal\\w+Exception|super)\\(.*?;", "");
                Matcher matcher = sentence.matcher(source);
                while (matcher.find()) {
                    found.add(file.getFileName() + ": " + matcher.group());
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void what_is_named_by_a_list_of_names_has_a_sentence_for_each() {
        for (Finding.Kind kind : Finding.Kind.values()) {
            assertThat(messages.text(kind.title(), Locale.ENGLISH)).isNotBlank();
        }
        for (BlockReason reason : BlockReason.values()) {
            assertThat(messages.text(reason.message(), Locale.ENGLISH)).endsWith(".");
        }
    }

    @Test
    void counts_choose_their_words_and_one_sentence_stands_in_another() {
        assertThat(words(Points.USUAL.message())).isEqualTo("1 point");
        assertThat(words(new Points(2, 1, 0, false, false).message()))
                .isEqualTo("2 points, 1 less for each refusal, never below 0");
        assertThat(words(new Points(3, 1, 2, true, true).message()))
                .isEqualTo("3 points, 2 more at the first try, a share for what is right of several,"
                        + " 1 less for each refusal, also below 0");
        assertThat(words(Message.of("gate.points", "least", 1)))
                .isEqualTo("This opens when you have 1 point on this page");
        assertThat(words(Message.of(
                        "page-check.no-region",
                        "piece",
                        Message.of("item.quoted", "name", Message.literal("Mars")),
                        "count",
                        2,
                        "zones",
                        List.of(Message.of("item.zone", "letter", "A"), Message.of("item.zone", "letter", "B")))))
                .isEqualTo("“Mars” belongs in zone A and zone B at once, and they do not cross.");
        // What people wrote is never read as a pattern.
        assertThat(words(Message.literal("{0} 'quoted' {name, plural"))).isEqualTo("{0} 'quoted' {name, plural");
    }

    /** Numbers are written as the language of the sentence writes them (CLDR); who reads another one reads English. */
    @Test
    void numbers_are_of_the_language_of_their_sentence() {
        Message much = Message.of("edit.refused.too-many-items", "most", 2_000);
        assertThat(messages.text(much, Locale.UK)).isEqualTo("A page has at most 2,000 items.");
        assertThat(messages.text(much, Locale.JAPAN)).isEqualTo("A page has at most 2,000 items.");
        assertThat(messages.text(much, Locale.GERMANY)).isEqualTo("Eine Seite hat höchstens 2.000 Dinge.");
        assertThat(messages.text(much, Locale.FRANCE)).isEqualTo("Une page a au plus 2\u202f000 éléments.");
    }

    private String words(Message message) {
        return messages.text(message, Locale.ENGLISH);
    }

    @Test
    void every_sentence_can_be_read() throws IOException {
        Map<String, Object> anything = new HashMap<>();
        sentences().forEach((key, text) -> {
            MessageFormat format = new MessageFormat(text, Locale.ENGLISH);
            asked(text).forEach(name -> anything.put(name, 2));
            assertThat(format.format(anything)).as(key).isNotBlank();
        });
    }
}
