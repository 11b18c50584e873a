package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.tabTo;

import com.microsoft.playwright.Page;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A real page is built with the keyboard alone: title, table, eight pictures, two zones, a supply of counters. */
@ExtendWith(RealServer.class)
class KeyboardPageTest {
    private final Browser browser = new Browser();
    private Page teacher;

    @AfterEach
    void close() {
        browser.close();
    }

    @Test
    void a_whole_page_is_built_without_pointing(RealServer server) {
        School school = new School(server);
        teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        teacher.navigate(server.address() + "/activities/" + school.activityId + "/lay-out");
        buttonLike(teacher, "moon, free").waitFor();
        press("Page", "Enter");
        assertThat(buttonLike(teacher, "Page 2, Page 3")).isVisible();

        press("Words", "Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Sky table");
        teacher.keyboard().press("Escape");
        assertThat(buttonLike(teacher, "Sky table, fixed")).isFocused();
        nudge("Shift+ArrowUp", 8);

        press("Table", "Enter");
        tabTo(teacher, "Write in this cell");
        teacher.keyboard().press("Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("By day");
        teacher.keyboard().press("Escape");
        tabTo(teacher, "Row 1, column 2: empty");
        teacher.keyboard().press("Enter");
        tabTo(teacher, "Write in this cell");
        teacher.keyboard().press("Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("By night");
        teacher.keyboard().press("Escape");
        assertThat(buttonLike(teacher, "Table, fixed")).containsText("By night");

        String[] names = {"sun", "star", "comet", "full moon", "ringed planet", "rocket", "telescope", "satellite"};
        for (int i = 0; i < names.length; i++) {
            press("Picture", "Enter");
            teacher.waitForFunction(
                    "() => document.activeElement?.getAttribute('aria-label') === 'Find pictures by word'");
            teacher.keyboard().type(names[i]);
            button(teacher, names[i]).first().waitFor();
            tabTo(teacher, names[i]);
            teacher.keyboard().press("Enter");
            tabTo(teacher, names[i] + ", free");
            nudge("Shift+ArrowDown", 7);
            nudge(i < 4 ? "Shift+ArrowLeft" : "Shift+ArrowRight", 3 * (i % 4) + 2);
        }
        for (int i = 0; i < 2; i++) {
            press("Drop zone", "Enter");
            tabTo(teacher, "Written on it");
            teacher.keyboard().type(i == 0 ? "Seen by day" : "Seen by night");
            teacher.keyboard().press("Enter");
        }
        // The zone's own field is called Shape too: past it, to the rack.
        tabTo(teacher, "Words");
        press("Shape", "Enter");
        tabTo(teacher, "Ellipse");
        teacher.keyboard().press("Enter");
        tabTo(teacher, "Free");
        teacher.keyboard().press("Enter");
        tabTo(teacher, "Supply copies come off");
        teacher.keyboard().press("Space");
        // Thumbnails draw the supply too, a little later.
        assertThat(teacher.locator("svg.page [data-item] g.stack")).hasCount(1);

        assertThat(teacher.locator("svg.page [data-item] image[href^='/library/']"))
                .hasCount(8);
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
        assertThat(teacher.locator("svg.page [data-item]")).hasCount(13);
    }

    private void press(String name, String key) {
        tabTo(teacher, name);
        teacher.keyboard().press(key);
    }

    private void nudge(String key, int times) {
        for (int i = 0; i < times; i++) {
            teacher.keyboard().press(key);
        }
    }
}
