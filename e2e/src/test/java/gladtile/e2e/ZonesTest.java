package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.answer.ContainmentRule;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetFacts;
import gladtile.core.edit.SetFrame;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Drop zones of any form and look: made by the teacher, seen and used by students. */
class ZonesTest extends OnWorkbench {
    private Zone zone(String id) {
        return (Zone) school.activity().page("light").orElseThrow().item(id).orElseThrow();
    }

    private void until(String id, Predicate<Zone> so) {
        teacher.waitForCondition(() -> so.test(zone(id)));
    }

    @Test
    void the_form_and_the_look_of_a_zone_are_chosen_and_undone() {
        item("Makes light").click();
        Browser.choice(teacher, "Shape").selectOption("ELLIPSE");
        until("own", zone -> ZoneShape.ROUND.equals(zone.shape()));
        teacher.getByLabel("Looks like").selectOption("GLASS");
        teacher.getByLabel("Its label stands").selectOption("ABOVE");
        until(
                "own",
                zone -> new ZoneLook(ZoneLook.Kind.GLASS, null, null, ZoneLook.LabelPlace.ABOVE).equals(zone.look()));
        Browser.look(teacher, "zone-look");
        assertThat(Browser.barriers(teacher)).isEmpty();
        Browser.choice(teacher, "Shape").selectOption("BOX");
        until("own", zone -> zone.shape() == null);
        keys("Escape");
        button(teacher, "Undo").click();
        until("own", zone -> ZoneShape.ROUND.equals(zone.shape()));
    }

    @Test
    void a_zone_is_drawn_by_hand_and_what_crosses_itself_becomes_the_outline_around_all() {
        item("Makes light").click();
        Browser.choice(teacher, "Shape").selectOption("POLYGON");
        double[] from = at(400, 500);
        stroke(from[0], from[1], 200 * scale());
        until("own", zone -> zone.shape() != null && zone.shape().corners().size() > 8);
        assertThat(zone("own").frame().width()).isBetween(380.0, 420.0);
        // A loop like an eight.
        button(teacher, "Draw it anew").click();
        double[][] eight = {at(200, 300), at(700, 700), at(700, 300), at(200, 700), at(200, 310)};
        teacher.mouse().move(eight[0][0], eight[0][1]);
        teacher.mouse().down();
        for (double[] corner : eight) {
            teacher.mouse().move(corner[0], corner[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        }
        teacher.mouse().up();
        until("own", zone -> zone.frame().width() > 480);
        assertThat(zone("own").shape().corners()).hasSizeBetween(4, 6);
    }

    @Test
    void a_shape_that_is_there_takes_pieces_and_students_see_only_the_shape() {
        item("Makes light").click();
        keys("Delete");
        school.edit(new AddItem(
                "light",
                0,
                new Shape(
                        "star",
                        Frame.of(120, 160, 400, 400),
                        Movement.FIXED,
                        "A bright star",
                        null,
                        new ShapeLook(ShapeForm.STAR, 5, "#fbefd8", "#e3a02f", 6, Dash.SOLID),
                        null)));
        item("A bright star").click();
        button(teacher, "Let pieces be dropped on it").click();
        teacher.waitForCondition(() -> school.activity().page("light").orElseThrow().zones().stream()
                .anyMatch(zone -> zone.looks().hidden()));
        Zone made = school.activity().page("light").orElseThrow().zones().stream()
                .filter(zone -> zone.looks().hidden())
                .findFirst()
                .orElseThrow();
        assertThat(made.shape().corners()).hasSizeBetween(10, 40);
        school.edit(new Decide("light", made.id(), "sun", Decision.BELONGS));

        Page ada = student("Ada");
        Locator place = ada.locator("[data-zone='" + made.id() + "']");
        // Nothing of it is drawn, and what it is called does not tell what it is.
        assertThat(place).hasAttribute("aria-label", "Place 1");
        assertThat(place.locator(".zone-body")).hasCount(0);
        assertThat(ada.content()).doesNotContain(">A bright star<");
        // Between two of its points is beside it: what is put there stays, unjudged.
        double[] notch = onPage(ada, 320, 555);
        drag(ada, Browser.middle(pieceLike(ada, "sun")), notch);
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 320, 360));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    @Test
    void by_keyboard_alone_a_piece_goes_into_a_hidden_place_by_its_number() {
        school.edit(new SetBody("light", zone("own").withLook(new ZoneLook(ZoneLook.Kind.HIDDEN, null, null, null))));
        Page ada = student("Ada");
        assertThat(ada.content()).doesNotContain("Makes light");
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        ada.keyboard().press("ArrowRight");
        for (int i = 0; i < 3 && ada.getByText("Place 1? Press Enter").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    @Test
    void what_a_piece_is_dragged_over_is_lit_by_its_outline_and_wholly_means_all_of_it() {
        school.edit(new SetBody("light", zone("own").withShape(ZoneShape.ROUND)));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByLabel("Put in it counts").selectOption("WHOLLY");
        teacher.waitForCondition(() -> school.activity().key().rule("own").takesBy() == ContainmentRule.WHOLLY);

        Page ada = student("Ada");
        Frame box = zone("own").frame();
        Locator lit = ada.locator("[data-zone='own'].aimed");
        double[] sun = Browser.middle(pieceLike(ada, "sun"));
        double[] corner = onPage(ada, box.x() + 12, box.y() + 12);
        double[] middle = onPage(ada, box.middle().x(), box.middle().y());
        ada.mouse().move(sun[0], sun[1]);
        ada.mouse().down();
        ada.mouse().move(corner[0], corner[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(12));
        assertThat(lit).hasCount(0);
        ada.mouse().move(middle[0], middle[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(12));
        assertThat(lit).hasCount(1);
        // With its middle in the zone and a part of it beside, it was not put there.
        double[] rim = onPage(ada, box.middle().x(), box.y() + 20);
        ada.mouse().move(rim[0], rim[1], new com.microsoft.playwright.Mouse.MoveOptions().setSteps(12));
        ada.mouse().up();
        assertThat(lit).hasCount(0);
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        drag(ada, Browser.middle(pieceLike(ada, "sun")), middle);
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    @Test
    void a_number_line_is_made_in_the_panel_and_pieces_go_to_their_value_by_keyboard() {
        item("Makes light").click();
        teacher.getByLabel("Places in it have a value").selectOption("LINE");
        until("own", zone -> zone.scale() != null);
        teacher.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("5");
        keys("Enter");
        until("own", zone -> zone.scale().equals(new ZoneScale(0, 5, 1, 1, true)));
        // What would be no line is told, and nothing changes.
        teacher.getByLabel("A tick every").fill("0.001");
        keys("Enter");
        assertThat(teacher.getByText("at most 200 ticks")).isVisible();
        assertThat(zone("own").scale().step()).isEqualTo(1);
        Browser.look(teacher, "number-line");
        school.edit(new SetFacts("light", "sun", PieceFacts.NONE.withValue(3.0)));

        Page ada = student("Ada");
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        for (int i = 0; i < 8 && ada.getByText("at 2? Press Enter").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        for (int i = 0; i < 8 && ada.getByText("at 3? Press Enter").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        // A thread holds it to its value.
        assertThat(ada.locator("[data-zone='own'] .knot")).hasCount(1);
    }

    @Test
    void a_piece_that_belongs_in_both_goes_where_two_zones_cross() {
        Frame own = zone("own").frame();
        school.edit(new SetFrame(
                "light", "reflect", Frame.of(own.x() + own.width() / 2, own.y(), own.width(), own.height())));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByText("a piece lies in both").click();
        teacher.waitForCondition(() -> school.activity().key().rule("own").crosses()
                && school.activity().key().rule("reflect").crosses());
        school.edit(new Decide("light", "reflect", "sun", Decision.BELONGS));

        Page ada = student("Ada");
        double[] left = onPage(ada, own.x() + own.width() / 4, own.middle().y());
        drag(ada, Browser.middle(pieceLike(ada, "sun")), left);
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        Browser.tabTo(ada, "sun");
        ada.keyboard().press("Enter");
        for (int i = 0; i < 5 && ada.getByText("both Makes light and").count() == 0; i++) {
            ada.keyboard().press("ArrowRight");
        }
        ada.keyboard().press("Enter");
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }
}
