package gladtile.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static gladtile.e2e.Browser.button;
import static gladtile.e2e.Browser.drag;
import static gladtile.e2e.Browser.pieceLike;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gladtile.core.answer.Decision;
import gladtile.core.edit.AddItem;
import gladtile.core.edit.Decide;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Line;
import gladtile.core.page.LineEnd;
import gladtile.core.page.LineLook;
import gladtile.core.page.Movement;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Places for labels on a picture, and pictures and lines that take pieces by what is seen of them. */
class TargetsTest extends OnWorkbench {
    private gladtile.core.page.Page page() {
        return school.activity().page("light").orElseThrow();
    }

    private List<Zone> round() {
        return page().zones().stream()
                .filter(zone -> ZoneShape.ROUND.equals(zone.shape()))
                .toList();
    }

    private void picture(String id, String name, String code, Frame frame) {
        school.edit(new AddItem(
                "light", 0, new Picture(id, frame, Movement.FIXED, name, PictureRef.library(code), "OpenMoji")));
        item(name).waitFor();
    }

    @Test
    void places_for_labels_are_clicked_along_a_picture_and_pulled_aside_on_a_line() {
        item("Makes light").click();
        keys("Delete");
        item("Reflects").click();
        keys("Delete");
        picture("scope", "telescope", "1F52D", Frame.of(500, 200, 420, 420));
        item("telescope").click();
        button(teacher, "Put places for labels on it").click();
        double[] lens = at(800, 300);
        double[] aside = at(1250, 250);
        pull(lens[0], lens[1], aside[0] - lens[0], aside[1] - lens[1]);
        teacher.waitForCondition(() -> round().size() == 1);
        double[] foot = at(650, 560);
        teacher.mouse().click(foot[0], foot[1]);
        teacher.waitForCondition(() -> round().size() == 2);
        button(teacher, "Done with places").click();

        Zone first = round().get(0);
        assertThat(first.description()).isEqualTo("Place 1");
        assertThat(round().get(1).description()).isEqualTo("Place 2");
        assertThat(first.frame().middle().x()).isBetween(1240.0, 1260.0);
        assertThat(round().get(1).frame().middle().y()).isBetween(550.0, 570.0);
        // One of them has a line to what it means, joined to the place; all is one group.
        List<Line> lines = page().items().stream()
                .filter(Line.class::isInstance)
                .map(Line.class::cast)
                .toList();
        assertThat(lines).hasSize(1);
        assertThat(lines.get(0).look().to()).isEqualTo(first.id());
        assertThat(page().items().stream()
                        .filter(one -> !one.traitsOrNone().groups().isEmpty())
                        .map(one -> one.traitsOrNone().groups().get(0))
                        .distinct())
                .hasSize(1);
        Browser.look(teacher, "targets");

        // By keys alone one lies in the middle of the picture.
        teacher.keyboard().press("Escape");
        item("telescope").focus();
        teacher.keyboard().press("Enter");
        button(teacher, "Put places for labels on it").focus();
        teacher.keyboard().press("Enter");
        teacher.waitForCondition(() -> round().size() == 3);
        assertThat(round().get(2).frame().middle()).isEqualTo(new Point(710, 410));

        school.edit(new Decide("light", first.id(), "sun", Decision.BELONGS));
        Page ada = student("Ada");
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 1250, 250));
        assertThat(ada.getByText("1 of 1 placed")).isVisible();
    }

    private Zone taken(String name) {
        int before = page().zones().size();
        item(name).click();
        button(teacher, "Let pieces be dropped on it").click();
        teacher.waitForCondition(() -> page().zones().size() == before + 1);
        int over = page().items()
                .indexOf(page().items().stream()
                        .filter(one -> one.ownName().equals(name) && !(one instanceof Zone))
                        .findFirst()
                        .orElseThrow());
        Item made = page().items().get(over + 1);
        assertThat(made).isInstanceOf(Zone.class);
        return (Zone) made;
    }

    @Test
    void a_picture_takes_pieces_where_it_is_seen_and_a_line_along_its_way() {
        item("Makes light").click();
        keys("Delete");
        picture("star", "bright star", "2B50", Frame.of(100, 150, 400, 400));
        Zone star = taken("bright star");
        assertThat(star.shape().corners()).hasSizeBetween(8, 60);
        assertThat(star.looks().hidden()).isTrue();
        school.edit(new Decide("light", star.id(), "sun", Decision.BELONGS));

        LineLook look = new LineLook(
                List.of(new Point(0, 0), new Point(1, 1)),
                false,
                "#1c2b33",
                8,
                Dash.SOLID,
                LineEnd.PLAIN,
                LineEnd.PLAIN,
                null,
                null);
        school.edit(new AddItem(
                "light", 0, new Line("path", Frame.of(650, 640, 500, 200), Movement.FIXED, "path", null, look)));
        item("path").waitFor();
        teacher.keyboard().press("Escape");
        teacher.keyboard().press("Escape");
        item("path").focus();
        teacher.keyboard().press("Enter");
        button(teacher, "Let pieces be dropped on it").click();
        teacher.waitForCondition(() -> page().zones().size() == 3);
        Zone path = page().zones().stream()
                .filter(zone -> zone.ownName().equals("path"))
                .findFirst()
                .orElseThrow();
        assertThat(path.shape().corners()).hasSize(4);

        Page ada = student("Ada");
        // Between two points of the star, within its box, nothing is asked.
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 130, 180));
        assertThat(ada.getByText("0 of 2 placed")).isVisible();
        drag(ada, Browser.middle(pieceLike(ada, "sun")), onPage(ada, 300, 370));
        assertThat(ada.getByText("1 of 2 placed")).isVisible();
    }
}
