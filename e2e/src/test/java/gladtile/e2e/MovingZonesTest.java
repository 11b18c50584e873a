package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import gladtile.core.edit.AddItem;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import org.junit.jupiter.api.Test;

/** A drop zone that is grouped with a piece moves with it, and what lies in the zone goes along. */
class MovingZonesTest extends OnWorkbench {
    private Zone own() {
        return school.activity().page("light").orElseThrow().zones().get(0);
    }

    /** A sledge stands below the zone "Makes light", and a teacher makes one of the two. */
    private void sledge() {
        school.edit(new AddItem(
                "light",
                0,
                new Picture(
                        "sledge",
                        Frame.of(500, 620, 160, 160),
                        Movement.FREE,
                        "sledge",
                        PictureRef.library("1F6F7"),
                        "OpenMoji")));
        item("sledge").click();
        item("Makes light").click(with(KeyboardModifier.SHIFT));
        keys("Control+g");
        teacher.waitForCondition(() -> own().carried() != null);
        assertThat(own().traitsOrNone().groups()).hasSize(1);
    }

    private static double[] corner(Page ada, String selector) {
        BoundingBox box = ada.locator(selector).boundingBox();
        return new double[] {box.x, box.y};
    }

    private static void assertApart(double[] before, double[] after, double x, double y) {
        assertThat(after[0] - before[0]).isCloseTo(x, within(1.5));
        assertThat(after[1] - before[1]).isCloseTo(y, within(1.5));
    }

    @Test
    void what_lies_in_a_zone_rides_along_and_is_found_there_again() {
        sledge();
        Page ada = student("Ada");
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 300, 350));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        atRest(ada);
        double[] zone = corner(ada, "[data-zone=own]");
        double[] sun = Browser.middle(pieceLike(ada, "sun"));
        double[] from = onPage(ada, 580, 700);
        double[] to = onPage(ada, 700, 760);
        double[] by = {to[0] - from[0], to[1] - from[1]};

        ada.mouse().move(from[0], from[1]);
        ada.mouse().down();
        ada.mouse().move(from[0] + 20, from[1] + 10);
        ada.mouse().move(to[0], to[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        // In the hand are the sledge, the zone and what lies in it; nothing of them is left below.
        assertThat(ada.locator("svg.air > g")).hasCount(3);
        assertThat(ada.locator("[data-zone=own].away")).hasCount(1);
        Browser.look(ada, "zone-in-hand");
        ada.mouse().up();
        assertThat(ada.locator("svg.air")).hasCount(0);
        atRest(ada);
        assertApart(zone, corner(ada, "[data-zone=own]"), by[0], by[1]);
        assertApart(sun, Browser.middle(pieceLike(ada, "sun")), by[0], by[1]);

        ada.reload();
        pieceLike(ada, "sun").waitFor();
        assertApart(zone, corner(ada, "[data-zone=own]"), by[0], by[1]);
        assertApart(sun, Browser.middle(pieceLike(ada, "sun")), by[0], by[1]);

        // The zone itself is a handle: who pulls at it pulls at the sledge.
        double[] edge = onPage(ada, 420, 600);
        drag(ada, edge, new double[] {edge[0] - 30, edge[1] - 20});
        atRest(ada);
        assertApart(zone, corner(ada, "[data-zone=own]"), by[0] - 30, by[1] - 20);

        // The teacher sees it on the review as it lies.
        double[] label = inPage(ada, "svg.doing");
        String assignment = ada.url().replaceAll(".*/work/([^/?]+).*", "$1");
        button(ada, "Next").or(button(ada, "Hand in")).first().waitFor();
        if (button(ada, "Hand in").isHidden()) {
            button(ada, "Next").click();
        }
        button(ada, "Hand in").click();
        Browser.answer(ada, "Hand in");
        assertThat(ada.getByText("Handed in.").first()).isVisible();
        teacher.navigate(address + "/assigned/" + assignment + "/review");
        teacher.getByLabel("Words to Ada").waitFor();
        double[] reviewed = inPage(teacher, "svg.page");
        assertThat(reviewed[0]).isCloseTo(label[0], within(0.004));
        assertThat(reviewed[1]).isCloseTo(label[1], within(0.004));
    }

    private static void atRest(Page page) {
        page.waitForFunction("() => document.getAnimations().length === 0");
    }

    /** Where the zone's label stands, as shares of the page's width. */
    private static double[] inPage(Page page, String svg) {
        BoundingBox whole = page.locator(svg).first().boundingBox();
        BoundingBox label = page.locator(svg).first().getByText("Makes light").boundingBox();
        return new double[] {(label.x - whole.x) / whole.width, (label.y - whole.y) / whole.width};
    }

    @Test
    void by_keys_a_sledge_is_offered_every_zone_but_its_own() {
        sledge();
        Page ada = student("Ada");
        pieceLike(ada, "sledge").focus();
        ada.keyboard().press("Enter");
        ada.keyboard().press("ArrowRight");
        assertThat(ada.getByText("Reflects? Press Enter to put sledge there")).isVisible();
        ada.keyboard().press("ArrowRight");
        assertThat(ada.getByText("Reflects? Press Enter to put sledge there")).isVisible();
        ada.keyboard().press("Escape");
        // With shift the arrows move it over the page, and the zone goes with it.
        double[] zone = corner(ada, "[data-zone=own]");
        ada.keyboard().press("Enter");
        ada.keyboard().press("Shift+ArrowDown");
        ada.keyboard().press("Enter");
        double[] unit = onPage(ada, 0, 50);
        double[] nothing = onPage(ada, 0, 0);
        atRest(ada);
        ada.waitForCondition(
                () -> Math.abs(corner(ada, "[data-zone=own]")[1] - zone[1] - (unit[1] - nothing[1])) < 1.5);
    }

    @Test
    void a_teacher_can_keep_a_zone_where_it_is_though_it_is_in_a_group() {
        sledge();
        teacher.keyboard().press("Escape");
        teacher.keyboard().press("Escape");
        item("Makes light").focus();
        keys("Enter");
        item("Makes light").dblclick();
        teacher.getByLabel("Moves with the piece it is grouped with").uncheck();
        teacher.waitForCondition(() -> own().carried() == null);
    }
}
