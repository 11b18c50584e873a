package gladtile.core.answer;

import gladtile.core.Bounds;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * All decisions of an activity.
 *
 * @param decisions zone id to piece id to decision; undecided cells are left out
 * @param rules zone id to rule; zones with {@link ZoneRule#USUAL} are left out
 */
public record AnswerKey(Map<String, Map<String, Decision>> decisions, Map<String, ZoneRule> rules) {
    public static final AnswerKey EMPTY = new AnswerKey(Map.of(), Map.of());

    public AnswerKey {
        Bounds.present("key.decisions", decisions);
        Bounds.present("key.rules", rules);
        // Sorted, so that equal keys are written as equal JSON whatever way they came about.
        Map<String, Map<String, Decision>> cells = new TreeMap<>();
        decisions.forEach((zone, row) -> {
            Map<String, Decision> kept = new TreeMap<>();
            Bounds.present("key.decisions", row).forEach((piece, decision) -> {
                if (Bounds.present("key.decision", decision) != Decision.UNDECIDED) {
                    kept.put(piece, decision);
                }
            });
            if (!kept.isEmpty()) {
                cells.put(zone, Collections.unmodifiableMap(kept));
            }
        });
        decisions = Collections.unmodifiableMap(cells);
        Map<String, ZoneRule> unusual = new TreeMap<>();
        rules.forEach((zone, rule) -> {
            if (!Bounds.present("key.rule", rule).equals(ZoneRule.USUAL)) {
                unusual.put(zone, rule);
            }
        });
        rules = Collections.unmodifiableMap(unusual);
    }

    public Decision decision(String zoneId, String pieceId) {
        Map<String, Decision> row = decisions.get(zoneId);
        return row == null ? Decision.UNDECIDED : row.getOrDefault(pieceId, Decision.UNDECIDED);
    }

    public ZoneRule rule(String zoneId) {
        return rules.getOrDefault(zoneId, ZoneRule.USUAL);
    }

    /** Whether the piece belongs in at least one zone. */
    public boolean belongsSomewhere(String pieceId) {
        return decisions.values().stream().anyMatch(row -> row.get(pieceId) == Decision.BELONGS);
    }

    public AnswerKey with(String zoneId, String pieceId, Decision decision) {
        Map<String, Map<String, Decision>> copy = new TreeMap<>(decisions);
        Map<String, Decision> row = new TreeMap<>(copy.getOrDefault(zoneId, Map.of()));
        row.put(pieceId, decision);
        copy.put(zoneId, row);
        return new AnswerKey(copy, rules);
    }

    public AnswerKey with(String zoneId, ZoneRule rule) {
        Map<String, ZoneRule> copy = new TreeMap<>(rules);
        copy.put(zoneId, rule);
        return new AnswerKey(decisions, copy);
    }

    /** The same key with nothing said of that piece or zone. */
    public AnswerKey without(String itemId) {
        Map<String, Map<String, Decision>> copy = new TreeMap<>();
        decisions.forEach((zone, row) -> {
            if (!zone.equals(itemId)) {
                Map<String, Decision> kept = new TreeMap<>(row);
                kept.remove(itemId);
                copy.put(zone, kept);
            }
        });
        Map<String, ZoneRule> kept = new TreeMap<>(rules);
        kept.remove(itemId);
        return new AnswerKey(copy, kept);
    }
}
