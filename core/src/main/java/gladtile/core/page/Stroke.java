package gladtile.core.page;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.AbstractList;
import java.util.List;
import java.util.RandomAccess;

/**
 * One stroke of ink.
 *
 * @param tool a pen covers; a tint never darkens where strokes of its colour overlap, nor hides words; an eraser, which
 *     only students have, takes away what a teacher lets them rub away
 * @param colour {@code #rrggbb}
 * @param width in page units
 * @param points x, y and pressure (0 to 255) by turns: tenths of a page unit from the ink's own left top corner
 */
public record Stroke(Tool tool, String colour, double width, Dash dash, List<Integer> points) {
    /** What drew it. */
    public enum Tool {
        PEN,
        HIGHLIGHTER,
        ERASER
    }

    private static final int PER_POINT = 3;
    private static final int MOST = 10 * (int) Bounds.COORDINATE;

    /** How many points it has. */
    public int count() {
        return points.size() / PER_POINT;
    }

    /** Whole classes draw at once, and every number as an object of its own would take five times the room. */
    private static final class Packed extends AbstractList<Integer> implements RandomAccess {
        private final int[] numbers;

        private Packed(int[] numbers) {
            this.numbers = numbers;
        }

        static List<Integer> of(List<Integer> points) {
            return points instanceof Packed
                    ? points
                    : new Packed(points.stream().mapToInt(Integer::intValue).toArray());
        }

        @Override
        public Integer get(int index) {
            return numbers[index];
        }

        @Override
        public int size() {
            return numbers.length;
        }
    }

    public Stroke {
        Bounds.present("stroke.tool", tool);
        Colour.check("stroke.colour", colour);
        Bounds.within("stroke.width", width, Bounds.THICKNESS_LEAST, Bounds.THICKNESS_MOST);
        Bounds.present("stroke.dash", dash);
        points = Packed.of(Bounds.present("stroke.points", points));
        Bounds.count("stroke.points", points.size() / PER_POINT, Bounds.POINTS_IN_A_STROKE);
        if (points.isEmpty() || points.size() % PER_POINT != 0) {
            throw new OutOfBounds("stroke.points", Message.of("bound.stroke.points"));
        }
        for (int i = 0; i < points.size(); i++) {
            if (i % PER_POINT == 2) {
                Bounds.within("stroke.pressure", points.get(i), 0, 255);
            } else {
                Bounds.within("stroke.points", points.get(i), -MOST, MOST);
            }
        }
    }
}
