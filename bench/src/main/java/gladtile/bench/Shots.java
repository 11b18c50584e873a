package gladtile.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

/** Takes the pictures of docs/screenshots from the demo data. Arguments: address, folder. */
public final class Shots {
    private Shots() {}

    public static void main(String[] args) {
        String address = args[0];
        Path folder = Path.of(args[1]);
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking")));
            Page teacher = browser.newContext(options()).newPage();
            teacher.navigate(address + "/sign-in");
            teacher.getByLabel("Name").fill("mira");
            teacher.getByLabel("Password").fill("telescope");
            teacher.getByLabel("Password").press("Enter");
            teacher.getByText("Night-sky week").first().waitFor();
            shot(teacher, folder, "activities");
            teacher.getByText("Night-sky week").first().click();
            teacher.waitForURL("**/lay-out");
            button(teacher, "Page 2, Light\\?").click();
            button(teacher, "Moon, free").click();
            shot(teacher, folder, "workbench-lay-out");
            button(teacher, "Picture$").click();
            teacher.getByLabel("Find pictures by word").fill("moon");
            teacher.getByText(Pattern.compile("^\\d+ pictures")).waitFor();
            shot(teacher, folder, "picture-library");
            teacher.keyboard().press("Escape");
            button(teacher, "My library").click();
            button(teacher, "Three circles that cross").click();
            shot(teacher, folder, "my-library");
            button(teacher, "Close My library").click();
            ink(teacher);
            shot(teacher, folder, "workbench-ink");
            button(teacher, "History").click();
            teacher.getByText("What was done").first().waitFor();
            teacher.locator(".history svg.page").waitFor();
            shot(teacher, folder, "workbench-history");
            button(teacher, "History").click();
            step(teacher, "Answers");
            shot(teacher, folder, "workbench-answers");
            step(teacher, "Try");
            teacher.locator("svg.doing").waitFor();
            shot(teacher, folder, "workbench-try");
            step(teacher, "Assign");
            teacher.getByText("Puffin class").first().waitFor();
            shot(teacher, folder, "workbench-assign");
            teacher.navigate(address + "/assigned");
            teacher.getByText("Night-sky week").first().click();
            teacher.getByText("Right now").waitFor();
            shot(teacher, folder, "class-progress");
            String code = teacher.locator(".big").innerText().replace(" ", "");
            String table = teacher.url();
            desk(teacher, table, folder);
            teacher.navigate(address + "/classes");
            teacher.getByText("Puffin class").first().click();
            teacher.locator("button", new Page.LocatorOptions().setHasText("Random teams"))
                    .waitFor();
            shot(teacher, folder, "class");

            routes(teacher, address, folder);
            starter(teacher, address, folder);
            present(teacher, address, folder);
            axes(teacher, address, folder);
            school(browser.newContext(options()).newPage(), address, folder);

            Page student = browser.newContext(options()).newPage();
            student.navigate(address + "/join/" + code);
            button(student, "Cyrus").waitFor();
            button(student, "Cyrus").click();
            student.getByLabel("Your PIN").fill("2468");
            button(student, "Come in").click();
            student.waitForURL("**/work/**");
            button(student, "Page 2").click();
            student.locator("[data-piece][tabindex='0']").first().waitFor();
            student.locator("[data-piece][tabindex='0']").first().focus();
            student.keyboard().press("Enter");
            student.keyboard().press("ArrowRight");
            shot(student, folder, "student-page");

            Page back = browser.newContext(options()).newPage();
            back.navigate(address + "/join/" + code);
            button(back, "Kaja").click();
            back.getByLabel("Your PIN").fill("2468");
            button(back, "Come in").click();
            back.getByText("Your teacher says").waitFor();
            button(back, "Page 2").click();
            button(back, "Words 1").click();
            shot(back, folder, "student-came-back");
        }
    }

    /** Handed-in work with words to it; sent back, so that its student can be looked at. */
    private static void desk(Page teacher, String table, Path folder) {
        teacher.navigate(table + "/review");
        button(teacher, "Kaja").click();
        teacher.getByLabel("Words to Kaja").fill("You changed your mind about the moon and got it.");
        button(teacher, "Look once more at").click();
        teacher.keyboard().type(" the torch.");
        teacher.getByLabel("Pin words to")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Torch"));
        teacher.getByLabel("Pinned words").fill("What makes this one shine?");
        button(teacher, "Pin$").click();
        teacher.getByLabel("May improve it").check();
        teacher.getByText("Nobody sees it before").waitFor();
        shot(teacher, folder, "review");
        button(teacher, "Send back").click();
        teacher.getByText("Sent back to Kaja").waitFor();
    }

    /** The map of the trail, with the page that branches chosen. */
    private static void routes(Page teacher, String address, Path folder) {
        teacher.navigate(address + "/activities");
        teacher.getByText("The hilltop trail").first().click();
        step(teacher, "Links");
        button(teacher, "Page 2, Light or not\\?").click();
        teacher.locator("[data-map-page] svg.page").nth(5).waitFor();
        shot(teacher, folder, "workbench-links");
    }

    /** A list while it is written. */
    private static void starter(Page teacher, String address, Path folder) {
        teacher.navigate(address + "/activities");
        button(teacher, "Fill gaps").click();
        teacher.getByLabel("Title", new Page.GetByLabelOptions().setExact(true)).fill("Our sky");
        teacher.locator("dialog textarea")
                .fill(
                        "The [sun] is a star. The [moon] goes round the [earth], and the earth goes round the sun in a [year].");
        teacher.locator("dialog svg.page").waitFor();
        shot(teacher, folder, "starter");
        teacher.getByText("Students type the words").click();
        teacher.locator("dialog svg.page .gap").first().waitFor();
        teacher.keyboard().press("Escape");
    }

    /** The page about light in front of the class: a pen along the ruler, a protractor, a timer. */
    private static void present(Page teacher, String address, Path folder) {
        teacher.navigate(address + "/activities");
        teacher.getByLabel("Present Why seasons change").click();
        teacher.locator("svg.ink-board").waitFor();
        teacher.keyboard().press("PageDown");
        teacher.keyboard().press("k");
        button(teacher, "5 min").click();
        teacher.keyboard().press("u");
        button(teacher, "Ruler").click();
        button(teacher, "Protractor").click();
        teacher.getByLabel(Pattern.compile("^Protractor, turned")).focus();
        // To where the rays begin.
        for (int i = 0; i < 38; i++) {
            teacher.keyboard().press("ArrowLeft");
        }
        for (int i = 0; i < 10; i++) {
            teacher.keyboard().press("ArrowDown");
        }
        teacher.keyboard().press("p");
        button(teacher, "Pen 2").click();
        var box = teacher.locator("svg.ink-board").boundingBox();
        double unit = box.width / 1600;
        teacher.mouse().move(box.x + 540 * unit, box.y + 772 * unit);
        teacher.mouse().down();
        teacher.mouse().move(box.x + 900 * unit, box.y + 765 * unit, new Mouse.MoveOptions().setSteps(6));
        teacher.mouse().up();
        teacher.keyboard().press("m");
        // A level line has no height, and counts as not to be seen.
        teacher.locator(".own-ink path")
                .first()
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
        shot(teacher, folder, "present");
    }

    /** One point found on the map, and the next one on its way there by the arrow keys. */
    private static void axes(Page teacher, String address, Path folder) {
        teacher.navigate(address + "/activities");
        teacher.getByText("Planets in order").first().click();
        step(teacher, "Try");
        teacher.locator("svg.doing").waitFor();
        button(teacher, "Page 5").click();
        teacher.locator("svg.doing[aria-label='Map of the hill']").waitFor();
        walk(teacher, "Dome", 8, 5);
        teacher.keyboard().press("Enter");
        teacher.getByText("1 of 4 placed").waitFor();
        walk(teacher, "Well", 7, 1);
        shot(teacher, folder, "student-axes");
    }

    private static void school(Page administrator, String address, Path folder) {
        administrator.navigate(address + "/sign-in");
        administrator.getByLabel("Name").fill("ilse");
        administrator.getByLabel("Password").fill("meridian");
        administrator.getByLabel("Password").press("Enter");
        administrator.waitForURL("**/activities");
        administrator.navigate(address + "/school");
        administrator.locator(".el-table__row").first().waitFor();
        shot(administrator, folder, "school");
    }

    private static void walk(Page page, String piece, int right, int up) {
        page.locator("[data-piece][aria-label^='" + piece + "']").press("Enter");
        for (int i = 0; i <= right; i++) {
            page.keyboard().press("ArrowRight");
        }
        for (int i = 0; i < up; i++) {
            page.keyboard().press("ArrowUp");
        }
    }

    /** A star looped by hand and a word marked; only the data of the bench keep it. */
    private static void ink(Page teacher) {
        teacher.locator(".rack .tile", new Page.LocatorOptions().setHasText("Ink"))
                .click();
        var sheet = teacher.locator("svg.page").first().boundingBox();
        button(teacher, "Highlighter 1").click();
        stroke(teacher, sheet.x + 205, sheet.y + 56, 150, 2);
        button(teacher, "Pen 2").click();
        double x = sheet.x + sheet.width * 0.375;
        double y = sheet.y + sheet.height * 0.84;
        teacher.mouse().move(x + 58, y);
        teacher.mouse().down();
        for (int i = 1; i <= 44; i++) {
            double angle = 2 * Math.PI * i / 42;
            teacher.mouse().move(x + 58 * Math.cos(angle), y + 54 * Math.sin(angle));
        }
        teacher.mouse().up();
        teacher.getByText("Make it an ellipse").waitFor();
    }

    private static void stroke(Page page, double x, double y, double dx, double dy) {
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 12; i++) {
            page.mouse().move(x + dx * i / 12, y + dy * i / 12);
        }
        page.mouse().up();
    }

    private static Browser.NewContextOptions options() {
        return new Browser.NewContextOptions().setViewportSize(1280, 800).setLocale("en-GB");
    }

    private static com.microsoft.playwright.Locator button(Page page, String beginning) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + beginning)))
                .first();
    }

    private static void step(Page page, String name) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    private static void shot(Page page, Path folder, String name) {
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        // Pictures within a page are drawn some time after the page is there.
        page.evaluate("""
                () => Promise.all([...document.querySelectorAll('image')].map(image => {
                  const same = new Image()
                  same.src = image.href.baseVal
                  return same.decode().catch(() => {})
                })).then(() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done))))""");
        page.waitForFunction("() => document.getAnimations().every(a => a.playState !== 'running')");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
        System.out.println(name);
    }
}
