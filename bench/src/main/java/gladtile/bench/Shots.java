package gladtile.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
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
            shot(teacher, folder, "sign-in");
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
            shot(teacher, folder, "quilt");
            String code = teacher.locator(".big").innerText().replace(" ", "");
            teacher.getByText("Bo", new Page.GetByTextOptions().setExact(true)).click();
            teacher.locator("svg.page").waitFor();
            shot(teacher, folder, "students-page-as-left");

            Page student = browser.newContext(options()).newPage();
            student.navigate(address + "/join/" + code);
            button(student, "Cyrus").waitFor();
            shot(student, folder, "join");
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
        }
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
