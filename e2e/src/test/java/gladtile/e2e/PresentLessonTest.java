package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.edit.AddPage;
import gladtile.core.page.Ink;
import gladtile.core.page.Item;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.Video;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A whole lesson at the wall, with two tablets, recorded; what was recorded is read by Debian's ffprobe.
 *
 * <p>Long because it goes through one lesson at the wall from its beginning to its end.
 */
@ExtendWith(RealServer.class)
class PresentLessonTest {
    /** By what the wall is worked on. */
    enum Hand {
        MOUSE_AND_KEYS,
        FINGER
    }

    @TempDir
    Path folder;

    private Hand hand;
    private CDPSession line;

    private final Browser browser = Browser.withMicrophone();
    private School school;
    private String address;
    private Page wall;
    private Page ada;
    private Page bo;

    @BeforeEach
    void lesson(RealServer server) {
        school = new School(server);
        address = server.address();
        school.edit(new AddPage(1, new gladtile.core.page.Page("noon", "Noon", Paper.PLAIN, List.of())));
        AssignmentService.Given given = (AssignmentService.Given)
                server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId);
        ada = browser.device(true);
        Browser.join(ada, address, given.joinCode(), school.students.get(0).name(), School.PIN);
        bo = browser.device(false);
        Browser.join(bo, address, given.joinCode(), school.students.get(1).name(), School.PIN);
        pieceLike(ada, "sun").waitFor();
    }

    private void wallOf(Hand by) {
        hand = by;
        wall = browser.device(by == Hand.FINGER);
        line = wall.context().newCDPSession(wall);
        wall.setViewportSize(1920, 1080);
        Browser.signIn(wall, address, school.teacherName(), School.PASSWORD);
        wall.navigate(address + "/present/" + school.activityId + "?class=" + school.classId);
        wall.locator("svg.ink-board").waitFor();
    }

    @AfterEach
    void close() {
        try {
            assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    private void press(Locator what) {
        if (hand == Hand.FINGER) {
            what.tap();
        } else {
            what.click();
        }
    }

    private void press(String button) {
        press(button(wall, button));
    }

    /** Takes a tool, or puts away what it can be set to: by its key, or by its tile. */
    private void tool(String key, String tile) {
        if (hand == Hand.FINGER) {
            press(wall.locator(".dock").getByText(tile, new Locator.GetByTextOptions().setExact(true)));
        } else {
            wall.keyboard().press(key);
        }
    }

    private void turn(String key, String button) {
        if (hand == Hand.FINGER) {
            press(wall.getByLabel(button, new Page.GetByLabelOptions().setExact(true)));
        } else {
            wall.keyboard().press(key);
        }
    }

    private double[] at(double x, double y) {
        var box = wall.locator(".sheet").first().boundingBox();
        return new double[] {box.x + x * box.width / 1600, box.y + y * box.width / 1600};
    }

    /** From one place of the page to the next, without lifting. */
    private void stroke(double... xy) {
        double[][] way = new double[xy.length / 2][];
        for (int i = 0; i < way.length; i++) {
            way[i] = at(xy[2 * i], xy[2 * i + 1]);
        }
        drag(way);
    }

    /** As {@link #stroke}, in pixels. */
    private void drag(double[]... way) {
        if (hand == Hand.FINGER) {
            touch("touchStart", way[0]);
        } else {
            wall.mouse().move(way[0][0], way[0][1]);
            wall.mouse().down();
        }
        for (int i = 1; i < way.length; i++) {
            for (int k = 1; k <= 8; k++) {
                double x = way[i - 1][0] + (way[i][0] - way[i - 1][0]) * k / 8;
                double y = way[i - 1][1] + (way[i][1] - way[i - 1][1]) * k / 8;
                if (hand == Hand.FINGER) {
                    touch("touchMove", x, y);
                } else {
                    wall.mouse().move(x, y);
                }
            }
        }
        if (hand == Hand.FINGER) {
            touch("touchEnd");
        } else {
            wall.mouse().up();
        }
    }

    private void touch(String type, double... at) {
        JsonArray points = new JsonArray();
        if (at.length == 2) {
            JsonObject point = new JsonObject();
            point.addProperty("x", at[0]);
            point.addProperty("y", at[1]);
            point.addProperty("radiusX", 8);
            point.addProperty("radiusY", 8);
            points.add(point);
        }
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        event.add("touchPoints", points);
        line.send("Input.dispatchTouchEvent", event);
    }

    private Locator strokes() {
        return wall.locator("svg.ink-board .own-ink path");
    }

    private List<Item> kept() {
        return school.activity().page("light").orElseThrow().items();
    }

    private String probe(byte[] video, String shows) throws Exception {
        Path file = Files.write(Files.createTempFile(folder, "video", ".webm"), video);
        Process process = new ProcessBuilder(("ffprobe -v error " + shows + " -of csv=p=0 " + file).split(" "))
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        return said.strip();
    }

    @ParameterizedTest
    @EnumSource
    void a_lesson_is_held_recorded_and_played_back_while_two_tablets_follow(Hand by) throws Exception {
        wallOf(by);
        // Recording begins; all that follows is in it.
        tool("v", "Record");
        press("Start recording");
        button(wall, "Stop").waitFor();
        press(wall.getByLabel("Close Record"));

        // Pens.
        tool("p", "Pen");
        stroke(300, 700, 500, 660, 700, 720);
        assertThat(strokes()).hasCount(1);
        wall.getByLabel("Draws").isVisible();
        tool("f", "Fading ink");
        stroke(300, 760, 700, 780);
        assertThat(strokes()).hasCount(1);

        // Cover and spotlight, ruler and protractor.
        tool("m", "Move");
        tool("c", "Cover");
        assertThat(wall.locator(".cover-board .cover")).isVisible();
        tool("c", "Cover");
        tool("s", "Spotlight");
        assertThat(wall.locator(".spotlight-board .rim")).isVisible();
        tool("s", "Spotlight");
        tool("u", "Measure");
        press("Ruler");
        press("Protractor");
        assertThat(wall.locator(".instrument")).hasCount(2);
        tool("u", "Measure");
        tool("p", "Pen");
        stroke(560, 768, 900, 768);
        assertThat(strokes()).hasCount(2);
        tool("m", "Move");
        tool("u", "Measure");
        press("Ruler");
        press("Protractor");
        tool("u", "Measure");

        // A student's turn at the wall.
        tool("n", "Class");
        press(button(wall, "Draw a name").first());
        press(wall.locator("section.card").getByText("Draw a name"));
        assertThat(wall.getByText("not yet drawn")).isVisible();
        press(wall.getByLabel("Close Whose turn"));
        drag(Browser.middle(pieceLike(wall, "sun")), at(300, 350));
        wall.locator("[data-piece=sun][data-settled]").waitFor();

        // A timer, on the tablets too, and both tablets follow to the next page and back.
        tool("k", "Timer");
        press("5 min");
        tool("k", "Timer");
        press("Show on the class's tablets");
        assertThat(ada.locator("[role=timer]")).containsText("4:5");
        tool("n", "Class");
        press("Follow me");
        tool("n", "Class");
        turn("PageDown", "Next page");
        for (Page tablet : List.of(ada, bo)) {
            assertThat(tablet.getByText("This is the page on the wall")).isVisible();
            tablet.waitForFunction("() => document.title.startsWith('Noon')");
        }
        // Who looks elsewhere comes back by a button.
        button(bo, "Back").click();
        button(bo, "To the page on the wall").click();
        assertThat(bo.getByText("This is the page on the wall")).isVisible();
        turn("PageUp", "Page before");
        ada.waitForFunction("() => !document.title.startsWith('Noon')");
        press(wall.getByText("Tablets follow. Stop"));
        assertThat(ada.getByText("This is the page on the wall")).hasCount(0);

        // What Ada has done comes on the wall, without her name.
        Browser.drag(ada, Browser.middle(pieceLike(ada, "moon")), OnWorkbench.onPage(ada, 1000, 350));
        ada.locator("[data-piece=moon][data-settled]").waitFor();
        tool("n", "Class");
        press("Show a student's page");
        press(school.students.get(0).name());
        assertThat(wall.getByText("A student's page")).isVisible();
        assertThat(wall.getByText(school.students.get(0).name())).hasCount(0);
        wall.getByLabel("With the name").check();
        assertThat(wall.getByText(school.students.get(0).name() + "'s page")).isVisible();
        press("Back to our page");

        // A picture of a part, put on the page.
        tool("q", "More");
        press("Picture of the screen");
        stroke(280, 640, 720, 800);
        press("Put on this page");
        wall.waitForCondition(() -> kept().stream()
                .anyMatch(item -> item instanceof Picture picture
                        && picture.picture().from() == gladtile.core.page.PictureRef.From.FILE));
        Picture made = (Picture) kept().get(kept().size() - 1);
        assertThat(made.frame().width() / made.frame().height())
                .isCloseTo(440 / 160.0, org.assertj.core.api.Assertions.within(0.05));

        // Ink that is encircled stays on the page.
        tool("a", "Lasso");
        stroke(250, 620, 760, 620, 760, 742, 250, 742, 250, 630);
        press("Keep on the page");
        wall.waitForCondition(() -> kept().stream().anyMatch(Ink.class::isInstance));
        assertThat(strokes()).hasCount(1);
        tool("m", "Move");
        tool("x", "Clear");
        press("Everything");
        assertThat(strokes()).hasCount(0);

        // The recording is played back, trimmed and given words.
        tool("v", "Record");
        press("Stop");
        Locator video = wall.locator(".recordings video");
        video.waitFor();
        wall.waitForFunction("() => document.querySelector('.recordings video').duration > 3");
        assertThat(wall.locator(".chapters button")).not().hasCount(0);
        press(wall.locator(".chapters button").first());
        wall.waitForFunction("() => document.querySelector('.recordings video').currentTime > 0.5");
        wall.evaluate("() => document.querySelector('.recordings video').pause()");
        press("Add words here");
        wall.getByLabel("Words 1", new Page.GetByLabelOptions().setExact(true)).fill("The sun makes its own light");
        wall.getByLabel("Ends at").fill("0:06");
        press("Save");
        assertThat(wall.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        Api teacher = new Api(address).signInTeacher(school.teacherName(), School.PASSWORD);
        var kept = teacher.get("/api/v1/activities/" + school.activityId + "/screencasts")
                .items()
                .get(0);
        byte[] whole = teacher.raw(
                        "/api/v1/files/" + kept.path("whole").path("sha256").asString())
                .body();
        byte[] cut = teacher.raw(
                        "/api/v1/files/" + kept.path("video").path("sha256").asString())
                .body();
        double lasts = Double.parseDouble(probe(whole, "-show_entries format=duration"));
        assertThat(lasts).isCloseTo(kept.path("millis").asLong() / 1000.0, org.assertj.core.api.Assertions.within(1.0));
        assertThat(Double.parseDouble(probe(cut, "-show_entries format=duration")))
                .isBetween(4.0, 7.0);
        assertThat(probe(whole, "-show_entries stream=codec_type").lines()).containsExactlyInAnyOrder("video", "audio");
        // No piece is lost on the way, and none stands apart from the next: they are of two seconds. How smooth a
        // recording is on a busy machine is measured by the bench.
        List<Double> heard = probe(whole, "-select_streams a -show_entries packet=pts_time")
                .lines()
                .map(line -> Double.parseDouble(line.replace(",", "")))
                .toList();
        for (int i = 1; i < heard.size(); i++) {
            assertThat(heard.get(i) - heard.get(i - 1))
                    .as("at %s s", heard.get(i))
                    .isLessThan(1);
        }
        press("Put on this page");
        wall.waitForCondition(() -> kept().stream().anyMatch(Video.class::isInstance));
        Video put = (Video) kept().get(kept().size() - 1);
        assertThat(put.captions()).isNotNull();
    }
}
