package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import gladtile.core.activity.Activity;
import gladtile.core.edit.AddItem;
import gladtile.core.page.FileRef;
import gladtile.core.page.Frame;
import gladtile.core.page.Link;
import gladtile.core.page.Movement;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Traits;
import gladtile.core.present.MeasuredPolygon;
import gladtile.server.lessons.LessonHead;
import gladtile.server.lessons.LessonService;
import gladtile.server.testkit.Api;
import gladtile.server.testkit.School;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.Test;

/** In front of the class: corners of a page's shapes, documents over it, a second screen, and minutes without a network. */
class PresentOverPageTest extends OnWorkbench {
    @Override
    void prepare() {
        school.edit(new AddItem(
                "light",
                999,
                new Shape(
                        "sail",
                        Frame.of(1250, 560, 200, 200),
                        Movement.FIXED,
                        "Sail",
                        null,
                        ShapeLook.of(ShapeForm.TRIANGLE, "#fbefd8", "#8a5a00"),
                        null)));
    }

    private void present() {
        teacher.navigate(address + "/present/" + school.activityId);
        teacher.locator("svg.ink-board").waitFor();
    }

    private static Locator strokes(Page wall) {
        return wall.locator("svg.ink-board .own-ink path");
    }

    private void stroke(Page wall, double y) {
        double[] from = onPage(wall, 200, y);
        double[] to = onPage(wall, 900, y);
        wall.mouse().move(from[0], from[1]);
        wall.mouse().down();
        wall.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(8));
        wall.mouse().up();
    }

    private int keptStrokes() {
        return school.server.bean(LessonService.class).of(school.teacher, school.activityId).stream()
                .mapToInt(LessonHead::strokes)
                .sum();
    }

    private String sailPath() {
        return teacher.locator("svg.doing [aria-label^='Sail'] path").first().getAttribute("d");
    }

    @Test
    void corners_of_a_shape_are_pulled_where_the_teacher_lets_them_and_the_activity_stays_as_it_was() {
        item("Sail").click();
        teacher.getByLabel("Its corners can be pulled in Present").check();
        teacher.waitForCondition(() -> school.activity()
                .page("light")
                .orElseThrow()
                .item("sail")
                .orElseThrow()
                .traitsOrNone()
                .equals(Traits.NONE.withReshapable(true)));
        Activity before = school.activity();
        present();
        Locator board = teacher.getByLabel("Shapes of the page with corners to pull");
        Locator corners = board.locator(".corner");
        assertThat(corners).hasCount(3);
        String was = sailPath();
        // The upper corner, from the middle of the top to the left.
        drag(teacher, onPage(teacher, 1350, 560), onPage(teacher, 1250, 560));
        assertThat(sailPath()).isNotEqualTo(was);
        MeasuredPolygon read =
                MeasuredPolygon.of(List.of(new Point(1250, 560), new Point(1450, 760), new Point(1250, 760)));
        List<String> angles = board.locator(".degrees").allTextContents();
        for (int i = 0; i < 3; i++) {
            double shown = Double.parseDouble(angles.get(i).strip().replace("°", ""));
            assertThat(shown).isCloseTo(read.angles().get(i), within(0.6));
        }
        // The usual scale: one centimetre is 50 units.
        double area =
                Double.parseDouble(board.locator(".area").textContent().strip().replace(" cm²", ""));
        assertThat(area).isCloseTo(read.area() / 2500, within(0.15));
        corners.nth(1).focus();
        keys("ArrowUp");
        String pulled = sailPath();
        keys("Control+z");
        assertThat(sailPath()).isNotEqualTo(pulled);
        keys("Control+z");
        assertThat(sailPath()).isEqualTo(was);

        drag(teacher, onPage(teacher, 1350, 560), onPage(teacher, 1300, 600));
        teacher.locator("h1").first().focus();
        keys("x");
        button(teacher, "Things that were moved").click();
        assertThat(teacher.getByText("Cleared. Undo brings it back")).isVisible();
        assertThat(sailPath()).isEqualTo(was);
        keys("Control+z");
        teacher.waitForCondition(() -> !sailPath().equals(was));

        // Who is to find it first sees no numbers.
        keys("u");
        teacher.getByLabel("Write lengths and angles on shapes").uncheck();
        assertThat(board.locator("text")).hasCount(0);
        assertThat(Browser.barriers(teacher)).isEmpty();
        assertThat(school.activity()).isEqualTo(before);
    }

    private static byte[] twoSheets() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument made = new PDDocument()) {
            for (String words : List.of("First sheet", "Second sheet")) {
                PDPage page = new PDPage();
                made.addPage(page);
                try (PDPageContentStream pen = new PDPageContentStream(made, page)) {
                    pen.beginText();
                    pen.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 40);
                    pen.newLineAtOffset(60, 600);
                    pen.showText(words);
                    pen.endText();
                }
            }
            made.save(out);
        }
        return out.toByteArray();
    }

    private FileRef brought(String name, byte[] bytes) {
        Api api = new Api(address).signInTeacher(school.teacherName(), School.PASSWORD);
        String id = api.post("/api/v1/uploads", Map.of("name", name, "bytes", bytes.length))
                .text("id");
        api.put("/api/v1/uploads/" + id + "/pieces/0", bytes);
        String sha = api.post("/api/v1/uploads/" + id + "/completion", Map.of()).text("sha256");
        return new FileRef(sha, name, "application/pdf");
    }

    @Test
    void a_document_that_is_opened_lies_over_the_page_and_each_of_its_pages_has_ink_of_its_own() throws Exception {
        Link to = new Link.ToFile(brought("Log", twoSheets()));
        school.edit(new AddItem(
                "light",
                999,
                new Shape(
                        "log",
                        Frame.of(1250, 800, 160, 120),
                        Movement.FIXED,
                        "Open the log",
                        Traits.NONE.withLink(to),
                        ShapeLook.of(ShapeForm.ELLIPSE, "#dcebea", "#0b5d66"),
                        null)));
        present();
        keys("p");
        stroke(teacher, 640);
        assertThat(strokes(teacher)).hasCount(1);
        keys("m");
        double[] at = onPage(teacher, 1330, 860);
        teacher.mouse().click(at[0], at[1]);
        Locator sheet = teacher.locator(".document canvas[data-drawn='0']");
        sheet.waitFor();
        assertThat(teacher.locator(".document")).containsText("First sheet");
        assertThat(strokes(teacher)).hasCount(0);
        keys("p");
        stroke(teacher, 700);
        stroke(teacher, 760);
        assertThat(strokes(teacher)).hasCount(2);
        keys("PageDown");
        teacher.locator(".document canvas[data-drawn='1']").waitFor();
        assertThat(teacher.locator(".document")).containsText("Second sheet");
        assertThat(strokes(teacher)).hasCount(0);
        assertThat(button(teacher, "Next page")).isDisabled();
        keys("PageUp");
        assertThat(strokes(teacher)).hasCount(2);
        // A picture of the screen has the document and the ink on it: more is dark than on the sheet alone.
        keys("q");
        button(teacher, "Picture of the screen").click();
        button(teacher, "The whole page").click();
        teacher.locator(".card img").waitFor();
        int dark = ((Number) teacher.evaluate("""
                async () => {
                  const image = document.querySelector('.card img')
                  await image.decode()
                  const canvas = document.createElement('canvas')
                  canvas.width = image.naturalWidth
                  canvas.height = image.naturalHeight
                  const pen = canvas.getContext('2d')
                  pen.drawImage(image, 0, 0)
                  const { data } = pen.getImageData(0, 0, canvas.width, canvas.height)
                  const rows = new Set()
                  for (let i = 0; i < data.length; i += 4)
                    if (data[i] < 90) rows.add(Math.floor(i / 4 / canvas.width / canvas.height * 50))
                  return rows.size
                }""")).intValue();
        // Words at one height, two strokes at two others.
        assertThat(dark).isBetween(3, 9);
        teacher.getByLabel("Close Picture").click();
        button(teacher, "Back to our page").click();
        assertThat(strokes(teacher)).hasCount(1);
        teacher.waitForCondition(() -> keptStrokes() == 3);
    }

    @Test
    void two_screens_that_show_one_activity_keep_what_is_written_on_either() {
        present();
        Page second = teacher.context().newPage();
        second.navigate(address + "/present/" + school.activityId);
        second.locator("svg.ink-board").waitFor();
        keys("p");
        second.keyboard().press("p");
        stroke(teacher, 700);
        stroke(second, 760);
        stroke(teacher, 820);
        teacher.waitForCondition(() -> keptStrokes() == 3);
        teacher.reload();
        teacher.locator("svg.ink-board").waitFor();
        assertThat(strokes(teacher)).hasCount(3);
    }

    @Test
    void five_minutes_without_a_network_lose_nothing() {
        teacher.clock().install();
        present();
        teacher.context().setOffline(true);
        keys("p");
        stroke(teacher, 700);
        keys("m");
        drag(teacher, Browser.middle(pieceLike(teacher, "moon")), onPage(teacher, 1000, 350));
        // The whole of it, with every time-out and every try that falls into it.
        teacher.clock().runFor(300_000);
        keys("p");
        stroke(teacher, 760);
        assertThat(strokes(teacher)).hasCount(2);
        assertThat(keptStrokes()).isZero();
        teacher.context().setOffline(false);
        teacher.clock().runFor(20_000);
        teacher.waitForCondition(() -> {
            teacher.clock().runFor(1_000);
            return keptStrokes() == 2;
        });
        keys("m");
        assertThat(teacher.locator("[data-piece=moon]").first()).isVisible();
    }
}
