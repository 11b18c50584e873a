package gladtile.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.page.Frame;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Places for pieces in a zone, with overlap computed by the JTS Topology Suite. */
class SlotPlanTest {
    private static final GeometryFactory SHAPES = new GeometryFactory();

    private static Geometry box(Frame frame) {
        return SHAPES.toGeometry(
                new Envelope(frame.x(), frame.x() + frame.width(), frame.y(), frame.y() + frame.height()));
    }

    @Test
    void planned_places_are_inside_the_zone_and_apart() {
        Random random = new Random(8);
        int planned = 0;
        for (int round = 0; round < 400; round++) {
            Zone zone = Some.zone(
                    "z",
                    random.nextInt(200),
                    random.nextInt(200),
                    300 + random.nextInt(600),
                    250 + random.nextInt(400));
            List<Frame> pieces = new ArrayList<>();
            for (int i = 1 + random.nextInt(14); i > 0; i--) {
                pieces.add(Frame.of(0, 0, 40 + random.nextInt(160), 40 + random.nextInt(110)));
            }
            List<Frame> plan = Slots.plan(zone, pieces).orElse(null);
            if (plan == null) {
                continue;
            }
            planned++;
            assertThat(plan).hasSameSizeAs(pieces);
            Geometry whole = box(zone.frame());
            for (int i = 0; i < plan.size(); i++) {
                assertThat(plan.get(i).width()).isEqualTo(pieces.get(i).width());
                assertThat(whole.covers(box(plan.get(i)))).isTrue();
                for (int j = 0; j < i; j++) {
                    assertThat(box(plan.get(i)).intersection(box(plan.get(j))).getArea())
                            .isZero();
                }
            }
        }
        assertThat(planned).isGreaterThan(150);
    }

    @Test
    void what_is_larger_than_the_zone_has_no_plan() {
        Zone zone = Some.zone("z", 0, 0, 300, 200);
        assertThat(Slots.plan(zone, List.of(Frame.of(0, 0, 299, 100)))).isEmpty();
        List<Frame> many = java.util.Collections.nCopies(1000, Frame.of(0, 0, 100, 100));
        assertThat(Slots.plan(zone, many)).isEmpty();
    }

    /** Law: if everything that belongs has a plan, pieces settle without overlap in whatever order they come. */
    @Test
    void in_any_order_of_arrival_planned_pieces_settle_apart() {
        Random random = new Random(9);
        for (int round = 0; round < 60; round++) {
            List<gladtile.core.page.Item> items = new ArrayList<>();
            items.add(Some.zone("z", 50, 50, 700, 420));
            List<String> ids = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                ids.add("p" + i);
                Frame size = Frame.of(40 * i, 800, 50 + 30 * random.nextInt(4), 50 + 20 * random.nextInt(4));
                items.add(Some.piece("p" + i, 0, 0).withFrame(size));
            }
            var page = gladtile.core.Wanted.page(items.toArray(new gladtile.core.page.Item[0]))
                    .belongs("z", ids.toArray(new String[0]));
            java.util.Collections.shuffle(ids, random);
            for (String id : ids) {
                assertThat(page.put(id, 300, 300).belongs()).isTrue();
            }
            List<Geometry> laid = new ArrayList<>();
            page.state().pieces().forEach((id, piece) -> {
                Frame home = page.page().item(id).orElseThrow().frame();
                Geometry one = box(home.at(piece.x(), piece.y()));
                assertThat(box(Frame.of(50, 50, 700, 420)).covers(one)).isTrue();
                assertThat(laid).noneMatch(other -> other.intersection(one).getArea() > 0);
                laid.add(one);
            });
        }
    }
}
