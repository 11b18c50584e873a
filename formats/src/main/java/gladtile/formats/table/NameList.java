package gladtile.formats.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

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
        return Delimited.rows(text).map(NameList::names).orElseGet(() -> {
            String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
            return plain.lines().toList();
        });
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
}
