package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Geometry against the JTS Topology Suite, contrast against published pairs. */
class GeometryTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    @Test
    void areas_angles_and_containment_are_what_jts_computes() {
        Random random = new Random(23);
        int inside = 0;
        for (int i = 0; i < 300; i++) {
            List<Point> corners = star(random);
            org.locationtech.jts.geom.Polygon same = jts(corners);
            assertThat(Polygon.area(corners)).isCloseTo(same.getArea(), within(1e-6));
            int n = corners.size();
            for (int k = 0; k < n; k++) {
                double theirs = Math.toDegrees(Angle.angleBetween(
                        coordinate(corners.get((k + n - 1) % n)),
                        coordinate(corners.get(k)),
                        coordinate(corners.get((k + 1) % n))));
                assertThat(Polygon.angleAt(corners, k)).isCloseTo(theirs, within(1e-6));
            }
            for (int k = 0; k < 40; k++) {
                Point point = new Point(random.nextDouble(1600), random.nextDouble(1000));
                boolean contained = same.contains(JTS.createPoint(coordinate(point)));
                assertThat(Polygon.contains(corners, point)).isEqualTo(contained);
                inside += contained ? 1 : 0;
            }
        }
        assertThat(inside).as("points on both sides must be asked about").isBetween(500, 11_000);
    }

    @Test
    void a_turned_box_has_the_corners_outline_and_inside_that_jts_finds() {
        Random random = new Random(29);
        for (int i = 0; i < 200; i++) {
            Frame base = Some.frame(random);
            Frame frame = new Frame(base.x(), base.y(), base.width(), base.height(), random.nextInt(360));
            org.locationtech.jts.geom.Polygon same = jts(frame.corners());
            Outline outline = Outline.of(frame);
            assertThat(outline.left()).isCloseTo(same.getEnvelopeInternal().getMinX(), within(1e-6));
            assertThat(outline.bottom()).isCloseTo(same.getEnvelopeInternal().getMaxY(), within(1e-6));
            for (int k = 0; k < 20; k++) {
                Point point = new Point(random.nextDouble(2000) - 200, random.nextDouble(1400) - 200);
                assertThat(frame.contains(point)).isEqualTo(same.contains(JTS.createPoint(coordinate(point))));
            }
        }
    }

    @Test
    void a_regular_polygon_has_equal_sides_and_the_angles_of_the_handbook() {
        for (int sides = 3; sides <= 20; sides++) {
            List<Point> corners = Polygon.regular(sides, 200, 200);
            // (n - 2) · 180° / n, Euclid, Elements I.32 corollary.
            assertThat(Polygon.angleAt(corners, 0)).isCloseTo((sides - 2) * 180.0 / sides, within(1e-9));
        }
    }

    /**
     * Pairs with their ratios as WCAG 2.2 and its techniques state them: black on white 21 : 1 and equal colours 1 : 1
     * (definition of contrast ratio); #767676 on white 4.54 : 1 is the lightest grey that passes 4.5 : 1, #777777 on
     * white 4.48 : 1 does not, #949494 passes 3 : 1 at 3.03 (widely published pairs, from memory).
     */
    @ParameterizedTest
    @CsvSource({
        "#000000, #ffffff, 21.0",
        "#ffffff, #ffffff, 1.0",
        "#767676, #ffffff, 4.54",
        "#777777, #ffffff, 4.48",
        "#949494, #ffffff, 3.03",
        "#ff0000, #ffffff, 4.00",
        "#0000ff, #ffffff, 8.59"
    })
    void contrast_is_as_published(String one, String other, double ratio) {
        assertThat(Contrast.ratio(one, other)).isCloseTo(ratio, within(0.006));
        assertThat(Contrast.ratio(other, one)).isEqualTo(Contrast.ratio(one, other));
    }

    @Test
    void a_connector_runs_through_neither_of_the_boxes_it_joins() {
        Random random = new Random(31);
        int bent = 0;
        for (int i = 0; i < 500; i++) {
            Frame from = Some.frame(random);
            Frame to = Some.frame(random);
            List<Point> route = ConnectorRoute.between(from, to);
            org.locationtech.jts.geom.Polygon a = box(from);
            org.locationtech.jts.geom.Polygon b = box(to);
            if (a.intersects(b)) {
                continue;
            }
            var line = JTS.createLineString(
                    route.stream().map(GeometryTest::coordinate).toArray(Coordinate[]::new));
            assertThat(line.intersection(a).getLength()).isCloseTo(0, within(1e-6));
            assertThat(line.intersection(b).getLength()).isCloseTo(0, within(1e-6));
            assertThat(a.distance(JTS.createPoint(coordinate(route.get(0))))).isCloseTo(0, within(1e-6));
            assertThat(b.distance(JTS.createPoint(coordinate(route.get(route.size() - 1)))))
                    .isCloseTo(0, within(1e-6));
            bent += route.size() > 2 ? 1 : 0;
        }
        assertThat(bent).isGreaterThan(100);
    }

    private static org.locationtech.jts.geom.Polygon box(Frame frame) {
        Outline one = Outline.of(frame);
        return jts(List.of(
                new Point(one.left(), one.top()),
                new Point(one.right(), one.top()),
                new Point(one.right(), one.bottom()),
                new Point(one.left(), one.bottom())));
    }

    /** An outline that never crosses itself: its corners lie around a middle in order. */
    private static List<Point> star(Random random) {
        List<Point> corners = new ArrayList<>();
        int n = 3 + random.nextInt(9);
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * (i + random.nextDouble(0.8)) / n;
            double reach = 100 + random.nextDouble(380);
            corners.add(new Point(800 + reach * Math.cos(angle), 500 + reach * Math.sin(angle)));
        }
        return corners;
    }

    private static Coordinate coordinate(Point point) {
        return new Coordinate(point.x(), point.y());
    }

    private static org.locationtech.jts.geom.Polygon jts(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = coordinate(corners.get(i % corners.size()));
        }
        return JTS.createPolygon(ring);
    }
}
