package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.TestDatabase;
import java.io.IOException;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The demo's trail of eight pages, walked by two students who take different ways: one points, one has only keys. */
class TrailTest {
    private static final TestDatabase DATABASE = TestDatabase.make();
    private static DemoServer server;
    private static String code;
    private static String assignment;
    private final Browser browser = new Browser();

    @BeforeAll
    static void assign() throws IOException {
        server = DemoServer.start(DATABASE);
        Api teacher = new Api(server.address()).signInTeacher("mira", "telescope");
        String trail = StreamSupport.stream(
                        teacher.get("/api/v1/activities").items().spliterator(), false)
                .filter(one -> one.path("title").asString().equals("The hilltop trail"))
                .map(one -> one.path("id").asString())
                .findFirst()
                .orElseThrow();
        String puffin = StreamSupport.stream(
                        teacher.get("/api/v1/classes").items().spliterator(), false)
                .filter(one -> one.path("name").asString().equals("Puffin class"))
                .map(one -> one.path("id").asString())
                .findFirst()
                .orElseThrow();
        JsonNode given = teacher.post("/api/v1/activities/" + trail + "/assignments", Map.of("classId", puffin))
                .json();
        assignment = given.path("id").asString();
        code = given.path("joinCode").asString();
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private Page student(String name) {
        Page tablet = browser.device(false);
        Browser.join(tablet, server.address(), code, name, "2468");
        assertThat(tablet.getByText("Where do you want to go first?")).isVisible();
        return tablet;
    }

    private static Locator here(Page page) {
        return page.getByLabel("Pages").locator("[aria-current='page']");
    }

    private static Locator zone(Page page, String label) {
        return page.locator("[data-zone][aria-label='" + label + "']");
    }

    private static void put(Page page, String piece, String zone) {
        Browser.drag(page, pieceLike(page, piece), zone(page, zone));
        assertThat(pieceLike(page, piece + ", belongs")).isVisible();
    }

    @Test
    void with_a_pointer_and_all_right_at_once_the_way_leads_past_the_harder_page() {
        Page page = student("Ada");
        link(page, "Clear tonight").click();
        assertThat(page.getByText("https://sky.hilltop.example/tonight")).isVisible();
        button(page, "Stay here").click();

        link(page, "The dome opens").click();
        video(page);
        button(page, "Back").click();
        link(page, "Light or not").click();
        assertThat(page.getByText("Does it make its own light?")).isVisible();
        // Next waits, says why, and nothing behind it is on the device.
        Locator waits = buttonLike(page, "Next, not open yet");
        waits.click();
        assertThat(page.getByText("This opens when everything on this page is right"))
                .isVisible();
        Browser.look(page, "trail-locked");
        assertThat(Browser.barriers(page)).isEmpty();
        button(page, "Listen: Sun").click();
        assertThat(page.locator(".heard")).containsText("Sun");
        button(page, "Stop").click();
        put(page, "Sun", "Makes light");
        put(page, "Moon", "Only reflects");
        put(page, "Fire", "Makes light");
        assertThat(waits).isVisible();
        put(page, "Mirror", "Only reflects");
        button(page, "Next").click();
        assertThat(page.getByText("You had it all right at once")).isVisible();
        assertThat(buttonLike(page, "Next, not open yet")).isVisible();
        put(page, "A star", "Very far");
        put(page, "Saturn", "Far");
        button(page, "Next").click();
        assertThat(page.getByText("This door opens only for those")).isVisible();
        button(page, "Next").click();
        assertThat(page.getByText("You have walked the whole trail")).isVisible();
        // The tiles follow the way that was taken: start, video, light, harder, room, top; 'Once more' is not among
        // them.
        assertThat(page.getByLabel("Pages").locator("button")).hasCount(7);
        assertThat(page.getByLabel("Pages").getByLabel(Pattern.compile("Once more")))
                .hasCount(0);
        button(page, "Hand in").click();
        Browser.answer(page, "Hand in");
        assertThat(page.getByText("Your work is handed in")).isVisible();
        seen("Ada", "How far away?", "Once more");
    }

    /** It plays, pauses, and its captions are there; what is above it on the page stays above it. */
    private static void video(Page page) {
        assertThat(page.getByText("Every clear night begins like this.")).isVisible();
        button(page, "Play The dome of the observatory opens").click();
        Locator pause = button(page, "Pause The dome of the observatory opens");
        assertThat(pause).isVisible();
        page.waitForFunction("() => document.querySelector('video').currentTime > 0.6");
        assertThat(page.evaluate("() => document.querySelector('video').textTracks[0].cues.length"))
                .isEqualTo(3);
        pause.click();
        assertThat(page.evaluate("() => document.querySelector('video').paused"))
                .isEqualTo(true);
        button(page, "Sound").click();
        assertThat(page.evaluate("() => document.querySelector('video').muted")).isEqualTo(true);
        button(page, "Once").click();
        assertThat(page.evaluate("() => document.querySelector('video').loop")).isEqualTo(true);
        Browser.look(page, "trail-video");
        assertThat(Browser.barriers(page)).isEmpty();
    }

    @Test
    void with_keys_alone_and_one_miss_the_way_leads_past_the_practice_page() {
        Page page = student("Bo");
        follow(page, "Listen, links to page.*");
        assertThat(page.getByText("Tap the bell.")).isVisible();
        follow(page, "Observing log sheet, opens.*");
        assertThat(page.locator("canvas[data-drawn]").first()).isVisible();
        // What is drawn on a canvas says nothing to who listens: the same words stand beside it.
        assertThat(page.getByText("Take one sheet for each clear night.")).hasCount(1);
        Browser.look(page, "trail-document");
        assertThat(Browser.barriers(page)).isEmpty();
        page.keyboard().press("Escape");
        assertThat(page.getByText("Tap the bell.")).isVisible();
        assertThat(page.getByLabel("An owl on the dome")).hasCount(0);
        follow(page, "Who is there.*");
        assertThat(page.getByLabel("An owl on the dome")).isVisible();
        press(page, button(page, "Listen: The bell of the dome"));
        assertThat(page.locator(".heard")).containsText("The bell rings twice.");
        follow(page, "Home, links to the start");
        assertThat(page.getByText("Where do you want to go first?")).isVisible();
        follow(page, "Light or not, links to page.*");
        keyed(page, "Sun", 2);
        assertThat(page.locator(".told")).containsText("not here");
        keyed(page, "Sun", 1);
        keyed(page, "Moon", 2);
        keyed(page, "Fire", 1);
        keyed(page, "Mirror", 2);
        press(page, button(page, "Next"));
        assertThat(page.getByText("Which of these can we see in the dark")).isVisible();
        keyed(page, "Candle", 1);
        keyed(page, "Crystal", 2);
        press(page, button(page, "Next"));
        assertThat(page.getByText("This door opens only for those")).isVisible();
        // Back leads where one came from, and the numbers on the tiles are those of this way.
        press(page, button(page, "Back"));
        assertThat(page.getByText("Which of these can we see in the dark")).isVisible();
        seen("Bo", "Once more", "How far away?");
    }

    private static void follow(Page page, String name) {
        press(page, link(page, name).first());
    }

    private static void press(Page page, Locator what) {
        what.focus();
        page.keyboard().press("Enter");
    }

    /** Picked up, stepped to the nth zone and put there, with keys. */
    private static void keyed(Page page, String piece, int zone) {
        page.locator("[data-piece][aria-label^='" + piece + "']").first().focus();
        page.keyboard().press("Enter");
        for (int i = 0; i < zone; i++) {
            page.keyboard().press("ArrowRight");
        }
        page.keyboard().press("Enter");
        assertThat(page.locator(".told")).containsText(Pattern.compile(piece + ".*(belong|not here)"));
    }

    /** The teacher sees the way that was taken. */
    private void seen(String name, String met, String not) {
        Page teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), "mira", "telescope");
        teacher.navigate(server.address() + "/assigned/" + assignment);
        Locator row = teacher.getByRole(com.microsoft.playwright.options.AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(name));
        assertThat(row.locator(".way")).containsText("2");
        row.getByRole(com.microsoft.playwright.options.AriaRole.LINK).first().click();
        assertThat(teacher.locator("p.way")).containsText(met);
        assertThat(teacher.locator("p.way")).not().containsText(not);
        assertThat(here(teacher)).hasCount(1);
    }
}
