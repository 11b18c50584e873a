package gladtile.core.present;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.page.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Constructions of Euclid's Elements, book I, drawn with the ruler and the compasses as a hand draws: the pencil wobbles,
 * the edge leads it, and where two drawn lines cross is taken from the lines. Each result lies within half a page unit
 * of where geometry has it.
 */
class EuclidTest {
    private static final double NEAR = 0.5;
    private final Random random = new Random(300);

    private Point point(double x, double y) {
        return new Point(x, y);
    }

    private static double far(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static double turn(Point from, Point to) {
        return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
    }

    private Point wobble(Point at) {
        return point(at.x() + random.nextDouble() * 8 - 4, at.y() + random.nextDouble() * 8 - 4);
    }

    /** All round, and a little further, with compasses that stand at a point and are open to another. */
    private List<Point> circle(Point middle, Point through) {
        double radius = far(middle, through);
        Instrument compasses = new Instrument(Instrument.Kind.COMPASSES, middle.x(), middle.y(), 0, radius);
        List<Point> drawn = new ArrayList<>();
        double from = Math.toRadians(turn(middle, through)) + 0.01;
        for (int i = 0; i <= 760; i++) {
            double angle = from + i * Math.PI / 360;
            drawn.add(compasses.closest(
                    wobble(point(middle.x() + radius * Math.cos(angle), middle.y() + radius * Math.sin(angle)))));
        }
        return drawn;
    }

    /** Along a ruler that lies at a point and points to another, from some way before it. */
    private List<Point> line(Point a, Point b, double before, double long_) {
        double angle = Math.toRadians(turn(a, b));
        Point from = point(a.x() - before * Math.cos(angle), a.y() - before * Math.sin(angle));
        Instrument ruler = new Instrument(Instrument.Kind.RULER, from.x(), from.y(), Math.toDegrees(angle), long_);
        List<Point> drawn = new ArrayList<>();
        for (double at = 12; at < long_ - 12; at += 25) {
            // On the side of its edge on which a pencil is.
            drawn.add(ruler.closest(point(
                    from.x() + at * Math.cos(angle) + 3 * Math.sin(angle),
                    from.y() + at * Math.sin(angle) - 3 * Math.cos(angle))));
        }
        return drawn;
    }

    /** Where two drawn lines cross, closest to a place. */
    private static Point crossing(List<Point> one, List<Point> other, Point near) {
        Point found = null;
        for (int i = 1; i < one.size(); i++) {
            for (int k = 1; k < other.size(); k++) {
                Point a = one.get(i - 1);
                Point b = one.get(i);
                Point c = other.get(k - 1);
                Point d = other.get(k);
                double turned = (b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x());
                double along = ((c.x() - a.x()) * (d.y() - c.y()) - (c.y() - a.y()) * (d.x() - c.x())) / turned;
                double across = ((c.x() - a.x()) * (b.y() - a.y()) - (c.y() - a.y()) * (b.x() - a.x())) / turned;
                if (along >= 0 && along <= 1 && across >= 0 && across <= 1) {
                    Point at = new Point(a.x() + along * (b.x() - a.x()), a.y() + along * (b.y() - a.y()));
                    if (found == null || far(at, near) < far(found, near)) {
                        found = at;
                    }
                }
            }
        }
        assertThat(found).as("the two cross").isNotNull();
        return found;
    }

    private Point somewhere() {
        return point(500 + random.nextInt(500), 400 + random.nextInt(250));
    }

    private Point from(Point a, double angle, double distance) {
        return point(a.x() + distance * Math.cos(angle), a.y() + distance * Math.sin(angle));
    }

    /** I.1, the corner on the side of a place. */
    private Point equilateral(Point a, Point b, Point side) {
        return crossing(circle(a, b), circle(b, a), side);
    }

    /** I.9: a point on the line that halves the angle at a corner between two arms. */
    private Point halving(Point corner, Point arm, Point other, double reach) {
        double along = Math.toRadians(turn(corner, arm));
        List<Point> arc = circle(corner, from(corner, along, reach));
        Point d = crossing(line(corner, arm, 30, reach + 120), arc, from(corner, along, reach));
        double across = Math.toRadians(turn(corner, other));
        Point e = crossing(line(corner, other, 30, reach + 120), arc, from(corner, across, reach));
        Point away = point(d.x() + e.x() - corner.x(), d.y() + e.y() - corner.y());
        return equilateral(d, e, away);
    }

    @Test
    void proposition_9_halves_an_angle() {
        for (int i = 0; i < 60; i++) {
            Point a = somewhere();
            double first = random.nextDouble() * 2 * Math.PI;
            double angle = Math.toRadians(20 + random.nextInt(130));
            Point f = halving(a, from(a, first, 300), from(a, first + angle, 260), 150 + random.nextInt(80));
            double off = far(a, f) * Math.sin(Math.toRadians(turn(a, f)) - (first + angle / 2));
            assertThat(Math.abs(off)).isLessThan(NEAR);
        }
    }

    @Test
    void proposition_10_halves_a_line() {
        for (int i = 0; i < 60; i++) {
            Point a = somewhere();
            Point b = from(a, random.nextDouble() * 2 * Math.PI, 120 + random.nextInt(260));
            Point up = point((a.x() + b.x()) / 2 + (b.y() - a.y()), (a.y() + b.y()) / 2 - (b.x() - a.x()));
            Point c = equilateral(a, b, up);
            Point f = halving(c, a, b, far(a, b) * 0.6);
            Point middle = point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
            Point d = crossing(line(c, f, 20, far(a, b) + 160), line(a, b, 40, far(a, b) + 80), middle);
            assertThat(far(d, middle)).isLessThan(NEAR);
        }
    }

    /** With I.11 for the right angle: equal steps to either side of the corner, and an equilateral triangle on them. */
    @Test
    void proposition_46_stands_a_square_on_a_line() {
        for (int i = 0; i < 60; i++) {
            Point a = somewhere();
            double angle = random.nextDouble() * 2 * Math.PI;
            double side = 120 + random.nextInt(200);
            Point b = from(a, angle, side);
            List<Point> base = line(a, b, side + 60, 2 * side + 120);
            Point step = from(a, angle, side * 0.7);
            List<Point> around = circle(a, step);
            Point right = crossing(base, around, step);
            Point left = crossing(base, around, from(a, angle + Math.PI, side * 0.7));
            double up = angle - Math.PI / 2;
            Point top = equilateral(left, right, from(a, up, side));
            Point d = crossing(line(a, top, 20, side + 120), circle(a, b), from(a, up, side));
            Point e = crossing(circle(d, a), circle(b, a), from(b, up, side));
            assertThat(far(d, from(a, up, side))).isLessThan(NEAR);
            assertThat(far(e, from(b, up, side))).isLessThan(NEAR);
        }
    }
}
