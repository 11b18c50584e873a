package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From a pasted list to a page that can be played, on the real interface. */
@ExtendWith(RealServer.class)
class StartersTest {
    private final Browser browser = new Browser();
    private Page teacher;
    private School school;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/activities");
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void start(String name, String title, String list) {
        teacher.getByLabel("Start from a list")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        field("Title").fill(title);
        teacher.locator("dialog textarea").fill(list);
    }

    private Locator field(String label) {
        return teacher.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private void make() {
        buttonLike(teacher, "Make the page").click();
        teacher.waitForURL("**/lay-out");
    }

    @Test
    void twelve_words_with_groups_become_a_sort_that_can_be_played() {
        start(
                "Sort",
                "Planet or star?",
                "planet: Mars, Venus, Jupiter, Saturn\nstar: Vega, Sirius, Polaris, Rigel\ncomet: Halley, Encke, Swan, Biela");
        assertThat(teacher.getByText("1 page")).isVisible();
        assertThat(teacher.getByLabel("Preview").locator("svg.page")).hasCount(1);
        make();
        assertThat(buttonLike(teacher, "Mars, free")).isVisible();
        link(teacher, "Answers").click();
        assertThat(teacher.getByText("all decided")).isVisible();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        link(teacher, "Try").click();
        assertThat(teacher.getByText("0 of 12 placed")).isVisible();
        pieceLike(teacher, "Mars").press("Enter");
        teacher.keyboard().press("ArrowRight");
        teacher.keyboard().press("Enter");
        assertThat(teacher.getByText("1 of 12 placed")).isVisible();
    }

    @Test
    void words_of_a_text_are_ticked_and_then_typed() {
        start("Fill gaps", "Our sky", "The sun is a star.");
        teacher.getByLabel("Words to be missing")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("star"))
                .click();
        assertThat(teacher.locator("dialog textarea")).hasValue("The sun is a [star].");
        field("Students type the words").check();
        make();
        link(teacher, "Try").click();
        field("Gap 1").fill("Star");
        field("Gap 1").press("Enter");
        assertThat(teacher.getByText("1 of 1 placed")).isVisible();
        assertThat(teacher.getByLabel("Gap 1, right")).isVisible();
    }

    @Test
    void pictures_are_found_by_word() {
        start("Pair", "", "day, sun\nnight, moon");
        field("Show pictures for the words").check();
        assertThat(teacher.getByText("1 page, 2 pictures found")).isVisible();
        make();
        assertThat(buttonLike(teacher, "sun, free").locator("image")).hasCount(1);
    }

    @Test
    void what_is_missing_is_told_while_the_list_is_written_and_nothing_is_made() {
        start("Count out", "", "star");
        assertThat(teacher.getByText(Pattern.compile("how many behind each thing")))
                .isVisible();
        assertThat(buttonLike(teacher, "Make the page")).isDisabled();
        teacher.locator("dialog textarea").fill("star, 3");
        assertThat(buttonLike(teacher, "Make the page")).isEnabled();
    }

    @Test
    void by_keyboard_alone_a_memory_page_is_made() {
        teacher.getByLabel("Start from a list").locator("button").first().focus();
        Browser.tabTo(teacher, "Memory pairs turn and match");
        teacher.keyboard().press("Enter");
        teacher.waitForFunction("() => document.activeElement?.tagName === 'TEXTAREA'");
        teacher.keyboard().type("hot, cold\nday, night");
        assertThat(buttonLike(teacher, "Make the page")).isEnabled();
        teacher.keyboard().press("Tab");
        Browser.tabTo(teacher, "Make the page");
        teacher.keyboard().press("Enter");
        teacher.waitForURL("**/lay-out");
        assertThat(buttonLike(teacher, "Card 4, free")).isVisible();
        assertTrue(button(teacher, "Undo").isDisabled());
    }

    @Test
    void a_sentence_is_cut_into_words_and_one_undo_brings_it_back() {
        start("Order", "Moonrise", "first\nsecond");
        make();
        buttonLike(teacher, "Put them in order, the first one on the left., fixed")
                .click();
        button(teacher, "Cut into words").click();
        assertThat(buttonLike(teacher, "left., free")).isVisible();
        assertThat(buttonLike(teacher, "order,, free")).isVisible();
        button(teacher, "Undo").click();
        assertThat(buttonLike(teacher, "Put them in order, the first one on the left., fixed"))
                .isVisible();
    }
}
