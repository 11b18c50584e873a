package gladtile.formats.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Those who work at a school, from a table: one that somebody made (name, user name, role), or the files of users and roles
 * of OneRoster 1.2 (1EdTech, CSV binding; headers from memory). Whoever has no role that is one of staff is passed over.
 */
public final class StaffList {
    private static final Set<String> NAME = Set.of("name", "full name", "teacher");
    private static final Set<String> USER_NAME = Set.of("username", "user name", "user", "login", "sign-in name");
    private static final Set<String> ROLE = Set.of("role");
    private static final String ID = "sourcedid";
    /** Of OneRoster: who helps in a class sees it and changes nothing. Administrators are made here by hand. */
    private static final Map<String, StaffRole> ROLES = Map.of(
            "teacher", StaffRole.TEACHER,
            "assistant", StaffRole.ASSISTANT,
            "aide", StaffRole.ASSISTANT,
            "proctor", StaffRole.ASSISTANT,
            "administrator", StaffRole.TEACHER,
            "principal", StaffRole.TEACHER,
            "siteadministrator", StaffRole.TEACHER,
            "districtadministrator", StaffRole.TEACHER,
            "systemadministrator", StaffRole.TEACHER);

    private StaffList() {}

    public enum StaffRole {
        TEACHER,
        ASSISTANT
    }

    /** @param line of the file, from 1 @param userName what they sign in with */
    public record StaffRow(int line, String name, String userName, StaffRole role) {}

    public sealed interface Result {}

    /** @param passedOver what was not taken, and why, for people */
    public record Read(List<StaffRow> rows, List<String> passedOver) implements Result {}

    public record NoList(String message) implements Result {}

    private record Table(Map<String, Integer> columns, List<List<String>> rows) {
        String cell(List<String> row, String column) {
            Integer at = column == null ? null : columns.get(column);
            return at == null || at >= row.size() ? "" : row.get(at).strip();
        }

        String any(Set<String> names) {
            return names.stream().filter(columns::containsKey).findFirst().orElse(null);
        }
    }

    /** @param users the table of people @param roles the file of roles of OneRoster; empty for none */
    public static Result read(String users, String roles) {
        Optional<Table> people = table(users);
        Optional<Table> given = table(roles);
        if (people.isEmpty() || given.isEmpty()) {
            return new NoList("A quotation in the file never ends.");
        }
        Table table = people.get();
        if (table.columns.containsKey(ID) && table.columns.containsKey("givenname")) {
            return register(table, given.get());
        }
        String name = table.any(NAME);
        String userName = table.any(USER_NAME);
        if (name == null || userName == null) {
            return new NoList(
                    "The first line has to say which column is the name and which the user name, such as: name,user name,role.");
        }
        List<StaffRow> rows = new ArrayList<>();
        List<String> passedOver = new ArrayList<>();
        int line = 1;
        for (List<String> row : table.rows) {
            line++;
            String role = table.cell(row, table.any(ROLE)).toLowerCase(Locale.ROOT);
            StaffRole known = role.isEmpty() ? StaffRole.TEACHER : ROLES.get(role);
            if (row.stream().allMatch(String::isBlank)) {
                continue;
            }
            if (known == null) {
                passedOver.add("Line %d: “%s” is no role of staff. The roles are teacher and assistant."
                        .formatted(line, shortened(role)));
            } else {
                take(rows, passedOver, new StaffRow(line, table.cell(row, name), table.cell(row, userName), known));
            }
        }
        return new Read(rows, passedOver);
    }

    private static void take(List<StaffRow> rows, List<String> passedOver, StaffRow row) {
        if (row.name().isEmpty() || row.userName().isEmpty()) {
            passedOver.add("Line %d has no name or no user name.".formatted(row.line()));
        } else {
            rows.add(row);
        }
    }

    private static String shortened(String words) {
        return words.codePointCount(0, words.length()) <= 40
                ? words
                : words.substring(0, words.offsetByCodePoints(0, 40)) + "…";
    }

    private static Result register(Table users, Table roles) {
        Map<String, StaffRole> byPerson = new HashMap<>();
        Set<String> other = new HashSet<>();
        for (List<String> row : roles.rows) {
            StaffRole known = ROLES.get(roles.cell(row, "role").toLowerCase(Locale.ROOT));
            String person = roles.cell(row, "usersourcedid");
            boolean gone = roles.cell(row, "status").equalsIgnoreCase("tobedeleted");
            if (known == null || gone) {
                other.add(person);
            } else {
                byPerson.merge(person, known, (a, b) -> a == StaffRole.TEACHER ? a : b);
            }
        }
        boolean ownRoles = users.columns.containsKey("role");
        if (!ownRoles && !roles.columns.containsKey("usersourcedid")) {
            return new NoList(
                    "The file of users does not say who is a teacher. Add the file of roles of the same register.");
        }
        List<StaffRow> rows = new ArrayList<>();
        List<String> passedOver = new ArrayList<>();
        int others = 0;
        int line = 1;
        for (List<String> row : users.rows) {
            line++;
            StaffRole role = ownRoles
                    ? ROLES.get(users.cell(row, "role").toLowerCase(Locale.ROOT))
                    : byPerson.get(users.cell(row, ID));
            boolean gone = users.cell(row, "status").equalsIgnoreCase("tobedeleted")
                    || users.cell(row, "enableduser").equalsIgnoreCase("false");
            if (role == null || gone) {
                others++;
                continue;
            }
            String given = first(users.cell(row, "preferredgivenname"), users.cell(row, "givenname"));
            String family = first(users.cell(row, "preferredfamilyname"), users.cell(row, "familyname"));
            take(
                    rows,
                    passedOver,
                    new StaffRow(line, (given + " " + family).strip(), users.cell(row, "username"), role));
        }
        if (others > 0) {
            passedOver.add("%d rows are no staff, or may not sign in.".formatted(others));
        }
        return new Read(rows, passedOver);
    }

    private static String first(String wanted, String otherwise) {
        return wanted.isEmpty() ? otherwise : wanted;
    }

    private static Optional<Table> table(String text) {
        return Delimited.rows(text).map(rows -> {
            Map<String, Integer> columns = new HashMap<>();
            if (!rows.isEmpty()) {
                for (int i = 0; i < rows.get(0).size(); i++) {
                    columns.putIfAbsent(rows.get(0).get(i).strip().toLowerCase(Locale.ROOT), i);
                }
            }
            return new Table(columns, rows.isEmpty() ? List.of() : rows.subList(1, rows.size()));
        });
    }
}
