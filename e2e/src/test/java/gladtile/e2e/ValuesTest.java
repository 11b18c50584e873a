package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetFacts;
import gladtile.core.edit.SetMovement;
import gladtile.core.edit.SetRule;
import gladtile.core.page.Movement;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneScale;
import org.junit.jupiter.api.Test;

/** Pieces that are right at a value: two on a pair of axes, a time of the day, a turn. */
class ValuesTest extends OnWorkbench {
    private Zone own() {
        return (Zone) school.activity().page("light").orElseThrow().item("own").orElseThrow();
    }

    private PieceFacts sun() {
        return school.activity().key().facts("sun");
    }

    private void aboutSun() {
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        button(teacher, "sun: labels and value").click();
    }

    private void fill(String label, String text) {
        Locator field = teacher.getByLabel(label);
        field.fill(text);
        field.press("Enter");
    }

    @Test
    void a_pair_of_axes_is_made_in_the_panel_and_walked_with_four_arrow_keys() {
        item("Makes light").click();
        teacher.getByLabel("Places in it have a value").selectOption("AXES");
        ZoneScale five = new ZoneScale(-5, 5, 1, 1, true);
        teacher.waitForCondition(() -> five.equals(own().scale()) && five.equals(own().up()));
        Browser.look(teacher, "axes");
        aboutSun();
        fill("Value across", "3");
        fill("Value up", "−2");
        teacher.waitForCondition(() -> PieceFacts.NONE.withValues(3.0, -2.0).equals(sun()));
        school.edit(new SetRule("light", "own", ZoneRule.USUAL.withSide(true)));

        Page ada = student("Ada");
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        for (int i = 0; i < 4 && ada.getByText("(−5, −5)? Press Enter").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        walk(ada, "ArrowRight", 3);
        walk(ada, "ArrowUp", 8);
        assertThat(ada.getByText("Makes light at (−2, 3)? Press Enter")).isVisible();
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("the two numbers are swapped")).isVisible();
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        for (int i = 0; i < 4 && ada.getByText("(−5, −5)? Press Enter").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        walk(ada, "ArrowRight", 8);
        walk(ada, "ArrowUp", 3);
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    private static void walk(Page page, String key, int times) {
        for (int i = 0; i < times; i++) {
            page.keyboard().press(key);
        }
    }

    @Test
    void what_is_held_over_a_pair_of_axes_is_read_out_and_snaps_to_the_grid() {
        ZoneScale five = new ZoneScale(-5, 5, 1, 1, true);
        school.edit(new SetBody("light", own().withScale(five).withUp(five)));
        school.edit(new SetFacts("light", "sun", PieceFacts.NONE.withValues(1.0, 2.0)));
        Page ada = student("Ada");
        double[] sun = Browser.middle(pieceLike(ada, "sun"));
        // 38 units a step from (350, 350).
        double[] near = onPage(ada, 350 + 38 + 12, 350 - 2 * 38 - 9);
        ada.mouse().move(sun[0], sun[1]);
        ada.mouse().down();
        ada.mouse().move(near[0], near[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(10));
        assertThat(ada.locator(".readout text")).hasText("(1, 2)");
        ada.mouse().up();
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        // It glides there, wherever the page comes to lie once its fonts are here.
        ada.waitForCondition(() -> {
            double[] exact = onPage(ada, 350 + 38, 350 - 2 * 38);
            double[] lies = Browser.middle(pieceLike(ada, "sun"));
            return Math.hypot(lies[0] - exact[0], lies[1] - exact[1]) < 1.5;
        });
    }

    @Test
    void a_time_is_typed_as_it_is_said() {
        item("Makes light").click();
        teacher.getByLabel("Places in it have a value").selectOption("LINE");
        teacher.getByLabel("Values are read as").selectOption("TIME");
        teacher.waitForCondition(() -> own().scale() != null && own().scale().reads() == ZoneScale.Reads.TIME);
        fill("A tick every", "1:00");
        teacher.waitForCondition(() -> own().scale().step() == 60);
        aboutSun();
        fill("Time", "14:30");
        teacher.waitForCondition(() -> Double.valueOf(870).equals(sun().value()));
    }

    @Test
    void a_piece_that_is_to_be_turned_waits_where_it_was_put_until_it_is() {
        school.edit(new SetMovement("light", "sun", new Movement.Turns(45)));
        aboutSun();
        fill("Right when turned to … degrees", "90");
        teacher.waitForCondition(() -> PieceFacts.NONE.withTurn(90.0, null).equals(sun()));

        Page ada = student("Ada");
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 350, 350));
        assertThat(ada.getByText("this spot is right. Now turn it")).isVisible();
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        pieceLike(ada, "sun").focus();
        ada.keyboard().press("r");
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        ada.keyboard().press("r");
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }
}
