package gladtile.core.analysis;

import java.util.List;

/**
 * What came of improving: of those who handed in more than once, the first round beside the last.
 *
 * @param improved how many have more points than in the first round
 * @param same how many have as many
 * @param worse how many have fewer
 * @param before mean points of the first round; 0 when nobody handed in again
 * @param after mean points of the last round
 */
public record Rounds(int improved, int same, int worse, double before, double after) {
    /** Points are in hundredths; less than this is no difference. */
    private static final double NONE = 0.005;

    /** @param points of each student, round by round, of those rounds that were handed in */
    public static Rounds of(List<List<Double>> points) {
        int improved = 0;
        int same = 0;
        int worse = 0;
        double before = 0;
        double after = 0;
        for (List<Double> rounds : points) {
            if (rounds.size() < 2) {
                continue;
            }
            double first = rounds.get(0);
            double last = rounds.get(rounds.size() - 1);
            before += first;
            after += last;
            improved += last - first > NONE ? 1 : 0;
            worse += first - last > NONE ? 1 : 0;
            same += Math.abs(last - first) <= NONE ? 1 : 0;
        }
        int again = improved + same + worse;
        return again == 0
                ? new Rounds(0, 0, 0, 0, 0)
                : new Rounds(improved, same, worse, before / again, after / again);
    }

    /** How many handed in again. */
    public int again() {
        return improved + same + worse;
    }
}
