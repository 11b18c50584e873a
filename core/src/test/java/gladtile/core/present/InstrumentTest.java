package gladtile.core.present;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.json.Json;
import gladtile.core.page.Point;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.DistanceOp;

/** Where a pen is held that follows a ruler, a set square or a protractor; held against the JTS Topology Suite. */
class InstrumentTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final Path CASES = Path.of("src/test/resources/instrument-cases/cases.json");

    /** One case for the mirror in the browser. */
    record Case(Instrument instrument, Point at, Point closest, double along, double angle) {}

    record Cases(List<Case> cases) {}

    private static Instrument any(Random random) {
        return new Instrument(
                Instrument.Kind.values()[random.nextInt(6)],
                random.nextInt(1600),
                random.nextInt(1000),
                random.nextInt(3600) / 10.0,
                20 + random.nextInt(900));
    }

    /** Its edges as JTS has them, turned and put in place by JTS; arcs as polygons of 20,000 sides. */
    private static Geometry edges(Instrument of) {
        double l = of.length();
        Geometry own = switch (of.kind()) {
            case RULER ->
                JTS.createMultiLineString(new org.locationtech.jts.geom.LineString[] {
                    line(0, 0, l, 0), line(0, Instrument.RULER_WIDTH, l, Instrument.RULER_WIDTH)
                });
            case SET_SQUARE_45 -> line(0, 0, l, 0, 0, l, 0, 0);
            // The side across from 30° is the shorter by tan 30°.
            case SET_SQUARE_30_60 -> line(0, 0, l, 0, 0, l * Math.tan(Math.PI / 6), 0, 0);
            case PROTRACTOR -> arc(l, Math.PI, true);
            case FULL_PROTRACTOR, COMPASSES -> arc(l, 2 * Math.PI, false);
        };
        AffineTransformation placed = AffineTransformation.rotationInstance(Math.toRadians(of.turn()));
        return placed.translate(of.x(), of.y()).transform(own);
    }

    private static org.locationtech.jts.geom.LineString line(double... at) {
        Coordinate[] points = new Coordinate[at.length / 2];
        for (int i = 0; i < points.length; i++) {
            points[i] = new Coordinate(at[2 * i], at[2 * i + 1]);
        }
        return JTS.createLineString(points);
    }

    private static Geometry arc(double radius, double whole, boolean based) {
        int sides = 20_000;
        Coordinate[] points = new Coordinate[sides + 1 + (based ? 1 : 0)];
        for (int i = 0; i <= sides; i++) {
            double angle = whole * i / sides;
            points[i] = new Coordinate(radius * Math.cos(angle), -radius * Math.sin(angle));
        }
        if (based) {
            points[sides + 1] = points[0];
        }
        return JTS.createLineString(points);
    }

    @Test
    void a_pen_is_held_at_the_closest_place_of_an_edge() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            Instrument one = any(random);
            Point at = new Point(random.nextInt(1600), random.nextInt(1000));
            Point held = one.closest(at);
            Coordinate wanted = new Coordinate(at.x(), at.y());
            double far = new DistanceOp(edges(one), JTS.createPoint(wanted)).distance();
            assertThat(Math.hypot(held.x() - at.x(), held.y() - at.y()))
                    .as("%s from %s", one, at)
                    .isCloseTo(far, within(0.01));
            double off = new DistanceOp(edges(one), JTS.createPoint(new Coordinate(held.x(), held.y()))).distance();
            assertThat(off).isLessThan(0.01);
        }
    }

    @Test
    void what_is_read_is_the_length_and_the_angle() {
        Random random = new Random(4);
        for (int i = 0; i < 20_000; i++) {
            Instrument one = any(random);
            double angle = Math.toRadians(random.nextInt(3600) / 10.0);
            double far = 1 + random.nextInt(800);
            // A point that lies so far out at an angle of the page, clockwise from the right.
            Point at = new Point(one.x() + far * Math.cos(angle), one.y() + far * Math.sin(angle));
            double wanted = Angle.normalizePositive(Math.toRadians(one.turn()) - angle);
            double read = Math.toRadians(one.angle(at));
            assertThat(Angle.diff(read, wanted)).isLessThan(1e-9);
            assertThat(one.along(at)).isCloseTo(far * Math.cos(wanted), within(1e-6));
        }
    }

    /**
     * Euclid's Elements, book I, proposition 1: on a given line an equilateral triangle, by two circles about its ends. The
     * pencil is led along one circle, until it lies on the other too.
     */
    @Test
    void two_pairs_of_compasses_make_an_equilateral_triangle() {
        Random random = new Random(6);
        for (int i = 0; i < 500; i++) {
            Point a = new Point(300 + random.nextInt(900), 300 + random.nextInt(400));
            double side = 80 + random.nextInt(300);
            double turn = random.nextDouble() * 2 * Math.PI;
            Point b = new Point(a.x() + side * Math.cos(turn), a.y() + side * Math.sin(turn));
            Instrument first = new Instrument(Instrument.Kind.COMPASSES, a.x(), a.y(), 0, side);
            Instrument second = new Instrument(Instrument.Kind.COMPASSES, b.x(), b.y(), 0, side);
            Point c = new Point((a.x() + b.x()) / 2 - (b.y() - a.y()), (a.y() + b.y()) / 2 + (b.x() - a.x()));
            for (int step = 0; step < 200; step++) {
                c = second.closest(first.closest(c));
            }
            assertThat(Math.hypot(c.x() - a.x(), c.y() - a.y())).isCloseTo(side, within(0.001));
            assertThat(Math.hypot(c.x() - b.x(), c.y() - b.y())).isCloseTo(side, within(0.001));
        }
    }

    /** The set squares have the angles that they are named for. */
    @Test
    void set_squares_are_true() {
        Instrument half = new Instrument(Instrument.Kind.SET_SQUARE_45, 200, 100, 33, 400);
        Instrument third = new Instrument(Instrument.Kind.SET_SQUARE_30_60, 200, 100, 33, 400);
        assertThat(angles(half)).containsExactly(90, 45, 45);
        assertThat(angles(third)).containsExactly(90, 30, 60);
    }

    private static List<Integer> angles(Instrument of) {
        List<Coordinate> corners = of.edges().stream()
                .map(edge -> new Coordinate(edge.from().x(), edge.from().y()))
                .toList();
        List<Integer> angles = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            double angle = Angle.angleBetween(corners.get((i + 1) % 3), corners.get(i), corners.get((i + 2) % 3));
            angles.add((int) Math.round(Math.toDegrees(angle)));
        }
        return angles;
    }

    /** The browser follows edges while the pen is held; these cases hold it to what is computed here. */
    @Test
    void the_cases_for_the_browser_are_those_that_are_kept() throws IOException {
        assertThat(Json.read(Files.readString(CASES), Cases.class)).isEqualTo(cases());
    }

    private static Cases cases() {
        Random random = new Random(17);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            Instrument one = any(random);
            Point at = new Point(random.nextInt(1600), random.nextInt(1000));
            cases.add(new Case(one, at, one.closest(at), one.along(at), one.angle(at)));
        }
        return new Cases(cases);
    }

    /** Makes the cases anew, from the core folder. */
    public static void main(String[] args) throws IOException {
        Files.createDirectories(CASES.getParent());
        Files.writeString(CASES, Json.write(cases()) + "\n");
    }
}
