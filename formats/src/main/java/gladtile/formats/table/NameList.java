package gladtile.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * Names as teachers paste them: one a line, or a table with commas, semicolons or tabs whose first line says what its
 * columns are. The given and the family name may stand in columns of their own, as in the OneRoster 1.2 files of users.
 */
public final class NameList {
    /** Headers of OneRoster 1.2 (users.csv, from memory) and of lists that people make. */
    private static final Set<String> GIVEN = Set.of("givenname", "given name", "first name", "firstname");

    private static final Set<String> FAMILY = Set.of("familyname", "family name", "last name", "lastname", "surname");
    private static final Set<String> NAME = Set.of("name", "student", "display name", "names");

    private NameList() {}

    public static List<String> read(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        char comma = delimiter(plain);
        List<List<String>> rows = new ArrayList<>();
        try {
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setDelimiter(comma)
                    .setIgnoreSurroundingSpaces(true)
                    .build();
            for (CSVRecord one : format.parse(new StringReader(plain))) {
                rows.add(one.toList());
            }
        } catch (IOException | UncheckedIOException | IllegalStateException brokenQuotes) {
            return plain.lines().toList();
        }
        return names(rows);
    }

    private static List<String> names(List<List<String>> rows) {
        List<String> head = rows.isEmpty()
                ? List.of()
                : rows.get(0).stream()
                        .map(cell -> cell.strip().toLowerCase(Locale.ROOT))
                        .toList();
        int given = column(head, GIVEN);
        int family = column(head, FAMILY);
        int name = column(head, NAME);
        boolean headed = given >= 0 || family >= 0 || name >= 0;
        List<String> names = new ArrayList<>();
        for (List<String> row : rows.subList(headed ? 1 : 0, rows.size())) {
            names.add(
                    given >= 0 || family >= 0
                            ? (cell(row, given) + " " + cell(row, family)).strip()
                            : cell(row, Math.max(name, 0)));
        }
        return names;
    }

    private static int column(List<String> head, Set<String> called) {
        for (int i = 0; i < head.size(); i++) {
            if (called.contains(head.get(i))) {
                return i;
            }
        }
        return -1;
    }

    private static String cell(List<String> row, int at) {
        return at >= 0 && at < row.size() ? row.get(at) : "";
    }

    /** The sign that stands most often in the first line. */
    private static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        for (char sign : new char[] {';', '\t'}) {
            if (count(first, sign) > count(first, best)) {
                best = sign;
            }
        }
        return best;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }
}
