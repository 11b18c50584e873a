package gladtile.e2e;

import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What axe finds wrong in the panels and dialogs of Lay out: nothing. */
class BarriersTest extends OnWorkbench {
    @Test
    void no_panel_or_dialog_has_a_barrier_that_axe_finds() {
        item("sun, free").click();
        button(teacher, "Turns").click();
        teacher.getByLabel("Supply").check();
        teacher.getByLabel("Other side").check();
        check("panel of a piece");
        teacher.keyboard().press("Escape");
        for (String kind : new String[] {"Words", "Note", "Table", "Cover", "Lens"}) {
            tile(kind).click();
            check(kind);
            teacher.keyboard().press("Escape");
            teacher.keyboard().press("Escape");
        }
        teacher.keyboard().press("Control+a");
        check("several");
        teacher.keyboard().press("Escape");
        tile("Ink").click();
        check("ink");
        button(teacher, "Done drawing (Esc)").click();
        tile("Shape").click();
        check("shapes");
        tile("Picture").click();
        teacher.getByText(Pattern.compile("^\\d+ pictures")).waitFor();
        check("pictures");
        teacher.keyboard().press("Escape");
        button(teacher, "Arrange the rack").click();
        check("rack");
        button(teacher, "History").click();
        teacher.getByText("What was done").first().waitFor();
        check("history");
    }

    @Test
    void no_panel_of_the_answers_has_one_and_nor_has_doing_the_page() {
        tile("Gap").click();
        Browser.buttonLike(teacher, "Gap 1").first().waitFor();
        Browser.link(teacher, "Answers").click();
        Browser.buttonLike(teacher, "Zone A, .*: its rules").click();
        teacher.locator("label", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*Checked")))
                .locator("select")
                .selectOption("ON_CHECK");
        teacher.getByText(Pattern.compile("to look at")).first().waitFor();
        check("zone and page check");
        button(teacher, "sun: labels and value").click();
        check("piece");
        Browser.buttonLike(teacher, "^Gap 1").click();
        teacher.getByText("What counts").waitFor();
        check("gap");
        button(teacher, "Points, time and more").click();
        check("points");
        Browser.link(teacher, "Try").click();
        teacher.getByLabel("Gap 1").fill("Mars");
        teacher.getByLabel("Gap 1").press("Enter");
        check("doing the page");
    }

    @Test
    void neither_has_the_dialog_of_a_starter() {
        teacher.navigate(address + "/activities");
        teacher.getByLabel("Start from a list")
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        teacher.getByText("Show an example").click();
        teacher.getByText("1 page").waitFor();
        check("starter");
    }

    @Test
    void neither_have_the_screens_of_a_class_at_work(RealServer server) {
        Api ada = school.asStudent(0);
        ada.post(
                "/api/v1/attempts/" + school.open(ada) + "/moves",
                School.moves(School.put("sun", 900, 200), School.move(Map.of("kind", "hand-in"))));
        String assigned = address + "/assigned/" + school.assignmentId;
        teacher.navigate(assigned);
        teacher.getByText("Right now").waitFor();
        check("progress");
        button(teacher, "More").click();
        check("what can be done with all");
        teacher.navigate(assigned + "/review");
        teacher.getByLabel("Words to Ada").waitFor();
        check("review desk");
        button(teacher, "By piece").click();
        teacher.getByText("Everybody's answer").waitFor();
        check("by piece");
        teacher.navigate(address + "/review");
        teacher.getByText("1 waiting").waitFor();
        check("to review");
        teacher.navigate(address + "/classes/" + school.classId);
        button(teacher, "A team").click();
        teacher.getByText("In no team").waitFor();
        check("class and teams");
        teacher.navigate(address + "/activities/" + school.activityId + "/assign");
        teacher.getByText("More: opens").click();
        check("assign");

        Page student = browser.device(true);
        Browser.join(student, address, school.joinCode, "Bo", School.PIN);
        Browser.pieceLike(student, "sun").waitFor();
        button(student, "Easier").click();
        assertThat(Browser.barriers(student)).as("easier").isEmpty();
        button(student, "Close").click();
        Browser.link(student, "My work").click();
        student.getByText("Hello Bo").first().waitFor();
        assertThat(Browser.barriers(student)).as("home").isEmpty();
    }

    private void check(String what) {
        assertThat(Browser.barriers(teacher)).as(what).isEmpty();
    }
}
