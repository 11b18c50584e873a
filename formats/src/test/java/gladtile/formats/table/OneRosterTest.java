package gladtile.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.roster.Registered.Enrolment;
import gladtile.core.roster.Registered.RegisteredClass;
import gladtile.core.roster.Registered.RegisteredStudent;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Headers as OneRoster 1.2's CSV binding (1EdTech) has them, all of them and in its order; from memory. */
class OneRosterTest {
    private static final String CLASSES = "sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,"
            + "classType,location,schoolSourcedId,termSourcedIds,subjects,subjectCodes,periods\n";
    private static final String USERS = "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,"
            + "familyName,middleName,identifier,email,sms,phone,agentSourcedIds,grades,password,userMasterIdentifier,"
            + "resourceId,preferredGivenName,preferredMiddleName,preferredFamilyName,primaryOrgSourcedId,pronouns\n";
    private static final String ENROLMENTS = "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,"
            + "userSourcedId,role,primary,beginDate,endDate\n";

    private static Map<String, String> files(String classes, String users, String enrolments) {
        Map<String, String> files = new LinkedHashMap<>();
        files.put("manifest.csv", "propertyName,value\nmanifest.version,1.0\noneroster.version,1.2\n");
        files.put("classes.csv", CLASSES + classes);
        files.put("users.csv", USERS + users);
        files.put("enrollments.csv", ENROLMENTS + enrolments);
        return files;
    }

    private static OneRoster.Read read(Map<String, String> files) {
        OneRoster.Result result = OneRoster.read(files);
        assertThat(result).isInstanceOf(OneRoster.Read.class);
        return (OneRoster.Read) result;
    }

    private static String message(Map<String, String> files) {
        OneRoster.Result result = OneRoster.read(files);
        assertThat(result).isInstanceOf(OneRoster.NoRegister.class);
        return ((OneRoster.NoRegister) result).message();
    }

    @Test
    void classes_students_and_who_is_in_which_and_teachers_are_passed_over() {
        OneRoster.Read read = read(files(
                "c1,,,\"Owl, morning\",5,co1,,homeroom,,s1,t1,,,\n",
                "u1,,,true,ada,,Ada,Sol,,,,,,,5,,,,,,,s1,\nt1,,,true,mira,,Mira,Vega,,,,,,,,,,,,,,s1,\n",
                "e1,,,c1,s1,u1,student,,,\ne2,,,c1,s1,t1,teacher,true,,\n"));
        assertThat(read.register().classes()).containsExactly(new RegisteredClass("c1", "Owl, morning"));
        assertThat(read.register().students()).contains(new RegisteredStudent("u1", "Ada Sol"));
        assertThat(read.register().enrolments()).containsExactly(new Enrolment("c1", "u1"));
        assertThat(read.passedOver()).containsExactly("“manifest.csv” is not needed.");
    }

    @Test
    void the_name_somebody_wants_to_be_called_by_comes_first() {
        OneRoster.Read read = read(files(
                "c1,,,Owl,5,co1,,homeroom,,s1,t1,,,\n",
                "u1,,,true,alex,,Alexandra,Sol,,,,,,,5,,,,Alex,,,s1,\n",
                "e1,,,c1,s1,u1,student,,,\n"));
        assertThat(read.register().students()).containsExactly(new RegisteredStudent("u1", "Alex Sol"));
    }

    @Test
    void what_has_left_or_may_not_sign_in_is_passed_over_with_its_enrolments_and_it_says_so() {
        OneRoster.Read read = read(files(
                "c1,active,2026-08-01T00:00:00.000Z,Owl,5,co1,,homeroom,,s1,t1,,,\n"
                        + "c2,tobedeleted,2026-08-01T00:00:00.000Z,Old,5,co1,,homeroom,,s1,t1,,,\n",
                "u1,active,,true,ada,,Ada,Sol,,,,,,,,,,,,,,s1,\nu2,active,,false,bo,,Bo,Berg,,,,,,,,,,,,,,s1,\n",
                "e1,active,,c1,s1,u1,student,,,\ne2,active,,c2,s1,u1,student,,,\n"
                        + "e3,active,,c1,s1,u2,student,,,\ne4,tobedeleted,,c1,s1,u1,student,,,\n"));
        assertThat(read.register().classes()).hasSize(1);
        assertThat(read.register().students()).hasSize(1);
        assertThat(read.register().enrolments()).containsExactly(new Enrolment("c1", "u1"));
        assertThat(read.passedOver()).contains("5 rows of what has left, or may not sign in, are passed over.");
    }

    @Test
    void files_are_known_by_their_headers_with_a_byte_order_mark_and_semicolons_too() {
        Map<String, String> files = files(
                "c1,,,Owl,5,co1,,homeroom,,s1,t1,,,\n",
                "u1,,,true,ada,,Ada,Sol,,,,,,,,,,,,,,s1,\n",
                "e1,,,c1,s1,u1,student,,,\n");
        Map<String, String> otherwise = files.entrySet().stream()
                .collect(Collectors.toMap(
                        file -> "export " + file.getKey().length()
                                + file.getKey().charAt(0),
                        file -> "\uFEFF" + file.getValue().replace(',', ';')));
        assertThat(read(otherwise).register()).isEqualTo(read(files).register());
    }

    @Test
    void a_file_that_is_missing_is_named_and_so_is_one_that_is_there_twice_or_broken() {
        Map<String, String> two = files("", "", "");
        two.remove("users.csv");
        assertThat(message(two)).contains("There is no file of users");
        assertThat(message(Map.of("a.csv", "just words"))).contains("classes and users and enrollments");
        Map<String, String> twice = files("", "", "");
        twice.put("users again.csv", USERS);
        assertThat(message(twice)).contains("“users again.csv” is the second file of its kind");
        Map<String, String> broken = files("c1,,,\"Owl,5,co1\n", "", "");
        assertThat(message(broken)).contains("“classes.csv” never ends");
    }

    @Test
    void five_thousand_users() {
        String users = IntStream.range(0, 5_000)
                .mapToObj(i -> "u%d,,,true,s%d,,Given %d,Family,,,,,,,,,,,,,,s1,".formatted(i, i, i))
                .collect(Collectors.joining("\n"));
        String enrolments = IntStream.range(0, 5_000)
                .mapToObj(i -> "e%d,,,c1,s1,u%d,student,,,".formatted(i, i))
                .collect(Collectors.joining("\n"));
        OneRoster.Read read = read(files("c1,,,Owl,5,co1,,homeroom,,s1,t1,,,\n", users, enrolments));
        assertThat(read.register().students()).hasSize(5_000);
        assertThat(read.register().enrolments()).hasSize(5_000);
    }
}
