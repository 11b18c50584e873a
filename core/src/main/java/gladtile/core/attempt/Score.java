package gladtile.core.attempt;

import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Points;
import java.util.HashMap;
import java.util.Map;

/**
 * What an attempt gives in points. A refusal of a piece that belongs nowhere costs as any other does, from the points of
 * its page.
 *
 * @param got rounded to hundredths
 * @param most what it gives when everything is right at the first try, rounded likewise
 */
public record Score(double got, double most) {
    public static Score of(AttemptState state, AttemptRules rules) {
        return of(state, rules, Map.of());
    }

    /** @param given points for placements in place of those by the rules, by their item's id */
    public static Score of(AttemptState state, AttemptRules rules, Map<String, Double> given) {
        AnswerTerms terms = rules.terms();
        Points points = terms.scoring();
        Map<String, Double> got = new HashMap<>();
        double most = 0;
        for (Placement placement : rules.placements()) {
            int worth = rules.worth(placement);
            double weight = terms.weight(placement.pageId());
            most += weight * (worth + points.firstTry());
            if (given.containsKey(placement.itemId())) {
                got.merge(placement.pageId(), given.get(placement.itemId()), Double::sum);
                continue;
            }
            got.merge(placement.pageId(), ofPlacement(state, rules, placement), Double::sum);
        }
        double all = 0;
        for (Map.Entry<String, Double> page : got.entrySet()) {
            double left = page.getValue() - (double) points.refusal() * strayRefusals(state, rules, page.getKey());
            all += terms.weight(page.getKey()) * (points.belowZero() ? left : Math.max(0, left));
        }
        return new Score(rounded(all), rounded(most));
    }

    /** What one page gives, its weight left out; not rounded. */
    static double ofPage(AttemptState state, AttemptRules rules, String pageId) {
        Points points = rules.terms().scoring();
        double got = 0;
        for (Placement placement : rules.placements()) {
            if (placement.pageId().equals(pageId)) {
                got += ofPlacement(state, rules, placement);
            }
        }
        got -= (double) points.refusal() * strayRefusals(state, rules, pageId);
        return points.belowZero() ? got : Math.max(0, got);
    }

    /** What one placement gives by the rules, its page's weight left out. */
    public static double ofPlacement(AttemptState state, AttemptRules rules, Placement placement) {
        if (state.shown().contains(placement.itemId())) {
            return 0;
        }
        int solvedAt = state.solvedAt(placement);
        int refusals = solvedAt > 0 ? solvedAt - 1 : state.tries(placement);
        return rules.terms().scoring().of(rules.worth(placement), state.share(placement, rules), refusals);
    }

    /** The most that one page gives, its weight left out. */
    public static double mostOfPage(AttemptRules rules, String pageId) {
        return rules.placements().stream()
                .filter(placement -> placement.pageId().equals(pageId))
                .mapToDouble(placement ->
                        rules.worth(placement) + rules.terms().scoring().firstTry())
                .sum();
    }

    /**
     * How often pieces were refused that belong nowhere on their page. Where a zone is solved as one, its refusals cost
     * its own points already, and are not counted twice.
     */
    static int strayRefusals(AttemptState state, AttemptRules rules, String pageId) {
        int refusals = 0;
        for (String id : rules.strays(pageId)) {
            PieceState piece = state.pieces().get(id);
            refusals += piece == null ? 0 : piece.tries();
        }
        if (refusals == 0) {
            return 0;
        }
        for (Placement placement : rules.placements()) {
            if (placement.kind() == Placement.Kind.ZONE && placement.pageId().equals(pageId)) {
                ZoneState zone = state.zones().get(placement.itemId());
                refusals -= zone == null ? 0 : zone.refusals();
            }
        }
        return Math.max(0, refusals);
    }

    private static double rounded(double points) {
        return Math.rint(points * 100) / 100;
    }
}
