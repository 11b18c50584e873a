package gladtile.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.formats.table.StaffList.StaffRole;
import gladtile.formats.table.StaffList.StaffRow;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StaffListTest {
    private static StaffList.Read read(String users, String roles) {
        return (StaffList.Read) StaffList.read(users, roles);
    }

    @Test
    void a_table_that_somebody_made_is_read_whatever_separates_its_columns() {
        for (String sign : List.of(",", ";", "\t")) {
            String table = String.join(
                            "\n",
                            "Name,User name,Role",
                            "\"Sol, Ada\",ada,teacher",
                            "Ben Orbit,ben,Assistant",
                            "Cy,cy,")
                    .replace(",", sign)
                    .replace("Sol" + sign, "Sol,");
            assertThat(read(table, "").rows())
                    .as(sign)
                    .containsExactly(
                            new StaffRow(2, "Sol, Ada", "ada", StaffRole.TEACHER),
                            new StaffRow(3, "Ben Orbit", "ben", StaffRole.ASSISTANT),
                            new StaffRow(4, "Cy", "cy", StaffRole.TEACHER));
        }
    }

    @Test
    void what_cannot_be_taken_is_told_by_its_line() {
        StaffList.Read read = read("name,username,role\nAda,,teacher\nBen,ben,pupil\n\nCy,cy,teacher\n", "");
        assertThat(read.rows()).extracting(StaffRow::userName).containsExactly("cy");
        assertThat(read.passedOver())
                .containsExactly(
                        "Line 2 has no name or no user name.",
                        "Line 3: “pupil” is no role of staff. The roles are teacher and assistant.");
        assertThat(StaffList.read("Ada,ada\n", "")).isInstanceOf(StaffList.NoList.class);
        assertThat(StaffList.read("name,username\n\"Ada,ada\n", "")).isInstanceOf(StaffList.NoList.class);
    }

    /** Headers as OneRoster 1.2 names them (1EdTech, users.csv and roles.csv; from memory). */
    private static final String USERS =
            "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,"
                    + "middleName,identifier,email,sms,phone,agentSourcedIds,grades,password,userMasterIdentifier,"
                    + "resourceSourcedIds,preferredGivenName,preferredMiddleName,preferredFamilyName,primaryOrgSourcedId,pronouns\n";

    private static final String ROLES =
            "sourcedId,status,dateLastModified,userSourcedId,roleType,role,beginDate,endDate,orgSourcedId,userProfileSourcedId\n";

    private static String user(String id, String userName, String given, String family, String preferred) {
        return "%s,,,true,%s,,%s,%s,,,,,,,,,,,%s,,,org,\n".formatted(id, userName, given, family, preferred);
    }

    @Test
    void of_a_register_only_staff_are_taken_under_the_name_they_want() {
        String users = USERS
                + user("1", "nova", "Nova", "Bright", "")
                + user("2", "mira", "Miranda", "Sol", "Mira")
                + user("3", "abe", "Abe", "Dust", "");
        String roles =
                ROLES + "r1,,,1,primary,student,,,org,\nr2,,,2,primary,teacher,,,org,\nr3,,,3,primary,aide,,,org,\n"
                        + "r4,,,3,secondary,guardian,,,org,\n";
        StaffList.Read read = read(users, roles);
        assertThat(read.rows())
                .containsExactly(
                        new StaffRow(3, "Mira Sol", "mira", StaffRole.TEACHER),
                        new StaffRow(4, "Abe Dust", "abe", StaffRole.ASSISTANT));
        assertThat(read.passedOver()).containsExactly("1 rows are no staff, or may not sign in.");
        assertThat(StaffList.read(users, "")).isInstanceOf(StaffList.NoList.class);
    }

    @Test
    void nothing_that_stands_in_a_file_breaks_it() {
        Random chance = new Random(41);
        String signs = "ab,;\t\"\n\r 🪐ع";
        int[] points = signs.codePoints().toArray();
        for (int n = 0; n < 2_000; n++) {
            StringBuilder text = new StringBuilder(chance.nextBoolean() ? "name,username,role\n" : USERS);
            for (int i = chance.nextInt(80); i > 0; i--) {
                text.appendCodePoint(points[chance.nextInt(points.length)]);
            }
            StaffList.Result result = StaffList.read(text.toString(), chance.nextBoolean() ? "" : ROLES);
            if (result instanceof StaffList.Read read) {
                assertThat(read.rows())
                        .allMatch(
                                row -> !row.name().isEmpty() && !row.userName().isEmpty());
            }
        }
    }
}
