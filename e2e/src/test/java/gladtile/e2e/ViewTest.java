package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.server.testkit.School;
import org.junit.jupiter.api.Test;

/** How large the page is shown, the rack as somebody likes it, and what was done, by the slider. */
class ViewTest extends OnWorkbench {
    @Override
    boolean touch() {
        return true;
    }

    private int percent() {
        return Integer.parseInt(
                teacher.locator(".zoom .soft").innerText().replace("%", "").strip());
    }

    @Test
    void zoomed_from_25_to_400_percent_by_buttons_wheel_and_keyboard() {
        int fit = percent();
        double[] at = at(430, 830);
        teacher.mouse().move(at[0], at[1]);
        teacher.keyboard().down("Control");
        for (int i = 0; i < 40; i++) {
            teacher.mouse().wheel(0, -120);
        }
        teacher.keyboard().up("Control");
        until(() -> percent() == 400);
        // What was under the hand still is.
        double[] now = at(430, 830);
        assertThat(now[0]).isCloseTo(at[0], within(6.0));
        assertThat(now[1]).isCloseTo(at[1], within(6.0));
        for (int i = 0; i < 16; i++) {
            button(teacher, "Smaller").click();
        }
        assertThat(percent()).isEqualTo(25);
        button(teacher, "Width").click();
        double wide = teacher.locator(".sheet svg.page").boundingBox().width;
        assertThat(wide).isCloseTo(teacher.locator(".middle").boundingBox().width, within(40.0));
        press("Fit", "Enter");
        assertThat(percent()).isEqualTo(fit);
        press("Larger", "Enter");
        assertThat(percent()).isGreaterThan(fit);
        press("Width", "Space");
        assertThat(button(teacher, "Width")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void space_lets_the_hand_move_the_page() {
        for (int i = 0; i < 6; i++) {
            button(teacher, "Larger").click();
        }
        teacher.locator(".sheet svg.page").focus();
        double[] before = at(430, 830);
        teacher.keyboard().down("Space");
        pull(700, 500, -120, -90);
        teacher.keyboard().up("Space");
        double[] after = at(430, 830);
        assertThat(after[0]).isCloseTo(before[0] - 120, within(3.0));
        assertThat(after[1]).isCloseTo(before[1] - 90, within(3.0));
        assertThat(kept("moon").frame().x()).isEqualTo(400);
    }

    @Test
    void two_fingers_make_it_larger_and_nothing_on_it_is_moved() {
        int before = percent();
        double[] moon = Browser.middle(item("moon, free"));
        CDPSession wire = teacher.context().newCDPSession(teacher);
        touch(wire, "touchStart", moon[0], moon[1]);
        touch(wire, "touchMove", moon[0] + 10, moon[1]);
        touch(wire, "touchStart", moon[0] + 10, moon[1], moon[0] + 80, moon[1] - 60);
        for (int i = 1; i <= 10; i++) {
            touch(wire, "touchMove", moon[0] + 10 - i * 6, moon[1] + i * 3, moon[0] + 80 + i * 6, moon[1] - 60 - i * 3);
        }
        touch(wire, "touchEnd");
        until(() -> percent() > before * 1.5);
        assertThat(kept("moon").frame().x()).isEqualTo(400);
        assertThat(kept("moon").frame().y()).isEqualTo(800);
    }

    private static void touch(CDPSession wire, String what, double... points) {
        JsonObject arguments = new JsonObject();
        arguments.addProperty("type", what);
        JsonArray touches = new JsonArray();
        for (int i = 0; i < points.length; i += 2) {
            JsonObject one = new JsonObject();
            one.addProperty("x", points[i]);
            one.addProperty("y", points[i + 1]);
            one.addProperty("id", i / 2);
            touches.add(one);
        }
        arguments.add("touchPoints", touches);
        wire.send("Input.dispatchTouchEvent", arguments);
    }

    @Test
    void the_rack_is_ones_own_and_arranged_by_keyboard() {
        press("Arrange the rack", "Enter");
        tabTo(teacher, "Lens");
        tabTo(teacher, "Words later");
        keys("Enter");
        assertThat(teacher.locator(".rack .tile").first()).hasText("Picture");
        tabTo(teacher, "Settings stand");
        keys("ArrowDown");
        tabTo(teacher, "Size of the controls");
        keys("End");
        assertThat(teacher.locator(".lay-out.right.wall")).isVisible();
        Page again = browser.device(false);
        teacher.waitForResponse(
                response -> response.url().endsWith("/api/v1/me/workbench-preferences") && response.status() == 204,
                () -> teacher.locator(".arrange")
                        .getByRole(AriaRole.CHECKBOX)
                        .last()
                        .uncheck());
        Browser.look(teacher, "wall");
        Browser.signIn(again, address, school.teacherName(), School.PASSWORD);
        again.navigate(lay);
        assertThat(again.locator(".lay-out.right.wall")).isVisible();
        assertThat(again.locator(".rack .tile").first()).hasText("Picture");
        // At the board every control is large enough for an arm's length.
        double least = ((Number)
                        again.evaluate(
                                "() => Math.min(...[...document.querySelectorAll('.rack .tile')].map((one) => one.getBoundingClientRect().height))"))
                .doubleValue();
        assertThat(least).isGreaterThan(90);
        press("As at first", "Enter");
        assertThat(teacher.locator(".lay-out.left.normal")).isVisible();
    }

    @Test
    void a_moment_is_found_named_and_brought_back_by_keyboard() {
        item("moon, free").focus();
        keys("Delete");
        assertThat(item("moon, free")).hasCount(0);
        press("History", "Enter");
        teacher.getByText("Item deleted").first().waitFor();
        teacher.getByRole(AriaRole.SLIDER).focus();
        keys("ArrowLeft");
        assertThat(teacher.locator(".history .sheet image[href*='2600']")).hasCount(2);
        type("A name for this version", "With the moon");
        assertThat(teacher.getByText("Named versions")).isVisible();
        Browser.look(teacher, "history");
        press("Restore this version", "Enter");
        until(() -> kept().size() == 5);
        keys("Escape");
        press("Undo", "Enter");
        until(() -> kept().size() == 4);
        press("Redo", "Enter");
        until(() -> kept().size() == 5);
        assertThat(buttonLike(teacher, "moon, free")).isVisible();
    }

    @Test
    void undo_goes_back_to_the_beginning_and_redo_to_the_end() {
        for (int i = 0; i < 30; i++) {
            item("moon, free").focus();
            keys("ArrowRight");
        }
        until(() -> kept("moon").frame().x() == 550);
        for (int i = 0; i < 30; i++) {
            keys("Control+z");
        }
        until(() -> kept("moon").frame().x() == 400);
        for (int i = 0; i < 30; i++) {
            keys("Control+Shift+z");
        }
        until(() -> kept("moon").frame().x() == 550);
    }

    @Test
    void a_moment_is_looked_at_named_and_brought_back() {
        item("moon, free").click();
        teacher.keyboard().press("Delete");
        assertThat(item("moon, free")).hasCount(0);
        button(teacher, "History").click();
        assertThat(teacher.getByText("Item deleted").first()).isVisible();
        teacher.getByRole(AriaRole.SLIDER).focus();
        teacher.keyboard().press("ArrowLeft");
        teacher.getByLabel("A name for this version").fill("With the moon");
        button(teacher, "Name this version").click();
        assertThat(teacher.getByText("Named versions")).isVisible();
        button(teacher, "Restore this version").click();
        assertThat(item("moon, free")).hasCount(1);
        button(teacher, "Undo").click();
        assertThat(item("moon, free")).hasCount(0);
    }

    @Test
    void the_rack_the_hand_and_the_zoom_are_ones_own() {
        button(teacher, "Arrange the rack").click();
        teacher.locator(".arrange").getByRole(AriaRole.CHECKBOX).last().uncheck();
        teacher.getByLabel("Settings stand").selectOption("RIGHT");
        assertThat(tile("Lens")).hasCount(0);
        teacher.waitForResponse(
                response -> response.url().endsWith("/api/v1/me/workbench-preferences") && response.status() == 204,
                () -> button(teacher, "Words later").click());
        Page again = browser.device(false);
        Browser.signIn(again, address, school.teacherName(), School.PASSWORD);
        again.navigate(lay);
        assertThat(again.locator(".lay-out.right")).isVisible();
        assertThat(again.locator(".rack .tile").first()).hasText("Picture");
        button(teacher, "Larger").click();
        button(teacher, "Larger").click();
        assertThat(teacher.locator(".zoom")).not().containsText("64%");
        button(teacher, "Fit").click();
    }
}
