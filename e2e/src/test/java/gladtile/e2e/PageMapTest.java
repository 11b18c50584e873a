package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.page.Link;
import gladtile.core.page.Opens;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The map of pages: what it tells, how it is changed by pointer and by keys, how it is mended and walked. */
class PageMapTest extends OnWorkbench {
    @Override
    void prepare() {
        school.edit(new CompositeEdit(List.of(
                new AddPage(2, gladtile.core.page.Page.empty("third", "Third")),
                new AddPage(3, gladtile.core.page.Page.empty("spare", "Spare")))));
    }

    private void toLinks() {
        link(teacher, "Links").click();
        assertThat(teacher.locator("[data-map-page]")).hasCount(4);
    }

    private Locator card(String page) {
        return teacher.locator("[data-map-page='" + page + "'] .card");
    }

    private Locator grip(String page) {
        return teacher.locator("[data-map-page='" + page + "'] .grip");
    }

    private PageLinks ways(String page) {
        return school.activity().page(page).orElseThrow().leads();
    }

    private Locator select(String label) {
        return teacher.locator("label", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + label)))
                .locator("select");
    }

    private Locator finding(String title) {
        return teacher.locator(".finding").filter(new Locator.FilterOptions().setHasText(title));
    }

    @Test
    void an_arrow_drawn_from_page_to_page_becomes_next_or_a_tile_and_what_nobody_sees_is_found_and_mended() {
        toLinks();
        assertThat(teacher.locator(".numbers")).containsText("4 pages, 3 links");
        Browser.drag(teacher, grip("light"), card("third"));
        button(teacher, "Next").click();
        until(() -> "third".equals(ways("light").to()));
        Locator lost = finding("Never seen");
        assertThat(lost).containsText("Nobody comes to 2 · Page 1 from the first page.");
        assertThat(teacher.locator("[data-map-page][data-sign='unlinked']")).hasCount(1);
        Browser.look(teacher, "map-lost");

        Browser.drag(teacher, grip("light"), card("spare"));
        button(teacher, "A new tile on the page").click();
        until(() -> kept().stream()
                .anyMatch(item -> item.traitsOrNone().link() instanceof Link.ToPage to
                        && to.pageId().equals("spare")));
        // Now something leads to a page of one's choice, and from none of them is there a way back.
        Locator back = finding("No way back");
        assertThat(back).isVisible();
        back.getByText(Pattern.compile("Add a Home tile")).click();
        assertThat(back).hasCount(0);
        lost.getByText("Archive").click();
        until(() -> school.activity().pages().get(1).leads().aside());
        assertThat(lost).hasCount(0);
        assertThat(teacher.locator("[data-sign='archived']")).hasCount(1);
        button(teacher, "Undo").click();
        assertThat(lost).isVisible();
    }

    @Test
    void pages_are_moved_by_hand_and_by_keys_and_tidied() {
        toLinks();
        assertThat(button(teacher, "Tidy")).isDisabled();
        double[] from = Browser.middle(card("third"));
        Browser.drag(teacher, from, new double[] {from[0] + 60, from[1] + 150});
        until(() -> ways("third").spot() != null);
        double y = ways("third").spot().y();
        card("third").focus();
        teacher.keyboard().press("Shift+ArrowDown");
        until(() -> ways("third").spot().y() == y + 20);
        teacher.keyboard().press("ArrowLeft");
        assertThat(card("third")).not().isFocused();
        button(teacher, "Tidy").click();
        until(() -> ways("third").spot() == null);
    }

    @Test
    void what_next_waits_for_and_where_it_branches_is_set_for_a_page_and_walked() {
        toLinks();
        card("light").click();
        select("Next opens").selectOption("points");
        until(() -> ways("light").opens() instanceof Opens.WhenPoints);
        teacher.locator(".points input").fill("7");
        teacher.locator(".points input").press("Tab");
        assertThat(finding("Never opens")).containsText("waits for 7 points, and the page gives 2 at most");
        finding("Never opens").getByText("It opens at once").click();
        until(() -> ways("light").opens() == null);
        select("Next opens").selectOption("parts");
        teacher.getByLabel("Reflects").check();
        teacher.getByLabel("Makes light").uncheck();
        until(() -> ways("light").opens() instanceof Opens.WhenParts parts
                && parts.ids().equals(List.of("reflect")));
        select("All right at the first try").selectOption("spare");
        until(() -> "spare".equals(ways("light").first()));

        button(teacher, "Try the path").click();
        assertThat(buttonLike(teacher, "Next, not open yet. This opens when a part"))
                .isVisible();
        assertThat(teacher.getByLabel("Not met yet").locator("li")).hasCount(3);
        Browser.drag(teacher, Browser.pieceLike(teacher, "moon"), teacher.locator("[data-zone='reflect']"));
        assertThat(button(teacher, "Next")).isVisible();
        Browser.drag(teacher, Browser.pieceLike(teacher, "sun"), teacher.locator("[data-zone='own']"));
        assertThat(Browser.pieceLike(teacher, "sun, belongs")).isVisible();
        button(teacher, "Next").click();
        assertThat(teacher.getByLabel("Met, in this order").locator("li").last())
                .containsText("Spare");
        Browser.look(teacher, "map-walk");
        button(teacher, "To the map").click();
        assertThat(card("light")).isVisible();
    }

    @Test
    void without_the_buttons_only_what_things_lead_to_is_met_and_the_table_says_the_same() {
        toLinks();
        teacher.getByLabel("Next and Back for students").uncheck();
        until(() -> !school.activity().passing().nextAndBack());
        assertThat(finding("Never seen")).hasCount(3);
        assertThat(teacher.locator(".numbers")).containsText("meets 1 page");
        button(teacher, "As a table").click();
        Locator table = teacher.getByRole(com.microsoft.playwright.options.AriaRole.TABLE);
        assertThat(table.locator("tbody tr")).hasCount(4);
        assertThat(table.locator("tbody tr").first()).containsText("nowhere");
        assertThat(Browser.barriers(teacher)).isEmpty();
        finding("Never seen").first().getByText("Link it").click();
        assertThat(table.locator("tbody tr").first()).containsText("by Page 1");
        button(teacher, "As a map").click();
        assertThat(Browser.barriers(teacher)).isEmpty();
        // Another start: everything else is seen from there.
        select("Start page").selectOption("third");
        until(() -> "third".equals(school.activity().passing().start()));
        assertThat(teacher.locator("[data-sign='start']")).hasAttribute("data-map-page", "third");
    }

    /** As many pages as there may be: all are on the map, and it answers. */
    @Test
    void two_hundred_pages_are_on_the_map() {
        List<Edit> edits = new ArrayList<>();
        for (int i = 4; i < 200; i++) {
            edits.add(new AddPage(
                    i, gladtile.core.page.Page.empty("many" + i, "Page " + i).withPaper(Paper.PLAIN)));
        }
        edits.add(new SetPageLinks("light", PageLinks.USUAL.withTo("many50")));
        school.edit(new CompositeEdit(edits));
        teacher.navigate(lay.replace("lay-out", "links"));
        assertThat(teacher.locator("[data-map-page]")).hasCount(200);
        assertThat(teacher.locator(".numbers")).containsText("200 pages");
        button(teacher, "Whole map").click();
        Browser.look(teacher, "map-200");
        button(teacher, "Whole map").click();
        card("light").click();
        select("Next links to").selectOption("");
        until(() -> ways("light").to() == null);
        assertThat(teacher.locator("[data-sign='unlinked']")).hasCount(0);
    }

    @Test
    void an_arrow_is_dragged_from_a_thing_to_a_page_in_the_column() {
        item("hill, fixed").click();
        Locator lead = teacher.locator(".lead circle");
        Browser.drag(teacher, lead, teacher.locator(".pages [data-page='third']"));
        until(() -> kept("hill").traitsOrNone().link() instanceof Link.ToPage to
                && to.pageId().equals("third"));
        assertThat(item("hill, fixed, links to page 3, Third")).isVisible();
        assertThat(browser.mishaps()).isEmpty();
    }
}
