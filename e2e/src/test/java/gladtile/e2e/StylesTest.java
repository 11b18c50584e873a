package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.PieceLayout;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.Decide;
import gladtile.core.edit.SetBody;
import gladtile.core.edit.SetFacts;
import gladtile.core.edit.SetFrame;
import gladtile.core.edit.SetRule;
import gladtile.core.page.Frame;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneScale;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How a whole activity looks, and how what lies in a zone does. */
class StylesTest extends OnWorkbench {
    private List<Zone> zones() {
        return school.activity().page("light").orElseThrow().zones();
    }

    private Zone own() {
        return zones().stream()
                .filter(zone -> zone.id().equals("own"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_all_labels_and_zones_look_like_is_changed_in_one_place_and_undone_as_one_step() {
        button(teacher, "Styles of all pages").click();
        Locator dialog = teacher.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG);
        dialog.getByText("on a tab").click();
        teacher.getByRole(
                        com.microsoft.playwright.options.AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("above it"))
                .click();
        teacher.waitForCondition(
                () -> zones().stream().allMatch(zone -> zone.looks().labelAt() == ZoneLook.LabelPlace.ABOVE));
        Browser.look(teacher, "styles");
        assertThat(Browser.barriers(teacher)).isEmpty();
        button(teacher, "Done").click();
        button(teacher, "Undo").click();
        teacher.waitForCondition(
                () -> zones().stream().allMatch(zone -> zone.looks().labelAt() == ZoneLook.LabelPlace.TAB));
    }

    @Test
    void a_page_takes_the_colours_of_a_set_and_gives_them_back() {
        var before = school.activity();
        button(teacher, "Hillside").click();
        teacher.waitForCondition(() -> !school.activity().equals(before));
        assertThat(zones()).allMatch(zone -> zone.looks().colour() != null);
        button(teacher, "Undo").click();
        teacher.waitForCondition(() -> school.activity().equals(before));
    }

    @Test
    void what_lies_in_a_zone_lies_in_a_row() {
        school.edit(new Decide("light", "own", "moon", Decision.BELONGS));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByLabel("They lie").selectOption("ROW");
        teacher.waitForCondition(() -> school.activity().key().rule("own").layout() == PieceLayout.ROW);
        Page ada = student("Ada");
        Frame box = own().frame();
        // Put at different heights they lie side by side at one.
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + 100, box.y() + 120));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
        drag(ada, Browser.middle(pieceLike(ada, "moon")), onPage(ada, box.x() + 380, box.y() + 440));
        assertThat(ada.getByText("2 of 2 placed")).isVisible();
        ada.waitForCondition(() -> {
            double[] sun = Browser.middle(pieceLike(ada, "sun"));
            double[] moon = Browser.middle(pieceLike(ada, "moon"));
            return Math.abs(sun[1] - moon[1]) < 1 && moon[0] - sun[0] > 30;
        });
    }

    @Test
    void a_row_of_letters_is_made_by_pressing_again_and_again() {
        tile("Words").click();
        teacher.keyboard().type("a");
        keys("Escape");
        for (String next : List.of("b", "c", "d")) {
            button(teacher, "Add " + next + " beside it").click();
        }
        teacher.waitForCondition(() -> said().containsAll(List.of("a", "b", "c", "d")));
        var letters = school.activity().page("light").orElseThrow().items().stream()
                .filter(item -> item.said().length() == 1)
                .map(item -> item.frame())
                .toList();
        assertThat(letters).hasSize(4);
        assertThat(letters).extracting(Frame::y).containsOnly(letters.get(0).y());
        for (int i = 1; i < letters.size(); i++) {
            Frame before = letters.get(i - 1);
            assertThat(letters.get(i).x()).isGreaterThan(before.x() + before.width());
        }
    }

    private List<String> said() {
        return school.activity().page("light").orElseThrow().items().stream()
                .map(item -> item.said())
                .toList();
    }

    @Test
    void a_large_piece_is_drawn_smaller_in_a_zone_that_fits_it_and_is_its_size_again_outside() {
        school.edit(new SetFrame("light", "sun", Frame.of(60, 640, 340, 340)));
        school.edit(new SetRule("light", "own", ZoneRule.USUAL.withTiming(JudgeTiming.ON_CHECK)));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByLabel("Large pieces are drawn smaller in it").check();
        teacher.waitForCondition(
                () -> Boolean.TRUE.equals(school.activity().key().rule("own").fitted()));
        Page ada = student("Ada");
        double pixels = ada.locator("svg.doing").boundingBox().width / 1600;
        double whole = wide(ada);
        Frame box = own().frame();
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + 200, box.y() + 300));
        // 0.44 of what the label leaves of 500.
        ada.waitForCondition(() -> Math.abs(wide(ada) - 0.574 * whole) < 12 * pixels);
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 900, 760));
        ada.waitForCondition(() -> Math.abs(wide(ada) - whole) < 2);
    }

    private static double wide(Page tablet) {
        return tablet.locator("[data-piece='sun'] .tile").first().boundingBox().width;
    }

    @Test
    void a_zone_shows_how_many_more_it_takes_where_the_teacher_wants_it() {
        school.edit(new Decide("light", "own", "moon", Decision.BELONGS));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByLabel("Holds at most").fill("2");
        keys("Enter");
        teacher.getByLabel("Students see how many more it takes").check();
        teacher.waitForCondition(
                () -> Boolean.TRUE.equals(school.activity().key().rule("own").showsRoom()));
        Page ada = student("Ada");
        assertThat(ada.getByLabel("Makes light takes 2 more")).isVisible();
        Frame box = own().frame();
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + 100, box.y() + 120));
        assertThat(ada.getByLabel("Makes light takes 1 more")).isVisible();
        assertThat(ada.locator(".room .taken")).hasCount(1);
        drag(ada, Browser.middle(pieceLike(ada, "moon")), onPage(ada, box.x() + 380, box.y() + 240));
        assertThat(ada.getByLabel("Makes light is full")).isVisible();
    }

    @Test
    void on_a_number_line_it_is_said_whether_a_value_is_too_low_or_too_high_where_the_teacher_wants_it() {
        school.edit(new SetBody("light", own().withScale(new ZoneScale(0, 5, 1, 1, true))));
        school.edit(new SetFacts("light", "sun", PieceFacts.NONE.withValue(3.0)));
        school.edit(new SetRule("light", "own", new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK)));
        teacher.navigate(address + "/activities/" + school.activityId + "/answers");
        Browser.buttonLike(teacher, "Zone ., Makes light: its rules").click();
        teacher.getByLabel("Say whether it is too low or too high").check();
        teacher.waitForCondition(
                () -> Boolean.TRUE.equals(school.activity().key().rule("own").saysSide()));
        Page ada = student("Ada");
        Frame box = own().frame();
        double step = (box.width() - 2 * ZoneScale.INSET) / 5;
        double y = box.middle().y();
        double[] home = Browser.middle(pieceLike(ada, "sun"));
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + ZoneScale.INSET + step, y));
        assertThat(ada.getByText("too low. Try a larger number")).isVisible();
        untilHome(ada, home);
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + ZoneScale.INSET + 4 * step, y));
        assertThat(ada.getByText("too high. Try a smaller number")).isVisible();
        untilHome(ada, home);
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, box.x() + ZoneScale.INSET + 3 * step, y));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }

    /** What is turned away glides home. */
    private static void untilHome(Page tablet, double[] home) {
        tablet.waitForCondition(() -> {
            double[] now = Browser.middle(pieceLike(tablet, "sun"));
            return Math.hypot(now[0] - home[0], now[1] - home[1]) < 1;
        });
    }
}
