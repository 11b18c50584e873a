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
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/** Frame times while one of 300 items is dragged over the workbench's page, beside those of an idle page; then
 * those of a class progress table at work. An argument more, "class progress", leaves the workbench out. */
public final class FrameBench {
    private static final int STEPS = 400;
    private static final int CLASS = 36;
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
        boolean progressOnly = args.length > 1 && args[1].equals("progress");
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
            if (!progressOnly) {
                workbench(page, address, teacher);
            }
            table(page, address, teacher);
        }
    }

    private static void workbench(Page page, String address, Api teacher) {
        String activity = FullPages.one(teacher);
        page.navigate(address + "/activities/" + activity + "/lay-out");
        Locator item = page.locator("[data-item='i150']");
        item.waitFor();
        page.waitForTimeout(2_000);
        report("an idle page", page, () -> page.waitForTimeout(3_000));
        BoundingBox box = item.boundingBox();
        page.mouse().move(box.x + 10, box.y + 10);
        page.mouse().down();
        report("dragging one of " + FullPages.ITEMS, page, () -> {
            for (int i = 0; i < STEPS; i++) {
                page.mouse().move(box.x + 10 + 200 * Math.sin(i / 40.0), box.y + 10 + 120 * Math.sin(i / 27.0));
            }
        });
        page.mouse().up();
        page.keyboard().press("Control+z");
        page.keyboard().press("Escape");
        BoundingBox sheet = page.locator("svg.page").first().boundingBox();
        page.mouse().move(sheet.x + 2, sheet.y + 2);
        page.mouse().down();
        report("a box around 500", page, () -> {
            for (int i = 0; i < STEPS; i++) {
                double share = Math.min(1, i / (STEPS - 40.0));
                page.mouse().move(sheet.x + sheet.width * share, sheet.y + sheet.height * 0.5);
            }
        });
        page.mouse().up();
        System.out.println("  " + page.locator(".many h2").innerText());
        page.keyboard().press("Escape");
        page.locator(".rack .tile", new Page.LocatorOptions().setHasText("Ink")).click();
        // As a hand does, it comes to the page after the pens are there.
        page.locator(".pens").waitFor();
        page.evaluate("() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
        page.mouse().move(sheet.x + 60, sheet.y + 60);
        report("a stroke of 2,000 points", page, () -> {
            page.mouse().down();
            for (int i = 0; i < 2_000; i++) {
                double turn = i / 60.0;
                page.mouse().move(sheet.x + 300 + i / 20.0 * Math.cos(turn), sheet.y + 250 + i / 20.0 * Math.sin(turn));
            }
        });
        report("letting the stroke go", page, () -> {
            page.mouse().up();
            page.waitForTimeout(1_000);
        });
        scrolling(page, address, FullPages.wide(teacher));
        opening(page, address, FullPages.manyPages(teacher));
    }

    /** The answer key of 500 pieces and 50 zones, by the wheel: down through all rows, then through all columns. */
    private static void scrolling(Page page, String address, String activity) {
        page.navigate(address + "/activities/" + activity + "/answers");
        Locator table = page.locator(".table[role=grid]");
        table.locator(".cell").first().waitFor();
        page.waitForTimeout(2_000);
        BoundingBox box = table.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        report("scrolling 500 rows", page, () -> {
            for (int i = 0; i < STEPS; i++) {
                page.mouse().wheel(0, 60);
            }
        });
        report("scrolling 50 columns", page, () -> {
            for (int i = 0; i < STEPS; i++) {
                page.mouse().wheel(i < STEPS / 2 ? 24 : -24, 0);
            }
        });
        System.out.println("  scrolled to " + table.evaluate("el => el.scrollTop") + " of "
                + table.evaluate("el => el.scrollHeight - el.clientHeight"));
    }

    /** 36 students × 60 placements while all of them work, two moves a second each, sent from a thread beside it. */
    private static void table(Page page, String address, Api teacher) {
        SixtyPlacements lesson = SixtyPlacements.give(address, teacher, CLASS);
        page.navigate(address + "/assigned/" + lesson.assignment);
        page.locator("tbody tr").nth(CLASS - 1).waitFor();
        page.waitForTimeout(2_000);
        report("idle class progress", page, () -> page.waitForTimeout(3_000));
        ScheduledExecutorService pupils = Executors.newScheduledThreadPool(2);
        AtomicInteger sent = new AtomicInteger();
        for (int i = 0; i < CLASS; i++) {
            SixtyPlacements.Student student = lesson.students.get(i);
            AtomicInteger n = new AtomicInteger();
            pupils.scheduleAtFixedRate(
                    () -> {
                        int next = n.getAndIncrement();
                        if (next < 2 * SixtyPlacements.PAGES * SixtyPlacements.ON_EACH) {
                            SixtyPlacements.send(student, List.of(SixtyPlacements.put(next / 2, next % 2 == 1)));
                            sent.incrementAndGet();
                        }
                    },
                    500L * i / CLASS,
                    500,
                    TimeUnit.MILLISECONDS);
        }
        report("class progress of 36 × 60 at work", page, () -> page.waitForTimeout(20_000));
        pupils.shutdownNow();
        System.out.println("  " + sent + " moves were sent meanwhile");
    }

    /** From asking for the address until the page can be used: its items are there and take a press. */
    private static void opening(Page page, String address, String activity) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            page.navigate(address + "/activities");
            long start = System.nanoTime();
            page.navigate(address + "/activities/" + activity + "/lay-out");
            page.locator("[data-item]").first().click();
            page.locator("rect.grip").first().waitFor();
            times.add((System.nanoTime() - start) / 1e6);
        }
        System.out.printf(
                Locale.ROOT,
                "opening 30 pages with 1,500 items until one is selected: %s ms (asked for: 1,500)%n",
                times.stream()
                        .map(time -> String.format(Locale.ROOT, "%.0f", time))
                        .toList());
    }

    static void report(String what, Page page, Runnable work) {
        page.evaluate(WATCH);
        work.run();
        Object sorted = page.evaluate("""
                () => {
                  cancelAnimationFrame(window.watching_)
                  const longest = Math.max(...window.frames_)
                  const which = window.frames_.indexOf(longest)
                  const slow = window.frames_.filter((one) => one > 33.4).length
                  const f = window.frames_.sort((a, b) => a - b)
                  return [f.length, f[Math.floor(f.length / 2)], f[Math.floor(f.length * 0.95)], longest, which, slow]
                }""");
        List<?> numbers = (List<?>) sorted;
        System.out.printf(
                Locale.ROOT,
                "%-24s %4d frames, median %.1f ms, 95th %.1f ms, longest %.1f ms (number %d), %d over 33 ms%n",
                what,
                ((Number) numbers.get(0)).intValue(),
                ((Number) numbers.get(1)).doubleValue(),
                ((Number) numbers.get(2)).doubleValue(),
                ((Number) numbers.get(3)).doubleValue(),
                ((Number) numbers.get(4)).intValue(),
                ((Number) numbers.get(5)).intValue());
    }
}
