package gladtile.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitUntilState;
import gladtile.server.testkit.Api;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/**
 * A page in front of the class at 1920 × 1080: how long it takes from the pointer to the paint while one draws, on a page
 * without ink and on one with 2,000 strokes; an instrument that is dragged over them; opening it; and recording.
 * Arguments: the address, and for how many seconds is recorded.
 */
public final class PresentBench {
    private static final int STROKES = 2_000;
    private static final int AT_ONCE = 500;
    private static final int OPENINGS = 5;
    /** From the handler of a pointer's move until the frame with it was painted. */
    private static final String LATENCY = """
            () => {
              window.late_ = []
              window.lateOf_ = () => {
                const began = performance.now()
                requestAnimationFrame(() => {
                  const { port1, port2 } = new MessageChannel()
                  port1.onmessage = () => window.late_.push(performance.now() - began)
                  port2.postMessage(0)
                })
              }
              addEventListener('pointermove', window.lateOf_, true)
            }""";

    private static final String LATE = """
            () => {
              removeEventListener('pointermove', window.lateOf_, true)
              const all = window.late_.sort((a, b) => a - b)
              return [all.length, all[Math.floor(all.length / 2)], all[Math.floor(all.length * 0.95)], all.at(-1)]
            }""";
    private static final String LONG_TASKS = """
            () => {
              window.long_ = []
              new PerformanceObserver((list) => window.long_.push(...list.getEntries().map((one) => one.duration)))
                .observe({ entryTypes: ['longtask'] })
            }""";

    private PresentBench() {}

    public static void main(String[] args) {
        String address = args[0];
        int seconds = args.length > 1 ? Integer.parseInt(args[1]) : 60;
        Api teacher = new Api(address).signInTeacher("mira", "telescope");
        String empty = FullPages.few(teacher, "Present, without ink");
        String full = FullPages.few(teacher, "Present, with ink");
        write(teacher, full);
        try (Playwright playwright = Playwright.create()) {
            Browser chromium = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--use-fake-ui-for-media-stream",
                                    "--use-fake-device-for-media-stream")));
            BrowserContext context = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1920, 1080));
            Page page = context.newPage();
            page.navigate(address + "/sign-in");
            page.getByLabel("Name").fill("mira");
            page.getByLabel("Password").fill("telescope");
            page.getByLabel("Password").press("Enter");
            page.waitForURL("**/activities");
            open(page, address, empty);
            drawing("drawing on a page without ink", page);
            open(page, address, full);
            drawing("drawing over 2,000 strokes", page);
            instrument(page);
            opening(page, address, "a page without ink", empty, 0);
            opening(page, address, "2,000 strokes", full, STROKES);
            open(page, address, empty);
            recording(page, seconds);
        }
    }

    private static void write(Api teacher, String activity) {
        String page = FullPages.firstPage(teacher, activity);
        String lesson =
                teacher.post("/api/v1/lessons", Map.of("activityId", activity)).text("id");
        for (int from = 0; from < STROKES; from += AT_ONCE) {
            List<Object> drawn = new ArrayList<>();
            for (int i = from; i < from + AT_ONCE; i++) {
                drawn.add(Map.of("id", UUID.randomUUID().toString(), "stroke", stroke(i)));
            }
            int status = teacher.post(
                            "/api/v1/lessons/" + lesson + "/ink",
                            Map.of("pageId", page, "drawn", drawn, "gone", List.of()))
                    .status();
            if (status >= 300) {
                throw new IllegalStateException("the ink was answered with " + status);
            }
        }
    }

    /** A short word's worth of ink; 25 points in tenths of a page unit, each with its pressure. */
    private static Map<String, Object> stroke(int i) {
        List<Integer> points = new ArrayList<>();
        int x = 200 + i % 50 * 300;
        int y = 1_500 + i / 50 * 190;
        for (int k = 0; k < 25; k++) {
            points.addAll(List.of(x + k * 9, y + (int) (60 * Math.sin(k / 2.0)), 128));
        }
        return Map.of("tool", "PEN", "colour", "#1f2d33", "dash", "SOLID", "width", 5, "points", points);
    }

    private static void open(Page page, String address, String activity) {
        page.navigate(address + "/present/" + activity);
        page.locator("svg.doing").waitFor();
        page.waitForTimeout(2_000);
    }

    private static void drawing(String what, Page page) {
        BoundingBox sheet = page.locator(".place > .sheet").boundingBox();
        page.keyboard().press("p");
        page.evaluate(LATENCY);
        for (int s = 0; s < 8; s++) {
            page.mouse().move(sheet.x + 300, sheet.y + 200 + s * 60);
            page.mouse().down();
            for (int i = 0; i < 60; i++) {
                page.mouse().move(sheet.x + 300 + i * 14, sheet.y + 200 + s * 60 + 30 * Math.sin(i / 3.0));
            }
            page.mouse().up();
        }
        page.waitForTimeout(300);
        say(what, "from pointer to paint", page.evaluate(LATE));
        page.keyboard().press("m");
    }

    private static void instrument(Page page) {
        page.keyboard().press("u");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ruler"))
                .click();
        page.keyboard().press("Escape");
        page.waitForTimeout(500);
        BoundingBox ruler = page.locator(".instrument-board .body").first().boundingBox();
        double x = ruler.x + ruler.width / 2;
        double y = ruler.y + ruler.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        FrameBench.report("the ruler over 2,000 strokes", page, () -> {
            for (int i = 0; i < 300; i++) {
                page.mouse().move(x + 200 * Math.sin(i / 40.0), y - 150 + 150 * Math.cos(i / 27.0));
            }
        });
        page.mouse().up();
    }

    /** From asking for the page until all of it was painted, told by the page itself: asking it would add to it. */
    private static final String PAINTED = """
            window.paintedAt = count => new Promise(done => {
              const look = () => {
                const there = document.querySelector('svg.doing')
                  && document.querySelectorAll('.own-ink path').length >= count
                requestAnimationFrame(there ? () => requestAnimationFrame(() => done(performance.now())) : look)
              }
              look()
            })""";

    private static void opening(Page page, String address, String what, String activity, int strokes) {
        page.addInitScript(PAINTED);
        List<String> afresh = new ArrayList<>();
        for (int i = 0; i < OPENINGS; i++) {
            page.navigate(address + "/activities");
            page.navigate(
                    address + "/present/" + activity, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
            Object painted = page.evaluate("count => window.paintedAt(count)", strokes);
            afresh.add("%.0f".formatted(((Number) painted).doubleValue()));
        }
        System.out.printf(Locale.ROOT, "loaded afresh with %s: %s ms (asked for: 1,000)%n", what, afresh);
    }

    /** Drawn on and off all the time, with a page turned every ten seconds. */
    private static void recording(Page page, int seconds) {
        page.keyboard().press("v");
        page.getByText("Start recording").click();
        page.locator(".record .red").waitFor();
        page.keyboard().press("p");
        page.evaluate(LONG_TASKS);
        BoundingBox sheet = page.locator(".place > .sheet").boundingBox();
        long ends = System.nanoTime() + seconds * 1_000_000_000L;
        for (int n = 0; System.nanoTime() < ends; n++) {
            double y = sheet.y + 150 + n % 12 * 55;
            page.mouse().move(sheet.x + 200, y);
            page.mouse().down();
            for (int i = 0; i < 40; i++) {
                page.mouse().move(sheet.x + 200 + i * 16, y + 24 * Math.sin(i / 2.0));
            }
            page.mouse().up();
            page.waitForTimeout(600);
            if (n % 8 == 7) {
                page.keyboard().press(n % 16 == 7 ? "PageDown" : "PageUp");
            }
        }
        Object tasks = page.evaluate("""
                () => {
                  const all = window.long_.sort((a, b) => a - b)
                  return [all.length, all[Math.floor(all.length / 2)] ?? 0, all[Math.floor(all.length * 0.95)] ?? 0, all.at(-1) ?? 0]
                }""");
        say("recording for " + seconds + " s", "tasks over 50 ms", tasks);
        System.out.println("  it says: " + page.locator(".record").innerText().replace('\n', ' '));
    }

    private static void say(String what, String of, Object measured) {
        List<?> numbers = (List<?>) measured;
        System.out.printf(
                Locale.ROOT,
                "%-30s %4d %s, median %.1f ms, 95th %.1f ms, longest %.1f ms%n",
                what,
                ((Number) numbers.get(0)).intValue(),
                of,
                ((Number) numbers.get(1)).doubleValue(),
                ((Number) numbers.get(2)).doubleValue(),
                ((Number) numbers.get(3)).doubleValue());
    }
}
