package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * All decisions of an activity, its typed answers and points. Whatever is usual is left out, so that equal keys are
 * written as equal JSON whatever way they came about.
 *
 * @param decisions zone id to piece id to decision; undecided cells are left out
 * @param rules zone id to rule; zones with {@link ZoneRule#USUAL} are left out
 * @param facts piece id to what is known of it besides
 * @param typed id of a gap to how it is answered
 * @param sets zones that are answered together; no zone in two of them
 * @param terms absent for the usual ones
 */
public record AnswerKey(
        Map<String, Map<String, Decision>> decisions,
        Map<String, ZoneRule> rules,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, PieceFacts> facts,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, TypedKey> typed,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<ZoneSet> sets,
        @JsonInclude(JsonInclude.Include.NON_NULL) AnswerTerms terms) {
    public static final AnswerKey EMPTY = new AnswerKey(Map.of(), Map.of());

    public AnswerKey {
        Bounds.present("key.decisions", decisions);
        Bounds.present("key.rules", rules);
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
        rules = unusual("key.rule", rules, ZoneRule.USUAL);
        facts = unusual("key.facts", facts == null ? Map.of() : facts, PieceFacts.NONE);
        typed = unusual("key.typed", typed == null ? Map.of() : typed, null);
        sets = sets == null ? List.of() : List.copyOf(sets);
        Bounds.count("key.sets", sets.size(), Bounds.SETS);
        Set<String> inSets = new HashSet<>();
        for (ZoneSet set : sets) {
            for (String zone : set.zoneIds()) {
                if (!inSets.add(zone)) {
                    throw new OutOfBounds("key.sets", Message.of("bound.key.sets", "zone", zone));
                }
            }
        }
        terms = AnswerTerms.orNull(terms);
    }

    public AnswerKey(Map<String, Map<String, Decision>> decisions, Map<String, ZoneRule> rules) {
        this(decisions, rules, null, null, null, null);
    }

    private static <T> Map<String, T> unusual(String bound, Map<String, T> all, T usual) {
        Map<String, T> kept = new TreeMap<>();
        all.forEach((id, one) -> {
            if (!Bounds.present(bound, one).equals(usual)) {
                kept.put(id, one);
            }
        });
        return Collections.unmodifiableMap(kept);
    }

    /** What was said of this one cell; {@link #decision} also knows of labels and of pieces that belong nowhere. */
    public Decision said(String zoneId, String pieceId) {
        Map<String, Decision> row = decisions.get(zoneId);
        return row == null ? Decision.UNDECIDED : row.getOrDefault(pieceId, Decision.UNDECIDED);
    }

    /** Said of the cell itself; else by the labels that the zone takes; else by the piece belonging nowhere. */
    public Decision decision(String zoneId, String pieceId) {
        Decision said = said(zoneId, pieceId);
        if (said != Decision.UNDECIDED) {
            return said;
        }
        PieceFacts known = facts(pieceId);
        if (known.nowhere() != null) {
            return Decision.DOES_NOT_BELONG;
        }
        List<String> takes = rule(zoneId).wanted().takes();
        if (takes.isEmpty()) {
            return Decision.UNDECIDED;
        }
        return takes.stream().anyMatch(known.labels()::contains) ? Decision.BELONGS : Decision.DOES_NOT_BELONG;
    }

    /** Whether the piece was said to belong in at least one zone. */
    public boolean belongsSomewhere(String pieceId) {
        return decisions.values().stream().anyMatch(row -> row.get(pieceId) == Decision.BELONGS);
    }

    public ZoneRule rule(String zoneId) {
        return rules.getOrDefault(zoneId, ZoneRule.USUAL);
    }

    public PieceFacts facts(String pieceId) {
        return facts.getOrDefault(pieceId, PieceFacts.NONE);
    }

    public AnswerTerms holds() {
        return terms == null ? AnswerTerms.USUAL : terms;
    }

    public AnswerKey with(String zoneId, String pieceId, Decision decision) {
        Map<String, Map<String, Decision>> copy = new TreeMap<>(decisions);
        Map<String, Decision> row = new TreeMap<>(copy.getOrDefault(zoneId, Map.of()));
        row.put(pieceId, decision);
        copy.put(zoneId, row);
        return new AnswerKey(copy, rules, facts, typed, sets, terms);
    }

    public AnswerKey with(String zoneId, ZoneRule rule) {
        return new AnswerKey(decisions, put(rules, zoneId, rule), facts, typed, sets, terms);
    }

    public AnswerKey with(String pieceId, PieceFacts known) {
        return new AnswerKey(decisions, rules, put(facts, pieceId, known), typed, sets, terms);
    }

    /** @param answer null to take it away */
    public AnswerKey with(String gapId, TypedKey answer) {
        Map<String, TypedKey> copy = new TreeMap<>(typed);
        if (answer == null) {
            copy.remove(gapId);
        } else {
            copy.put(gapId, answer);
        }
        return new AnswerKey(decisions, rules, facts, copy, sets, terms);
    }

    public AnswerKey withSets(List<ZoneSet> newSets) {
        return new AnswerKey(decisions, rules, facts, typed, newSets, terms);
    }

    public AnswerKey withTerms(AnswerTerms newTerms) {
        return new AnswerKey(decisions, rules, facts, typed, sets, newTerms);
    }

    private static <T> Map<String, T> put(Map<String, T> all, String id, T one) {
        Map<String, T> copy = new TreeMap<>(all);
        copy.put(id, one);
        return copy;
    }

    /** The same key with nothing said of that piece, zone or gap. A set that loses a zone is no set any more. */
    public AnswerKey without(String itemId) {
        Map<String, Map<String, Decision>> cells = new TreeMap<>();
        decisions.forEach((zone, row) -> {
            if (!zone.equals(itemId)) {
                Map<String, Decision> kept = new TreeMap<>(row);
                kept.remove(itemId);
                cells.put(zone, kept);
            }
        });
        Map<String, ZoneRule> left = left(
                rules,
                itemId,
                rule -> rule.wants() == null
                        ? rule
                        : rule.withWants(rule.wants().without(itemId)));
        List<ZoneSet> others = sets.stream()
                .filter(set -> !set.zoneIds().contains(itemId))
                .map(set -> set.without(itemId))
                .toList();
        return new AnswerKey(
                cells,
                left,
                left(facts, itemId, Function.identity()),
                left(typed, itemId, Function.identity()),
                others,
                terms);
    }

    /** The same key with nothing said of that page itself. */
    public AnswerKey withoutPage(String pageId) {
        return terms == null ? this : withTerms(terms.withoutPage(pageId));
    }

    private static <T> Map<String, T> left(Map<String, T> all, String gone, Function<T, T> change) {
        Map<String, T> kept = new TreeMap<>();
        all.forEach((id, one) -> {
            if (!id.equals(gone)) {
                kept.put(id, change.apply(one));
            }
        });
        return kept;
    }
}
