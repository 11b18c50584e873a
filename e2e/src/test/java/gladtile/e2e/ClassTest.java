package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.link;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A class from nothing to its students' first page, and what came of an assignment. */
@ExtendWith(RealServer.class)
class ClassTest {
    private final Browser browser = new Browser();

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    @Test
    void a_class_is_filled_from_a_pasted_list_and_a_student_comes_in_with_the_card(RealServer server) {
        School school = new School(server);
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/classes");
        teacher.getByLabel("A new class").fill("Owl class");
        button(teacher, "Make it").click();
        assertThat(teacher.getByText("Nobody is in this class yet.")).isVisible();
        button(teacher, "Add names").click();
        Locator list = teacher.locator("dialog textarea");
        list.fill("Ada\nBo\nada");
        assertThat(teacher.getByText("“ada” stands twice.")).isVisible();
        assertThat(teacher.locator("dialog .pri")).isDisabled();
        list.fill("Ada\nBo 🔭\n");
        assertThat(teacher.getByText("2 new students:")).isVisible();
        Browser.look(teacher, "class-names");
        button(teacher, "Add 2 students").click();
        Locator cards = teacher.getByLabel("Sign-in cards").locator("li");
        assertThat(cards).hasCount(2);
        assertThat(teacher.getByLabel("Students", new Page.GetByLabelOptions().setExact(true))
                        .locator("li"))
                .hasCount(2);
        Browser.look(teacher, "class");
        assertThat(Browser.barriers(teacher)).isEmpty();

        // A file on top: one is there already, one comes.
        button(teacher, "Add names").click();
        teacher.locator("dialog input[type=file]")
                .setInputFiles(new FilePayload(
                        "owls.csv", "text/csv", "\uFEFFno;name\n1;Ada\n2;Cyrus".getBytes(StandardCharsets.UTF_8)));
        assertThat(teacher.getByText("In the class already:")).isVisible();
        assertThat(teacher.getByText("Not in the list, and stay:")).isVisible();
        button(teacher, "Add 1 student").click();
        assertThat(cards).hasCount(3);
        String pin = cards.filter(new Locator.FilterOptions().setHasText("Cyrus"))
                .locator("b")
                .innerText();

        teacher.navigate(server.address() + "/activities/" + school.activityId + "/assign");
        teacher.getByText("Owl class").first().click();
        button(teacher, "Assign").click();
        String code = teacher.locator(".big-code").innerText().replace(" ", "");
        Page student = browser.device(true);
        Browser.join(student, server.address(), code, "Cyrus", pin);
        assertThat(student.locator("[data-piece]").first()).isVisible();
    }

    private static FilePayload csv(String name, String text) {
        return new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void classes_come_from_the_schools_register_with_cards_for_who_is_new(RealServer server) {
        School school = new School(server);
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/classes");
        button(teacher, "Import classes").click();
        Locator files = teacher.locator("dialog input[type=file]");
        FilePayload classes = csv("classes.csv", "sourcedId,title,classType\nc1,Owl,homeroom\nc2,Puffin,homeroom\n");
        files.setInputFiles(classes);
        assertThat(teacher.getByRole(AriaRole.ALERT)).containsText("There is no file of users and enrollments");
        files.setInputFiles(new FilePayload[] {
            classes,
            csv("users.csv", "sourcedId,givenName,familyName\nu1,Ada,\nu2,Bo,Berg\nu3,Dina,Dahl\n"),
            csv(
                    "enrollments.csv",
                    "sourcedId,classSourcedId,userSourcedId,role\n"
                            + "e1,c1,u2,student\ne2,c1,u3,student\ne3,c2,u1,student\n")
        });
        assertThat(teacher.getByText("2 students: 2 new")).isVisible();
        // The class that was made by hand is found by its name, and so is Ada in it.
        assertThat(teacher.getByText("1 student: 1 there already. Not in the register, and stay: Bo, Cyrus"))
                .isVisible();
        Browser.look(teacher, "register");
        assertThat(Browser.barriers(teacher)).isEmpty();
        button(teacher, "Take in 2 classes").click();
        assertThat(teacher.getByText("2 students cannot sign in yet")).isVisible();
        var cards = teacher.waitForDownload(
                () -> button(teacher, "Cards for the 2 new students").click());
        assertThat(cards.suggestedFilename()).isEqualTo("Sign-in cards, Owl.pdf");
        teacher.locator("dialog")
                .getByText("Owl", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(teacher.getByLabel("Students", new Page.GetByLabelOptions().setExact(true))
                        .locator("li"))
                .hasCount(2);
    }

    @Test
    void results_say_what_was_hardest_and_where_the_misses_went(RealServer server) {
        School school = new School(server);
        Api first = school.asStudent(0);
        first.post(
                "/api/v1/attempts/" + school.open(first) + "/moves",
                School.moves(
                        School.put("sun", 900, 200),
                        School.put("sun", 200, 200),
                        School.put("moon", 900, 200),
                        School.move(java.util.Map.of("kind", "hand-in"))));
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/assigned/" + school.assignmentId);
        link(teacher, "Results").click();
        assertThat(teacher.getByText(
                        "1 student did something, 1 handed in", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        Locator hardest = teacher.locator("tbody tr").first();
        assertThat(hardest).containsText("sun");
        assertThat(hardest).containsText("0 %");
        assertThat(hardest).containsText("Reflects 1");
        assertThat(teacher.getByText(Pattern.compile("1 handed in; it takes 10")))
                .isVisible();
        Browser.look(teacher, "results");
        assertThat(Browser.barriers(teacher)).isEmpty();
        var table = teacher.waitForDownload(() -> link(teacher, "Download CSV").click());
        assertThat(table.suggestedFilename()).endsWith(", results.csv").contains("Night sky");
    }
}
