package gladtile.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.json.Json;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class ZoneShapeTest {
    private static ZoneShape polygon(List<Point> corners) {
        return new ZoneShape(ZoneShape.Kind.POLYGON, corners);
    }

    private static List<Point> corners(double... xy) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            all.add(new Point(xy[i], xy[i + 1]));
        }
        return all;
    }

    @Test
    void outlines_that_are_no_place_are_refused_by_name() {
        for (List<Point> bad : List.of(
                corners(0, 0, 1, 1),
                corners(0, 0, 1, 0, 0.5, 0.0001),
                corners(0, 0, 1, 0, 0, 1, 1, 1.5),
                corners(0, 0, 1, 0.6, 1, 0, 0, 1),
                corners(0, 0, 1, 0, 1, 1, 0.5, 0, 0, 1),
                corners(0, 0, Double.NaN, 0, 1, 1))) {
            assertThatThrownBy(() -> polygon(bad))
                    .isInstanceOfSatisfying(
                            OutOfBounds.class,
                            refused -> assertThat(refused.bound()).isEqualTo("zone.corners"));
        }
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < 2_000; i++) {
            round.add(new Point(0.5 + 0.5 * Math.cos(i * Math.PI / 1_000), 0.5 + 0.5 * Math.sin(i * Math.PI / 1_000)));
        }
        assertThatThrownBy(() -> polygon(round)).isInstanceOf(OutOfBounds.class);
        List<Point> most = new ArrayList<>();
        for (int i = 0; i < Bounds.CORNERS; i++) {
            most.add(round.get(i * 4));
        }
        assertThat(polygon(most).corners()).hasSize(Bounds.CORNERS);
    }

    /** JTS calls a ring simple under the same conditions. */
    @Test
    void random_outlines_cross_themselves_when_jts_says_so() {
        Random random = new Random(7);
        int taken = 0;
        for (int i = 0; i < 20_000; i++) {
            int n = 3 + random.nextInt(5);
            List<Point> corners = new ArrayList<>();
            for (int c = 0; c < n; c++) {
                corners.add(new Point(random.nextDouble(), random.nextDouble()));
            }
            List<Coordinate> ring = new ArrayList<>();
            corners.forEach(one -> ring.add(new Coordinate(one.x(), one.y())));
            ring.add(ring.get(0));
            boolean simple = new GeometryFactory()
                    .createLinearRing(ring.toArray(Coordinate[]::new))
                    .isSimple();
            assertThat(SimpleOutline.crossesItself(corners)).as("%s", corners).isEqualTo(!simple);
            taken += simple ? 1 : 0;
        }
        assertThat(taken).isBetween(2_000, 18_000);
    }

    @Test
    void a_box_is_written_as_it_was_before_there_were_shapes_and_looks() {
        String old = "{\"kind\":\"zone\",\"id\":\"z\",\"frame\":{\"x\":1.0,\"y\":2.0,\"width\":30.0,\"height\":40.0,"
                + "\"turn\":0.0},\"description\":\"\",\"label\":\"Stars\"}";
        Zone zone = (Zone) Json.read(old, Item.class);
        assertThat(zone.shape()).isNull();
        assertThat(zone.looks()).isEqualTo(ZoneLook.USUAL);
        assertThat(Json.write(zone)).doesNotContain("shape", "look");
        Zone shaped = zone.withShape(polygon(corners(0, 0, 1, 0, 0.5, 1)))
                .withLook(new ZoneLook(ZoneLook.Kind.GLASS, "#0b5d66", null, ZoneLook.LabelPlace.ABOVE));
        assertThat(Json.read(Json.write(shaped), Item.class)).isEqualTo(shaped);
    }
}
