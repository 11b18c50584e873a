package gladtile.e2e;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Debian's Chromium, driven as a person would: by what is on the screen. */
final class Browser implements AutoCloseable {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final Path SLIM = Path.of("/usr/bin/chromium-headless-shell");
    private static final Path USUAL = Path.of("/usr/bin/chromium");

    private static final int PATIENCE_MS = 15_000;

    private static Playwright driver;
    private static final Map<List<String>, com.microsoft.playwright.Browser> RUNNING = new HashMap<>();

    static {
        // As long as for everything else that is waited for.
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private final com.microsoft.playwright.Browser chromium;
    private final List<BrowserContext> devices = new ArrayList<>();
    private final List<String> mishaps = new ArrayList<>();

    Browser() {
        this(List.of());
    }

    private Browser(List<String> more) {
        chromium = running(more);
    }

    /** On machines with a microphone, which hears a beep now and then, and may be used. */
    static Browser withMicrophone() {
        return new Browser(List.of("--use-fake-device-for-media-stream", "--use-fake-ui-for-media-stream"));
    }

    /** Started once for all tests of a run: what keeps tests apart is the device, which knows nothing of others. */
    private static com.microsoft.playwright.Browser running(List<String> more) {
        com.microsoft.playwright.Browser before = RUNNING.get(more);
        if (before != null && before.isConnected()) {
            return before;
        }
        if (driver == null) {
            driver = Playwright.create();
        }
        List<String> flags = new ArrayList<>(FLAGS);
        flags.addAll(more);
        com.microsoft.playwright.Browser started = driver.chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Files.exists(SLIM) ? SLIM : USUAL)
                        .setArgs(flags));
        RUNNING.put(more, started);
        return started;
    }

    /** A new device: nobody is signed in. */
    Page device(boolean touch) {
        BrowserContext context = chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setHasTouch(touch)
                .setLocale("en-GB"));
        devices.add(context);
        context.setDefaultTimeout(PATIENCE_MS);
        Page page = context.newPage();
        page.onPageError(mishaps::add);
        // The framework catches what goes wrong in a handler and only writes it down.
        page.onConsoleMessage(message -> {
            if (message.type().equals("error") && !message.text().startsWith("Failed to load resource")) {
                mishaps.add(message.text());
            }
        });
        // Names outside lead nowhere (FLAGS), so what is asked of them fails; and of what goes well nobody need be
        // told.
        page.onRequestFailed(request -> {
            if (!request.url().matches("(blob:)?http://(127[.]0[.]0[.]1|localhost)[:/].*|data:.*")) {
                mishaps.add("reached outside: " + request.url());
            }
        });
        return page;
    }

    /** Script errors and requests to elsewhere, on any device. */
    List<String> mishaps() {
        return mishaps;
    }

    static void signIn(Page page, String address, String name, String password) {
        page.navigate(address + "/sign-in");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Password").fill(password);
        button(page, "Sign in").click();
        page.waitForURL("**/activities");
    }

    static void join(Page page, String address, String code, String name, String pin) {
        page.navigate(address + "/join");
        page.getByLabel("Code").fill(code);
        button(page, "Next").click();
        button(page, name).click();
        page.getByLabel("Your PIN").fill(pin);
        button(page, "Come in").click();
        page.waitForURL("**/work/**");
    }

    /** Answers the question that a dialog asks, once it is there: its button may be named like the one that asked. */
    static void answer(Page page, String name) {
        page.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static Locator buttonLike(Page page, String beginning) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + beginning)));
    }

    /** A list to choose from, by what stands before it. */
    static Locator choice(Page page, String label) {
        return page.locator("label", new Page.LocatorOptions().setHasText(Pattern.compile("^\\s*" + label)))
                .locator("select");
    }

    static Locator link(Page page, String beginning) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + beginning)));
    }

    static Locator pieceLike(Page page, String beginning) {
        return page.locator("[data-piece][aria-label^='" + beginning + "']");
    }

    static double[] middle(Locator of) {
        BoundingBox box = of.boundingBox();
        return new double[] {box.x + box.width / 2, box.y + box.height / 2};
    }

    static void drag(Page page, Locator what, Locator onto) {
        drag(page, middle(what), middle(onto));
    }

    static void drag(Page page, double[] from, double[] to) {
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
        page.mouse().move(to[0], to[1]);
        page.mouse().up();
    }

    /** Presses Tab until that is focused, as somebody would who cannot point. */
    static void tabTo(Page page, String name) {
        String focused = """
                () => {
                  const one = document.activeElement
                  if (!one || one === document.body) return ''
                  const label = one.labels?.[0]?.cloneNode(true)
                  label?.querySelectorAll('select, textarea').forEach((field) => field.remove())
                  const seen = one.cloneNode(true)
                  seen.querySelectorAll('[aria-hidden="true"]').forEach((part) => part.remove())
                  const texts = []
                  const walk = document.createTreeWalker(seen, NodeFilter.SHOW_TEXT)
                  while (walk.nextNode()) texts.push(walk.currentNode.data)
                  const own = (label?.textContent ?? '').trim() || texts.join(' ')
                  return (one.getAttribute('aria-label') ?? own).trim().replace(/\\s+/g, ' ')
                }""";
        List<Object> passed = new ArrayList<>();
        for (int i = 0; i < 220; i++) {
            Object here = page.evaluate(focused);
            if (here.equals(name)) {
                return;
            }
            passed.add(here);
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab does not reach " + name + ", only " + passed);
    }

    /** What is seen now, for somebody who looks into it later; kept with what the build leaves behind. */
    static void look(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("target", "looks", name + ".png")));
    }

    /** What axe finds wrong for people who cannot see, hear or point well. */
    static List<String> barriers(Page page) {
        // Transitions that are half way give colours that nobody will see.
        page.waitForFunction("() => document.getAnimations().every(a => a.playState !== 'running')");
        List<Rule> found = new ArrayList<>(axe(page).analyze().getViolations());
        // Who speaks to the machine says what stands on a button. What is drawn on a page is no button's label.
        found.addAll(axe(page)
                .withRules(List.of("label-content-name-mismatch"))
                .exclude("svg.page")
                .exclude(".sheet")
                .analyze()
                .getViolations());
        return found.stream()
                .map(rule -> rule.getId() + ": " + rule.getHelp() + " "
                        + rule.getNodes().stream()
                                .map(node -> node.getHtml())
                                .limit(3)
                                .toList())
                .toList();
    }

    private static AxeBuilder axe(Page page) {
        // What passed is not described node by node, which takes longer than looking.
        AxeRunOptions only = new AxeRunOptions();
        only.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).options(only);
    }

    /** Puts every device away, with what it kept. */
    @Override
    public void close() {
        devices.forEach(BrowserContext::close);
    }
}
