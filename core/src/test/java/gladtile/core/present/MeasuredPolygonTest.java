package gladtile.core.present;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.OutOfBounds;
import gladtile.core.json.Json;
import gladtile.core.page.Point;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;

/** Lengths, angles and areas against the JTS Topology Suite and what every school book has. */
class MeasuredPolygonTest {
    private static final Path CASES = Path.of("src/test/resources/polygon-cases/cases.json");
    private static final GeometryFactory JTS = new GeometryFactory();

    record Case(List<Point> corners, List<Double> sides, List<Double> angles, Double area) {}

    record Cases(List<Case> cases) {}

    private static List<Point> any(Random random) {
        List<Point> corners = new ArrayList<>();
        int count = 3 + random.nextInt(6);
        for (int i = 0; i < count; i++) {
            corners.add(new Point(random.nextInt(1600), random.nextInt(1000)));
        }
        if (random.nextInt(3) > 0) {
            // Around a middle, so that most do not cross themselves.
            corners.sort((a, b) ->
                    Double.compare(Math.atan2(a.y() - 500, a.x() - 800), Math.atan2(b.y() - 500, b.x() - 800)));
        }
        if (random.nextBoolean()) {
            Collections.reverse(corners);
        }
        return corners;
    }

    private static LinearRing ring(List<Point> corners) {
        List<Coordinate> all = new ArrayList<>();
        corners.forEach(one -> all.add(new Coordinate(one.x(), one.y())));
        all.add(all.get(0));
        return JTS.createLinearRing(all.toArray(Coordinate[]::new));
    }

    @Test
    void are_as_an_independent_library_has_them() {
        Random random = new Random(46);
        int simple = 0;
        for (int i = 0; i < 5_000; i++) {
            List<Point> corners = any(random);
            MeasuredPolygon read = MeasuredPolygon.of(corners);
            LinearRing ring = ring(corners);
            assertThat(read.sides().stream().mapToDouble(Double::doubleValue).sum())
                    .isCloseTo(ring.getLength(), within(1e-6));
            if (!ring.isSimple()) {
                assertThat(read.area()).as("%s", corners).isNaN();
                assertThat(read.angles()).isEmpty();
                continue;
            }
            simple++;
            assertThat(read.area())
                    .as("%s", corners)
                    .isCloseTo(JTS.createPolygon(ring).getArea(), within(1e-6));
            Coordinate[] at = ring.getCoordinates();
            boolean ccw = Orientation.isCCW(at);
            int count = corners.size();
            for (int k = 0; k < count; k++) {
                double inside = Angle.interiorAngle(at[(k + count - 1) % count], at[k], at[(k + 1) % count]);
                double wanted = Math.toDegrees(ccw ? 2 * Math.PI - inside : inside);
                assertThat(read.angles().get(k)).as("%s at %d", corners, k).isCloseTo(wanted % 360, within(1e-6));
            }
        }
        assertThat(simple).isBetween(2_500, 4_900);
    }

    /** Euclid's Elements, I.32 and its corollary by Proclus: the angles of n sides make 2n − 4 right angles. */
    @Test
    void angles_add_up() {
        Random random = new Random(32);
        for (int i = 0; i < 2_000; i++) {
            List<Point> corners = any(random);
            MeasuredPolygon read = MeasuredPolygon.of(corners);
            if (!read.angles().isEmpty()) {
                assertThat(read.angles().stream()
                                .mapToDouble(Double::doubleValue)
                                .sum())
                        .as("%s", corners)
                        .isCloseTo((corners.size() - 2) * 180.0, within(1e-6));
            }
        }
    }

    @Test
    void a_triangle_of_three_four_five() {
        MeasuredPolygon read = MeasuredPolygon.of(List.of(new Point(0, 0), new Point(300, 0), new Point(0, 400)));
        assertThat(read.sides()).containsExactly(300.0, 500.0, 400.0);
        assertThat(read.area()).isEqualTo(60_000);
        assertThat(read.angles().get(0)).isCloseTo(90, within(1e-9));
        assertThat(read.angles().get(1)).isCloseTo(53.130102354156, within(1e-9));
    }

    @Test
    void a_line_has_a_length_and_too_many_corners_are_refused() {
        MeasuredPolygon line = MeasuredPolygon.of(List.of(new Point(10, 10), new Point(13, 14)));
        assertThat(line.sides()).containsExactly(5.0);
        assertThat(line.area()).isZero();
        assertThatThrownBy(() -> MeasuredPolygon.of(List.of(new Point(1, 1)))).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> MeasuredPolygon.of(Collections.nCopies(21, new Point(1, 1))))
                .isInstanceOf(OutOfBounds.class);
    }

    /** The browser reads while corners are pulled; these cases hold it to what is computed here. */
    @Test
    void the_cases_for_the_browser_are_those_that_are_kept() throws IOException {
        assertThat(Json.read(Files.readString(CASES), Cases.class)).isEqualTo(cases());
    }

    private static Cases cases() {
        Random random = new Random(2026);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            List<Point> corners = any(random);
            MeasuredPolygon read = MeasuredPolygon.of(corners);
            Double area = Double.isNaN(read.area()) ? null : (Double) read.area();
            cases.add(new Case(corners, read.sides(), read.angles(), area));
        }
        return new Cases(cases);
    }

    /** Makes the cases anew, from the core folder. */
    public static void main(String[] args) throws IOException {
        Files.createDirectories(CASES.getParent());
        Files.writeString(CASES, Json.write(cases()) + "\n");
    }
}
