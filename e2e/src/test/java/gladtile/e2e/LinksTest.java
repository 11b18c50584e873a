package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.link;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.page.Link;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What leads where: set by the teacher, followed by the student, by pointer and by keyboard. */
class LinksTest extends OnWorkbench {
    private Locator leadsTo() {
        return teacher.locator("label", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*Links to")))
                .locator("select");
    }

    private Locator address() {
        return teacher.getByLabel("Web address", new Page.GetByLabelOptions().setExact(true));
    }

    private Link link(String item) {
        return school.activity()
                .pages()
                .get(0)
                .item(item)
                .orElseThrow()
                .traitsOrNone()
                .link();
    }

    private void saved() {
        assertThat(teacher.getByText(Pattern.compile("^Saved"))).isVisible();
    }

    @Test
    void a_thing_that_stays_leads_to_a_page_and_back_leads_where_one_came_from() {
        item("hill, fixed").click();
        leadsTo().selectOption("page " + second());
        saved();
        until(() -> link("hill") instanceof Link.ToPage to && to.pageId().equals(second()));
        assertThat(item("hill, fixed, links to page 2")).isVisible();
        Browser.look(teacher, "leads-to");
        Browser.link(teacher, "Try").click();
        Locator way = Browser.link(teacher, "hill, links to page 2.*");
        assertThat(way).isVisible();
        Browser.look(teacher, "leads-to-try");
        way.click();
        assertThat(button(teacher, "Back")).isEnabled();
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("2");
        button(teacher, "Back").click();
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("1");
        assertThat(button(teacher, "Back")).isDisabled();
        // By keyboard.
        way.focus();
        teacher.keyboard().press("Enter");
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("2");
    }

    @Test
    void a_piece_that_leads_to_a_page_leads_there_at_a_tap_and_moves_when_it_is_dragged() {
        item("sun, free").click();
        leadsTo().selectOption("page " + second());
        until(() -> link("sun") instanceof Link.ToPage);
        Browser.link(teacher, "Try").click();
        Locator sun = Browser.pieceLike(teacher, "sun");
        Browser.drag(teacher, Browser.middle(sun), new double[] {900, 600});
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("1");
        sun.click();
        assertThat(teacher.getByLabel("Pages").locator("[aria-current='page']")).hasText("2");
    }

    @Test
    void a_web_address_is_shown_in_full_before_anyone_leaves() {
        item("hill, fixed").click();
        leadsTo().selectOption("web");
        address().fill("bücher.example/sky");
        address().press("Enter");
        saved();
        until(() -> link("hill") instanceof Link.Web);
        Browser.link(teacher, "Try").click();
        Browser.link(teacher, "hill, links to https:..xn--bcher-kva.example").click();
        Locator out = Browser.link(teacher, "Open it");
        Browser.look(teacher, "leaving");
        assertThat(out).hasAttribute("href", "https://xn--bcher-kva.example/sky");
        assertThat(out).hasAttribute("rel", Pattern.compile("noopener"));
        assertThat(teacher.getByText("https://xn--bcher-kva.example/sky").last())
                .isVisible();
        button(teacher, "Stay here").click();
        assertThat(out).hasCount(0);
    }

    @Test
    void an_address_that_runs_a_script_is_refused_and_says_why() {
        item("hill, fixed").click();
        leadsTo().selectOption("web");
        address().fill("javascript:alert(1)");
        address().press("Enter");
        assertThat(teacher.getByText(Pattern.compile("http, https or mailto"))).isVisible();
        assertThat(link("hill")).isNull();
    }

    @Test
    void what_leads_to_a_deleted_page_is_found_and_mended() {
        item("hill, fixed").click();
        leadsTo().selectOption("page " + second());
        saved();
        Browser.buttonLike(teacher, "Page 2, ").click();
        button(teacher, "Delete this page").click();
        assertThat(item("hill, fixed, links to a page that is gone")).isVisible();
        Browser.link(teacher, "Answers").click();
        assertThat(teacher.getByText("“hill” leads to a page that was deleted."))
                .isVisible();
        button(teacher, "It leads nowhere").click();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        until(() -> link("hill") == null);
    }

    private String second() {
        return school.activity().pages().get(1).id();
    }
}
