package gladtile.formats.table;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Names as teachers paste them: one a line, or a table with commas, semicolons or tabs. A first line that says what the
 * columns are is known in many languages; the given and the family name may stand in columns of their own, as in the
 * OneRoster 1.2 files of users. Without such a line, "Sol, Ada" is a family name and a given one, and the parts of a line
 * with semicolons or tabs are the parts of one name.
 */
public final class NameList {
    /** Headers of OneRoster 1.2 (users.csv, from memory) and of lists that people make; without accents, in small letters. */
    private static final Set<String> GIVEN = Set.of(
            "givenname",
            "given name",
            "first name",
            "firstname",
            "forename",
            "vorname",
            "rufname",
            "prenom",
            "nombre",
            "nombres",
            "nome proprio",
            "voornaam",
            "fornavn",
            "fornamn",
            "etunimi",
            "ad",
            "imie",
            "jmeno",
            "keresztnev",
            "الاسم الاول",
            "الاسم الأول",
            "имя",
            "ονομα");

    private static final Set<String> FAMILY = Set.of(
            "familyname",
            "family name",
            "last name",
            "lastname",
            "surname",
            "nachname",
            "familienname",
            "zuname",
            "nom de famille",
            "apellido",
            "apellidos",
            "primer apellido",
            "cognome",
            "sobrenome",
            "apelido",
            "achternaam",
            "etternavn",
            "efternamn",
            "efternavn",
            "sukunimi",
            "soyad",
            "soyadi",
            "nazwisko",
            "prijmeni",
            "vezeteknev",
            "اسم العائلة",
            "اللقب",
            "العائلة",
            "фамилия",
            "επωνυμο");
    /** Of a whole name; beside a column of given names, of the family's. */
    private static final Set<String> NAME = Set.of(
            "name",
            "student",
            "students",
            "pupil",
            "display name",
            "names",
            "full name",
            "schuler",
            "schulerin",
            "namen",
            "nom",
            "noms",
            "eleve",
            "eleves",
            "nom complet",
            "alumno",
            "alumna",
            "alumnos",
            "nombre completo",
            "nome",
            "aluno",
            "naam",
            "navn",
            "namn",
            "nimi",
            "isim",
            "adi soyadi",
            "الاسم",
            "اسم الطالب",
            "الطالب");
    /** Columns that are no names: where all of a line are known, it is no student. */
    private static final Set<String> OTHER = Set.of(
            "no",
            "nr",
            "number",
            "id",
            "class",
            "group",
            "house",
            "email",
            "e-mail",
            "mail",
            "birthday",
            "age",
            "year",
            "nummer",
            "klasse",
            "gruppe",
            "geburtstag",
            "numero",
            "classe",
            "groupe",
            "courriel",
            "anniversaire",
            "curso",
            "clase",
            "grupo",
            "correo",
            "turma",
            "رقم",
            "الصف",
            "#");

    /** Numbers, dates and classes such as 3b. */
    private static final Pattern NUMBER = Pattern.compile("[\\P{L}]*\\d[\\P{L}]*\\p{L}?");

    private NameList() {}

    /** @param wrong what stands in the way of reading it, for people; absent for nothing */
    public record Read(List<String> names, String wrong) {}

    public static Read read(String text) {
        return Delimited.rows(text)
                .map(rows -> names(rows, Delimited.delimiter(text)))
                .orElseGet(() -> {
                    String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
                    return new Read(plain.lines().toList(), null);
                });
    }

    private static Read names(List<List<String>> rows, char delimiter) {
        List<String> head = rows.isEmpty()
                ? List.of()
                : rows.get(0).stream().map(NameList::plain).toList();
        int given = column(head, GIVEN);
        int family = column(head, FAMILY);
        int name = column(head, NAME);
        if (given < 0 && family < 0 && name < 0) {
            return isHead(head)
                    ? new Read(
                            List.of(),
                            "There is no column for the name. The columns are: %s. Call one of them “Name”."
                                    .formatted(String.join(", ", rows.get(0))))
                    : new Read(headless(rows, delimiter), null);
        }
        if (given >= 0 && family < 0) {
            // As in "Name;Vorname".
            family = name;
        }
        List<String> names = new ArrayList<>();
        for (List<String> row : rows.subList(1, rows.size())) {
            names.add(
                    given >= 0 || family >= 0 && name < 0
                            ? (cell(row, given) + " " + cell(row, family)).strip()
                            : cell(row, name));
        }
        return new Read(names, null);
    }

    /** A first line of which every column is known, and none is a name. */
    private static boolean isHead(List<String> head) {
        return head.size() > 1 && head.stream().allMatch(OTHER::contains);
    }

    private static List<String> headless(List<List<String>> rows, char delimiter) {
        List<String> names = new ArrayList<>();
        boolean oneLine = rows.size() == 1 && words(rows.get(0)).size() > 2;
        for (List<String> row : rows) {
            List<String> words = words(row);
            if (oneLine) {
                names.addAll(words);
            } else if (words.size() == 2 && delimiter == ',') {
                names.add(words.get(1) + " " + words.get(0));
            } else {
                names.add(String.join(" ", words));
            }
        }
        return names;
    }

    /** The cells that can be part of a name: numbers, dates and addresses are not. */
    private static List<String> words(List<String> row) {
        return row.stream()
                .map(String::strip)
                .filter(cell ->
                        !cell.isEmpty() && !NUMBER.matcher(cell).matches() && (row.size() == 1 || !cell.contains("@")))
                .toList();
    }

    private static String plain(String cell) {
        String bare = Normalizer.normalize(cell.strip().toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("[\\u0300-\\u036f]", "");
        return Normalizer.normalize(bare, Normalizer.Form.NFC).replace('ı', 'i').replace('ł', 'l');
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
