package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** Held against the JTS Topology Suite, a reference library for plane geometry. */
class ZoneAreaTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final int OUTLINES = 1_000;
    /** For each outline, so that all in all a million points are asked about. */
    private static final int POINTS = 1_000;

    private final Random random = new Random(20261129);

    /** A star-shaped outline never crosses itself; its corners lie at growing angles about the middle. */
    private ZoneShape star() {
        int n = 3 + random.nextInt(58);
        double[] angles = random.doubles(n, 0, 2 * Math.PI).sorted().toArray();
        List<Point> corners = Arrays.stream(angles)
                .mapToObj(angle -> {
                    double far = 0.2 + 0.3 * random.nextDouble();
                    return new Point(0.5 + far * Math.cos(angle), 0.5 + far * Math.sin(angle));
                })
                .toList();
        try {
            return new ZoneShape(ZoneShape.Kind.POLYGON, corners);
        } catch (gladtile.core.OutOfBounds tooThin) {
            return star();
        }
    }

    private Frame frame() {
        return new Frame(
                random.nextInt(900),
                random.nextInt(600),
                4 + random.nextInt(700),
                4 + random.nextInt(400),
                random.nextBoolean() ? 0 : random.nextInt(360));
    }

    private static Zone zone(Frame frame, ZoneShape shape) {
        return new Zone("z", frame, "", "").withShape(shape);
    }

    private static Polygon polygon(List<Point> corners) {
        List<Coordinate> ring = new ArrayList<>();
        corners.forEach(one -> ring.add(new Coordinate(one.x(), one.y())));
        ring.add(ring.get(0));
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private Point near(Outline box) {
        return new Point(
                box.left() + box.width() * (1.2 * random.nextDouble() - 0.1),
                box.top() + box.height() * (1.2 * random.nextDouble() - 0.1));
    }

    @Test
    void a_million_points_lie_inside_or_outside_as_jts_says() {
        int inside = 0;
        for (int i = 0; i < OUTLINES; i++) {
            ZoneArea area = ZoneArea.of(zone(frame(), random.nextInt(5) == 0 ? null : star()));
            PreparedGeometry jts = PreparedGeometryFactory.prepare(polygon(area.corners()));
            for (int p = 0; p < POINTS; p++) {
                Point at = near(area.box());
                boolean covers = jts.covers(JTS.createPoint(new Coordinate(at.x(), at.y())));
                assertThat(area.contains(at))
                        .as("%s in %s", at, jts.getGeometry())
                        .isEqualTo(covers);
                inside += covers ? 1 : 0;
            }
        }
        assertThat(inside).isBetween(OUTLINES * POINTS / 10, OUTLINES * POINTS * 9 / 10);
    }

    @Test
    void corners_and_places_along_the_sides_count_as_inside() {
        for (int i = 0; i < OUTLINES; i++) {
            ZoneArea area = ZoneArea.of(zone(frame(), star()));
            List<Point> corners = area.corners();
            for (int c = 0; c < corners.size(); c++) {
                Point a = corners.get(c);
                Point b = corners.get((c + 1) % corners.size());
                double share = random.nextDouble();
                Point along = new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
                assertThat(area.contains(a)).isTrue();
                assertThat(area.contains(along)).isTrue();
            }
        }
    }

    @Test
    void shares_of_area_and_touching_are_as_jts_says() {
        int some = 0;
        for (int i = 0; i < 20 * OUTLINES; i++) {
            ZoneArea area = ZoneArea.of(zone(frame(), random.nextInt(5) == 0 ? null : star()));
            Point middle = near(area.box());
            double width = 4 + random.nextInt(300);
            double height = 4 + random.nextInt(300);
            Frame piece =
                    new Frame(middle.x() - width / 2, middle.y() - height / 2, width, height, random.nextInt(8) * 45);
            List<Point> outline = piece.corners();
            Polygon jts = polygon(area.corners());
            Geometry both = jts.intersection(polygon(outline));
            double share = both.getArea() / polygon(outline).getArea();
            assertThat(area.shareOf(outline)).isCloseTo(share, within(1e-6));
            if (share > 1e-9 || jts.distance(polygon(outline)) > 1e-9) {
                assertThat(area.touches(outline)).isEqualTo(share > 1e-9);
            }
            some += share > 0.01 && share < 0.99 ? 1 : 0;
        }
        assertThat(some).isGreaterThan(OUTLINES);
    }

    /** Exact values: a tile beside a box shares an edge with it, a corner, or nothing. */
    @Test
    void an_edge_or_a_corner_in_common_is_a_touch_and_no_share() {
        ZoneArea area = ZoneArea.of(zone(Frame.of(100, 100, 100, 100), null));
        assertThat(area.touches(Frame.of(200, 150, 40, 40).corners())).isTrue();
        assertThat(area.touches(Frame.of(200, 200, 40, 40).corners())).isTrue();
        assertThat(area.touches(Frame.of(200.001, 150, 40, 40).corners())).isFalse();
        assertThat(area.shareOf(Frame.of(200, 150, 40, 40).corners())).isZero();
        assertThat(area.shareOf(Frame.of(180, 150, 40, 40).corners())).isEqualTo(0.5);
        assertThat(area.shareOf(Frame.of(110, 110, 40, 40).corners())).isEqualTo(1);
        assertThat(area.touches(Frame.of(0, 0, 900, 900).corners())).isTrue();
    }

    /** Area of an ellipse: π a b, as any handbook has it. */
    @Test
    void a_round_zone_is_the_ellipse_in_its_frame() {
        for (int i = 0; i < 200; i++) {
            Frame frame = frame();
            ZoneArea area = ZoneArea.of(zone(frame, ZoneShape.ROUND));
            double a = frame.width() / 2;
            double b = frame.height() / 2;
            assertThat(polygon(area.corners()).getArea()).isCloseTo(Math.PI * a * b, within(0.0015 * Math.PI * a * b));
            double angle = random.nextDouble() * 2 * Math.PI;
            for (double far : new double[] {0.999, 1.001}) {
                Point at = frame.onPage(a + far * a * Math.cos(angle), b + far * b * Math.sin(angle));
                assertThat(area.contains(at)).isEqualTo(far < 1);
            }
        }
    }

    @Test
    void the_point_inside_lies_inside_even_where_the_middle_does_not() {
        List<Point> moon = List.of(
                new Point(0, 0),
                new Point(1, 0),
                new Point(1, 0.1),
                new Point(0.1, 0.1),
                new Point(0.1, 0.9),
                new Point(1, 0.9),
                new Point(1, 1),
                new Point(0, 1));
        ZoneArea area = ZoneArea.of(zone(Frame.of(0, 0, 400, 300), new ZoneShape(ZoneShape.Kind.POLYGON, moon)));
        assertThat(area.contains(new Point(200, 150))).isFalse();
        assertThat(area.contains(area.inside())).isTrue();
        for (int i = 0; i < OUTLINES; i++) {
            ZoneArea any = ZoneArea.of(zone(frame(), star()));
            assertThat(any.contains(any.inside())).isTrue();
        }
    }

    @Test
    void a_box_that_is_held_lies_inside_as_jts_says() {
        for (int i = 0; i < 20 * OUTLINES; i++) {
            ZoneArea area = ZoneArea.of(zone(frame(), random.nextInt(4) == 0 ? null : star()));
            Point at = near(area.box());
            double width = 4 + random.nextInt(60);
            double height = 4 + random.nextInt(60);
            Polygon box = polygon(Frame.of(at.x(), at.y(), width, height).corners());
            double left = 1 - polygon(area.corners()).intersection(box).getArea() / box.getArea();
            if (left < 1e-9 || left > 1e-6) {
                assertThat(area.holds(at.x(), at.y(), width, height)).isEqualTo(left < 1e-9);
            }
        }
    }
}
