package gladtile.server.checking;

import gladtile.core.activity.Activity;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Score;
import gladtile.core.page.Page;
import java.util.HashMap;
import java.util.Map;

/**
 * What students find on a page, as they are told it.
 *
 * @param placements how many things there are to find
 * @param points at most, by the page's own weight
 */
record PagePoints(int placements, double points) {
    /** By page. */
    static Map<String, PagePoints> of(Activity activity) {
        AttemptRules rules = AttemptRules.of(activity);
        Map<String, PagePoints> worth = new HashMap<>();
        for (Page page : activity.pages()) {
            int placements = (int) rules.placements().stream()
                    .map(Placement::pageId)
                    .filter(page.id()::equals)
                    .count();
            double weight = rules.terms().weight(page.id());
            double points = Math.rint(weight * Score.mostOfPage(rules, page.id()) * 100) / 100;
            worth.put(page.id(), new PagePoints(placements, points));
        }
        return worth;
    }
}
