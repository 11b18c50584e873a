package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.link;
import static gladtile.e2e.Browser.pieceLike;
import static gladtile.e2e.Browser.tabTo;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.server.testkit.RealServer;
import gladtile.server.testkit.School;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * The answer key in the workbench: the table, the rules of a zone, a gap with its try-out, points, the page check.
 *
 * <p>Long because all that can be decided about one page is tried in one browser.
 */
@ExtendWith(RealServer.class)
class AnswersTest {
    private final Browser browser = new Browser();
    private Page teacher;
    private School school;
    private String address;

    @BeforeEach
    void open(RealServer server) {
        school = new School(server);
        address = server.address();
        teacher = browser.device(false);
        Browser.signIn(teacher, address, school.teacherName(), School.PASSWORD);
        go("answers");
        teacher.getByRole(com.microsoft.playwright.options.AriaRole.GRID).waitFor();
    }

    @AfterEach
    void close() {
        browser.close();
    }

    private void go(String step) {
        teacher.navigate(address + "/activities/" + school.activityId + "/" + step);
    }

    private Locator field(String label) {
        return teacher.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** A label's text holds that of the choices too, so that it is not its whole. */
    private Locator choice(String label) {
        return teacher.locator("label")
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*" + label)))
                .locator("select");
    }

    private void commit(String label, String value) {
        field(label).fill(value);
        field(label).press("Tab");
    }

    private Locator cell(String pieceInZone) {
        return buttonLike(teacher, pieceInZone);
    }

    private void saved() {
        assertThat(teacher.getByText(Pattern.compile("^Saved"))).isVisible();
    }

    /** Puts a piece in the nth zone by keyboard. */
    private void put(String piece, int zone) {
        pieceLike(teacher, piece).first().press("Enter");
        for (int i = 0; i < zone; i++) {
            teacher.keyboard().press("ArrowRight");
        }
        teacher.keyboard().press("Enter");
    }

    @Test
    void a_full_key_is_made_by_keyboard_alone() {
        button(teacher, "All belong").focus();
        tabTo(teacher, "Clear its column");
        teacher.keyboard().press("Enter");
        assertThat(cell("sun in .*: undecided").first()).isVisible();
        teacher.getByRole(com.microsoft.playwright.options.AriaRole.GRID)
                .locator("[tabindex='0']")
                .focus();
        teacher.keyboard().press("Home");
        teacher.keyboard().press("Space");
        assertThat(cell("sun in .*: belongs").first()).isVisible();
        teacher.keyboard().press("ArrowDown");
        teacher.keyboard().press("ArrowRight");
        teacher.waitForFunction("() => document.activeElement?.getAttribute('data-cell') === '1,1'");
        teacher.keyboard().press("Space");
        assertThat(cell("moon in Reflects: does not belong")).isVisible();
        button(teacher, "Undo").focus();
        teacher.keyboard().press("Enter");
        assertThat(cell("moon in Reflects: belongs")).isVisible();
    }

    private void typed(String label, String text) {
        tabTo(teacher, label);
        teacher.keyboard().type(text);
    }

    private void down(String label, int times) {
        tabTo(teacher, label);
        for (int i = 0; i < times; i++) {
            teacher.keyboard().press("ArrowDown");
        }
    }

    /** Cells, rules, words, points, time and solution of a page, without the pointer. */
    @Test
    void every_rule_is_set_by_keyboard_alone() {
        teacher.getByRole(com.microsoft.playwright.options.AriaRole.GRID)
                .locator("[tabindex='0']")
                .focus();
        teacher.keyboard().press("ArrowUp");
        teacher.keyboard().press("Enter");
        down("When it belongs", 1);
        down("When it does not", 1);
        down("Checked", 1);
        down("A check shows", 1);
        typed("Holds at most", "2");
        typed("Tries", "5");
        typed("Points each", "3");
        typed("Values add up to", "7,5");
        tabTo(teacher, "Order matters");
        teacher.keyboard().press("Space");
        typed("Hint", "Think of what is hot");
        tabTo(teacher, "Undo");
        button(teacher, "Points, time and more").focus();
        teacher.keyboard().press("Enter");
        typed("For each placement", "");
        teacher.keyboard().press("Control+a");
        teacher.keyboard().type("4");
        typed("Minutes for the whole", "10");
        down("Students may see it", 2);
        teacher.keyboard().press("Tab");
        saved();
        AnswerKey key = school.activity().key();
        ZoneRule rule = key.rule("own");
        org.assertj.core.api.Assertions.assertThat(rule.accept()).isEqualTo(AcceptAction.STAYS);
        org.assertj.core.api.Assertions.assertThat(rule.reject()).isEqualTo(RejectAction.STAYS);
        org.assertj.core.api.Assertions.assertThat(rule.when()).isEqualTo(JudgeTiming.ON_CHECK);
        org.assertj.core.api.Assertions.assertThat(rule.tellsWhich()).isFalse();
        org.assertj.core.api.Assertions.assertThat(rule.tries()).isEqualTo(5);
        org.assertj.core.api.Assertions.assertThat(rule.worth()).isEqualTo(3);
        org.assertj.core.api.Assertions.assertThat(rule.wanted().capacity()).isEqualTo(2);
        org.assertj.core.api.Assertions.assertThat(rule.says().hint().words()).isEqualTo("Think of what is hot");
        org.assertj.core.api.Assertions.assertThat(key.holds().scoring().each()).isEqualTo(4);
        org.assertj.core.api.Assertions.assertThat(key.holds().seconds()).isEqualTo(600);
    }

    @Test
    void a_piece_dropped_on_a_zone_belongs_there() {
        button(teacher, "Clear its column").click();
        saved();
        Locator piece = teacher.locator("[data-decides='sun']");
        BoundingBox from = piece.boundingBox();
        BoundingBox sheet = teacher.locator("svg.over").boundingBox();
        double scale = sheet.width / 1600;
        Browser.drag(teacher, new double[] {from.x + from.width / 2, from.y + from.height / 2}, new double[] {
            sheet.x + 350 * scale, sheet.y + 350 * scale
        });
        assertThat(cell("sun in .*: belongs").first()).isVisible();
        saved();
    }

    @Test
    void labels_take_many_at_once_and_a_zone_says_its_own_words() {
        button(teacher, "sun: labels and value").click();
        commit("Labels", "bright, star");
        button(teacher, "Clear its row").click();
        buttonLike(teacher, "Zone A, .*: its rules").click();
        teacher.getByLabel("Rules of")
                .getByText("star", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(cell("sun in .*: belongs").first()).isVisible();
        commit("When right, it says", "It shines by itself");
        saved();
        link(teacher, "Try").click();
        field("Explain").check();
        put("sun", 1);
        assertThat(teacher.getByText("sun: It shines by itself")).isVisible();
        assertThat(teacher.getByText(Pattern.compile("it is labelled star, which the zone takes")))
                .isVisible();
    }

    @Test
    void on_check_nothing_is_said_before_and_the_hint_comes_when_it_is_earned() {
        buttonLike(teacher, "Zone A, .*: its rules").click();
        choice("Checked").selectOption("ON_CHECK");
        choice("A check shows").selectOption("HOW_MANY");
        commit("Hint", "Think of what is hot");
        commit("after so many refusals", "1");
        saved();
        link(teacher, "Try").click();
        put("moon", 1);
        assertThat(pieceLike(teacher, "moon, in ").first()).isVisible();
        button(teacher, "Check").click();
        // Told in words, and on the zone itself.
        assertThat(teacher.getByText("0 of 1 right", new Page.GetByTextOptions().setExact(true)))
                .hasCount(2);
        assertThat(teacher.getByText("Think of what is hot")).isVisible();
    }

    @Test
    void of_several_zones_one_is_checked_and_the_other_still_waits() {
        for (String zone : new String[] {"A", "B"}) {
            buttonLike(teacher, "Zone " + zone + ", .*: its rules").click();
            choice("Checked").selectOption("ON_CHECK");
        }
        saved();
        link(teacher, "Try").click();
        put("moon", 1);
        assertThat(buttonLike(teacher, "Check Reflects")).hasCount(0);
        put("sun", 2);
        Browser.look(teacher, "zone-checks");
        button(teacher, "Check Reflects").press("Enter");
        assertThat(teacher.getByText("Reflects: 0 of 1 right")).isVisible();
        assertThat(buttonLike(teacher, "Check Reflects")).hasCount(0);
        assertThat(button(teacher, "Check Makes light")).isVisible();
        assertThat(pieceLike(teacher, "moon, in ").first()).isVisible();
    }

    @Test
    void the_order_and_the_total_of_a_zone_are_set_and_told() {
        buttonLike(teacher, "Zone A, .*: its rules").click();
        button(teacher, "All belong").click();
        field("Order matters").check();
        assertThat(button(teacher, "sun later")).isVisible();
        button(teacher, "sun later").click();
        assertThat(button(teacher, "sun later")).isDisabled();
        field("Order matters").uncheck();
        commit("Values add up to", "7");
        saved();
        assertThat(teacher.getByText(Pattern.compile("add up to 7"))).isVisible();
        button(teacher, "No total").click();
        assertThat(field("Values add up to")).hasValue("");
    }

    @Test
    void the_page_check_is_live_and_mends_with_one_click() {
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        button(teacher, "sun: labels and value").click();
        button(teacher, "Clear its row").click();
        assertThat(teacher.getByText(Pattern.compile("“sun” is not decided for 2 zones")))
                .isVisible();
        assertThat(link(teacher, "Answers").locator("b")).isVisible();
        button(teacher, "Belongs in A").click();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        assertThat(cell("sun in .*: belongs").first()).isVisible();
    }

    @Test
    void what_is_meant_so_is_not_named_again() {
        button(teacher, "sun: labels and value").click();
        button(teacher, "Clear its row").click();
        Locator meant = button(teacher, "Ignore this");
        assertThat(meant).hasCount(2);
        meant.first().click();
        assertThat(meant).hasCount(1);
        meant.click();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
        teacher.reload();
        assertThat(teacher.getByText("Every page can be done.")).isVisible();
    }

    @Test
    void a_gap_takes_what_its_rule_says_and_the_try_out_tells_why() {
        go("lay-out");
        button(teacher, "Gap").click();
        buttonLike(teacher, "Gap 1").first().waitFor();
        link(teacher, "Answers").click();
        buttonLike(teacher, "^Gap 1").click();
        choice("What is right").selectOption("maths");
        commit("Expression or equation", "2(x+1)");
        teacher.getByLabel("Try an answer").fill("2x+2");
        assertThat(teacher.getByText("It is the same in mathematics.")).isVisible();
        teacher.getByLabel("Try an answer").fill("2x+1");
        assertThat(teacher.getByText("It is not the same in mathematics.")).isVisible();
        choice("What is right").selectOption("pattern");
        commit("Pattern", "(");
        assertThat(teacher.getByText(Pattern.compile("hat pattern cannot be read")))
                .isVisible();
        choice("What is right").selectOption("number");
        commit("Number", "3,5");
        teacher.getByLabel("Try an answer").fill("3.5");
        assertThat(teacher.getByText("It is read as 3.5.")).isVisible();
        saved();
        link(teacher, "Try").click();
        field("Gap 1").fill("3,5");
        field("Gap 1").press("Enter");
        assertThat(teacher.getByLabel("Gap 1, right")).isVisible();
    }

    @Test
    void points_are_told_in_words_and_the_time_runs_out() {
        button(teacher, "Points, time and more").click();
        commit("For each placement", "2");
        commit("Less for each refusal", "1");
        assertThat(teacher.getByText("2 points, 1 less for each refusal, never below 0"))
                .isVisible();
        commit("Minutes for the whole", "0.1");
        choice("Students may see it").selectOption("AFTER_TRIES");
        commit("after so many", "1");
        saved();
        link(teacher, "Try").click();
        assertThat(teacher.getByRole(com.microsoft.playwright.options.AriaRole.TIMER))
                .isVisible();
        assertThat(teacher.getByText("Time is up"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions()
                        .setTimeout(15_000));
    }

    @Test
    void the_solution_is_shown_after_refusals_where_it_may_be() {
        button(teacher, "Points, time and more").click();
        choice("Students may see it").selectOption("AFTER_TRIES");
        commit("after so many", "1");
        saved();
        link(teacher, "Try").click();
        put("moon", 1);
        assertThat(teacher.getByText(Pattern.compile("moon: not here"))).isVisible();
        button(teacher, "Solution").click();
        assertThat(pieceLike(teacher, "moon, the solution").first()).isVisible();
        assertThat(teacher.getByText(Pattern.compile("it gives no points"))).isVisible();
    }
}
