package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.BoundingBox;
import gladtile.core.activity.Activity;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.SetRule;
import gladtile.core.page.Paper;
import gladtile.server.lessons.LessonHead;
import gladtile.server.lessons.LessonService;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A lesson in front of the class: pens, cover, spotlight, magnifier, timer, a name, clearing, and a student's turn at the wall.
 *
 * <p>Long because all that can be done at the wall is tried with one page on it.
 */
class PresentTest extends OnWorkbench {
    @Override
    void prepare() {
        school.edit(new AddPage(1, new gladtile.core.page.Page("two", "Second", Paper.PLAIN, List.of())));
    }

    private void present() {
        keys("F8");
        teacher.waitForURL("**/present/**");
        teacher.locator("svg.ink-board").waitFor();
    }

    private Locator strokes() {
        return teacher.locator("svg.ink-board .own-ink path");
    }

    private Locator dock(String name) {
        return teacher.locator(".dock").getByText(name, new Locator.GetByTextOptions().setExact(true));
    }

    private void stroke(double[] from, double[] to) {
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        teacher.mouse().move(to[0], to[1], new Mouse.MoveOptions().setSteps(8));
        teacher.mouse().up();
    }

    private int keptStrokes() {
        return school.server.bean(LessonService.class).of(school.teacher, school.activityId).stream()
                .mapToInt(LessonHead::strokes)
                .sum();
    }

    @Test
    void a_lesson_is_written_cleared_undone_and_there_again_and_the_activity_is_as_it_was() {
        Activity before = school.activity();
        present();
        keys("p");
        stroke(onPage(teacher, 700, 700), onPage(teacher, 1200, 720));
        stroke(onPage(teacher, 700, 760), onPage(teacher, 1200, 780));
        assertThat(strokes()).hasCount(2);
        BoundingBox first = strokes().first().boundingBox();
        assertThat(first.x).isCloseTo(onPage(teacher, 700, 0)[0], org.assertj.core.api.Assertions.within(8.0));
        keys("h");
        stroke(onPage(teacher, 120, 650), onPage(teacher, 500, 650));
        assertThat(strokes()).hasCount(3);
        teacher.waitForCondition(() -> keptStrokes() == 3);

        // A student comes up and moves a piece; it is judged, and nothing counts.
        keys("m");
        drag(teacher, Browser.middle(pieceLike(teacher, "sun")), onPage(teacher, 300, 350));
        teacher.locator("[data-piece=sun][data-settled]").waitFor();
        Browser.look(teacher, "present");

        dock("Clear").click();
        button(teacher, "Everything").click();
        assertThat(strokes()).hasCount(0);
        assertThat(teacher.locator("[data-piece=sun][data-settled]")).hasCount(0);
        keys("Control+z");
        teacher.locator("[data-piece=sun][data-settled]").waitFor();
        keys("Control+z");
        assertThat(strokes()).hasCount(3);

        // The eraser takes whole strokes, or what it goes over.
        keys("e");
        stroke(onPage(teacher, 950, 690), onPage(teacher, 950, 735));
        assertThat(strokes()).hasCount(4);
        dock("Eraser").click();
        button(teacher, "Eraser for whole strokes").click();
        stroke(onPage(teacher, 800, 680), onPage(teacher, 800, 725));
        assertThat(strokes()).hasCount(3);
        teacher.waitForCondition(() -> keptStrokes() == 3);

        teacher.reload();
        teacher.locator("svg.ink-board").waitFor();
        assertThat(strokes()).hasCount(3);
        assertThat(school.activity()).isEqualTo(before);
    }

    @Test
    void what_is_judged_when_it_is_asked_for_has_its_button_and_clearing_is_undone_after_other_moves_too() {
        school.edit(new SetRule("light", "reflect", ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK)));
        present();
        drag(teacher, Browser.middle(pieceLike(teacher, "moon")), onPage(teacher, 1000, 350));
        assertThat(teacher.locator("[data-piece=moon][data-settled]")).hasCount(0);
        button(teacher, "Check").click();
        teacher.locator("[data-piece=moon][data-settled]").waitFor();
        dock("Clear").click();
        button(teacher, "Things that were moved").click();
        assertThat(teacher.locator("[data-piece=moon][data-settled]")).hasCount(0);
        drag(teacher, Browser.middle(pieceLike(teacher, "sun")), onPage(teacher, 700, 800));
        double[] there = Browser.middle(pieceLike(teacher, "sun"));
        keys("Control+z");
        teacher.waitForCondition(() -> Math.abs(Browser.middle(pieceLike(teacher, "sun"))[0] - there[0]) > 50);
        keys("Control+z");
        teacher.locator("[data-piece=moon][data-settled]").waitFor();
    }

    @Test
    void tools_are_put_away_and_called_by_a_long_press_where_one_stands() {
        present();
        keys("q");
        button(teacher, "Hide the tools").click();
        assertThat(teacher.locator(".dock")).hasCount(0);
        double[] at = onPage(teacher, 650, 300);
        teacher.mouse().move(at[0], at[1]);
        teacher.mouse().down();
        teacher.locator(".dock").waitFor();
        teacher.mouse().up();
        assertThat(teacher.locator(".dock").boundingBox().x)
                .isCloseTo(at[0], org.assertj.core.api.Assertions.within(2.0));
        dock("Pen").click();
        assertThat(teacher.locator(".dock")).hasCount(0);
        stroke(onPage(teacher, 700, 700), onPage(teacher, 1200, 720));
        assertThat(strokes()).hasCount(1);
        button(teacher, "Show the tools").click();
        assertThat(teacher.locator(".dock")).isVisible();
    }

    @Test
    void fading_ink_and_the_pointer_leave_nothing() {
        present();
        keys("f");
        stroke(onPage(teacher, 700, 700), onPage(teacher, 1200, 720));
        assertThat(teacher.locator("svg.ink-board path.fading")).hasCount(1);
        assertThat(teacher.locator("svg.ink-board path.fading")).hasCount(0);
        keys("l");
        stroke(onPage(teacher, 700, 700), onPage(teacher, 1200, 720));
        teacher.waitForFunction("() => !document.querySelector('path.trail').getAttribute('d')");
        assertThat(strokes()).hasCount(0);
        assertThat(keptStrokes()).isZero();
    }

    @Test
    void who_holds_still_draws_a_straight_line() {
        present();
        keys("p");
        double[] from = onPage(teacher, 700, 700);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        for (int i = 1; i <= 12; i++) {
            teacher.mouse().move(from[0] + 20 * i, from[1] + (i % 2) * 14);
        }
        String crooked = teacher.locator("svg.ink-board g path").first().getAttribute("d");
        teacher.waitForFunction(
                "was => document.querySelector('svg.ink-board g path').getAttribute('d').length < was / 3",
                crooked.length());
        teacher.mouse().up();
        assertThat(strokes()).hasCount(1);
        String[] points = strokes().first().getAttribute("d").substring(1).split("L");
        assertThat(points.length).isLessThan(8);
        // From where it began to where it was let go of, on one height.
        assertThat(points).allMatch(point -> point.endsWith(" 700"));
    }

    /** Wobbling, a pen that begins beside a ruler's edge leaves a line on the edge, from the ruler's turn and place alone. */
    @Test
    void a_pen_follows_the_edge_of_a_ruler_exactly() {
        present();
        keys("u");
        button(teacher, "Ruler").click();
        Locator ruler = teacher.locator(".instrument");
        ruler.focus();
        keys("R", "R");
        assertThat(ruler).hasAttribute("transform", "translate(500 780) rotate(330)");
        keys("u", "p");
        double right = Math.cos(Math.toRadians(-30));
        double down = Math.sin(Math.toRadians(-30));
        double[] from = onPage(teacher, 500 + 60 * right, 780 + 60 * down - 12);
        teacher.mouse().move(from[0], from[1]);
        teacher.mouse().down();
        for (int i = 1; i <= 20; i++) {
            double off = i % 3 * 9 - 9;
            double[] to = onPage(teacher, 500 + (60 + 20 * i) * right + off, 780 + (60 + 20 * i) * down - off);
            teacher.mouse().move(to[0], to[1]);
        }
        teacher.mouse().up();
        assertThat(strokes()).hasCount(1);
        Browser.look(teacher, "ruler");
        String[] points = strokes().first().getAttribute("d").substring(1).split("L");
        assertThat(points.length).isGreaterThan(1);
        for (String point : points) {
            String[] at = point.split(" ");
            double dx = Double.parseDouble(at[0]) - 500;
            double dy = Double.parseDouble(at[1]) - 780;
            assertThat(Math.abs(dy * right - dx * down))
                    .as("off the edge at %s", point)
                    .isLessThan(0.5);
        }
        // Far from the ruler it draws freely.
        stroke(onPage(teacher, 200, 640), onPage(teacher, 400, 690));
        assertThat(strokes()).hasCount(2);
        keys("m");
        ruler.focus();
        keys("Delete");
        assertThat(ruler).hasCount(0);
    }

    /** Euclid's Elements, I.1: an equilateral triangle on a line, with the compasses; where the arcs cross is its third corner. */
    @Test
    void two_arcs_of_the_compasses_cross_where_they_must() {
        present();
        keys("u");
        button(teacher, "Compasses").click();
        Locator compasses = teacher.locator(".instrument");
        // Open by 200 units, at (420, 480); then with its point where the pencil was.
        assertThat(compasses).hasAttribute("transform", "translate(420 480) rotate(0)");
        keys("u", "p");
        arc(420, 480, 200, -35, -85);
        compasses.focus();
        for (int i = 0; i < 20; i++) {
            keys("ArrowRight");
        }
        assertThat(compasses).hasAttribute("transform", "translate(620 480) rotate(0)");
        arc(620, 480, 200, -95, -145);
        assertThat(strokes()).hasCount(2);
        double[] cross = crossing(points(0), points(1));
        assertThat(Math.hypot(cross[0] - 520, cross[1] - (480 - 100 * Math.sqrt(3))))
                .as("%s", List.of(cross[0], cross[1]))
                .isLessThan(0.5);
    }

    /** A pencil led round by hand, now a little outside, now inside. */
    private void arc(double x, double y, double radius, int from, int to) {
        for (int i = 0; i <= 25; i++) {
            double angle = Math.toRadians(from + (to - from) * i / 25.0);
            double out = radius + i % 3 * 8 - 8;
            double[] at = onPage(teacher, x + out * Math.cos(angle), y + out * Math.sin(angle));
            teacher.mouse().move(at[0], at[1], new Mouse.MoveOptions().setSteps(3));
            if (i == 0) {
                teacher.mouse().down();
            }
        }
        teacher.mouse().up();
    }

    private List<double[]> points(int stroke) {
        return java.util.Arrays.stream(
                        strokes().nth(stroke).getAttribute("d").substring(1).split("L"))
                .map(point -> point.split(" "))
                .map(at -> new double[] {Double.parseDouble(at[0]), Double.parseDouble(at[1])})
                .toList();
    }

    private static double[] crossing(List<double[]> one, List<double[]> other) {
        for (int i = 1; i < one.size(); i++) {
            for (int k = 1; k < other.size(); k++) {
                double[] a = one.get(i - 1);
                double[] b = one.get(i);
                double[] c = other.get(k - 1);
                double[] d = other.get(k);
                double turned = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
                double along = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / turned;
                double across = ((c[0] - a[0]) * (b[1] - a[1]) - (c[1] - a[1]) * (b[0] - a[0])) / turned;
                if (along >= 0 && along <= 1 && across >= 0 && across <= 1) {
                    return new double[] {a[0] + along * (b[0] - a[0]), a[1] + along * (b[1] - a[1])};
                }
            }
        }
        throw new AssertionError("the two do not cross");
    }

    @Test
    void pages_are_covered_each_for_itself_and_spotlight_magnifier_and_blank_screen_lie_over_them() {
        present();
        keys("c");
        Locator cover = teacher.locator(".cover-board .cover");
        double before = cover.boundingBox().width;
        BoundingBox edge = teacher.getByLabel("Left edge of the cover").boundingBox();
        drag(teacher, new double[] {edge.x + 22, edge.y + edge.height / 2}, new double[] {
            edge.x + 122, edge.y + edge.height / 2
        });
        assertThat(cover.boundingBox().width).isCloseTo(before - 100, org.assertj.core.api.Assertions.within(3.0));
        teacher.getByLabel("Left edge of the cover").focus();
        keys("ArrowLeft");
        assertThat(cover.boundingBox().width).isGreaterThan(before - 99);
        keys("PageDown");
        assertThat(cover).hasCount(0);
        keys("PageUp");
        assertThat(cover).hasCount(1);
        teacher.locator("h1").first().focus();
        keys("c");
        assertThat(cover).hasCount(0);

        keys("s");
        Locator spot = teacher.locator(".spotlight-board .rim");
        BoundingBox lit = spot.boundingBox();
        teacher.locator(".spotlight-board .hold").focus();
        keys("ArrowRight");
        assertThat(spot.boundingBox().x).isGreaterThan(lit.x + 5);
        button(teacher, "Box").click();
        assertThat(teacher.locator(".spotlight-board rect.rim")).hasCount(1);
        // Within the light the page is worked on.
        drag(teacher, Browser.middle(pieceLike(teacher, "sun")), onPage(teacher, 300, 350));
        teacher.locator("[data-piece=sun][data-settled]").waitFor();
        keys("s", "g");
        assertThat(teacher.locator(".magnifier-board use")).hasCount(2);
        keys("g", "b");
        assertThat(teacher.locator(".blank")).isVisible();
        keys("b");
        assertThat(teacher.locator(".blank")).hasCount(0);
    }

    @Test
    void names_are_drawn_and_time_runs() {
        present();
        keys("n");
        teacher.locator(".options select").selectOption(school.classId.toString());
        teacher.waitForCondition(() -> school.server
                        .bean(LessonService.class)
                        .of(school.teacher, school.activityId)
                        .size()
                == 2);
        keys("n");
        teacher.locator(".options").getByText("Draw a name").click();
        Locator card = teacher.locator("section.card");
        card.getByText("Draw a name").click();
        assertThat(card.getByText("not yet drawn")).isVisible();
        String first = card.locator(".name").textContent();
        card.getByText("Draw a name").click();
        assertThat(card.locator(".name")).not().hasText(first);

        keys("k");
        button(teacher, "1 min").click();
        Locator time = teacher.locator("[role=timer]");
        assertThat(time).containsText("0:5");
        button(teacher, "Pause").click();
        button(teacher, "From the start").click();
        assertThat(time).hasText("1:00");
        assertThat(Browser.barriers(teacher)).isEmpty();
    }

    @Test
    void without_a_network_the_ink_is_kept_and_sent_later() {
        present();
        keys("p");
        teacher.context().setOffline(true);
        stroke(onPage(teacher, 700, 700), onPage(teacher, 1200, 720));
        assertThat(teacher.getByText("kept in this browser and sent later")).isVisible();
        stroke(onPage(teacher, 700, 760), onPage(teacher, 1200, 780));
        assertThat(strokes()).hasCount(2);
        assertThat(keptStrokes()).isZero();
        teacher.context().setOffline(false);
        teacher.waitForCondition(() -> keptStrokes() == 2);
    }
}
