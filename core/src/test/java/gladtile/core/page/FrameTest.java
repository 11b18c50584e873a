package gladtile.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FrameTest {
    @Test
    void the_edge_counts_as_inside() {
        Frame frame = Frame.of(10, 20, 30, 40);
        assertThat(frame.contains(new Point(10, 20))).isTrue();
        assertThat(frame.contains(new Point(40, 60))).isTrue();
        assertThat(frame.contains(new Point(40.001, 60))).isFalse();
    }

    @Test
    void turns_are_kept_from_0_to_360() {
        assertThat(new Frame(0, 0, 9, 9, -90).turn()).isEqualTo(270);
        assertThat(new Frame(0, 0, 9, 9, 720).turn()).isZero();
    }

    /** Against the JDK's affine transforms: a point is inside when turning it back puts it in the plain box. */
    @Test
    void containment_of_turned_boxes_agrees_with_affine_transforms() throws Exception {
        Random random = new Random(7);
        int inside = 0;
        for (int i = 0; i < 20_000; i++) {
            Frame frame = new Frame(
                    random.nextDouble(-100, 500),
                    random.nextDouble(-100, 500),
                    random.nextDouble(10, 400),
                    random.nextDouble(10, 400),
                    random.nextDouble(0, 360));
            Point point = new Point(random.nextDouble(-200, 800), random.nextDouble(-200, 800));
            AffineTransform turn = AffineTransform.getRotateInstance(
                    Math.toRadians(frame.turn()),
                    frame.middle().x(),
                    frame.middle().y());
            Point2D back = turn.inverseTransform(new Point2D.Double(point.x(), point.y()), null);
            boolean expected =
                    new Rectangle2D.Double(frame.x(), frame.y(), frame.width(), frame.height()).contains(back);
            assertThat(frame.contains(point)).isEqualTo(expected);
            inside += expected ? 1 : 0;
        }
        assertThat(inside).isCloseTo(2_000, within(1_500));
    }
}
