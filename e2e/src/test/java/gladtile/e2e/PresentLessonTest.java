package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import gladtile.core.activity.Ink;
import gladtile.core.activity.Item;
import gladtile.core.activity.Paper;
import gladtile.core.activity.Picture;
import gladtile.core.activity.Video;
import gladtile.core.edit.AddPage;
import gladtile.server.assignments.Assignments;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** A whole lesson at the wall, with two tablets, recorded; what was recorded is read by Debian's ffprobe. */
@ExtendWith(RealServer.class)
class PresentLessonTest {
    @TempDir
    Path folder;

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
        school.edit(new AddPage(1, new gladtile.core.activity.Page("noon", "Noon", Paper.PLAIN, List.of())));
        Assignments.Given given = (Assignments.Given)
                server.bean(Assignments.class).assign(school.teacher, school.activityId, school.classId);
        ada = browser.device(true);
        Browser.join(ada, address, given.joinCode(), school.students.get(0).name(), School.PIN);
        bo = browser.device(false);
        Browser.join(bo, address, given.joinCode(), school.students.get(1).name(), School.PIN);
        pieceLike(ada, "sun").waitFor();
        wall = browser.device(false);
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

    private void keys(String... names) {
        for (String name : names) {
            wall.keyboard().press(name);
        }
    }

    private double[] at(double x, double y) {
        var box = wall.locator(".sheet").first().boundingBox();
        return new double[] {box.x + x * box.width / 1600, box.y + y * box.width / 1600};
    }

    private void stroke(double... xy) {
        double[] from = at(xy[0], xy[1]);
        wall.mouse().move(from[0], from[1]);
        wall.mouse().down();
        for (int i = 2; i < xy.length; i += 2) {
            double[] to = at(xy[i], xy[i + 1]);
            wall.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(6));
        }
        wall.mouse().up();
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

    @Test
    void a_lesson_is_held_recorded_and_played_back_while_two_tablets_follow() throws Exception {
        // Recording begins; all that follows is in it.
        keys("v");
        button(wall, "Start recording").click();
        button(wall, "Stop").waitFor();
        wall.getByLabel("Close Record").click();

        // Pens.
        keys("p");
        stroke(300, 700, 500, 660, 700, 720);
        assertThat(strokes()).hasCount(1);
        wall.getByLabel("Draws").isVisible();
        keys("f");
        stroke(300, 760, 700, 780);
        assertThat(strokes()).hasCount(1);

        // Cover and spotlight, ruler and protractor.
        keys("m", "c");
        assertThat(wall.locator(".cover-board .cover")).isVisible();
        keys("c", "s");
        assertThat(wall.locator(".spotlight-board .rim")).isVisible();
        keys("s", "u");
        button(wall, "Ruler").click();
        button(wall, "Protractor").click();
        assertThat(wall.locator(".instrument")).hasCount(2);
        keys("u", "p");
        stroke(560, 768, 900, 768);
        assertThat(strokes()).hasCount(2);
        keys("m", "u");
        button(wall, "Ruler").click();
        button(wall, "Protractor").click();
        keys("u");

        // A student's turn at the wall.
        keys("n");
        button(wall, "Draw a name").first().click();
        wall.locator("section.card").getByText("Draw a name").click();
        assertThat(wall.getByText("not yet drawn")).isVisible();
        wall.getByLabel("Close Whose turn").click();
        drag(wall, Browser.middle(pieceLike(wall, "sun")), at(300, 350));
        wall.locator("[data-piece=sun][data-settled]").waitFor();

        // A timer, on the tablets too, and both tablets follow to the next page and back.
        keys("k");
        button(wall, "5 min").click();
        keys("k");
        button(wall, "Show on the class's tablets").click();
        assertThat(ada.locator("[role=timer]")).containsText("4:5");
        keys("n");
        button(wall, "Follow me").click();
        keys("n", "PageDown");
        for (Page tablet : List.of(ada, bo)) {
            assertThat(tablet.getByText("This is the page on the wall")).isVisible();
            tablet.waitForFunction("() => document.title.startsWith('Noon')");
        }
        // Who looks elsewhere comes back by a button.
        button(bo, "Back").click();
        button(bo, "To the page on the wall").click();
        assertThat(bo.getByText("This is the page on the wall")).isVisible();
        keys("PageUp");
        ada.waitForFunction("() => !document.title.startsWith('Noon')");
        wall.getByText("Tablets follow. Stop").click();
        assertThat(ada.getByText("This is the page on the wall")).hasCount(0);

        // What Ada has done comes on the wall, without her name.
        drag(ada, Browser.middle(pieceLike(ada, "moon")), OnWorkbench.onPage(ada, 1000, 350));
        ada.locator("[data-piece=moon][data-settled]").waitFor();
        keys("n");
        button(wall, "Show a student's page").click();
        button(wall, school.students.get(0).name()).click();
        assertThat(wall.getByText("A student's page")).isVisible();
        assertThat(wall.getByText(school.students.get(0).name())).hasCount(0);
        wall.getByLabel("With the name").check();
        assertThat(wall.getByText(school.students.get(0).name() + "'s page")).isVisible();
        button(wall, "Back to our page").click();

        // A picture of a part, put on the page.
        keys("q");
        button(wall, "Picture of the screen").click();
        stroke(280, 640, 720, 800);
        button(wall, "Put on this page").click();
        wall.waitForCondition(() -> kept().stream()
                .anyMatch(item -> item instanceof Picture picture
                        && picture.picture().from() == gladtile.core.activity.PictureRef.From.FILE));
        Picture made = (Picture) kept().get(kept().size() - 1);
        assertThat(made.frame().width() / made.frame().height())
                .isCloseTo(440 / 160.0, org.assertj.core.api.Assertions.within(0.05));

        // Ink that is encircled stays on the page.
        keys("a");
        stroke(250, 620, 760, 620, 760, 742, 250, 742, 250, 630);
        button(wall, "Keep on the page").click();
        wall.waitForCondition(() -> kept().stream().anyMatch(Ink.class::isInstance));
        assertThat(strokes()).hasCount(1);
        keys("m", "x");
        button(wall, "Everything").click();
        assertThat(strokes()).hasCount(0);

        // The recording is played back, trimmed and given words.
        keys("v");
        button(wall, "Stop").click();
        Locator video = wall.locator(".recordings video");
        video.waitFor();
        wall.waitForFunction("() => document.querySelector('.recordings video').duration > 3");
        assertThat(wall.locator(".chapters button")).not().hasCount(0);
        wall.locator(".chapters button").first().click();
        wall.waitForFunction("() => document.querySelector('.recordings video').currentTime > 0.5");
        wall.evaluate("() => document.querySelector('.recordings video').pause()");
        button(wall, "Add words here").click();
        wall.getByLabel("Words 1", new Page.GetByLabelOptions().setExact(true)).fill("The sun makes its own light");
        wall.getByLabel("Ends at").fill("0:06");
        button(wall, "Save").click();
        assertThat(wall.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        Api teacher = new Api(address).signInTeacher(school.teacherName(), School.PASSWORD);
        var kept = teacher.get("/api/activities/" + school.activityId + "/screencasts")
                .json()
                .get(0);
        byte[] whole = teacher.raw(
                        "/api/files/" + kept.path("whole").path("sha256").asString())
                .body();
        byte[] cut = teacher.raw(
                        "/api/files/" + kept.path("video").path("sha256").asString())
                .body();
        double lasts = Double.parseDouble(probe(whole, "-show_entries format=duration"));
        assertThat(lasts).isCloseTo(kept.path("millis").asLong() / 1000.0, org.assertj.core.api.Assertions.within(1.0));
        assertThat(Double.parseDouble(probe(cut, "-show_entries format=duration")))
                .isBetween(4.0, 7.0);
        assertThat(probe(whole, "-show_entries stream=codec_type").lines()).containsExactlyInAnyOrder("video", "audio");
        // Nowhere is there a gap in what is heard.
        List<Double> heard = probe(whole, "-select_streams a -show_entries packet=pts_time")
                .lines()
                .map(line -> Double.parseDouble(line.replace(",", "")))
                .toList();
        for (int i = 1; i < heard.size(); i++) {
            assertThat(heard.get(i) - heard.get(i - 1))
                    .as("at %s s", heard.get(i))
                    .isLessThan(0.25);
        }
        button(wall, "Put on this page").click();
        wall.waitForCondition(() -> kept().stream().anyMatch(Video.class::isInstance));
        Video put = (Video) kept().get(kept().size() - 1);
        assertThat(put.captions()).isNotNull();
    }
}
