package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * A point is held against areas as 1EdTech's QTI 2.2 maps it (areaMapping, from memory): rectangles, circles, ellipses
 * and polygons, of which the first in the list that holds the point gives the value; a point in none gives the default. The
 * areas themselves are those of java.awt.geom, which knows nothing of ours. Our topmost zone is its first entry.
 */
class AreaMappingTest {
    private static final double PIECE = 20;

    private record Entry(Zone zone, java.awt.Shape area) {}

    private static Entry entry(Random random, String id) {
        double x = random.nextInt(1000);
        double y = random.nextInt(600);
        double width = 80 + random.nextInt(400);
        double height = 80 + random.nextInt(300);
        Zone box = new Zone(id, Frame.of(x, y, width, height), "", id);
        return switch (random.nextInt(4)) {
            case 0 -> new Entry(box, new Rectangle2D.Double(x, y, width, height));
            case 1 -> new Entry(box.withShape(ZoneShape.ROUND), new Ellipse2D.Double(x, y, width, height));
            case 2 -> {
                Zone circle = new Zone(id, Frame.of(x, y, width, width), "", id).withShape(ZoneShape.ROUND);
                yield new Entry(circle, new Ellipse2D.Double(x, y, width, width));
            }
            default -> polygon(random, box);
        };
    }

    /** A star with 5 to 24 corners, in and out. */
    private static Entry polygon(Random random, Zone box) {
        int count = 5 + random.nextInt(20);
        List<Point> corners = new ArrayList<>();
        Path2D path = new Path2D.Double();
        for (int i = 0; i < count; i++) {
            double far = 0.25 + random.nextInt(26) / 100.0;
            double angle = 2 * Math.PI * i / count;
            Point at = new Point(0.5 + far * Math.cos(angle), 0.5 + far * Math.sin(angle));
            corners.add(at);
            double x = box.frame().x() + at.x() * box.frame().width();
            double y = box.frame().y() + at.y() * box.frame().height();
            if (i == 0) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        path.closePath();
        return new Entry(box.withShape(new ZoneShape(ZoneShape.Kind.POLYGON, corners)), path);
    }

    @Test
    void the_first_area_that_holds_a_point_maps_it_and_else_none_does() {
        Random random = new Random(22);
        int[] mapped = new int[2];
        for (int page = 0; page < 400; page++) {
            List<Entry> entries = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                entries.add(entry(random, "z" + i));
            }
            Picture piece = new Picture(
                    "p", Frame.of(1500, 900, PIECE, PIECE), Movement.FREE, "", PictureRef.library("2600"), "OpenMoji");
            List<Item> items = new ArrayList<>();
            // The last on the page lies uppermost, and is the first entry of the mapping.
            for (int i = entries.size() - 1; i >= 0; i--) {
                items.add(entries.get(i).zone());
            }
            items.add(piece);
            AnswerKey key = Activity.blank("", "page").key();
            for (Entry one : entries) {
                key = key.with(one.zone().id(), new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS));
            }
            Judge judge = Judge.of(new Page("page", "", Paper.PLAIN, items), key);
            for (int i = 0; i < 500; i++) {
                double x = random.nextDouble() * 1600;
                double y = random.nextDouble() * 1000;
                String wanted = entries.stream()
                        .filter(one -> one.area().contains(x, y))
                        .map(one -> one.zone().id())
                        .findFirst()
                        .orElse(null);
                Verdict verdict = judge.judge("p", x - PIECE / 2, y - PIECE / 2, ZoneContents.NOBODY);
                assertThat(verdict.zoneId())
                        .as("(%s, %s) on page %d", x, y, page)
                        .isEqualTo(wanted);
                mapped[wanted == null ? 0 : 1]++;
            }
        }
        assertThat(mapped[0]).isGreaterThan(20_000);
        assertThat(mapped[1]).isGreaterThan(20_000);
    }
}
