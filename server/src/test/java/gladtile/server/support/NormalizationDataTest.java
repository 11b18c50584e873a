package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.server.testkit.TestDatabase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Array;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * Words are found however they were typed: held to the Unicode standard's own test data, NormalizationTest.txt of
 * Unicode 15.0, as Debian's package unicode-data has it. Columns: source; NFC; NFD; NFKC; NFKD.
 */
class NormalizationDataTest {
    private record Line(String source, String composed, String apart, String alikeComposed, String alikeApart) {}

    @Test
    void forms_that_the_standard_calls_equal_are_one() throws IOException {
        List<Line> lines = lines();
        assertThat(lines).hasSizeGreaterThan(17_000);
        for (Line line : lines) {
            String plain = PlainText.of(line.source);
            assertThat(PlainText.of(line.composed)).isEqualTo(plain);
            assertThat(PlainText.of(line.apart)).isEqualTo(plain);
            assertThat(PlainText.of(line.alikeComposed)).isEqualTo(PlainText.of(line.alikeApart));
        }
    }

    /** The column that activities are found by is computed by the database; what is looked for, by Java. */
    @Test
    void the_database_and_java_make_the_same_of_them() throws IOException, SQLException {
        List<String> all = lines().stream()
                .flatMap(line -> List.of(line.source, line.composed, line.apart, line.alikeComposed).stream())
                .distinct()
                .toList();
        String found = "normalize(regexp_replace(normalize(t, NFD), '[\\u0300-\\u036f]', '', 'g'), NFC)";
        try (Connection connection = DriverManager.getConnection(
                        TestDatabase.needed("GLAD_DB_URL"),
                        TestDatabase.needed("GLAD_DB_USER"),
                        TestDatabase.needed("GLAD_DB_PASSWORD"));
                PreparedStatement ask = connection.prepareStatement(
                        "select " + found + " from unnest(?::text[]) with ordinality as u(t, n) order by n")) {
            Array texts = connection.createArrayOf("text", all.toArray());
            ask.setArray(1, texts);
            ResultSet answer = ask.executeQuery();
            for (String text : all) {
                assertThat(answer.next()).isTrue();
                assertThat(answer.getString(1).toLowerCase(Locale.ROOT)).isEqualTo(PlainText.of(text));
            }
        }
    }

    /** Lines with letters that this Java does not know yet are left out; they are few. */
    private static List<Line> lines() throws IOException {
        List<Line> lines = new ArrayList<>();
        for (String one : Files.readAllLines(Path.of(TestDatabase.needed("GLAD_UNICODE")))) {
            if (one.isEmpty() || one.startsWith("#") || one.startsWith("@")) {
                continue;
            }
            String[] columns = one.split(";");
            Line line = new Line(
                    letters(columns[0]),
                    letters(columns[1]),
                    letters(columns[2]),
                    letters(columns[3]),
                    letters(columns[4]));
            if (line.source.codePoints().allMatch(Character::isDefined)) {
                lines.add(line);
            }
        }
        return lines;
    }

    private static String letters(String codes) {
        StringBuilder text = new StringBuilder();
        for (String code : codes.split(" ")) {
            text.appendCodePoint(Integer.parseInt(code, 16));
        }
        return text.toString();
    }
}
