package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.KeyboardModifier;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.ShapeForm;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Handling what lies on a page: selecting, lining up, grouping, guides, turning, depth, copying. */
class ArrangingTest extends OnWorkbench {
    @Override
    void prepare() {
        add(
                shape("a", Frame.of(700, 650, 100, 60), ShapeForm.RECTANGLE),
                shape("b", Frame.of(840, 690, 120, 80), ShapeForm.RECTANGLE),
                shape("c", Frame.of(1200, 720, 60, 100), ShapeForm.RECTANGLE));
    }

    private Frame frame(String id) {
        return kept(id).frame();
    }

    private void select(String... names) {
        keys("Escape");
        item(names[0]).click();
        for (int i = 1; i < names.length; i++) {
            item(names[i]).click(with(KeyboardModifier.SHIFT));
        }
        assertThat(teacher.getByText(names.length + " selected").first()).isVisible();
    }

    private void selectByKeys(String... names) {
        keys("Escape");
        for (String name : names) {
            tabTo(teacher, name + ", fixed");
            keys("Shift+Space");
        }
        assertThat(teacher.getByText(names.length + " selected").first()).isVisible();
    }

    @Test
    void lined_up_six_ways_and_spread_evenly_by_pointer() {
        select("a", "b", "c");
        button(teacher, "Align left").click();
        until(() -> frame("b").x() == 700 && frame("c").x() == 700);
        keys("Control+z");
        until(() -> frame("b").x() == 840);
        button(teacher, "Align right").click();
        until(() -> frame("a").x() == 1160 && frame("b").x() == 1140);
        keys("Control+z");
        until(() -> frame("a").x() == 700);
        button(teacher, "Align centre").click();
        until(() -> frame("a").x() + 50 == frame("c").x() + 30);
        keys("Control+z");
        until(() -> frame("a").x() == 700);
        button(teacher, "Align top").click();
        until(() -> frame("b").y() == 650 && frame("c").y() == 650);
        keys("Control+z");
        until(() -> frame("b").y() == 690);
        button(teacher, "Align bottom").click();
        until(() -> frame("a").y() == 760 && frame("b").y() == 740);
        keys("Control+z");
        until(() -> frame("a").y() == 650);
        button(teacher, "Align middle").click();
        until(() -> frame("a").y() + 30 == frame("c").y() + 50);
        button(teacher, "Distribute across").click();
        until(() -> frame("b").x() - 800 == 1200 - (frame("b").x() + 120));
    }

    @Test
    void lined_up_sized_turned_and_grouped_by_keyboard() {
        selectByKeys("a", "b", "c");
        pressInPanel("Same size", "Enter");
        until(() -> frame("a").width() == frame("c").width()
                && frame("a").height() == frame("b").height());
        pressInPanel("Align middle", "Enter");
        pressInPanel("Distribute across", "Space");
        until(() -> Math.abs(frame("b").x()
                        - frame("a").x()
                        - (frame("c").x() - frame("b").x()))
                < 0.5);
        double width = frame("a").width();
        typeInPanel("Size of all, %", "50");
        until(() -> Math.abs(frame("a").width() - width / 2) < 0.5);
        typeInPanel("Turn all by °", "90");
        until(() -> frame("a").turn() == 90 && frame("c").turn() == 90);
        keys("F6");
        keys("Control+g", "Escape");
        tabTo(teacher, "b, fixed");
        assertThat(teacher.getByText("3 selected").first()).isVisible();
        keys("Control+Shift+g", "Escape", "Space");
        assertThat(teacher.locator(".panel h2")).hasText("b");
        // Walking past others leaves be what was taken with Shift+Space.
        selectByKeys("a", "c");
        Frame before = frame("a");
        double still = frame("b").y();
        keys("Shift+ArrowUp");
        until(() -> frame("a").y() == before.y() - 50 && frame("b").y() == still);
    }

    @Test
    void groups_lie_within_groups() {
        select("a", "b");
        keys("Control+g");
        item("c").click(with(KeyboardModifier.SHIFT));
        keys("Control+g", "Escape");
        item("a").click();
        assertThat(teacher.getByText("3 selected").first()).isVisible();
        double[] at = middle(item("a"));
        pull(at[0], at[1], 0, -60);
        until(() -> frame("a").y() < 600 && frame("c").y() < 680);
        keys("Control+Shift+g", "Escape");
        item("c").click();
        assertThat(teacher.locator(".panel h2")).hasText("c");
        item("a").click();
        assertThat(teacher.getByText("2 selected").first()).isVisible();
        // A double click goes into the group.
        at = middle(item("a"));
        teacher.mouse().dblclick(at[0], at[1]);
        assertThat(teacher.locator(".panel h2")).hasText("a");
    }

    @Test
    void what_lies_beneath_is_selected_with_ctrl() {
        add(shape("over", Frame.of(690, 640, 300, 200), ShapeForm.RECTANGLE));
        item("over").waitFor();
        double[] at = at(750, 680);
        teacher.mouse().click(at[0], at[1]);
        assertThat(teacher.locator(".panel h2")).hasText("over");
        teacher.keyboard().down("Control");
        teacher.mouse().click(at[0], at[1]);
        teacher.keyboard().up("Control");
        assertThat(teacher.locator(".panel h2")).hasText("a");
    }

    @Test
    void guides_draw_to_edges_and_equal_gaps_and_alt_holds_them_off() {
        keys("Escape");
        double[] c = middle(item("c"));
        // Its top comes within a hand's breadth of a's top: 650.
        hold(c[0], c[1], 0, (654 - 720) * scale());
        assertThat(teacher.locator(".sheet path.guide")).hasAttribute("d", java.util.regex.Pattern.compile("\\d"));
        Browser.look(teacher, "guides");
        teacher.mouse().up();
        until(() -> frame("c").y() == 650);
        keys("Control+z");
        until(() -> frame("c").y() == 720);
        c = middle(item("c"));
        teacher.keyboard().down("Alt");
        pull(c[0], c[1], 0, (654 - 720) * scale());
        teacher.keyboard().up("Alt");
        until(() -> frame("c").y() < 720);
        assertThat(frame("c").y()).isCloseTo(654, within(1.6)).isNotEqualTo(650);
        keys("Control+z");
        until(() -> frame("c").y() == 720);
        // The same gap as between a and b, which is 40 wide.
        c = middle(item("c"));
        pull(c[0], c[1], (1004 - 1200) * scale(), (680 - 720) * scale());
        until(() -> frame("c").x() == 1000);
    }

    @Test
    void ratio_turn_with_read_out_and_steps_of_fifteen() {
        item("b").click();
        double[] grip = middle(teacher.locator(".grips .grip.se"));
        teacher.keyboard().down("Shift");
        pull(grip[0], grip[1], 90, 5);
        teacher.keyboard().up("Shift");
        until(() -> frame("b").width() > 140);
        assertThat(frame("b").width() / frame("b").height()).isCloseTo(1.5, within(0.01));
        double[] turn = middle(teacher.locator(".grips .turn").last());
        hold(turn[0], turn[1], 37, 20);
        assertThat(teacher.getByText(java.util.regex.Pattern.compile("turned \\d+°")))
                .isVisible();
        teacher.mouse().up();
        until(() -> frame("b").turn() != 0);
        turn = middle(teacher.locator(".grips .turn").last());
        teacher.keyboard().down("Shift");
        pull(turn[0], turn[1], 30, 40);
        teacher.keyboard().up("Shift");
        until(() -> frame("b").turn() % 15 == 0 && frame("b").turn() != 0);
        // In numbers, for whoever does not point.
        typeInPanel("Turn°", "30");
        typeInPanel("W", "200");
        until(() -> frame("b").turn() == 30 && frame("b").width() == 200);
    }

    @Test
    void depth_four_ways() {
        item("a").click();
        button(teacher, "Top").click();
        until(() -> top().id().equals("a"));
        button(teacher, "Bottom").click();
        until(() -> kept().get(0).id().equals("a"));
        pressInPanel("Up", "Enter");
        until(() -> kept().get(1).id().equals("a"));
        keys("F6");
        item("a").focus();
        keys("]");
        until(() -> kept().get(2).id().equals("a"));
        keys("[", "[");
        until(() -> kept().get(0).id().equals("a"));
    }

    @Test
    void copied_cut_and_pasted_in_place_between_pages_and_tabs() {
        teacher.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        select("a", "b");
        keys("Control+c");
        buttonLike(teacher, "Page 2, ").click();
        assertThat(item("a")).hasCount(0);
        keys("Control+Shift+v");
        until(() -> school.activity().pages().get(1).items().size() == 2);
        List<Frame> there = school.activity().pages().get(1).items().stream()
                .map(Item::frame)
                .toList();
        assertThat(there).containsExactly(frame("a"), frame("b"));
        keys("Control+x");
        until(() -> school.activity().pages().get(1).items().isEmpty());
        Page tab = teacher.context().newPage();
        tab.navigate(lay);
        buttonLike(tab, "moon, free").waitFor();
        tab.keyboard().press("Control+v");
        until(() -> kept().size() == 10);
        // And in another activity.
        tab.navigate(address + "/activities");
        button(tab, "New activity").click();
        assertThat(tab.getByPlaceholder("Night-sky week")).isFocused();
        tab.keyboard().press("Enter");
        tab.waitForURL("**/lay-out");
        tab.locator(".sheet svg.page").waitFor();
        tab.keyboard().press("Control+v");
        assertThat(tab.locator(".sheet [data-item]")).hasCount(2);
        tab.close();
    }

    @Test
    void a_duplicate_goes_as_far_as_the_last_one_did() {
        item("a").click();
        keys("Control+d");
        until(() -> kept().size() == 9);
        double[] at = middle(item("a").last());
        double dx = (820 - top().frame().x()) * scale();
        teacher.keyboard().down("Alt");
        pull(at[0], at[1], dx, (560 - top().frame().y()) * scale());
        teacher.keyboard().up("Alt");
        until(() -> Math.abs(top().frame().x() - 820) < 3);
        Frame second = top().frame();
        keys("Control+d");
        until(() -> kept().size() == 10);
        assertThat(top().frame().x() - second.x()).isCloseTo(second.x() - 700, within(0.01));
        assertThat(top().frame().y() - second.y()).isCloseTo(second.y() - 650, within(0.01));
    }

    @Test
    void several_that_differ_are_mixed_and_set_at_once() {
        school.edit(new gladtile.core.edit.SetMovement("light", "a", Movement.FREE));
        buttonLike(teacher, "a, free").waitFor();
        select("a", "b", "c");
        assertThat(teacher.getByText("mixed").first()).isVisible();
        button(teacher, "Free").click();
        until(() -> List.of("a", "b", "c").stream().allMatch(id -> kept(id).movement() instanceof Movement.Free));
        Browser.choice(teacher, "Shape").selectOption("STAR");
        pressInPanel("Hollow", "Enter");
        until(() -> List.of("a", "b", "c").stream()
                .map(id -> ((gladtile.core.page.Shape) kept(id)).look())
                .allMatch(look -> look.form() == ShapeForm.STAR && look.fill() == null));
        Browser.look(teacher, "many");
    }

    @Test
    void nudged_by_arrow_keys() {
        tabTo(teacher, "a, fixed");
        keys("ArrowRight", "ArrowRight", "Shift+ArrowDown");
        until(() -> frame("a").x() == 710 && frame("a").y() == 700);
    }
}
