package gladtile.core.roster;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import gladtile.core.roster.Intake.Becomes;
import gladtile.core.roster.Intake.ClassIntake;
import gladtile.core.roster.Intake.Known;
import gladtile.core.roster.Intake.KnownClass;
import gladtile.core.roster.Intake.StudentIntake;
import gladtile.core.roster.Registered.Enrolment;
import gladtile.core.roster.Registered.RegisteredClass;
import gladtile.core.roster.Registered.RegisteredStudent;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class IntakeTest {
    /** Class c1 "Owl" with the users u1, u2, … of these names. */
    private static Registered owl(String... names) {
        List<RegisteredStudent> students = new ArrayList<>();
        List<Enrolment> in = new ArrayList<>();
        for (int i = 1; i <= names.length; i++) {
            students.add(new RegisteredStudent("u" + i, names[i - 1]));
            in.add(new Enrolment("c1", "u" + i));
        }
        return new Registered(List.of(new RegisteredClass("c1", "Owl")), students, in);
    }

    private static KnownClass known(String id, String name, boolean mine, Known... students) {
        return new KnownClass("key-" + name, id, name, mine, List.of(students));
    }

    private static ClassIntake only(Registered register, List<KnownClass> known, Known... school) {
        Intake intake = Intake.of(register, known, List.of(school));
        assertThat(intake.wrong()).isEmpty();
        assertThat(intake.classes()).hasSize(1);
        return intake.classes().get(0);
    }

    private static List<Becomes> becomes(ClassIntake intake) {
        return intake.students().stream().map(StudentIntake::becomes).toList();
    }

    @Test
    void a_class_that_nobody_knows_is_new_and_so_is_everybody_in_it() {
        ClassIntake owl = only(owl(" Ada  Sol", "Bo"), List.of());
        assertThat(owl.key()).isNull();
        assertThat(owl.students()).extracting(StudentIntake::name).containsExactly("Ada Sol", "Bo");
        assertThat(becomes(owl)).containsOnly(Becomes.ADDED);
    }

    /** The law of laying a register over what came of it: the second time nothing changes. */
    @Test
    void the_same_register_again_changes_nothing() {
        Known ada = new Known("p1", "u1", "Ada");
        Known bo = new Known("p2", "u2", "Bo");
        ClassIntake owl = only(owl("Ada", "Bo"), List.of(known("c1", "Owl", true, ada, bo)), ada, bo);
        assertThat(becomes(owl)).containsOnly(Becomes.THERE);
        assertThat(owl.missing()).isEmpty();
    }

    @Test
    void who_changed_their_name_is_renamed_and_who_left_the_register_stays() {
        Known ada = new Known("p1", "u1", "Ada");
        Known eve = new Known("p9", "u9", "Eve");
        ClassIntake owl = only(owl("Ada Sol"), List.of(known("c1", "Night owls", true, ada, eve)), ada, eve);
        assertThat(owl.name()).as("the teacher's name for it stays").isEqualTo("Night owls");
        assertThat(owl.students()).containsExactly(new StudentIntake("u1", "Ada Sol", Becomes.RENAMED, "p1", "Ada"));
        assertThat(owl.missing()).containsExactly("Eve");
    }

    @Test
    void who_is_in_the_school_already_joins_and_keeps_their_name_and_key() {
        ClassIntake owl = only(owl("Ada"), List.of(), new Known("p1", "u1", "Ada S."));
        assertThat(owl.students()).containsExactly(new StudentIntake("u1", "Ada S.", Becomes.JOINS, "p1", null));
    }

    @Test
    void a_class_and_students_that_were_put_in_by_hand_are_found_by_their_names() {
        Known ada = new Known("p1", null, "ada");
        ClassIntake owl = only(owl("Ada", "Bo"), List.of(known(null, "owl", true, ada)));
        assertThat(owl.key()).isEqualTo("key-owl");
        assertThat(becomes(owl)).containsExactly(Becomes.RENAMED, Becomes.ADDED);
        // Of somebody else's nothing is taken over by its name alone.
        assertThat(only(owl("Ada"), List.of(known(null, "Owl", false, ada))).key())
                .isNull();
    }

    @Test
    void of_a_colleagues_class_nothing_is_told() {
        Known ada = new Known("p1", "u1", "Ada");
        ClassIntake owl = only(owl("Ada", "Ada"), List.of(known("c1", "Owl", false, ada)), ada);
        assertThat(owl.colleagues()).isTrue();
        assertThat(owl.students()).isEmpty();
        assertThat(owl.wrong()).isEmpty();
    }

    @Test
    void two_alike_names_in_a_class_stand_in_its_way_and_in_no_others() {
        Registered register = new Registered(
                List.of(new RegisteredClass("c1", "Owl"), new RegisteredClass("c2", "Hawk")),
                List.of(new RegisteredStudent("u1", "Ada"), new RegisteredStudent("u2", "ADA")),
                List.of(new Enrolment("c1", "u1"), new Enrolment("c1", "u2"), new Enrolment("c2", "u2")));
        Intake intake = Intake.of(register, List.of(), List.of());
        assertThat(intake.classes().get(0).wrong())
                .containsExactly(Message.of("class-list.twice-in-class", "name", "ADA"));
        assertThat(intake.classes().get(1).wrong()).isEmpty();
    }

    @Test
    void twice_the_same_id_an_id_that_is_not_there_or_none_is_wrong_as_a_whole() {
        Registered register = new Registered(
                List.of(new RegisteredClass("c1", "Owl"), new RegisteredClass("c1", "Owl")),
                List.of(new RegisteredStudent("u1", "Ada"), new RegisteredStudent("u1", "Bo")),
                List.of(new Enrolment("c9", "u1"), new Enrolment("c1", "u9")));
        Intake intake = Intake.of(register, List.of(), List.of());
        assertThat(intake.classes()).isEmpty();
        assertThat(intake.wrong())
                .containsExactly(
                        Message.of("class-list.class-id-twice", "id", "c1"),
                        Message.of("class-list.user-id-twice", "id", "u1"),
                        Message.of("class-list.no-such-class", "id", "c9"),
                        Message.of("class-list.no-such-user", "id", "u9"));
        assertThat(Intake.of(new Registered(List.of(), List.of(), List.of()), List.of(), List.of())
                        .wrong())
                .containsExactly(Message.of("class-list.no-class"));
        Registered bare = new Registered(List.of(new RegisteredClass("", "Owl")), List.of(), List.of());
        assertThat(Intake.of(bare, List.of(), List.of()).wrong()).hasSize(1);
    }

    @Test
    void a_class_that_would_be_too_large_or_has_no_name_cannot_be_taken() {
        String[] many = IntStream.rangeClosed(0, Bounds.CLASS_SIZE)
                .mapToObj(i -> "Student " + i)
                .toArray(String[]::new);
        assertThat(only(owl(many), List.of()).wrong())
                .singleElement()
                .asString()
                .contains("class-list.too-many", "401");
        Registered bare = new Registered(List.of(new RegisteredClass("c1", " ")), List.of(), List.of());
        assertThat(only(bare, List.of()).wrong()).singleElement().asString().contains("class-list.class-name", "100");
        assertThat(only(owl("x".repeat(101)), List.of()).wrong()).hasSize(1);
    }

    @Test
    void of_many_things_that_are_wrong_the_first_few_are_told() {
        String[] same = IntStream.range(0, 300).mapToObj(i -> "Ada").toArray(String[]::new);
        assertThat(only(owl(same), List.of()).wrong()).hasSizeLessThan(10);
    }
}
