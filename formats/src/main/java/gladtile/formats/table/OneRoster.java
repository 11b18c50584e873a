package gladtile.formats.table;

import gladtile.core.roster.Registered;
import gladtile.core.roster.Registered.Enrolment;
import gladtile.core.roster.Registered.RegisteredClass;
import gladtile.core.roster.Registered.RegisteredStudent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The files of a OneRoster 1.2 register (1EdTech, CSV binding; headers from memory): users, classes and enrollments. Each is
 * known by its headers, whatever it is called; its other files are passed over.
 */
public final class OneRoster {
    private static final String ID = "sourcedid";
    private static final Set<String> USERS = Set.of(ID, "givenname", "familyname");
    private static final Set<String> CLASSES = Set.of(ID, "title", "classtype");
    private static final Set<String> ENROLMENTS = Set.of(ID, "classsourcedid", "usersourcedid", "role");
    /** Of a file with changes only: who is marked so is passed over, for nobody goes by a list. */
    private static final String GONE = "tobedeleted";

    private OneRoster() {}

    /** What came of reading. */
    public sealed interface Result {}

    /** @param passedOver what was not taken, and why, for people */
    public record Read(Registered register, List<String> passedOver) implements Result {}

    public record NoRegister(String message) implements Result {}

    private record Table(Map<String, Integer> columns, List<List<String>> rows) {
        String cell(List<String> row, String column) {
            Integer at = columns.get(column);
            return at == null || at >= row.size() ? "" : row.get(at).strip();
        }
    }

    /** @param files their contents by their names */
    public static Result read(Map<String, String> files) {
        Map<Set<String>, Table> found = new HashMap<>();
        List<String> passedOver = new ArrayList<>();
        for (Map.Entry<String, String> file : files.entrySet()) {
            Optional<List<List<String>>> rows = Delimited.rows(file.getValue());
            if (rows.isEmpty()) {
                return new NoRegister("A quotation in “%s” never ends.".formatted(file.getKey()));
            }
            Table table = table(rows.get());
            Optional<Set<String>> kind = List.of(USERS, CLASSES, ENROLMENTS).stream()
                    .filter(one -> table.columns.keySet().containsAll(one))
                    .findFirst();
            if (kind.isEmpty()) {
                passedOver.add("“%s” is not needed.".formatted(file.getKey()));
            } else if (found.put(kind.get(), table) != null) {
                return new NoRegister("“%s” is the second file of its kind.".formatted(file.getKey()));
            }
        }
        List<String> missing = new ArrayList<>();
        missing.addAll(found.containsKey(CLASSES) ? List.of() : List.of("classes"));
        missing.addAll(found.containsKey(USERS) ? List.of() : List.of("users"));
        missing.addAll(found.containsKey(ENROLMENTS) ? List.of() : List.of("enrollments"));
        return missing.isEmpty()
                ? register(found.get(CLASSES), found.get(USERS), found.get(ENROLMENTS), passedOver)
                : new NoRegister("A register has three files: classes, users and enrollments. There is no file of %s."
                        .formatted(String.join(" and ", missing)));
    }

    private static Table table(List<List<String>> rows) {
        Map<String, Integer> columns = new HashMap<>();
        if (!rows.isEmpty()) {
            for (int i = 0; i < rows.get(0).size(); i++) {
                columns.putIfAbsent(rows.get(0).get(i).strip().toLowerCase(Locale.ROOT), i);
            }
        }
        return new Table(columns, rows.isEmpty() ? List.of() : rows.subList(1, rows.size()));
    }

    private static Result register(Table classes, Table users, Table enrolments, List<String> passedOver) {
        int gone = 0;
        List<RegisteredClass> keptClasses = new ArrayList<>();
        Set<String> goneClasses = new HashSet<>();
        for (List<String> row : classes.rows) {
            String id = classes.cell(row, ID);
            if (isGone(classes, row)) {
                goneClasses.add(id);
                gone++;
            } else {
                keptClasses.add(new RegisteredClass(id, classes.cell(row, "title")));
            }
        }
        List<RegisteredStudent> students = new ArrayList<>();
        Set<String> goneUsers = new HashSet<>();
        for (List<String> row : users.rows) {
            String id = users.cell(row, ID);
            if (isGone(users, row) || users.cell(row, "enableduser").equalsIgnoreCase("false")) {
                goneUsers.add(id);
                gone++;
            } else {
                students.add(new RegisteredStudent(id, name(users, row)));
            }
        }
        List<Enrolment> kept = new ArrayList<>();
        for (List<String> row : enrolments.rows) {
            Enrolment one =
                    new Enrolment(enrolments.cell(row, "classsourcedid"), enrolments.cell(row, "usersourcedid"));
            boolean student = enrolments.cell(row, "role").equalsIgnoreCase("student");
            boolean left = isGone(enrolments, row)
                    || goneClasses.contains(one.classId())
                    || goneUsers.contains(one.studentId());
            if (student && !left) {
                kept.add(one);
            } else if (left) {
                gone++;
            }
        }
        if (gone > 0) {
            passedOver.add("%d rows of what has left, or may not sign in, are passed over.".formatted(gone));
        }
        return new Read(new Registered(keptClasses, students, kept), passedOver);
    }

    private static boolean isGone(Table table, List<String> row) {
        return table.cell(row, "status").equalsIgnoreCase(GONE);
    }

    /** The name somebody wants to be called by, where the register has one. */
    private static String name(Table users, List<String> row) {
        return (either(users, row, "preferredgivenname", "givenname") + " "
                        + either(users, row, "preferredfamilyname", "familyname"))
                .strip();
    }

    private static String either(Table users, List<String> row, String preferred, String official) {
        String wanted = users.cell(row, preferred);
        return wanted.isEmpty() ? users.cell(row, official) : wanted;
    }
}
