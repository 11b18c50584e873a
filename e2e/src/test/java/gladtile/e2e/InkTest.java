package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.middle;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.page.Dash;
import gladtile.core.page.Ink;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.Stroke;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Ink: each pen its own, tints, two rubbers, a loop round strokes, and neat shapes that are offered. */
class InkTest extends OnWorkbench {
    private List<Stroke> strokes() {
        return kept().stream()
                .filter(Ink.class::isInstance)
                .flatMap(item -> ((Ink) item).ink().strokes().stream())
                .toList();
    }

    private Stroke last() {
        List<Stroke> all = strokes();
        return all.isEmpty() ? null : all.get(all.size() - 1);
    }

    /** A wavy line from there to the right. */
    private void wave(double x, double y) {
        double[] from = at(x, y);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        for (int i = 1; i <= 24; i++) {
            teacher.mouse().move(from[0] + i * 5, from[1] + 14 * Math.sin(i / 2.0));
        }
        teacher.mouse().up();
    }

    @Test
    void each_pen_remembers_what_it_was_last_even_on_another_device() {
        tile("Ink").click();
        button(teacher, "Pen 2").click();
        button(teacher, "Plum").click();
        teacher.getByLabel("Width:").fill("20");
        button(teacher, "Pen 3").click();
        teacher.getByLabel("Dashes").selectOption("DOTTED");
        wave(500, 700);
        until(() -> last() != null && last().dash() == Dash.DOTTED && last().width() == 12);
        button(teacher, "Pen 2").click();
        teacher.waitForFunction(
                "async () => (await (await fetch('/api/v1/me/workbench-preferences')).json()).pens.pen3?.dash === 'DOTTED'");
        Page again = browser.device(false);
        Browser.signIn(again, address, school.teacherName(), PASSWORD);
        again.navigate(lay);
        again.locator(".rack .tile", new Page.LocatorOptions().setHasText("Ink"))
                .click();
        button(again, "Pen 2").click();
        assertThat(again.getByLabel("Width:")).hasValue("20");
        assertThat(button(again, "Plum")).hasAttribute("aria-pressed", "true");
        button(again, "Pen 3").click();
        assertThat(again.getByLabel("Dashes")).hasValue("DOTTED");
    }

    private static final String PASSWORD = gladtile.server.testkit.School.PASSWORD;

    @Test
    void pens_and_their_settings_are_chosen_by_keyboard() {
        press("Ink", "Enter");
        press("Highlighter 2", "Enter");
        press("Mint", "Enter");
        Browser.tabTo(teacher, "Width: 34");
        keys("ArrowRight", "ArrowRight");
        wave(500, 700);
        until(() -> last() != null && last().tool() == Stroke.Tool.HIGHLIGHTER && last().width() == 36);
        press("Lasso", "Enter");
        double[] there = at(590, 700);
        stroke(there[0], there[1], 130);
        assertThat(teacher.locator("h2", new Page.LocatorOptions().setHasText("Ink")))
                .isVisible();
        keys("ArrowDown", "Delete");
        until(() -> strokes().isEmpty());
    }

    @Test
    void strokes_drawn_together_are_one_item_that_is_moved_and_resized() {
        tile("Ink").click();
        wave(500, 700);
        wave(500, 740);
        until(() -> strokes().size() == 2);
        assertThat(kept().stream().filter(Ink.class::isInstance)).hasSize(1);
        button(teacher, "Done drawing (Esc)").click();
        double[] at = middle(item("Ink"));
        pull(at[0], at[1], 60, 0);
        double before = top().frame().width();
        until(() -> top().frame().x() > 520);
        double[] grip = middle(teacher.locator(".grips .grip.se"));
        pull(grip[0], grip[1], 60, 30);
        until(() -> top().frame().width() > before + 40);
        // A stroke is small: a wave of some two hundred units is kept with few points.
        assertThat(last().points().size() / 3).isLessThan(90);
    }

    @Test
    void a_long_stroke_grows_in_pieces_and_is_one_when_it_is_done() {
        tile("Ink").click();
        button(teacher, "Pen 3").click();
        double[] middle = at(700, 500);
        teacher.mouse().move(middle[0], middle[1]);
        teacher.mouse().down();
        for (int i = 0; i < 500; i++) {
            double turn = i / 25.0;
            teacher.mouse().move(middle[0] + i * 0.4 * Math.cos(turn), middle[1] + i * 0.3 * Math.sin(turn));
        }
        assertThat(teacher.locator(".ink-layer > path").nth(2)).isAttached();
        Browser.look(teacher, "stroke-grows");
        teacher.mouse().up();
        assertThat(teacher.locator(".ink-layer > path")).hasCount(1);
        until(() -> strokes().size() == 1);
        Browser.look(teacher, "stroke-done");
    }

    /** Each as a hand draws it, between the pixels of the page: to where, in how many steps. */
    private static final double[][][] FORMS = {
        {{0, 0}, {90, 0}, {0, 110}, {95, 110}},
        {{0, 60}, {260, 66}},
        {{0, 0}, {8, 60}, {16, 0}, {24, 60}, {32, 0}, {40, 60}, {48, 0}, {56, 60}},
        {{0, 0}, {6, 28}, {12, 2}, {18, 30}, {20, 0}, {28, 29}, {33, 1}, {40, 30}, {44, 2}, {52, 31}},
        {{0, 0}, {40, 0}, {6, 1}, {44, 1}, {3, 2}},
        {{0, 0}}
    };

    @Test
    void what_is_drawn_looks_the_same_once_the_pen_is_lifted() {
        tile("Ink").click();
        teacher.getByLabel("Offer neat shapes").uncheck();
        Locator sheet = teacher.locator("svg.page").first();
        int drawn = 0;
        for (String pen : List.of("Pen 1", "Pen 3", "Highlighter 1")) {
            button(teacher, pen).click();
            for (double[][] form : FORMS) {
                for (int steps : new int[] {1, 9}) {
                    double[] from = at(420 + 80 * (drawn % 12), 560 + 110 * (drawn / 12));
                    teacher.mouse().move(from[0], from[1]);
                    teacher.mouse().down();
                    for (double[] to : form) {
                        teacher.mouse()
                                .move(
                                        from[0] + to[0],
                                        from[1] + to[1],
                                        new com.microsoft.playwright.Mouse.MoveOptions().setSteps(steps));
                    }
                    byte[] before = sheet.screenshot();
                    teacher.mouse().up();
                    int now = ++drawn;
                    until(() -> strokes().size() == now);
                    teacher.evaluate(
                            "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
                    assertThat(differing(before, sheet.screenshot()))
                            .as("%s, form of %d corners in %d steps", pen, form.length, steps)
                            .isLessThan(25);
                }
            }
        }
    }

    /** How many pixels of two pictures of the same size are clearly different. */
    static long differing(byte[] one, byte[] other) {
        try {
            var a = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(one));
            var b = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(other));
            long count = 0;
            for (int x = 0; x < a.getWidth(); x++) {
                for (int y = 0; y < a.getHeight(); y++) {
                    int p = a.getRGB(x, y);
                    int q = b.getRGB(x, y);
                    int most = 0;
                    for (int shift = 0; shift <= 16; shift += 8) {
                        most = Math.max(most, Math.abs((p >> shift & 255) - (q >> shift & 255)));
                    }
                    count += most > 48 ? 1 : 0;
                }
            }
            return count;
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void a_tint_is_one_colour_however_often_it_crosses_itself() {
        tile("Ink").click();
        button(teacher, "Highlighter 1").click();
        double[] from = at(500, 720);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        for (int i = 1; i <= 60; i++) {
            teacher.mouse().move(from[0] + 60 * Math.sin(i / 4.0), from[1]);
        }
        teacher.mouse().up();
        until(() -> last() != null && last().tool() == Stroke.Tool.HIGHLIGHTER);
        keys("Escape", "Escape");
        Locator highlighter = item("Ink");
        byte[] shot = highlighter.screenshot();
        assertThat(coloursIn(shot)).as("one colour and its edge against white").isEqualTo(1);
    }

    /** How many colours cover more than a twentieth of a picture, white apart. */
    private static long coloursIn(byte[] png) {
        try {
            var image = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(png));
            var counts = new java.util.HashMap<Integer, Integer>();
            for (int x = 0; x < image.getWidth(); x++) {
                for (int y = 0; y < image.getHeight(); y++) {
                    counts.merge(image.getRGB(x, y) & 0xffffff, 1, Integer::sum);
                }
            }
            int few = image.getWidth() * image.getHeight() / 20;
            return counts.entrySet().stream()
                    .filter(one -> one.getKey() != 0xffffff && one.getValue() > few)
                    .count();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void one_rubber_rubs_a_part_the_other_takes_whole_strokes_and_neither_anything_else() {
        tile("Ink").click();
        wave(500, 700);
        until(() -> strokes().size() == 1);
        button(teacher, "Eraser").click();
        double[] through = at(590, 640);
        pull(through[0], through[1], 0, 90);
        until(() -> strokes().size() == 2);
        button(teacher, "Eraser for whole strokes").click();
        double[] across = at(520, 640);
        pull(across[0], across[1], 0, 90);
        until(() -> strokes().size() == 1);
        double[] moon = middle(item("moon, free"));
        pull(moon[0] - 30, moon[1], 60, 0);
        keys("Escape");
        assertThat(kept()).hasSize(6);
        keys("Control+z", "Control+z", "Control+z");
        until(() -> strokes().isEmpty());
    }

    @Test
    void a_neat_shape_is_offered_taken_or_left() {
        tile("Ink").click();
        double[] at = at(700, 760);
        stroke(at[0], at[1], 60);
        teacher.getByText("Make it an ellipse").click();
        untilTop(item -> item instanceof Shape shape && shape.look().form() == ShapeForm.ELLIPSE);
        // By hand a box: four sides, not quite straight.
        double[] from = at(1000, 700);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        double[][] corners = {{110, 3}, {112, 70}, {2, 72}, {0, 3}};
        double[] here = {0, 0};
        for (double[] corner : corners) {
            for (int i = 1; i <= 12; i++) {
                teacher.mouse()
                        .move(
                                from[0] + here[0] + (corner[0] - here[0]) * i / 12 + Math.sin(i) * 0.8,
                                from[1] + here[1] + (corner[1] - here[1]) * i / 12 + Math.cos(i) * 0.8);
            }
            here = corner;
        }
        teacher.mouse().up();
        assertThat(teacher.getByText("Make it a rectangle")).isVisible();
        Browser.look(teacher, "ink-offer");
        // Whoever draws on has said no.
        wave(500, 880);
        assertThat(teacher.getByText("Make it a rectangle")).hasCount(0);
        until(() -> strokes().size() == 2);
        teacher.getByLabel("Offer neat shapes").uncheck();
        stroke(at[0] + 150, at[1], 40);
        until(() -> strokes().size() == 3);
        assertThat(teacher.getByText("Make it an ellipse")).hasCount(0);
    }
}
