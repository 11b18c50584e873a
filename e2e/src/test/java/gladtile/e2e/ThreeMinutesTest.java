package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.buttonLike;
import static gladtile.e2e.Browser.middle;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A page as rich as the drawing of the workbench, from nothing: title of two lines, two zones, seven pieces, hills. */
class ThreeMinutesTest extends OnWorkbench {
    private Hand hand;

    private List<Item> made() {
        return school.activity().pages().get(1).items();
    }

    private Item last() {
        List<Item> now = made();
        return now.isEmpty() ? null : now.get(now.size() - 1);
    }

    private Locator chosen() {
        return teacher.locator(".sheet [data-item][aria-pressed='true']");
    }

    private void moveTo(double x, double y) {
        hand.drag(middle(chosen()), at(x, y));
    }

    private void pullCorner(double x, double y) {
        hand.drag(middle(teacher.locator(".grips .grip.se")), at(x, y));
    }

    private void hill(double x, double y, double right, double bottom, String tone) {
        int before = made().size();
        hand.click(tile("Shape"));
        hand.then(teacher.getByRole(AriaRole.MENUITEM).getByText("Ellipse"));
        until(() -> made().size() == before + 1);
        hand.click(button(teacher, tone));
        hand.click(button(teacher, "No outline"));
        moveTo(x, y);
        pullCorner(right, bottom);
    }

    private void zone(String label, double x) {
        int before = made().size();
        hand.click(tile("Drop zone"));
        until(() -> made().size() == before + 1);
        hand.click(teacher.getByLabel("Written on it"));
        hand.key("Control+a");
        hand.type(label);
        hand.key("Enter");
        moveTo(x, 460);
        pullCorner(x + 330, 690);
        until(() -> last() instanceof Zone zone
                && zone.label().equals(label)
                && zone.frame().width() > 500);
    }

    private void pieces(String... words) {
        hand.click(tile("Picture"));
        assertThat(teacher.getByLabel("Find pictures by word")).isFocused();
        hand.type(String.join(", ", words));
        button(teacher, "Put " + words.length + " pictures on the page").waitFor();
        Browser.look(teacher, "several");
        hand.click(button(teacher, "Put " + words.length + " pictures on the page"));
    }

    @Test
    void is_made_in_under_three_minutes_by_hand() {
        buttonLike(teacher, "Page 2, ").click();
        assertThat(teacher.locator(".sheet [data-item]")).hasCount(0);
        hand = new Hand(teacher);
        hand.click(button(teacher, "Sky"));
        hill(330, 960, 900, 1120, "Meadow");
        hill(1200, 1000, 1900, 1200, "Sea");
        hand.click(tile("Words"));
        hand.choose(teacher.getByLabel("Letter size"), "80");
        hand.click(button(teacher, "Bold"));
        hand.type("Does it make its own light?");
        hand.key("Enter");
        hand.choose(teacher.getByLabel("Letter size"), "44");
        hand.click(button(teacher, "Bold"));
        hand.type("Move each thing to the place where it belongs.");
        hand.click(button(teacher, "Centre"));
        hand.key("Escape");
        until(() -> last() instanceof Words words
                && words.content()
                        .text()
                        .equals("Does it make its own light?\nMove each thing to the place where it belongs."));
        moveTo(800, 120);
        zone("Makes its own light", 440);
        zone("Only reflects light", 1160);
        pieces("sun", "first quarter moon", "star", "torch", "mirror", "planet", "comet");
        until(() -> made().size() == 12);
        double seconds = hand.seconds();
        Browser.look(teacher, "three-minutes");
        System.out.printf("A page as rich as the drawing: %.0f s by the keystroke-level model%n", seconds);
        assertThat(made()).hasSize(12);
        assertThat(made().stream().filter(item -> item.movement() instanceof Movement.Free))
                .hasSize(7);
        assertThat(seconds).isLessThan(180);
    }
}
