package gladtile.core.attempt;

import gladtile.core.answer.Points;
import gladtile.core.answer.Terms;

/**
 * What an attempt gives in points.
 *
 * @param got rounded to hundredths
 * @param most what it gives when everything is right at the first try, rounded likewise
 */
public record Score(double got, double most) {
    public static Score of(AttemptState state, Rules rules) {
        Terms terms = rules.terms();
        Points points = terms.scoring();
        double got = 0;
        double most = 0;
        for (Placement placement : rules.placements()) {
            int worth = rules.worth(placement);
            double weight = terms.weight(placement.pageId());
            most += weight * (worth + points.firstTry());
            if (state.shown().contains(placement.itemId())) {
                continue;
            }
            int solvedAt = state.solvedAt(placement);
            double share = state.share(placement, rules);
            int refusals = solvedAt > 0 ? solvedAt - 1 : state.tries(placement);
            got += weight * points.of(worth, share, refusals);
        }
        return new Score(rounded(got), rounded(most));
    }

    private static double rounded(double points) {
        return Math.rint(points * 100) / 100;
    }
}
