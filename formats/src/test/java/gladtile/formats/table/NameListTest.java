package gladtile.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class NameListTest {
    @Test
    void one_name_a_line() {
        assertThat(NameList.read("Ada\r\n Bo \nZoë 🔭")).containsExactly("Ada", "Bo", "Zoë 🔭");
        assertThat(NameList.read("")).isEmpty();
    }

    @Test
    void a_table_says_which_column_is_the_name() {
        assertThat(NameList.read("\uFEFFnumber;Name;house\n1;Ada;red\n2;Bo;blue"))
                .containsExactly("Ada", "Bo");
        assertThat(NameList.read("First name\tLast name\nAda\tSol\n\tBerg")).containsExactly("Ada Sol", "Berg");
        assertThat(NameList.read("Ada,7\nBo,8")).containsExactly("Ada", "Bo");
    }

    /** The first columns of users.csv of OneRoster 1.2, from memory. */
    @Test
    void users_as_the_standard_has_them() {
        String file = "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName\n"
                + "u1,,,true,ada,,Ada,Sol,\nu2,,,true,bo,,Bo,\"Berg, jr\",";
        assertThat(NameList.read(file)).containsExactly("Ada Sol", "Bo Berg, jr");
    }

    /** A quote that never closes is a name with a quote, not the end of the list. */
    @Test
    void five_thousand_rows_and_broken_quotes() {
        assertThat(NameList.read("Star\n".repeat(5_000))).hasSize(5_000);
        assertThat(NameList.read("Ada\nBo \"the owl\nCyrus")).contains("Ada").contains("Cyrus");
    }
}
