package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.middle;
import static gladtile.e2e.Browser.pieceLike;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.answer.Decision;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.Decide;
import gladtile.core.edit.RemoveItem;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Cover;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Movement;
import gladtile.core.page.Note;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Supply;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Rails, turns, supplies, covers, lenses, other sides and notes on a student's page: by pointer and by keyboard. */
@ExtendWith(RealServer.class)
class HandlingTest {
    private final Browser browser = new Browser();
    private Page student;
    private RealServer server;
    private String code;

    @BeforeEach
    void open(RealServer server) {
        this.server = server;
        School school = new School(server);
        WordFit back = WordFit.free("Back", WordStyle.PLAIN);
        OtherSide side = new OtherSide("#ffffff", back.content(), null, true);
        List<Item> items = List.of(
                picture("star", 100, 650, Movement.FREE).withTraits(Traits.NONE.withSupply(new Supply(2))),
                picture("rocket", 300, 650, new Movement.Rail(new Point(0, 0), new Point(0, -400), List.of())),
                picture("dial", 500, 650, new Movement.Turns(45)),
                picture("card", 700, 650, Movement.FREE).withTraits(Traits.NONE.withOtherSide(side)),
                new Note(
                        "note",
                        Frame.of(900, 650, 200, 200),
                        Movement.FREE,
                        "Log",
                        null,
                        "#fbefd8",
                        back.content(),
                        null,
                        true),
                new Cover("cover", Frame.of(1250, 650, 300, 200), "Curtain", null, "#0b5d66", Cover.Direction.UP, ""),
                new Lens("lens", Frame.of(650, 620, 160, 160), Movement.FIXED, "", null, "#68406b"));
        school.edit(new RemoveItem("light", "moon"));
        school.edit(new RemoveItem("light", "sun"));
        items.forEach(item -> school.edit(new AddItem("light", 99, item)));
        school.edit(new Decide("light", "own", "star", Decision.BELONGS));
        school.edit(new Decide("light", "own", "rocket", Decision.BELONGS));
        code = ((AssignmentService.Given)
                        server.bean(AssignmentService.class).assign(school.teacher, school.activityId, school.classId))
                .joinCode();
        student = browser.device(true);
        Browser.join(student, server.address(), code, "Ada", School.PIN);
        pieceLike(student, "rocket").waitFor();
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
    void by_pointer_and_all_of_it_is_there_again() {
        Locator zone = student.locator("[data-zone='own']");
        Browser.drag(student, pieceLike(student, "star, 2 left"), zone);
        assertThat(student.getByText("1 of 2 placed")).isVisible();
        Browser.drag(student, pieceLike(student, "star, 1 left"), zone);
        assertThat(pieceLike(student, "star, belongs")).hasCount(2);
        pieceLike(student, "star, 0 left").tap();
        assertThat(student.getByText("No more star")).isVisible();
        // On its rail it can only go up, wherever the hand goes.
        double[] rocket = middle(pieceLike(student, "rocket"));
        drag(rocket, 300, -180);
        student.waitForFunction(
                "x => Math.abs(document.querySelector(\"[data-piece='rocket']\").getBoundingClientRect().left + document.querySelector(\"[data-piece='rocket']\").getBoundingClientRect().width / 2 - x) < 4",
                rocket[0]);
        button(student, "Turn dial").click();
        button(student, "Turn card over").click();
        assertThat(pieceLike(student, "card, turned over: Back")).isVisible();
        student.locator("[data-cover='cover']").tap();
        assertThat(student.getByLabel("Curtain, cover, slid aside")).isVisible();
        button(student, "Open Log").click();
        student.getByLabel("Write here").fill("I saw Jupiter");
        button(student, "Keep and close").click();
        assertThat(pieceLike(student, "Log: I saw Jupiter")).isVisible();
        assertThat(student.getByText("Saved")).isVisible();

        student.navigate(student.url());
        assertThat(pieceLike(student, "star, belongs")).hasCount(2);
        assertThat(pieceLike(student, "card, turned over: Back")).isVisible();
        assertThat(student.getByLabel("Curtain, cover, slid aside")).isVisible();
        assertThat(pieceLike(student, "Log: I saw Jupiter")).isVisible();
        assertThat(student.locator("[data-piece='dial'] g[transform*='rotate(45']"))
                .hasCount(1);
        org.assertj.core.api.Assertions.assertThat(Browser.barriers(student)).isEmpty();

        button(student, "Reset page").click();
        student.locator("dialog")
                .getByText("Reset page", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                .last()
                .click();
        assertThat(pieceLike(student, "star, 2 left")).isVisible();
        assertThat(student.getByLabel("Curtain, cover, hides what is beneath")).isVisible();
    }

    @Test
    void by_keyboard_alone() {
        pieceLike(student, "star, 2 left").focus();
        student.keyboard().press("Enter");
        student.keyboard().press("ArrowRight");
        student.keyboard().press("Enter");
        assertThat(student.getByText("1 of 2 placed")).isVisible();
        pieceLike(student, "dial").focus();
        student.keyboard().press("r");
        assertThat(student.locator("[data-piece='dial'] g[transform*='rotate(45']"))
                .hasCount(1);
        pieceLike(student, "card").focus();
        student.keyboard().press("t");
        assertThat(pieceLike(student, "card, turned over: Back")).isVisible();
        student.getByLabel("Curtain, cover, hides what is beneath").focus();
        student.keyboard().press("Enter");
        assertThat(student.getByLabel("Curtain, cover, slid aside")).isVisible();
        pieceLike(student, "Log").focus();
        student.keyboard().press("o");
        student.getByLabel("Write here").waitFor();
        student.keyboard().type("Saturn");
        student.keyboard().press("Escape");
        assertThat(pieceLike(student, "Log: Saturn")).isVisible();
    }

    @Test
    void what_was_done_is_taken_back_step_by_step_by_button_and_by_key() {
        double[] home = middle(pieceLike(student, "card"));
        drag(home, 0, -160);
        button(student, "Turn card over").click();
        assertThat(pieceLike(student, "card, turned over: Back")).isVisible();
        assertThat(student.getByText("card, turned over: Back")).isVisible();
        button(student, "Open Log").click();
        student.getByLabel("Write here").fill("I saw Jupiter");
        button(student, "Keep and close").click();
        assertThat(pieceLike(student, "Log: I saw Jupiter")).isVisible();
        button(student, "Take back").click();
        assertThat(pieceLike(student, "Log: I saw Jupiter")).hasCount(0);
        assertThat(student.getByText("Taken back")).isVisible();
        student.keyboard().press("Control+z");
        assertThat(pieceLike(student, "card, turned over: Back")).hasCount(0);
        student.keyboard().press("Control+z");
        student.waitForFunction(
                "y => { const b = document.querySelector(\"[data-piece='card']\").getBoundingClientRect(); return Math.abs(b.top + b.height / 2 - y) < 4 }",
                home[1]);
        assertThat(button(student, "Take back")).isDisabled();
        // What was found right rests, so there is nothing to take back.
        Browser.drag(student, pieceLike(student, "star, 2 left"), student.locator("[data-zone='own']"));
        assertThat(pieceLike(student, "star, belongs")).hasCount(1);
        assertThat(button(student, "Take back")).isDisabled();
    }

    @Test
    void a_piece_turns_as_its_button_is_dragged_either_way_and_a_card_is_read_when_it_turns() {
        Locator dial = pieceLike(student, "dial");
        double[] centre = middle(dial);
        double[] grip = middle(button(student, "Turn dial"));
        double dx = grip[0] - centre[0];
        double dy = grip[1] - centre[1];
        // A quarter clockwise: from the upper right corner to the lower right.
        Browser.drag(student, grip, new double[] {centre[0] - dy, centre[1] + dx});
        assertThat(student.locator("[data-piece='dial'] g[transform*='rotate(90']"))
                .hasCount(1);
        // The button has turned with the piece, and is taken back to where it was.
        Browser.drag(student, middle(button(student, "Turn dial")), grip);
        assertThat(student.locator("[data-piece='dial'] g[transform*='rotate(90']"))
                .hasCount(0);
        button(student, "Take back").click();
        assertThat(student.locator("[data-piece='dial'] g[transform*='rotate(90']"))
                .hasCount(1);
        dial.focus();
        student.keyboard().press("Shift+R");
        assertThat(student.getByText("dial, turned to 45 degrees")).isVisible();
    }

    @Test
    void one_switch_comes_to_the_pieces_first_then_to_what_turns_and_opens_them_and_a_tap_anywhere_chooses() {
        button(student, "Easier").click();
        student.getByLabel("1 second").check();
        button(student, "Close").click();
        List<String> passed = new java.util.ArrayList<>();
        for (int i = 0; i < 40 && !passed.contains("Open Log"); i++) {
            String before = passed.isEmpty() ? "" : passed.get(passed.size() - 1);
            student.waitForFunction(
                    "before => (document.activeElement?.getAttribute('aria-label') ?? '') !== before", before);
            passed.add(
                    String.valueOf(student.evaluate("() => document.activeElement?.getAttribute('aria-label') ?? ''")));
        }
        org.assertj.core.api.Assertions.assertThat(passed).contains("Turn dial", "Turn card over", "Open Log");
        // A tap on an empty spot of the page chooses what the switch rests on.
        student.touchscreen().tap(640, 250);
        student.getByLabel("Write here").waitFor();
        // And it is switched off by hand again.
        student.navigate(student.url());
        pieceLike(student, "rocket").waitFor();
        button(student, "Easier").click();
        student.getByLabel("Off").check();
    }

    private void drag(double[] from, double dx, double dy) {
        student.mouse().move(from[0], from[1]);
        student.mouse().down();
        student.mouse().move(from[0] + dx / 2, from[1] + dy / 2);
        student.mouse().move(from[0] + dx, from[1] + dy);
        student.mouse().up();
    }

    private static Picture picture(String id, double x, double y, Movement movement) {
        return new Picture(id, Frame.of(x, y, 120, 120), movement, id, PictureRef.library("2B50"), "OpenMoji");
    }
}
