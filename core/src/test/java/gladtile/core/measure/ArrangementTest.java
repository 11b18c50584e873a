package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gladtile.core.Some;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ArrangementTest {
    private static final double CLOSE = 1e-6;

    @ParameterizedTest
    @EnumSource(Arrangement.class)
    void doing_it_twice_changes_nothing_more(Arrangement how) {
        Random random = new Random(how.ordinal());
        for (int i = 0; i < 200; i++) {
            List<Frame> once = how.of(frames(random, 2 + random.nextInt(5)));
            List<Frame> twice = how.of(once);
            for (int k = 0; k < once.size(); k++) {
                assertSame(twice.get(k), once.get(k));
            }
        }
    }

    @Test
    void edges_meet_whatever_the_turn() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            List<Frame> frames = frames(random, 4);
            double left = frames.stream()
                    .mapToDouble(frame -> Outline.of(frame).left())
                    .min()
                    .orElseThrow();
            for (Frame frame : Arrangement.LEFT.of(frames)) {
                assertThat(Outline.of(frame).left()).isCloseTo(left, within(CLOSE));
            }
            for (Frame frame : Arrangement.MIDDLE.of(frames)) {
                assertThat(frame.middle().y())
                        .isCloseTo(Arrangement.MIDDLE.of(frames).get(0).middle().y(), within(CLOSE));
            }
        }
    }

    @Test
    void spread_leaves_equal_gaps_and_the_outermost_two_alone() {
        Random random = new Random(9);
        int fitted = 0;
        for (int i = 0; i < 200; i++) {
            List<Frame> frames = frames(random, 3 + random.nextInt(4));
            List<Outline> spread = Arrangement.SPREAD_ACROSS.of(frames).stream()
                    .map(Outline::of)
                    .sorted(Comparator.comparingDouble(one -> one.left() + one.right()))
                    .toList();
            double sizes = spread.stream().mapToDouble(Outline::width).sum();
            double room = spread.get(spread.size() - 1).right() - spread.get(0).left();
            double apart = apart(spread, 1, sizes <= room);
            for (int k = 2; k < spread.size(); k++) {
                assertThat(apart(spread, k, sizes <= room)).isCloseTo(apart, within(CLOSE));
            }
            fitted += sizes <= room ? 1 : 0;
            double first = frames.stream()
                    .map(Outline::of)
                    .min(Comparator.comparingDouble(one -> one.left() + one.right()))
                    .orElseThrow()
                    .left();
            assertThat(spread.get(0).left()).isCloseTo(first, within(CLOSE));
        }
        assertThat(fitted).isBetween(10, 190);
    }

    /** The gap between two neighbours, or how far their middles are apart where they do not fit. */
    private static double apart(List<Outline> spread, int k, boolean fits) {
        Outline a = spread.get(k - 1);
        Outline b = spread.get(k);
        return fits ? b.left() - a.right() : (b.left() + b.right() - a.left() - a.right()) / 2;
    }

    @Test
    void same_size_keeps_the_middles() {
        List<Frame> frames = frames(new Random(3), 5);
        List<Frame> same = Arrangement.SAME_SIZE.of(frames);
        for (int i = 0; i < frames.size(); i++) {
            assertThat(same.get(i).width()).isEqualTo(frames.get(0).width());
            assertThat(same.get(i).middle().x())
                    .isCloseTo(frames.get(i).middle().x(), within(CLOSE));
        }
    }

    /** Against the matrices of java.awt.geom: the corners of a box go where the composed matrix sends them. */
    @Test
    void turning_and_resizing_a_group_is_what_the_composed_matrices_say() {
        Random random = new Random(17);
        for (int i = 0; i < 300; i++) {
            Frame frame = Some.frame(random);
            Similarity by = new Similarity(
                    new Point(random.nextInt(1600), random.nextInt(1000)),
                    0.25 + random.nextInt(8) / 4.0,
                    random.nextInt(-180, 180),
                    random.nextInt(-50, 50),
                    random.nextInt(-50, 50));
            if (frame.width() * by.scale() < 4 || frame.height() * by.scale() < 4) {
                continue;
            }
            AffineTransform matrix = AffineTransform.getTranslateInstance(by.dx(), by.dy());
            matrix.translate(by.about().x(), by.about().y());
            matrix.rotate(Math.toRadians(by.turn()));
            matrix.scale(by.scale(), by.scale());
            matrix.translate(-by.about().x(), -by.about().y());
            List<Point> corners = by.of(frame).corners();
            for (int k = 0; k < 4; k++) {
                Point was = frame.corners().get(k);
                Point2D wanted = matrix.transform(new Point2D.Double(was.x(), was.y()), null);
                assertThat(corners.get(k).x()).isCloseTo(wanted.getX(), within(1e-6));
                assertThat(corners.get(k).y()).isCloseTo(wanted.getY(), within(1e-6));
            }
        }
    }

    private static List<Frame> frames(Random random, int count) {
        List<Frame> frames = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            frames.add(Some.frame(random));
        }
        return frames;
    }

    private static void assertSame(Frame one, Frame other) {
        assertThat(one.x()).isCloseTo(other.x(), within(CLOSE));
        assertThat(one.y()).isCloseTo(other.y(), within(CLOSE));
        assertThat(one.width()).isCloseTo(other.width(), within(CLOSE));
        assertThat(one.height()).isCloseTo(other.height(), within(CLOSE));
    }
}
