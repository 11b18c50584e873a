package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Page;
import gladtile.core.answer.ZoneRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Edits that say again what the answer key says now, for when a removal is taken back. */
final class Cells {
    private Cells() {}

    static List<Edit> ofZone(Activity before, Page page, String zoneId) {
        List<Edit> steps = new ArrayList<>();
        ZoneRule rule = before.key().rule(zoneId);
        if (!rule.equals(ZoneRule.USUAL)) {
            steps.add(new SetRule(page.id(), zoneId, rule));
        }
        before.key()
                .decisions()
                .getOrDefault(zoneId, Map.of())
                .forEach((piece, decision) -> steps.add(new Decide(page.id(), zoneId, piece, decision)));
        return steps;
    }

    static List<Edit> ofPiece(Activity before, Page page, String pieceId) {
        List<Edit> steps = new ArrayList<>();
        before.key().decisions().forEach((zone, row) -> {
            if (row.containsKey(pieceId)) {
                steps.add(new Decide(page.id(), zone, pieceId, row.get(pieceId)));
            }
        });
        return steps;
    }
}
