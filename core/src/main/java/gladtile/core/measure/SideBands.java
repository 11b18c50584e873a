package gladtile.core.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * The sides of an outline, found by how far down the page they lie: of sixty a point is held against a few. Side i runs
 * from the corner before it to corner i.
 */
final class SideBands {
    /** As many as sides, within reason. */
    private static final int MOST = 64;

    private final double top;
    private final double perUnit;
    private final int[][] sides;

    /** @param ys of its corners, in order @param margin above and below each side, in page units */
    SideBands(double[] ys, double margin) {
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (double y : ys) {
            least = Math.min(least, y);
            most = Math.max(most, y);
        }
        int count = Math.min(MOST, ys.length);
        top = least;
        perUnit = most > least ? count / (most - least) : 0;
        List<List<Integer>> bands = new ArrayList<>();
        for (int band = 0; band < count; band++) {
            bands.add(new ArrayList<>());
        }
        for (int i = 0, j = ys.length - 1; i < ys.length; j = i++) {
            int last = band(Math.max(ys[i], ys[j]) + margin, count);
            for (int band = band(Math.min(ys[i], ys[j]) - margin, count); band <= last; band++) {
                bands.get(band).add(i);
            }
        }
        sides = bands.stream()
                .map(one -> one.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private int band(double y, int count) {
        return (int) Math.max(0, Math.min(count - 1, Math.floor((y - top) * perUnit)));
    }

    /** The first band in which something lies that begins there. */
    int from(double y) {
        return band(y, sides.length);
    }

    /** The sides of one band. A side may lie in several. */
    int[] in(int band) {
        return sides[band];
    }
}
