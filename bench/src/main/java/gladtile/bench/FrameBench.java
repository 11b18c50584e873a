package gladtile.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.BoundingBox;
import gladtile.server.testkit.Api;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/** Frame times while one of 300 items is dragged over the workbench's page, beside those of an idle page. */
public final class FrameBench {
    private static final int ITEMS = 300;
    private static final int STEPS = 400;
    private static final String WATCH = """
            () => {
              window.frames_ = []
              let last = 0
              const tick = (now) => {
                if (last) window.frames_.push(now - last)
                last = now
                window.watching_ = requestAnimationFrame(tick)
              }
              requestAnimationFrame(tick)
            }""";

    private FrameBench() {}

    public static void main(String[] args) {
        String address = args[0];
        Api teacher = new Api(address).signInTeacher("jonas", "eyepiece");
        String activity = full(teacher);
        try (Playwright playwright = Playwright.create()) {
            Browser chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-quic",
                                    "--no-first-run",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync")));
            Page page = chromium.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(address + "/sign-in");
            page.getByLabel("Name").fill("jonas");
            page.getByLabel("Password").fill("eyepiece");
            page.getByLabel("Password").press("Enter");
            page.waitForURL("**/activities");
            page.navigate(address + "/activities/" + activity + "/lay-out");
            Locator item = page.locator("[data-item='i150']");
            item.waitFor();
            page.waitForTimeout(1_000);
            report("an idle page", page, () -> page.waitForTimeout(3_000));
            BoundingBox box = item.boundingBox();
            page.mouse().move(box.x + 10, box.y + 10);
            page.mouse().down();
            report("dragging one of " + ITEMS, page, () -> {
                for (int i = 0; i < STEPS; i++) {
                    page.mouse().move(box.x + 10 + 200 * Math.sin(i / 40.0), box.y + 10 + 120 * Math.sin(i / 27.0));
                }
            });
            page.mouse().up();
        }
    }

    private static void report(String what, Page page, Runnable work) {
        page.evaluate(WATCH);
        work.run();
        Object sorted = page.evaluate("""
                () => {
                  cancelAnimationFrame(window.watching_)
                  const f = window.frames_.sort((a, b) => a - b)
                  return [f.length, f[Math.floor(f.length / 2)], f[Math.floor(f.length * 0.95)], f[f.length - 1]]
                }""");
        List<?> numbers = (List<?>) sorted;
        System.out.printf(
                Locale.ROOT,
                "%-24s %4d frames, median %.1f ms, 95th %.1f ms, longest %.1f ms%n",
                what,
                ((Number) numbers.get(0)).intValue(),
                ((Number) numbers.get(1)).doubleValue(),
                ((Number) numbers.get(2)).doubleValue(),
                ((Number) numbers.get(3)).doubleValue());
    }

    /** An activity with one page of 300 items: pictures, words and zones. */
    private static String full(Api teacher) {
        String id =
                teacher.post("/api/activities", Map.of("title", "Full page")).text("id");
        String page = teacher.get("/api/activities/" + id)
                .json()
                .path("activity")
                .path("pages")
                .get(0)
                .path("id")
                .asString();
        List<Object> edits = new ArrayList<>();
        String[] codes = {"2600", "1F314", "2B50", "1FA90", "1F680", "1F52D"};
        for (int i = 0; i < ITEMS; i++) {
            Map<String, Object> frame =
                    Map.of("x", 20 + (i % 25) * 62, "y", 20 + (i / 25) * 80, "width", 56, "height", 56, "turn", 0);
            Map<String, Object> item = Map.of(
                    "kind",
                    "picture",
                    "id",
                    "i" + i,
                    "frame",
                    frame,
                    "description",
                    "Item " + i,
                    "credit",
                    "",
                    "movement",
                    Map.of("kind", i % 2 == 0 ? "free" : "fixed"),
                    "picture",
                    Map.of("from", "LIBRARY", "name", codes[i % codes.length]));
            edits.add(Map.of(
                    "id", UUID.randomUUID(),
                    "edit", Map.of("kind", "add-item", "pageId", page, "index", i, "item", item)));
        }
        Api.Answer answer = teacher.post("/api/activities/" + id + "/edits", Map.of("seq", 0, "edits", edits));
        if (answer.status() != 200) {
            throw new IllegalStateException("" + answer);
        }
        return id;
    }
}
