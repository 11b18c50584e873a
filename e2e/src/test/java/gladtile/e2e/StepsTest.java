package gladtile.e2e;

import static gladtile.e2e.Browser.button;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.page.Movement;
import gladtile.core.page.Zone;
import gladtile.server.support.MessageRenderer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** How many clicks, drags and typed fields a page takes that teachers make again and again. */
class StepsTest extends OnWorkbench {
    private int steps;

    private void click(Locator what) {
        what.click();
        steps++;
    }

    private void type(Locator field, String text) {
        field.fill(text);
        field.press("Tab");
        steps++;
    }

    /** From a point of the page to another one. */
    private void drag(double x, double y, double toX, double toY) {
        double[] from = at(x, y);
        double[] to = at(toX, toY);
        pull(from[0], from[1], to[0] - from[0], to[1] - from[1]);
        steps++;
    }

    private void key(String name) {
        keys(name);
        steps++;
    }

    private gladtile.core.page.Page page() {
        // Behind the one that was open.
        return school.activity().pages().get(1);
    }

    private Locator step(String name) {
        return teacher.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private void emptyPage() {
        click(button(teacher, "Page"));
        until(() -> school.activity().pages().size() == 3 && page().items().isEmpty());
        assertThat(teacher.locator("svg.page [data-item]").count()).isZero();
    }

    private void size(int count) {
        until(() -> page().items().size() == count);
    }

    /** What would keep it from being given out. */
    private List<Finding.Kind> faults() {
        return PageCheck.page(page(), school.activity().key(), Pictures.UNKNOWN, new MessageRenderer()).stream()
                .map(Finding::kind)
                .filter(kind -> List.of(
                                Finding.Kind.UNDECIDED,
                                Finding.Kind.NOTHING_FITS,
                                Finding.Kind.DOES_NOT_FIT,
                                Finding.Kind.ZONES_OVERLAP)
                        .contains(kind))
                .toList();
    }

    @Test
    void three_word_boxes_with_pictures_and_letters_take_at_most_forty() {
        emptyPage();
        click(tile("Drop zone"));
        size(1);
        drag(1040, 680, 900, 470);
        until(() -> page().items().get(0).frame().width() < 400);
        drag(700, 400, 620, 160);
        until(() -> page().items().get(0).frame().y() < 200);
        click(tile("Picture"));
        type(teacher.getByLabel("Find pictures by word"), "hat");
        click(teacher.locator(".found .pick").first());
        size(2);
        drag(800, 500, 300, 160);
        until(() -> page().items().get(1).frame().y() < 200);
        click(button(teacher, "Fixed"));
        key("Control+a");
        click(button(teacher, "Repeat from a list"));
        type(
                teacher.getByRole(
                        AriaRole.TEXTBOX,
                        new Page.GetByRoleOptions().setName("List").setExact(true)),
                "cap, cat, bat");
        teacher.locator(".pictures img").nth(2).waitFor();
        click(button(teacher, "Make copies"));
        size(6);
        click(tile("Words"));
        teacher.keyboard().type("capcatbat");
        steps++;
        key("Escape");
        size(7);
        click(button(teacher, "Cut into letters"));
        size(15);
        drag(1100, 500, 700, 880);
        until(() -> page().pieces().stream().allMatch(piece -> piece.frame().y() > 800));
        click(step("Answers"));
        List<String> words = List.of("cap", "cat", "bat");
        for (int i = 0; i < 3; i++) {
            String letter = String.valueOf((char) ('A' + i));
            click(Browser.buttonLike(teacher, "Zone " + letter));
            type(teacher.getByLabel("Spells the word"), words.get(i));
            Zone zone = page().zones().get(i);
            until(() -> school.activity().key().rule(zone.id()).wants() != null);
        }
        System.out.printf("steps: three word boxes with pictures and letters %d%n", steps);
        assertThat(steps).isLessThanOrEqualTo(40);
        assertThat(page().pieces())
                .hasSize(9)
                .allMatch(piece -> piece.movement().equals(Movement.FREE));
        assertThat(faults()).isEmpty();
        AnswerKey key = school.activity().key();
        for (int i = 0; i < 3; i++) {
            String zone = page().zones().get(i).id();
            Map<String, Integer> places = key.rule(zone).wants().sequence().places();
            StringBuilder spelled = new StringBuilder("...");
            places.forEach((piece, place) -> spelled.replace(
                    place - 1, place, page().item(piece).orElseThrow().said()));
            assertThat(spelled.toString()).isEqualTo(words.get(i));
            // Any of the three letters a fits.
            assertThat(page().pieces().stream()
                            .filter(piece -> piece.said().equals("a"))
                            .map(piece -> key.decision(zone, piece.id())))
                    .containsOnly(Decision.BELONGS);
        }
    }

    @Test
    void a_picture_sort_takes_at_most_fifteen() {
        emptyPage();
        click(tile("Drop zone"));
        size(1);
        click(button(teacher, "Repeat from a list"));
        type(
                teacher.getByRole(
                        AriaRole.TEXTBOX,
                        new Page.GetByRoleOptions().setName("List").setExact(true)),
                "Makes light, Makes no light");
        click(button(teacher, "Make copies"));
        size(2);
        assertThat(page().zones()).extracting(Zone::label).containsExactly("Makes light", "Makes no light");
        click(tile("Picture"));
        type(teacher.getByLabel("Find pictures by word"), "sun, candle, moon, ball");
        teacher.locator(".found h3").nth(3).waitFor();
        click(Browser.buttonLike(teacher, "Put 4"));
        size(6);
        click(step("Answers"));
        teacher.getByText("Drop a piece on a zone to say it belongs there").waitFor();
        List<String> pieces = page().pieces().stream().map(piece -> piece.id()).toList();
        for (int i = 0; i < 4; i++) {
            String id = pieces.get(i);
            Zone zone = page().zones().get(i / 2);
            var from = page().item(id).orElseThrow().frame().middle();
            var to = zone.frame().middle();
            drag(from.x(), from.y(), to.x(), to.y());
            until(() -> school.activity().key().decision(zone.id(), id) == Decision.BELONGS);
        }
        System.out.printf("steps: picture sort %d%n", steps);
        assertThat(steps).isLessThanOrEqualTo(15);
        assertThat(faults()).isEmpty();
    }
}
