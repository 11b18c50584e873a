package gladtile.core.starter;

import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The answer key while pages are made: an {@link AnswerKey} would be made anew with every cell of a long list. */
final class KeyDraft {
    private final Map<String, Map<String, Decision>> decisions = new HashMap<>();
    private final Map<String, ZoneRule> rules = new HashMap<>();
    private final Map<String, PieceFacts> facts = new HashMap<>();
    private final Map<String, TypedKey> typed = new HashMap<>();
    private final List<ZoneSet> sets = new ArrayList<>();

    void decide(String zone, String piece, Decision decision) {
        decisions.computeIfAbsent(zone, id -> new HashMap<>()).put(piece, decision);
    }

    Decision said(String zone, String piece) {
        return decisions.getOrDefault(zone, Map.of()).getOrDefault(piece, Decision.UNDECIDED);
    }

    void rule(String zone, ZoneRule rule) {
        rules.put(zone, rule);
    }

    void facts(String piece, PieceFacts known) {
        facts.put(piece, known);
    }

    void typed(String gap, TypedKey answer) {
        typed.put(gap, answer);
    }

    void set(ZoneSet set) {
        sets.add(set);
    }

    AnswerKey key() {
        return new AnswerKey(decisions, rules, facts, typed, sets, null);
    }
}
