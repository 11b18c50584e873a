package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gladtile.core.edit.AddItem;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.ShapeLook;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pieces without a card are found by what is seen of them, and by a finger beside them where they are thin. */
class BarePiecesTest extends OnWorkbench {
    private static Picture bare(String id, String code, Frame frame) {
        return new Picture(id, frame, Movement.FREE, id, null, PictureRef.library(code), "OpenMoji", null, null, true);
    }

    private void add(gladtile.core.page.Item item) {
        int count = school.activity().page("light").orElseThrow().items().size();
        school.edit(new AddItem("light", count, item));
    }

    private static boolean moves(Page ada, String piece, double[] from) {
        double[] before = Browser.middle(pieceLike(ada, piece));
        ada.mouse().move(from[0], from[1]);
        ada.mouse().down();
        ada.mouse().move(from[0] + 30, from[1] + 40, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(6));
        boolean held = ada.locator("[data-piece].held").count() > 0
                || ada.locator("svg.air").count() > 0;
        ada.mouse().up();
        if (!held) {
            return false;
        }
        ada.waitForCondition(() -> ada.locator("svg.air").count() == 0);
        double[] after = Browser.middle(pieceLike(ada, piece));
        return Math.hypot(after[0] - before[0], after[1] - before[1]) > 10;
    }

    @Test
    void beside_what_is_seen_of_a_picture_the_piece_below_is_taken() {
        add(new Shape(
                "counter",
                Frame.of(620, 620, 300, 300),
                Movement.FREE,
                "counter",
                null,
                new ShapeLook(ShapeForm.ELLIPSE, 5, "#fbefd8", "#8a5f12", 6, Dash.SOLID),
                null));
        // A star over it: in its box the corners are see-through.
        add(bare("star", "2B50", Frame.of(620, 620, 300, 300)));
        Page ada = student("Ada");
        pieceLike(ada, "star").waitFor();
        ada.waitForFunction("() => [...document.querySelectorAll('[data-piece=star] image')].length > 0");
        // The notch between two arms of the star, on the counter.
        assertThat(moves(ada, "counter", onPage(ada, 668, 668))).isTrue();
        assertThat(moves(ada, "star", onPage(ada, 770, 770))).isTrue();
    }

    @Test
    void the_corner_of_a_round_counters_box_is_not_the_counter() {
        add(new Shape(
                "counter",
                Frame.of(620, 620, 300, 300),
                Movement.FREE,
                "counter",
                null,
                new ShapeLook(ShapeForm.ELLIPSE, 5, "#fbefd8", "#8a5f12", 6, Dash.SOLID),
                null));
        Page ada = student("Ada");
        pieceLike(ada, "counter").waitFor();
        assertThat(moves(ada, "counter", onPage(ada, 635, 635))).isFalse();
        assertThat(moves(ada, "counter", onPage(ada, 740, 700))).isTrue();
    }

    @Test
    void a_thin_line_is_taken_by_a_finger_beside_it() {
        LineLook look = new LineLook(
                List.of(new Point(0, 0.5), new Point(1, 0.5)),
                false,
                "#1c2b33",
                4,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.PLAIN,
                null,
                null);
        add(new Line("stick", Frame.of(620, 700, 300, 8), Movement.FREE, "stick", null, look));
        Page ada = student("Ada");
        pieceLike(ada, "stick").waitFor();
        double pixels = ada.locator("svg.doing").boundingBox().width / 1600;
        // 44 pixels across: 20 to a side are still on it, 30 are not.
        double[] on = onPage(ada, 770, 704);
        assertThat(moves(ada, "stick", new double[] {on[0], on[1] - Math.max(20, 25 * pixels)}))
                .isTrue();
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
    }
}
