package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.measure.NeatShape.Kind;
import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NeatShapeTest {
    private final Random random = new Random(41);

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6})
    void outlines_drawn_with_a_trembling_hand_are_told_by_their_corners(int sides) {
        int told = 0;
        for (int i = 0; i < 60; i++) {
            List<Point> corners = Polygon.regular(sides, 260 + random.nextInt(100), 240);
            NeatShape shape = NeatShape.of(trembling(closed(corners), 4)).orElse(null);
            Kind wanted = sides == 3 ? Kind.TRIANGLE : sides == 4 ? Kind.RECTANGLE : Kind.POLYGON;
            if (shape != null && shape.kind() == wanted && (wanted != Kind.POLYGON || shape.sides() == sides)) {
                told++;
            }
        }
        assertThat(told).isGreaterThan(50);
    }

    @Test
    void ellipses_are_told_from_polygons() {
        int told = 0;
        for (int i = 0; i < 60; i++) {
            List<Point> ring = Polygon.regular(40, 200 + random.nextInt(300), 150 + random.nextInt(200));
            told += NeatShape.of(trembling(closed(ring), 3))
                            .filter(shape -> shape.kind() == Kind.ELLIPSE)
                            .isPresent()
                    ? 1
                    : 0;
        }
        assertThat(told).isGreaterThan(54);
    }

    @Test
    void a_nearly_straight_stroke_is_a_line_between_its_ends() {
        NeatShape line = NeatShape.of(trembling(path(new Point(100, 100), new Point(500, 240)), 3))
                .orElseThrow();
        assertThat(line.kind()).isEqualTo(Kind.LINE);
        assertThat(line.ends().get(1).x()).isCloseTo(500, within(8.0));
    }

    @Test
    void an_arrow_is_a_shaft_with_a_hook_on_both_sides() {
        List<Point> arrow = path(
                new Point(100, 300),
                new Point(500, 300),
                new Point(440, 250),
                new Point(500, 300),
                new Point(440, 350));
        NeatShape shape = NeatShape.of(trembling(arrow, 2)).orElseThrow();
        assertThat(shape.kind()).isEqualTo(Kind.ARROW);
        assertThat(shape.ends().get(1).x()).isCloseTo(500, within(12.0));
    }

    @Test
    void a_rectangle_held_slanted_keeps_its_slant_and_a_nearly_upright_one_is_made_upright() {
        List<Point> slanted =
                closed(List.of(new Point(200, 100), new Point(460, 250), new Point(360, 423), new Point(100, 273)));
        NeatShape shape = NeatShape.of(trembling(slanted, 2)).orElseThrow();
        assertThat(shape.kind()).isEqualTo(Kind.RECTANGLE);
        assertThat(shape.frame().turn()).isCloseTo(30, within(3.0));
        List<Point> nearly =
                closed(List.of(new Point(100, 100), new Point(400, 108), new Point(396, 300), new Point(98, 292)));
        assertThat(NeatShape.of(nearly).orElseThrow().frame().turn()).isZero();
    }

    @Test
    void dots_letters_and_scribbles_are_left_as_they_are() {
        assertThat(NeatShape.of(List.of(new Point(1, 1)))).isEmpty();
        assertThat(NeatShape.of(path(new Point(0, 0), new Point(20, 0)))).isEmpty();
        List<Point> scribble = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            scribble.add(new Point(random.nextInt(400), random.nextInt(300)));
        }
        assertThat(NeatShape.of(scribble)).isEmpty();
    }

    private static List<Point> closed(List<Point> corners) {
        List<Point> ring = new ArrayList<>(corners);
        ring.add(corners.get(0));
        return path(ring.toArray(Point[]::new));
    }

    private static List<Point> path(Point... through) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < through.length; i++) {
            double far = Math.hypot(through[i + 1].x() - through[i].x(), through[i + 1].y() - through[i].y());
            int steps = Math.max(1, (int) (far / 8));
            for (int k = 0; k < steps; k++) {
                double share = (double) k / steps;
                points.add(new Point(
                        through[i].x() + (through[i + 1].x() - through[i].x()) * share,
                        through[i].y() + (through[i + 1].y() - through[i].y()) * share));
            }
        }
        points.add(through[through.length - 1]);
        return points;
    }

    private List<Point> trembling(List<Point> points, double by) {
        return points.stream()
                .map(p -> new Point(p.x() + random.nextGaussian() * by / 2, p.y() + random.nextGaussian() * by / 2))
                .toList();
    }
}
