package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A page is made, assigned, done and seen: once by pointer, once by keyboard alone. */
@ExtendWith(RealServer.class)
class WholeLessonTest {
    private final Browser browser = new Browser();
    private School school;
    private String address;

    @BeforeEach
    void school(RealServer server) {
        school = new School(server);
        address = server.address();
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    @Test
    void by_pointer() {
        Page teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        makeByPointer(teacher);
        String activity = teacher.url();

        tryIt(teacher);
        String code = assign(teacher, "Puffin");

        Page student = browser.device(true);
        Browser.join(student, address, code, "Ada", School.PIN);
        link(teacher, "See the class at work").click();
        doByMouseAndTouch(student);
        // Class progress was not loaded again.
        assertThat(teacher.locator("tr", new Page.LocatorOptions().setHasText("Ada"))
                        .getByLabel("second try"))
                .hasCount(1);
        assertThat(teacher.locator("tr", new Page.LocatorOptions().setHasText("Ada"))
                        .getByLabel("first try"))
                .hasCount(1);

        student.navigate(student.url());
        assertThat(student.getByText("2 of 2 placed")).isVisible();
        handIn(student);
        assertThat(teacher.locator("tr", new Page.LocatorOptions().setHasText("Ada"))
                        .getByText("handed in"))
                .isVisible();
        link(teacher, "Ada").click();
        assertThat(teacher.getByText("2 of 2 placed")).isVisible();
        assertThat(teacher.getByLabel("as Ada left it")).isVisible();
        teacher.navigate(activity);
        assertThat(teacher.getByText("Comets")).isVisible();
    }

    private void makeByPointer(Page teacher) {
        button(teacher, "New activity").click();
        teacher.getByPlaceholder("Night-sky week").fill("Comets");
        button(teacher, "Make it").click();
        teacher.waitForURL("**/lay-out");

        // Paper, words typed in place, two pictures, two zones.
        button(teacher, "Sky").click();
        button(teacher, "Words").click();
        Locator words = teacher.getByLabel("Words", new Page.GetByLabelOptions().setExact(true));
        words.fill("What glows?");
        words.press("Escape");
        assertThat(buttonLike(teacher, "What glows\\?")).isVisible();
        dragItem(teacher, "What glows\\?", 0, -190);
        addPicture(teacher, "sun", "sun");
        dragItem(teacher, "sun, free", -180, 130);
        addPicture(teacher, "Mond", "full moon");
        dragItem(teacher, "full moon, free", 180, 130);
        addZone(teacher, "Shines", -200, -20);
        addZone(teacher, "Is lit", 200, -20);

        // Resize and turn by their handles; undo and redo.
        buttonLike(teacher, "Is lit").click(new Locator.ClickOptions().setPosition(40, 60));
        drag(teacher, teacher.locator("rect.grip.se"), teacher.locator("rect.grip.se"));
        double[] corner = middle(teacher.locator("rect.grip.se"));
        pull(teacher, corner, 30, 20);
        button(teacher, "Undo").click();
        button(teacher, "Redo").click();
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();

        // A second page, put first and back again.
        button(teacher, "Page").click();
        assertThat(button(teacher, "Page 2, Page 2")).isVisible();
        button(teacher, "Earlier").click();
        assertThat(button(teacher, "Page 1, Page 2")).isVisible();
        button(teacher, "Later").click();
        button(teacher, "Page 1, Page 1").click();

        // Answers: by mouse and by Space.
        link(teacher, "Answers").click();
        button(teacher, "sun in Shines: undecided").click();
        assertThat(button(teacher, "sun in Is lit: does not belong")).isVisible();
        button(teacher, "full moon in Is lit: undecided").focus();
        teacher.keyboard().press("Space");
        assertThat(teacher.getByText("all decided")).isVisible();
        button(teacher, "Zone B, Is lit: its rules").click();
        teacher.getByLabel("When it belongs").selectOption("STAYS");
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
    }

    private void addPicture(Page teacher, String word, String name) {
        button(teacher, "Picture").click();
        teacher.getByLabel("Find pictures by word").fill(word);
        button(teacher, name).click();
        assertThat(buttonLike(teacher, name + ", free")).isVisible();
    }

    private void addZone(Page teacher, String label, int dx, int dy) {
        button(teacher, "Drop zone").click();
        assertThat(buttonLike(teacher, "Drop zone, drop zone")).isVisible();
        teacher.getByLabel("Written on it").fill(label);
        teacher.getByLabel("Written on it").press("Enter");
        assertThat(buttonLike(teacher, label)).isVisible();
        dragItem(teacher, label, dx, dy);
    }

    private void dragItem(Page teacher, String name, int dx, int dy) {
        pull(teacher, middle(buttonLike(teacher, name)), dx, dy);
    }

    private void pull(Page page, double[] from, int dx, int dy) {
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(from[0] + dx / 2.0, from[1] + dy / 2.0);
        page.mouse().move(from[0] + dx, from[1] + dy);
        page.mouse().up();
    }

    private void tryIt(Page teacher) {
        link(teacher, "Try").click();
        drag(teacher, pieceLike(teacher, "sun"), teacher.getByLabel("Shines"));
        assertThat(teacher.getByText("sun belongs in Shines")).isVisible();
        button(teacher, "Back to Lay out (F2)").click();
    }

    private String assign(Page teacher, String className) {
        link(teacher, "Assign").click();
        teacher.getByText(className).first().click();
        button(teacher, "Assign").click();
        String code = teacher.locator(".big-code").innerText().replace(" ", "");
        org.assertj.core.api.Assertions.assertThat(code).hasSize(6);
        return code;
    }

    private void doByMouseAndTouch(Page student) {
        // By mouse, to the wrong place first: it glides home.
        double[] home = middle(pieceLike(student, "sun"));
        drag(student, pieceLike(student, "sun"), student.getByLabel("Is lit"));
        assertThat(student.getByText("sun: not here. Try another place")).isVisible();
        student.waitForFunction(
                "([x, y]) => { const b = document.querySelector(\"[data-piece][aria-label^='sun']\").getBoundingClientRect();"
                        + " return Math.hypot(b.x + b.width / 2 - x, b.y + b.height / 2 - y) < 4 }",
                List.of(home[0], home[1]));
        drag(student, pieceLike(student, "sun"), student.getByLabel("Shines"));
        assertThat(student.getByText("1 of 2 placed")).isVisible();
        // By finger: tap the piece, then tap the place.
        pieceLike(student, "full moon").tap();
        assertThat(student.getByText("You have full moon")).isVisible();
        double[] zone = middle(student.getByLabel("Is lit"));
        student.touchscreen().tap(zone[0], zone[1]);
        assertThat(student.getByText("2 of 2 placed")).isVisible();
        assertThat(student.getByText("Saved")).isVisible();
    }

    private void handIn(Page student) {
        button(student, "Next").click();
        button(student, "Hand in").click();
        assertThat(student.getByText("After handing in nothing can be moved")).isVisible();
        Browser.answer(student, "Hand in");
        assertThat(student.getByText("Handed in.").first()).isVisible();
    }

    @Test
    void by_keyboard_alone() {
        Page teacher = browser.device(false);
        teacher.navigate(address + "/sign-in");
        teacher.getByLabel("Name").waitFor();
        teacher.keyboard().type(school.teacherName());
        teacher.keyboard().press("Tab");
        teacher.keyboard().type(School.PASSWORD);
        teacher.keyboard().press("Enter");
        teacher.waitForURL("**/activities");

        Browser.tabTo(teacher, "New activity");
        teacher.keyboard().press("Enter");
        teacher.getByPlaceholder("Night-sky week").waitFor();
        teacher.waitForFunction("() => document.activeElement?.placeholder === 'Night-sky week'");
        teacher.keyboard().type("Moons");
        teacher.keyboard().press("Enter");
        teacher.waitForURL("**/lay-out");

        Browser.tabTo(teacher, "Drop zone");
        teacher.keyboard().press("Enter");
        assertThat(buttonLike(teacher, "Drop zone, drop zone A")).isVisible();
        Browser.tabTo(teacher, "Written on it");
        teacher.keyboard().type("Home of the moon");
        teacher.keyboard().press("Enter");
        Browser.tabTo(teacher, "Home of the moon, drop zone A");
        for (int i = 0; i < 3; i++) {
            teacher.keyboard().press("Shift+ArrowUp");
        }
        Browser.tabTo(teacher, "Picture");
        teacher.keyboard().press("Enter");
        teacher.getByLabel("Find pictures by word").waitFor();
        Browser.tabTo(teacher, "Find pictures by word");
        teacher.keyboard().type("full moon");
        assertThat(button(teacher, "full moon")).isVisible();
        Browser.tabTo(teacher, "full moon");
        teacher.keyboard().press("Enter");
        Browser.tabTo(teacher, "full moon, free");
        for (int i = 0; i < 7; i++) {
            teacher.keyboard().press("Shift+ArrowDown");
        }
        assertThat(teacher.getByText(Pattern.compile("full moon: \\d+ across, 7\\d\\d down")))
                .isVisible();

        teacher.keyboard().press("Alt+2");
        assertThat(button(teacher, "full moon in Home of the moon: undecided")).isVisible();
        Browser.tabTo(teacher, "full moon in Home of the moon: undecided");
        teacher.keyboard().press("Space");
        assertThat(teacher.getByText("all decided")).isVisible();
        teacher.keyboard().press("Alt+5");
        teacher.getByText("Puffin").first().waitFor();
        Browser.tabTo(teacher, "Assign");
        teacher.keyboard().press("Enter");
        String code = teacher.locator(".big-code").innerText().replace(" ", "");

        Page student = browser.device(false);
        student.navigate(address + "/join");
        student.getByLabel("Code").waitFor();
        Browser.tabTo(student, "Code");
        student.keyboard().type(code);
        student.keyboard().press("Enter");
        button(student, "Bo").waitFor();
        Browser.tabTo(student, "Bo");
        student.keyboard().press("Enter");
        student.getByLabel("Your PIN").waitFor();
        student.waitForFunction("() => document.activeElement?.id === 'pin'");
        student.keyboard().type(School.PIN);
        student.keyboard().press("Enter");
        student.waitForURL("**/work/**");
        pieceLike(student, "full moon").waitFor();
        Browser.tabTo(student, "full moon");
        student.keyboard().press("Enter");
        student.keyboard().press("ArrowRight");
        assertThat(student.getByText("Press Enter to put")).isVisible();
        student.keyboard().press("Escape");
        assertThat(student.getByText("full moon is back")).isVisible();
        student.keyboard().press("Enter");
        student.keyboard().press("ArrowRight");
        student.keyboard().press("Enter");
        assertThat(student.getByText("1 of 1 placed")).isVisible();
        Browser.tabTo(student, "Hand in");
        student.keyboard().press("Enter");
        assertThat(student.getByText("Everything is in its place")).isVisible();
        student.keyboard().press("Tab");
        student.keyboard().press("Enter");
        assertThat(student.getByText("Handed in.").first()).isVisible();
    }
}
