package gladtile.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NameListTest {
    @Test
    void one_name_a_line() {
        assertThat(NameList.read("Ada\r\n Bo \nZoë 🔭").names()).containsExactly("Ada", "Bo", "Zoë 🔭");
        assertThat(NameList.read("").names()).isEmpty();
    }

    @Test
    void a_table_says_which_column_is_the_name() {
        assertThat(NameList.read("\uFEFFnumber;Name;house\n1;Ada;red\n2;Bo;blue")
                        .names())
                .containsExactly("Ada", "Bo");
        assertThat(NameList.read("First name\tLast name\nAda\tSol\n\tBerg").names())
                .containsExactly("Ada Sol", "Berg");
        assertThat(NameList.read("Ada,7\nBo,8").names()).containsExactly("Ada", "Bo");
    }

    /** The first columns of users.csv of OneRoster 1.2, from memory. */
    @Test
    void users_as_the_standard_has_them() {
        String file = "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName\n"
                + "u1,,,true,ada,,Ada,Sol,\nu2,,,true,bo,,Bo,\"Berg, jr\",";
        assertThat(NameList.read(file).names()).containsExactly("Ada Sol", "Bo Berg, jr");
    }

    /** Family names first, as lists mostly have them; and no part of a name is dropped. */
    @Test
    void a_table_without_a_first_line_keeps_the_whole_name() {
        assertThat(NameList.read("Sol, Ada\nBerg, Bo").names()).containsExactly("Ada Sol", "Bo Berg");
        assertThat(NameList.read("Ada;Sol\nBo;Berg").names()).containsExactly("Ada Sol", "Bo Berg");
        assertThat(NameList.read("Ada\tSol\t7\nBo\tBerg\t8").names()).containsExactly("Ada Sol", "Bo Berg");
        assertThat(NameList.read("Ada, Bo, Cyrus").names()).containsExactly("Ada", "Bo", "Cyrus");
        assertThat(NameList.read("1;Ada Sol;ada@hill.example").names()).containsExactly("Ada Sol");
        assertThat(NameList.read("Student 0\nStudent 17\nAda 2").names())
                .containsExactly("Student 0", "Student 17", "Ada 2");
        assertThat(NameList.read("Ada,3b,2017-05-04\nBo,3b,2017-06-01").names()).containsExactly("Ada", "Bo");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Vorname;Nachname",
                "Prénom;Nom",
                "Nombre;Apellidos",
                "الاسم الأول;اسم العائلة",
                "First name;Surname",
                "Voornaam;Achternaam",
                "Ad;Soyadı",
                "Imię;Nazwisko",
                "Jméno;Příjmení"
            })
    void the_first_line_is_known_in_many_languages(String head) {
        assertThat(NameList.read(head + "\nAda;Sol").names()).containsExactly("Ada Sol");
        String[] columns = head.split(";");
        assertThat(NameList.read(columns[1] + ";" + columns[0] + ";Klasse\nSol;Ada;3b")
                        .names())
                .containsExactly("Ada Sol");
    }

    @Test
    void a_column_that_is_missing_is_named() {
        NameList.Read read = NameList.read("Nr;Klasse\n1;3b\n2;3b");
        assertThat(read.names()).isEmpty();
        assertThat(read.wrong()).contains("no column for the name").contains("Nr, Klasse");
        assertThat(NameList.read("Élève;Classe\nAda;3b").names()).containsExactly("Ada");
        assertThat(NameList.read("Name;Vorname\nSol;Ada").names()).containsExactly("Ada Sol");
    }

    /** A quote that never closes is a name with a quote, not the end of the list. */
    @Test
    void five_thousand_rows_and_broken_quotes() {
        assertThat(NameList.read("Star\n".repeat(5_000)).names()).hasSize(5_000);
        assertThat(NameList.read("Ada\nBo \"the owl\nCyrus").names())
                .contains("Ada")
                .contains("Cyrus");
    }
}
