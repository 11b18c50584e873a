package gladtile.core.analysis;

import java.util.List;

/**
 * An assignment in figures.
 *
 * @param students who did something
 * @param handedIn of those
 * @param points how the points of those who handed in lie
 * @param most the most points there are
 * @param histogram of those who handed in, how many had up to a tenth of the most points, up to two tenths, and so on; ten
 *     counts
 */
public record Statistics(
        int students,
        int handedIn,
        Spread points,
        double most,
        List<Integer> histogram,
        Reliability reliability,
        List<PlacementFigures> placements) {
    private static final int BARS = 10;

    /** @param most points when everything is right */
    public static Statistics of(Responses responses, double most) {
        double[] points =
                responses.handedIn().stream().mapToDouble(Responses.Row::points).toArray();
        Integer[] bars = new Integer[BARS];
        java.util.Arrays.fill(bars, 0);
        for (double got : points) {
            double share = most <= 0 ? 0 : Math.max(0, Math.min(1, got / most));
            // Exactly a tenth belongs to the first bar: 'up to'.
            bars[(int) Math.max(0, Math.ceil(share * BARS) - 1)]++;
        }
        return new Statistics(
                responses.rows().size(),
                points.length,
                Spread.of(points),
                most,
                List.of(bars),
                Reliability.of(responses),
                PlacementFigures.of(responses));
    }
}
