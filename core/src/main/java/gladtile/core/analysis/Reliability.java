package gladtile.core.analysis;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.message.Message;

/**
 * How well the placements of an assignment tell students apart: Kuder and Richardson's formula 20 (1937), which for answers
 * that are right or not is Cronbach's alpha (1951). Of those who handed in, by what was right at the first try.
 *
 * @param kr20 at most 1; below 0 when placements speak against one another; absent when nothing can be said
 * @param students how many it is reckoned from
 * @param honest what can be made of it
 */
public record Reliability(
        @JsonInclude(JsonInclude.Include.NON_NULL) Double kr20, int students, Message honest) {
    /** Below that a figure says more of chance than of the assignment. Common practice asks for 30 and more. */
    static final int FEW = 10;

    static final int ENOUGH = 30;

    public static Reliability of(Responses responses) {
        double[][] scores = new double[responses.handedIn().size()][];
        int n = 0;
        for (Responses.Row row : responses.handedIn()) {
            double[] cells = new double[row.first().length];
            for (int i = 0; i < cells.length; i++) {
                cells[i] = row.first()[i] ? 1 : 0;
            }
            scores[n++] = cells;
        }
        int placements = responses.placements().size();
        if (placements < 2) {
            return new Reliability(null, n, Message.of("reliability.two-placements"));
        }
        if (n < FEW) {
            return new Reliability(null, n, Message.of("reliability.few", "students", n, "least", FEW));
        }
        Double alpha = alpha(scores);
        if (alpha == null) {
            return new Reliability(null, n, Message.of("reliability.all-alike"));
        }
        return new Reliability(
                alpha, n, n < ENOUGH ? Message.of("reliability.hint", "students", n, "enough", ENOUGH) : words(alpha));
    }

    private static Message words(double alpha) {
        if (alpha >= 0.8) return Message.of("reliability.high");
        return alpha >= 0.6 ? Message.of("reliability.middling") : Message.of("reliability.low");
    }

    /**
     * Cronbach's alpha: k/(k−1) · (1 − Σ variances of the columns / variance of the sums).
     *
     * @param scores a row for each student, all of one length of at least 2; at least two rows
     * @return null when the sums do not differ
     */
    static Double alpha(double[][] scores) {
        int k = scores[0].length;
        double[] sums = new double[scores.length];
        double parts = 0;
        for (int i = 0; i < k; i++) {
            double[] column = new double[scores.length];
            for (int s = 0; s < scores.length; s++) {
                column[s] = scores[s][i];
                sums[s] += scores[s][i];
            }
            parts += Spread.variance(column);
        }
        double whole = Spread.variance(sums);
        return whole == 0 ? null : (double) k / (k - 1) * (1 - parts / whole);
    }
}
