package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.middle;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The workbench part by part, as a teacher uses it; what is made is looked for on the page itself. */
@ExtendWith(RealServer.class)
class WorkbenchTest {
    private final Browser browser = new Browser();
    private School school;
    private Page teacher;
    private String lay;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        teacher = browser.device(false);
        Browser.signIn(teacher, server.address(), school.teacherName(), School.PASSWORD);
        lay = server.address() + "/activities/" + school.activityId + "/lay-out";
        teacher.navigate(lay);
        buttonLike(teacher, "moon, free").waitFor();
    }

    @AfterEach
    void close() {
        try {
            org.assertj.core.api.Assertions.assertThat(browser.mishaps()).isEmpty();
        } finally {
            browser.close();
        }
    }

    @Test
    void several_are_selected_lined_up_grouped_and_copied() {
        double[] sun = middle(item("sun, free"));
        double[] moon = middle(item("moon, free"));
        // A box drawn around both.
        pull(sun[0] - 50, sun[1] - 60, moon[0] - sun[0] + 100, 110);
        assertThat(teacher.getByText("2 selected").first()).isVisible();
        button(teacher, "Top edges").click();
        button(teacher, "Group").click();
        teacher.keyboard().press("Escape");
        item("sun, free").click();
        assertThat(teacher.getByText("2 selected").first()).isVisible();
        button(teacher, "Ungroup").click();
        teacher.keyboard().press("Escape");
        item("sun, free").click();
        assertThat(teacher.locator("h2", new Page.LocatorOptions().setHasText("sun")))
                .isVisible();
        item("moon, free")
                .click(new Locator.ClickOptions()
                        .setModifiers(java.util.List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        teacher.keyboard().press("Control+d");
        assertThat(item("sun, free")).hasCount(2);
        // Over to another page by the clipboard.
        teacher.keyboard().press("Control+c");
        button(teacher, "Page").click();
        assertThat(item("sun, free")).hasCount(0);
        teacher.keyboard().press("Control+v");
        assertThat(item("sun, free")).hasCount(1);
        teacher.keyboard().press("Control+a");
        assertThat(teacher.getByText("2 selected").first()).isVisible();
        teacher.keyboard().press("Delete");
        assertThat(item("sun, free")).hasCount(0);
        teacher.keyboard().press("Control+z");
        assertThat(item("sun, free")).hasCount(1);
    }

    @Test
    void what_differs_is_called_mixed_and_set_for_all_at_once() {
        teacher.keyboard().press("Control+a");
        button(teacher, "Fix everything selected").click();
        assertThat(item("moon, fixed")).isVisible();
        assertThat(item("sun, fixed")).isVisible();
        button(teacher, "Undo").click();
        assertThat(item("moon, free")).isVisible();
        teacher.getByLabel("See-through, %").fill("40");
        teacher.getByLabel("See-through, %").press("Enter");
        assertThat(teacher.locator("[data-item] > g[opacity='0.6']")).hasCount(5);
    }

    @Test
    void words_have_several_looks_lists_and_their_own_width() {
        tile("Words").click();
        teacher.keyboard().type("Look ");
        teacher.keyboard().press("Control+b");
        teacher.keyboard().type("up");
        teacher.keyboard().press("Control+b");
        button(teacher, "Above the line").click();
        teacher.keyboard().type("2");
        teacher.keyboard().press("Enter");
        button(teacher, "Bullets").click();
        teacher.keyboard().type("Mars");
        teacher.keyboard().press("Enter");
        teacher.keyboard().type("Venus");
        teacher.keyboard().press("Escape");
        Locator words = item("Look up2 Mars Venus");
        assertThat(words).isVisible();
        assertThat(words.locator("text[font-weight='700']")).hasText("up");
        assertThat(words.locator("text", new Locator.LocatorOptions().setHasText("•")))
                .hasCount(2);
        // Pulled narrower it wraps; until then it was as wide as its words.
        button(teacher, "Numbers").click();
        assertThat(item("Look up2 Mars Venus").locator("text", new Locator.LocatorOptions().setHasText("2.")))
                .hasCount(1);
        button(teacher, "New words on this page like this").click();
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
    }

    @Test
    void hostile_markup_that_is_pasted_leaves_its_words_and_nothing_else() {
        tile("Words").click();
        teacher.evaluate("""
                () => {
                  const data = new DataTransfer()
                  data.setData('text/html', '<p onclick="x()">Safe <b>bold</b><img src=x onerror="window.hit=1"><script>window.hit=1</script><a href="javascript:window.hit=1">link</a></p>')
                  data.setData('text/plain', 'Safe bold link')
                  document.querySelector('.ProseMirror').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
                }""");
        teacher.keyboard().press("Escape");
        assertThat(item("Safe boldlink")).isVisible();
        org.assertj.core.api.Assertions.assertThat(teacher.evaluate("() => window.hit ?? 0"))
                .isEqualTo(0);
    }

    @Test
    void shapes_lines_and_connectors_are_made_and_stay_joined() {
        tile("Shape").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Polygon").click();
        teacher.getByLabel("Sides").fill("25");
        teacher.getByLabel("Sides").press("Enter");
        assertThat(teacher.getByLabel("Sides")).hasValue("20");
        button(teacher, "Hollow").click();
        // A hollow shape is picked up by its inside.
        double[] from = middle(item("Polygon, fixed"));
        pull(from[0], from[1], 180, -120);
        item("moon, free")
                .click(new Locator.ClickOptions()
                        .setModifiers(java.util.List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        tile("Line").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Connector").click();
        Locator wire = item("Connector").locator("path").first();
        String before = wire.getAttribute("d");
        item("moon, free").click();
        teacher.keyboard().press("Shift+ArrowRight");
        assertThat(wire).not().hasAttribute("d", before);
    }

    @Test
    void ink_is_drawn_rubbed_looped_and_made_neat_when_that_is_wanted() {
        tile("Ink").click();
        Locator page = teacher.locator("svg.page").first();
        double x = page.boundingBox().x + 430;
        double y = page.boundingBox().y + 250;
        stroke(x, y, 60);
        assertThat(item("Ink, fixed")).hasCount(1);
        teacher.getByText("Make it an ellipse").click();
        assertThat(item("Ellipse, fixed")).hasCount(1);
        assertThat(item("Ink, fixed")).hasCount(0);
        button(teacher, "Undo").click();
        assertThat(item("Ink, fixed")).hasCount(1);
        // Rubbing takes ink and nothing else.
        button(teacher, "Rub").click();
        pull(x - 80, y, 160, 0);
        assertThat(item("Ink, fixed").locator("path[fill='#1f2d33']")).hasCount(2);
        button(teacher, "Rub strokes").click();
        pull(x - 80, y - 20, 160, 0);
        pull(x - 80, y + 20, 160, 0);
        assertThat(item("Ink, fixed")).hasCount(0);
        assertThat(item("moon, free")).hasCount(1);
        // A tint takes the darker of itself and what lies beneath.
        button(teacher, "Tint 1").click();
        pull(x - 60, y, 160, 4);
        assertThat(item("Ink, fixed").locator("path.tint")).hasCount(1);
        button(teacher, "Loop").click();
        stroke(x + 20, y, 170);
        assertThat(teacher.locator("h2", new Page.LocatorOptions().setHasText("Ink")))
                .isVisible();
        assertThat(button(teacher, "Duplicate")).isVisible();
    }

    @Test
    void tables_have_rows_and_columns_of_their_own_size_and_cells_that_judge() {
        tile("Table").click();
        button(teacher, "Column after").click();
        button(teacher, "Row below").click();
        assertThat(teacher.locator("[data-item] rect[stroke='#55656b']")).hasCount(12);
        button(teacher, "Write in this cell").click();
        teacher.keyboard().type("Planet");
        teacher.keyboard().press("Escape");
        assertThat(item("Table, fixed")).containsText("Planet");
        button(teacher, "Row 2, column 1: empty").click();
        teacher.getByLabel("Drop zone", new Page.GetByLabelOptions().setExact(true))
                .check();
        double before = item("Table, fixed").boundingBox().width;
        double[] line = middle(teacher.locator("path.line.across").first());
        pull(line[0], line[1] + 40, 60, 0);
        teacher.waitForFunction(
                "w => document.querySelector(\"[aria-label^='Table, fixed']\").getBoundingClientRect().width > w + 30",
                before);
        link(teacher, "Answers").click();
        assertThat(button(teacher, "sun in Table, row 2, column 1: not decided"))
                .isVisible();
    }

    @Test
    void pictures_come_in_several_at_once_are_cut_cleared_and_taken_by_camera() throws IOException {
        tile("Picture").click();
        teacher.getByLabel("Who made it").fill("Mira");
        teacher.locator(".own input[type=file]").setInputFiles(new FilePayload[] {
            new FilePayload("dome.png", "image/png", png(Color.WHITE, Color.BLUE)),
            new FilePayload("sky.png", "image/png", png(Color.BLACK, Color.YELLOW)),
        });
        assertThat(item("Picture, fixed")).hasCount(2);
        assertThat(teacher.getByLabel("Whose it is, licence, source")).hasValue("Mira, my own picture");
        button(teacher, "Cut out").click();
        teacher.getByLabel("Width %").fill("50");
        teacher.getByLabel("Width %").press("Tab");
        button(teacher, "Keep this part").click();
        assertThat(item("Picture, fixed").locator("clipPath")).hasCount(1);
        button(teacher, "Clear a colour").click();
        teacher.locator("dialog canvas").click(new Locator.ClickOptions().setPosition(3, 3));
        assertThat(teacher.getByAltText("The picture with the colour cleared")).isVisible();
        button(teacher, "Keep it").click();
        teacher.keyboard().press("Escape");
        tile("Picture").click();
        button(teacher, "Camera").click();
        assertThat(teacher.getByText("The practice camera shows how it works")).isVisible();
        teacher.waitForFunction("() => document.querySelector('dialog video').videoWidth > 0");
        button(teacher, "Take the picture").click();
        assertThat(item("Picture, fixed")).hasCount(3);
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
    }

    @Test
    void paper_is_printed_on_and_may_be_the_same_for_all_pages() {
        button(teacher, "Page").click();
        teacher.getByLabel("Printed on it").selectOption("AXES");
        assertThat(teacher.locator("svg.page .numbers text").first()).isVisible();
        button(teacher, "Sky").click();
        teacher.getByLabel("The same paper for all pages").check();
        buttonLike(teacher, "Page 1, Light").click();
        assertThat(teacher.locator("svg.page.page > svg .numbers text").first()).isVisible();
    }

    @Test
    void pages_are_added_before_duplicated_copied_and_reordered_by_keys() {
        button(teacher, "Duplicate this page").click();
        assertThat(buttonLike(teacher, "Page 2, Light\\?, again")).isVisible();
        assertThat(item("sun, free")).isVisible();
        button(teacher, "Add before").click();
        assertThat(teacher.locator("button.page")).hasCount(4);
        buttonLike(teacher, "Page 3, Light\\?, again").focus();
        teacher.keyboard().press("Alt+ArrowUp");
        assertThat(buttonLike(teacher, "Page 2, Light\\?, again")).isVisible();
        // Past the last page there is nothing.
        for (int i = 0; i < 6; i++) {
            teacher.keyboard().press("PageDown");
        }
        assertThat(teacher.locator("button.page")).hasCount(4);
        link(teacher, "Answers").click();
        assertThat(teacher.getByText(Pattern.compile("Saved"))).isVisible();
    }

    @Test
    void a_moment_is_looked_at_named_and_brought_back() {
        item("moon, free").click();
        teacher.keyboard().press("Delete");
        assertThat(item("moon, free")).hasCount(0);
        button(teacher, "History").click();
        assertThat(teacher.getByText("Item deleted").first()).isVisible();
        teacher.getByRole(AriaRole.SLIDER).focus();
        teacher.keyboard().press("ArrowLeft");
        teacher.getByLabel("A name for this moment").fill("With the moon");
        button(teacher, "Name it").click();
        assertThat(teacher.getByText("Named moments")).isVisible();
        button(teacher, "Bring this back").click();
        assertThat(item("moon, free")).hasCount(1);
        button(teacher, "Undo").click();
        assertThat(item("moon, free")).hasCount(0);
    }

    @Test
    void two_teachers_see_each_others_edits_and_selections(RealServer server) {
        school.asTeacher()
                .post(
                        "/api/activities/" + school.activityId + "/share",
                        java.util.Map.of("personId", school.otherTeacher.id(), "access", "EDIT"));
        Page other = browser.device(false);
        Browser.signIn(other, server.address(), school.teacherName().replace("teacher-", "other-"), School.PASSWORD);
        assertThat(other.getByText("to edit")).isVisible();
        other.navigate(lay);
        buttonLike(other, "sun, free").click();
        assertThat(teacher.getByText("Other teacher is here too")).isVisible();
        assertThat(teacher.locator("g.other")).hasCount(1);
        other.keyboard().press("Delete");
        assertThat(item("sun, free")).hasCount(0);
    }

    @Test
    void the_rack_the_hand_and_the_zoom_are_ones_own() {
        button(teacher, "Arrange the rack").click();
        teacher.locator(".arrange").getByRole(AriaRole.CHECKBOX).last().uncheck();
        teacher.getByLabel("Settings stand").selectOption("RIGHT");
        assertThat(tile("Lens")).hasCount(0);
        teacher.waitForResponse(
                response -> response.url().endsWith("/api/taste") && response.status() == 204,
                () -> button(teacher, "Words later").click());
        Page again = browser.device(false);
        Browser.signIn(again, lay.substring(0, lay.indexOf("/activities")), school.teacherName(), School.PASSWORD);
        again.navigate(lay);
        assertThat(again.locator(".lay-out.right")).isVisible();
        assertThat(again.locator(".rack .tile").first()).hasText("Picture");
        button(teacher, "Larger").click();
        button(teacher, "Larger").click();
        assertThat(teacher.locator(".zoom")).not().containsText("64%");
        button(teacher, "Fit").click();
    }

    @Test
    void the_shelf_finds_tags_sets_aside_copies_and_deletes_with_undo() {
        teacher.navigate(lay.substring(0, lay.indexOf("/activities")) + "/activities");
        button(teacher, "More for Night sky").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Tags").click();
        teacher.getByLabel("Tags, with commas between them").fill("year 4, sky");
        button(teacher, "Keep").click();
        assertThat(teacher.locator(".chip", new Page.LocatorOptions().setHasText("year 4")))
                .isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("reflects");
        assertThat(teacher.getByText("Night sky").first()).isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("qqq");
        assertThat(teacher.getByText("No activity has that")).isVisible();
        teacher.getByLabel("Find by name, tag or word on a page").fill("");
        button(teacher, "More for Night sky").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Copy").click();
        assertThat(teacher.getByText("Night sky, again").first()).isVisible();
        button(teacher, "More for Night sky, again").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Delete").click();
        assertThat(teacher.getByText("is deleted")).isVisible();
        button(teacher, "Undo").click();
        assertThat(teacher.locator(".card")).hasCount(2);
        button(teacher, "More for Night sky, again").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Set aside").click();
        assertThat(teacher.locator(".card")).hasCount(1);
    }

    @Test
    void no_panel_or_dialog_has_a_barrier_that_axe_finds() {
        item("sun, free").click();
        button(teacher, "Turns").click();
        teacher.getByLabel("Supply").check();
        teacher.getByLabel("Other side").check();
        check("panel of a piece");
        teacher.keyboard().press("Escape");
        for (String kind : new String[] {"Words", "Note", "Table", "Cover", "Lens"}) {
            tile(kind).click();
            check(kind);
            teacher.keyboard().press("Escape");
            teacher.keyboard().press("Escape");
        }
        teacher.keyboard().press("Control+a");
        check("several");
        teacher.keyboard().press("Escape");
        tile("Ink").click();
        check("ink");
        button(teacher, "Done drawing (Esc)").click();
        tile("Shape").click();
        check("shapes");
        tile("Picture").click();
        teacher.getByText(Pattern.compile("^\\d+ pictures")).waitFor();
        check("pictures");
        teacher.keyboard().press("Escape");
        button(teacher, "Arrange the rack").click();
        check("rack");
        button(teacher, "History").click();
        teacher.getByText("What was done").first().waitFor();
        check("history");
    }

    private void check(String what) {
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(teacher))
                .as(what)
                .isEmpty();
    }

    private Locator item(String beginning) {
        return teacher.locator("svg.page [data-item][aria-label^='" + beginning + "']");
    }

    private Locator tile(String name) {
        return teacher.locator(".rack .tile", new Page.LocatorOptions().setHasText(name));
    }

    private void pull(double x, double y, double dx, double dy) {
        teacher.mouse().move(x, y);
        teacher.mouse().down();
        for (int i = 1; i <= 10; i++) {
            teacher.mouse().move(x + dx * i / 10, y + dy * i / 10);
        }
        teacher.mouse().up();
    }

    /** Once round a middle. */
    private void stroke(double x, double y, double radius) {
        teacher.mouse().move(x + radius, y);
        teacher.mouse().down();
        for (int i = 1; i <= 40; i++) {
            double angle = 2 * Math.PI * i / 40;
            teacher.mouse().move(x + radius * Math.cos(angle), y + radius * 0.7 * Math.sin(angle));
        }
        teacher.mouse().up();
    }

    private static byte[] png(Color back, Color front) throws IOException {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(back);
        pen.fillRect(0, 0, 120, 80);
        pen.setColor(front);
        pen.fillOval(40, 20, 40, 40);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
