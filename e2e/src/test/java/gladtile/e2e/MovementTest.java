package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.page.Cover;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.Picture;
import gladtile.core.page.Supply;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How pieces move, supplies, covers, other sides, lenses and notes: laid out by a teacher, met by a student. */
class MovementTest extends OnWorkbench {
    private RealServer server;

    @BeforeEach
    void keep(RealServer server) {
        this.server = server;
    }

    private Page student() {
        String code = ((AssignmentService.Given)
                        server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId))
                .joinCode();
        Page student = browser.device(true);
        Browser.join(student, address, code, "Ada", School.PIN);
        pieceLike(student, "sun").waitFor();
        return student;
    }

    private Movement.Rail rail(String id) {
        return kept(id).movement() instanceof Movement.Rail rail ? rail : null;
    }

    private void until(String id, Predicate<Item> so) {
        until(() -> so.test(kept(id)));
    }

    @Test
    void a_rail_is_drawn_by_hand_and_holds_a_student_to_it_and_to_its_stops() {
        item("moon, free").click();
        button(teacher, "Slides on a rail").click();
        until(() -> rail("moon") != null);
        double[] end = middle(teacher.locator(".sheet rect.end").last());
        double[] wanted = at(1000, 500);
        pull(end[0], end[1], wanted[0] - end[0], wanted[1] - end[1]);
        until(() -> Math.abs(rail("moon").to().x() - rail("moon").from().x() - 550) < 30);
        teacher.getByLabel("Stops on the rail").selectOption("3");
        until(() -> rail("moon").stops().size() == 3);
        assertThat(teacher.locator(".sheet circle.stop")).hasCount(3);
        Browser.look(teacher, "rail");
        Page student = student();
        double[] moon = middle(pieceLike(student, "moon"));
        student.mouse().move(moon[0], moon[1]);
        student.mouse().down();
        student.mouse().move(moon[0] + 160, moon[1] + 200);
        student.mouse().move(moon[0] + 170, moon[1] + 210);
        student.mouse().up();
        // Wherever the hand went it stands at a stop, on the line.
        student.waitForFunction(
                "y => document.querySelector(\"[data-piece='moon']\").getBoundingClientRect().top + 20 < y", moon[1]);
        assertThat(student.getByText("Saved")).isVisible();
    }

    @Test
    void a_rail_is_set_by_keyboard_and_by_numbers() {
        item("moon, free").focus();
        pressInPanel("Slides on a rail", "Enter");
        until(() -> rail("moon") != null);
        typeInPanel("Rail length", "400");
        typeInPanel("Angle°", "90");
        until(() -> Math.abs(rail("moon").to().x() - rail("moon").from().x()) < 1
                && Math.abs(Math.abs(rail("moon").to().y() - rail("moon").from().y()) - 400) < 1);
        toPanel("Stops on the rail");
        keys("ArrowDown", "ArrowDown");
        until(() -> rail("moon").stops().size() >= 2);
        keys("F6");
        item("moon, slides on a rail").focus();
        Movement.Rail before = rail("moon");
        for (int i = 0; i < 20 && teacher.locator("rect.end:focus").count() == 0; i++) {
            keys("Tab");
        }
        assertThat(teacher.locator("rect.end:focus")).hasCount(1);
        keys("Shift+ArrowLeft");
        until(() -> !rail("moon").equals(before));
    }

    @Test
    void turns_by_steps_and_supplies_are_set_and_used_by_keyboard() {
        item("sun, free").focus();
        pressInPanel("Supply copies come off", "Space");
        until("sun", item -> item.traitsOrNone().supply() != null);
        typeInPanel("How many, at the most", "2");
        until("sun", item -> new Supply(2).equals(item.traitsOrNone().supply()));
        keys("F6");
        item("moon, free").focus();
        pressInPanel("Turns", "Enter");
        toPanel("Turns by");
        keys("End");
        until("moon", item -> item.movement() instanceof Movement.Turns turns && turns.step() > 0);
        double step = ((Movement.Turns) kept("moon").movement()).step();
        Page student = student();
        pieceLike(student, "moon").focus();
        student.keyboard().press("r");
        assertThat(student.locator("[data-piece='moon'] g[transform*='rotate(" + (int) step + "']"))
                .hasCount(1);
        // A copy is laid down somewhere, taken up again and put back on its supply.
        double[] supply = middle(pieceLike(student, "sun, 2 left"));
        Browser.drag(student, supply, new double[] {supply[0] + 500, supply[1]});
        assertThat(pieceLike(student, "sun, 1 left")).hasCount(1);
        Browser.drag(student, new double[] {supply[0] + 500, supply[1]}, supply);
        assertThat(pieceLike(student, "sun, 2 left")).hasCount(1);
    }

    @Test
    void covers_slide_the_way_that_was_chosen_and_show_what_they_hid() {
        tile("Cover").click();
        untilTop(Cover.class::isInstance);
        typeInPanel("Written on it", "Guess first");
        untilTop(item -> ((Cover) item).label().equals("Guess first"));
        for (Cover.Direction way : Cover.Direction.values()) {
            teacher.getByLabel("Slides").selectOption(way.name());
            untilTop(item -> ((Cover) item).direction() == way);
        }
        toPanel("Slides");
        keys("Home");
        untilTop(item -> ((Cover) item).direction() == Cover.Direction.LEFT);
        Page student = student();
        Locator cover = student.getByLabel("Guess first, cover, hides what is beneath");
        double before = cover.boundingBox().x;
        cover.focus();
        student.keyboard().press("Enter");
        assertThat(student.getByLabel("Guess first, cover, slid aside")).isVisible();
        student.waitForFunction(
                "x => document.querySelector(\"[data-cover]\").getBoundingClientRect().x < x - 40", before);
    }

    @Test
    void an_other_side_is_given_turned_by_tapping_and_seen_through_a_lens() {
        item("moon, free").click();
        teacher.getByLabel("Other side").check();
        teacher.getByLabel("Says", new Page.GetByLabelOptions().setExact(true)).fill("It reflects");
        keys("Enter");
        until(
                "moon",
                item -> item.traitsOrNone().otherSide() != null
                        && item.traitsOrNone().otherSide().words() != null
                        && item.traitsOrNone().otherSide().words().text().equals("It reflects"));
        tile("Lens").click();
        untilTop(Lens.class::isInstance);
        // The lens is laid over the moon, and shows what is on its back.
        double[] lens = middle(teacher.locator(".sheet [data-item][aria-pressed='true'] > .hit"));
        double[] moon = middle(item("moon, free"));
        teacher.keyboard().down("Alt");
        pull(lens[0], lens[1], moon[0] - lens[0], moon[1] - lens[1]);
        teacher.keyboard().up("Alt");
        untilTop(item -> Math.abs(item.frame().x() + item.frame().width() / 2 - 450) < 5);
        Browser.look(teacher, "lens");
        // What the lens shows lies where the moon is.
        double[] back = middle(teacher.locator(".sheet [aria-label^='Lens'] text")
                .filter(new Locator.FilterOptions().setHasText("reflects"))
                .last());
        assertThat(back[0]).isCloseTo(moon[0], within(30.0));
        assertThat(back[1]).isCloseTo(moon[1], within(30.0));
        Browser.look(teacher, "lens");
        Page student = student();
        // The lens lies over it, so the hand finds the lens; the keys find the moon.
        pieceLike(student, "moon").focus();
        student.keyboard().press("t");
        assertThat(pieceLike(student, "moon, turned over: It reflects")).isVisible();
    }

    @Test
    void notes_have_colours_words_and_ink_and_are_a_supply_that_students_write_on() {
        tile("Note").click();
        untilTop(Note.class::isInstance);
        button(teacher, "Sand").click();
        teacher.getByLabel("Students write on it").check();
        teacher.getByLabel("Described as").fill("Log");
        keys("Enter");
        button(teacher, "Free").click();
        teacher.locator(".switch")
                .filter(new Locator.FilterOptions().setHasText("Supply"))
                .locator("input")
                .check();
        untilTop(item -> item instanceof Note note
                && note.writable()
                && note.traitsOrNone().supply() != null
                && note.description().equals("Log"));
        // Several sizes: by the grip, and in numbers.
        typeInPanel("W", "260");
        untilTop(item -> item.frame().width() == 260);
        keys("F6");
        tile("Ink").click();
        double[] at = middle(item("Log"));
        pull(at[0] - 40, at[1] + 20, 70, 6);
        keys("Escape", "Escape");
        untilTop(item -> item instanceof Note note && note.ink() != null);
        Browser.look(teacher, "note");
        Page student = student();
        Browser.drag(student, pieceLike(student, "Log"), student.locator("[data-zone='own']"));
        buttonLike(student, "Open Log").last().click();
        student.getByLabel("Write here").fill("Jupiter has four large moons");
        button(student, "Keep and close").click();
        assertThat(pieceLike(student, "Log: Jupiter has four large moons")).isVisible();
        assertThat(student.getByText("Saved")).isVisible();
    }

    @Test
    void what_is_fixed_is_no_students_to_move() {
        Page student = student();
        assertThat(student.locator("[data-piece='hill']")).hasCount(0);
        double before = ((Picture) kept("hill")).frame().x();
        assertThat(before).isCloseTo(0, within(0.1));
    }
}
