package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
import gladtile.core.answer.TypedKey;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.SetTyped;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.WordStyle;
import gladtile.core.typed.TypedRule;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The wall by many fingers, by pen and palm, and by the keyboard alone. */
class PresentHandsTest extends OnWorkbench {
    @Override
    void prepare() {
        school.edit(new AddItem(
                "light", 999, new Gap("who", Frame.of(1120, 20, 420, 70), "Who it is", null, WordStyle.PLAIN)));
        school.edit(new SetTyped("light", "who", TypedKey.of(new TypedRule.TextRule(List.of("Öl, 3+"), List.of()))));
    }

    @Override
    boolean touch() {
        return true;
    }

    private void present() {
        keys("F8");
        teacher.waitForURL("**/present/**");
        teacher.locator("svg.ink-board").waitFor();
    }

    private Locator strokes() {
        return teacher.locator("svg.ink-board .own-ink path");
    }

    /** Each finger by its place on the page, with how wide it touches in pixels. */
    private void touch(CDPSession line, String type, double[]... fingers) {
        JsonArray points = new JsonArray();
        for (int i = 0; i < fingers.length; i++) {
            double[] at = onPage(teacher, fingers[i][0], fingers[i][1]);
            JsonObject point = new JsonObject();
            point.addProperty("x", at[0]);
            point.addProperty("y", at[1]);
            point.addProperty("id", i);
            double wide = fingers[i].length > 2 ? fingers[i][2] : 8;
            point.addProperty("radiusX", wide);
            point.addProperty("radiusY", wide);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        line.send("Input.dispatchTouchEvent", event);
    }

    @Test
    void two_children_write_at_once_a_palm_writes_nothing_and_once_there_is_a_pen_fingers_rest() {
        present();
        keys("p");
        CDPSession line = teacher.context().newCDPSession(teacher);
        touch(line, "touchStart", new double[] {200, 650}, new double[] {900, 650});
        for (int i = 1; i <= 10; i++) {
            touch(line, "touchMove", new double[] {200 + 30 * i, 650 + 4 * i}, new double[] {900 + 30 * i, 650 - 4 * i
            });
        }
        touch(line, "touchEnd");
        assertThat(strokes()).hasCount(2);

        touch(line, "touchStart", new double[] {300, 760, 45});
        touch(line, "touchMove", new double[] {600, 780, 45});
        touch(line, "touchEnd");
        assertThat(strokes()).hasCount(2);

        double[] from = onPage(teacher, 300, 820);
        for (String type : List.of("mousePressed", "mouseMoved", "mouseReleased")) {
            JsonObject event = new JsonObject();
            event.addProperty("type", type);
            event.addProperty("x", from[0] + (type.equals("mousePressed") ? 0 : 90));
            event.addProperty("y", from[1]);
            event.addProperty("button", "left");
            event.addProperty("buttons", type.equals("mouseReleased") ? 0 : 1);
            event.addProperty("clickCount", 1);
            event.addProperty("pointerType", "pen");
            line.send("Input.dispatchMouseEvent", event);
        }
        assertThat(strokes()).hasCount(3);
        touch(line, "touchStart", new double[] {900, 800});
        touch(line, "touchMove", new double[] {1200, 820});
        touch(line, "touchEnd");
        assertThat(strokes()).hasCount(3);
    }

    @Test
    void two_fingers_make_the_page_larger_and_what_is_written_then_lies_where_it_was_written() {
        present();
        Locator sheet = teacher.locator(".sheet").first();
        BoundingBox before = sheet.boundingBox();
        CDPSession line = teacher.context().newCDPSession(teacher);
        double[] middle = onPage(teacher, 800, 620);
        touch(line, "touchStart", new double[] {760, 620}, new double[] {840, 620});
        for (int i = 1; i <= 8; i++) {
            touchAt(line, middle, 20 + 5 * i);
        }
        touch(line, "touchEnd");
        double larger = sheet.boundingBox().width / before.width;
        assertThat(larger).isGreaterThan(1.5);
        keys("p");
        double[] from = onPage(teacher, 780, 640);
        double[] to = onPage(teacher, 860, 640);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        teacher.mouse().move(to[0], to[1]);
        teacher.mouse().up();
        assertThat(strokes()).hasCount(1);
        keys("q");
        button(teacher, "Whole page").click();
        teacher.waitForCondition(() -> Math.abs(sheet.boundingBox().width - before.width) < 1);
        BoundingBox written = strokes().first().boundingBox();
        assertThat(written.x).isCloseTo(onPage(teacher, 780, 0)[0], org.assertj.core.api.Assertions.within(4.0));
        assertThat(written.x + written.width)
                .isCloseTo(onPage(teacher, 860, 0)[0], org.assertj.core.api.Assertions.within(4.0));
    }

    /** Two fingers around a place of the screen, so far from it. */
    private void touchAt(CDPSession line, double[] middle, double apart) {
        JsonArray points = new JsonArray();
        for (int i = 0; i < 2; i++) {
            JsonObject point = new JsonObject();
            point.addProperty("x", middle[0] + (i == 0 ? -apart : apart));
            point.addProperty("y", middle[1]);
            point.addProperty("id", i);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", "touchMove");
        event.add("touchPoints", points);
        line.send("Input.dispatchTouchEvent", event);
    }

    @Test
    void a_gap_is_filled_in_at_the_wall_by_the_keyboard_on_the_screen() {
        present();
        keys("q");
        button(teacher, "Keyboard").click();
        Locator gap = teacher.locator("[data-gap=who]");
        gap.click();
        button(teacher, "Deutsch").click();
        button(teacher, "Shift").click();
        button(teacher, "Ö").click();
        button(teacher, "l").click();
        button(teacher, ",").click();
        button(teacher, "Space").click();
        button(teacher, "123").click();
        button(teacher, "4").click();
        button(teacher, "Take the last sign away").click();
        button(teacher, "3").click();
        button(teacher, "+").click();
        assertThat(gap).hasValue("Öl, 3+");
        button(teacher, "Enter").click();
        assertThat(teacher.locator(".gap.right")).hasCount(1);
        assertThat(Browser.barriers(teacher)).isEmpty();
    }

    @Test
    void a_lesson_by_the_keyboard_alone() {
        present();
        // A piece to where it belongs.
        pieceLike(teacher, "sun").focus();
        keys("c");
        teacher.getByLabel("Left edge of the cover").focus();
        keys("ArrowRight");
        keys("c");
        keys("s");
        teacher.locator(".spotlight-board .hold").focus();
        keys("ArrowLeft", "Shift+ArrowRight", "s");
        keys("u");
        press("Ruler", "Enter");
        teacher.locator(".instrument").focus();
        keys("ArrowDown", ".", "Delete");
        // A shape with corners to pull: what is read of it goes along.
        teacher.locator("label:has-text('Shape') select").selectOption("4");
        Locator corner = teacher.locator(".polygon-board .corner").first();
        assertThat(corner).hasAttribute("aria-label", java.util.regex.Pattern.compile("^Corner 1, 90°.*"));
        String area = teacher.locator(".polygon-board .area").textContent();
        corner.focus();
        keys("ArrowRight");
        assertThat(teacher.locator(".polygon-board .area")).not().hasText(area);
        assertThat(corner).not().hasAttribute("aria-label", java.util.regex.Pattern.compile("^Corner 1, 90°.*"));
        teacher.getByLabel("Take this shape away").focus();
        keys("Enter", "u", "k");
        press("3 min", "Enter");
        assertThat(teacher.locator("[role=timer]")).containsText("2:5");
        keys("k", "q");
        press("Picture of the screen", "Enter");
        teacher.locator(".picture-board").focus();
        keys("ArrowLeft", "Shift+ArrowRight", "Enter");
        button(teacher, "Put on this page").waitFor();
        press("Put on this page", "Enter");
        until(() -> kept().stream()
                .anyMatch(item -> item instanceof Picture made && made.picture().from() == PictureRef.From.FILE));
        keys("v");
        assertThat(button(teacher, "Start recording")).isVisible();
        press("Close Record", "Enter");
        keys("b", "b", "PageDown", "PageUp");
        assertThat(teacher.locator("svg.ink-board")).isVisible();
    }
}
