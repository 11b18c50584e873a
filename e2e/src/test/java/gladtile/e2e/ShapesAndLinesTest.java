package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.tabTo;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Traits;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Shapes of every form, lines with ends, and lines that stay joined. */
class ShapesAndLinesTest extends OnWorkbench {
    private void untilShape(Predicate<Shape> so) {
        untilTop(item -> item instanceof Shape shape && so.test(shape));
    }

    private void untilLine(Predicate<LineLook> so) {
        untilTop(item -> item instanceof Line line && so.test(line.look()));
    }

    private Locator choice(String label) {
        return teacher.locator(".panel label", new Page.LocatorOptions().setHasText(label))
                .locator("select");
    }

    private static Line line(String id, double x, double y, double dx, double dy) {
        LineLook look = new LineLook(
                List.of(new Point(0, 0), new Point(1, 1)),
                false,
                "#07444b",
                6,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.PLAIN,
                null,
                null);
        return new Line(id, Frame.of(x, y, Math.max(4, dx), Math.max(4, dy)), Movement.FIXED, "", Traits.NONE, look);
    }

    @Test
    void every_form_is_drawn_and_every_number_of_sides() {
        tile("Shape").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Star").click();
        untilShape(shape -> shape.look().form() == ShapeForm.STAR);
        List<String> drawn = Arrays.stream(ShapeForm.values())
                .map(form -> {
                    Browser.choice(teacher, "Shape").selectOption(form.name());
                    untilShape(shape -> shape.look().form() == form);
                    return teacher.locator(".sheet [aria-pressed='true'] path")
                            .first()
                            .getAttribute("d");
                })
                .toList();
        assertThat(drawn).doesNotHaveDuplicates();
        Browser.choice(teacher, "Shape").selectOption("POLYGON");
        for (int sides = 3; sides <= 20; sides++) {
            teacher.getByLabel("Sides").fill(String.valueOf(sides));
            keys("Tab");
            int wanted = sides;
            untilShape(shape -> shape.look().sides() == wanted);
            String path =
                    teacher.locator(".sheet [aria-pressed='true'] path").first().getAttribute("d");
            assertThat(path.split("[ML]")).as("corners of " + path).hasSize(sides + 1);
        }
        teacher.getByLabel("Sides").fill("2");
        keys("Tab");
        untilShape(shape -> shape.look().sides() == 3);
        teacher.getByLabel("Sides").fill("25");
        keys("Tab");
        untilShape(shape -> shape.look().sides() == 20);
    }

    @Test
    void the_look_of_a_shape_is_set_by_pointer() {
        tile("Shape").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Speech").click();
        teacher.getByLabel("Fill").fill("#e6efdd");
        teacher.getByLabel("Outline").fill("#a8432b");
        teacher.getByLabel("Thickness").selectOption("8");
        teacher.getByLabel("Dashes").selectOption("DASHED");
        teacher.getByLabel("Transparency, %").fill("30");
        keys("Enter");
        untilShape(
                shape -> shape.look().equals(new ShapeLook(ShapeForm.SPEECH, 5, "#e6efdd", "#a8432b", 8, Dash.DASHED))
                        && shape.traitsOrNone().transparency() == 30);
        // Words are written in the middle of it, by a double click.
        double[] at = middle(item("Speech"));
        teacher.mouse().dblclick(at[0], at[1]);
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Lift off!");
        keys("Escape");
        untilShape(shape -> shape.words() != null && shape.words().text().equals("Lift off!"));
        assertThat(item("Lift off!").locator("text")).hasText("Lift off!");
        button(teacher, "No outline").click();
        button(teacher, "Hollow").click();
        untilShape(shape -> shape.look().fill() == null && shape.look().outline() == null);
        Browser.look(teacher, "shape");
    }

    @Test
    void a_shape_is_made_set_and_written_in_by_keyboard() {
        press("Shape", "Enter");
        press("Heart", "Enter");
        untilShape(shape -> shape.look().form() == ShapeForm.HEART);
        toPanel("Thickness");
        keys("ArrowDown");
        toPanel("Dashes");
        keys("ArrowDown");
        untilShape(shape -> shape.look().dash() == Dash.DASHED && shape.look().thickness() != 5);
        pressInPanel("Hollow", "Enter");
        untilShape(shape -> shape.look().fill() == null);
        typeInPanel("Transparency, %", "25");
        untilShape(shape -> shape.traitsOrNone().transparency() == 25);
        pressInPanel("Write", "Enter");
        teacher.locator(".ProseMirror").waitFor();
        teacher.keyboard().type("Sun");
        keys("Escape");
        untilShape(shape -> shape.words() != null && shape.words().text().equals("Sun"));
    }

    @Test
    void a_hollow_shape_is_picked_up_by_its_inside() {
        add(new Shape(
                "ring",
                Frame.of(1000, 650, 300, 200),
                Movement.FIXED,
                "Ring",
                Traits.NONE,
                ShapeLook.of(ShapeForm.ELLIPSE, null, "#07444b"),
                null));
        item("Ring").waitFor();
        double[] inside = middle(item("Ring"));
        pull(inside[0], inside[1], 40, 20);
        until(() -> kept("ring").frame().x() > 1000);
    }

    @Test
    void a_line_has_ends_and_is_curved_and_its_ends_are_pulled_and_joined() {
        tile("Line").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Curve").click();
        untilLine(look -> look.curved() && look.points().size() == 3);
        choice("Begins").selectOption("DOT");
        choice("Ends").selectOption("ARROW");
        untilLine(look -> look.start() == LineEnd.DOT && look.end() == LineEnd.ARROW);
        // Pulled onto the moon it is joined to it.
        double[] end = middle(teacher.locator(".sheet circle.end").last());
        double[] moon = middle(item("moon, free"));
        pull(end[0], end[1], moon[0] - end[0], moon[1] - end[1]);
        untilLine(look -> "moon".equals(look.to()));
        String before = item("Connector").locator("path").first().getAttribute("d");
        Browser.look(teacher, "line-joined");
        keys("Escape");
        pull(moon[0], moon[1], 120, -60);
        until(() -> kept("moon").frame().x() > 450);
        assertThat(item("Connector").locator("path").first()).not().hasAttribute("d", before);
    }

    @Test
    void the_ends_of_a_line_are_moved_and_joined_by_keyboard() {
        add(line("wire", 400, 700, 60, 60));
        item("Line").focus();
        keys("Tab");
        // From item to item, then to the ends.
        for (int i = 0; i < 12 && teacher.locator("circle.end:focus").count() == 0; i++) {
            keys("Tab");
        }
        assertThat(teacher.locator("circle.end:focus")).hasCount(1);
        keys("ArrowRight");
        untilLine(look -> kept("wire").frame().x() > 401);
        tabToEnd("Where the line ends");
        keys("Shift+ArrowDown", "Enter");
        untilLine(look -> "moon".equals(look.to()));
        toPanel("Ends");
        keys("ArrowDown");
        untilLine(look -> look.end() == LineEnd.ARROW);
    }

    private void tabToEnd(String name) {
        for (int i = 0; i < 20; i++) {
            if (teacher.locator("circle.end:focus[aria-label^='" + name + "']").count() == 1) {
                return;
            }
            keys("Tab");
        }
        throw new AssertionError("Tab does not reach the " + name);
    }

    @Test
    void a_connector_goes_round_what_it_joins() {
        add(shape("left", Frame.of(700, 700, 160, 120), ShapeForm.RECTANGLE));
        add(shape("right", Frame.of(1300, 800, 160, 120), ShapeForm.RECTANGLE));
        item("left").click();
        item("right").click(with(KeyboardModifier.SHIFT));
        tile("Line").click();
        teacher.getByRole(AriaRole.MENUITEM).getByText("Connector").click();
        untilLine(look -> "left".equals(look.from()) && "right".equals(look.to()));
        crossesNothing();
        // However they come to lie: one above the other, changed about, close together.
        for (double[] where : new double[][] {{700, 420}, {400, 760}, {880, 700}, {700, 830}}) {
            school.edit(new gladtile.core.edit.SetFrame("light", "right", Frame.of(where[0], where[1], 160, 120)));
            until(() -> Math.abs(at(where[0], where[1])[0] - item("right").boundingBox().x) < 4);
            crossesNothing();
        }
        // By keyboard: two are taken and joined.
        keys("Escape");
        tabTo(teacher, "left, fixed");
        keys("Shift+Space");
        tabTo(teacher, "right, fixed");
        keys("Shift+Space");
        int before = kept().size();
        press("Line", "Enter");
        press("Connector", "Enter");
        until(() -> kept().size() == before + 1);
        untilLine(look -> "left".equals(look.from()) && "right".equals(look.to()));
    }

    /** No point along the wire lies inside what it joins. */
    private void crossesNothing() {
        Object inside = teacher.evaluate("""
                () => {
                  const wire = document.querySelector(".sheet [aria-label^='Connector'] path")
                  const boxes = ['left', 'right'].map((id) => document.querySelector(`.sheet [data-item='${id}'] .hit`).getBoundingClientRect())
                  const toScreen = wire.getScreenCTM()
                  let found = 0
                  for (let at = 0; at <= wire.getTotalLength(); at += 2) {
                    const p = wire.getPointAtLength(at).matrixTransform(toScreen)
                    for (const box of boxes)
                      if (p.x > box.left + 3 && p.x < box.right - 3 && p.y > box.top + 3 && p.y < box.bottom - 3) found++
                  }
                  return found
                }""");
        assertThat(inside).isEqualTo(0);
    }
}
