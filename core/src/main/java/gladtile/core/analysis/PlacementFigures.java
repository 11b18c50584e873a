package gladtile.core.analysis;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.attempt.Placement;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * One placement in figures.
 *
 * @param tried how many students tried it
 * @param difficulty the share of those who had it right at the first try, 0 (nobody) to 1; absent when nobody tried
 * @param pointBiserial how far having it right goes with having the other placements right, −1 to 1: the correlation with
 *     the number of the others that were right, of those who handed in; absent when it cannot be told
 * @param upperLower the share right among the upper 27 % less that among the lower 27 % (T. L. Kelley 1939), of those who
 *     handed in; absent for fewer than {@link Reliability#FEW}
 * @param tries the median of tries, of those who tried; absent when nobody did
 */
public record PlacementFigures(
        Placement placement,
        int tried,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double difficulty,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double pointBiserial,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double upperLower,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double tries) {
    private static final double GROUP = 0.27;

    public static List<PlacementFigures> of(Responses responses) {
        List<Responses.Row> done = responses.handedIn().stream()
                .sorted(Comparator.comparingInt(Responses.Row::right))
                .toList();
        PlacementFigures[] all = new PlacementFigures[responses.placements().size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = one(responses, done, i);
        }
        return List.of(all);
    }

    private static PlacementFigures one(Responses responses, List<Responses.Row> done, int i) {
        double[] tries = responses.rows().stream()
                .mapToDouble(row -> row.tries()[i])
                .filter(count -> count > 0)
                .toArray();
        long first = responses.rows().stream().filter(row -> row.first()[i]).count();
        double[] own = done.stream().mapToDouble(row -> row.first()[i] ? 1 : 0).toArray();
        double[] others = done.stream()
                .mapToDouble(row -> row.right() - (row.first()[i] ? 1 : 0))
                .toArray();
        return new PlacementFigures(
                responses.placements().get(i),
                tries.length,
                tries.length == 0 ? null : (double) first / tries.length,
                correlation(own, others),
                upperLower(own),
                tries.length == 0 ? null : Spread.median(tries));
    }

    /** Pearson's correlation; null for fewer than {@link Reliability#FEW} pairs, or where one side does not differ. */
    static Double correlation(double[] a, double[] b) {
        if (a.length < Reliability.FEW) {
            return null;
        }
        double va = Spread.variance(a);
        double vb = Spread.variance(b);
        if (va == 0 || vb == 0) {
            return null;
        }
        double ma = Arrays.stream(a).sum() / a.length;
        double mb = Arrays.stream(b).sum() / b.length;
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += (a[i] - ma) * (b[i] - mb);
        }
        return sum / (a.length - 1) / Math.sqrt(va * vb);
    }

    /** @param own 1 for right, the students in the order of how many they had right */
    private static Double upperLower(double[] own) {
        if (own.length < Reliability.FEW) {
            return null;
        }
        int group = (int) Math.max(1, Math.round(own.length * GROUP));
        double low = Arrays.stream(own, 0, group).sum();
        double high = Arrays.stream(own, own.length - group, own.length).sum();
        return (high - low) / group;
    }
}
