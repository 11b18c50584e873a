package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/** The edits that lead from one answer key to another. */
final class AnswerKeyDifference {
    private final AnswerKey from;
    private final AnswerKey to;
    private final List<Edit> steps = new ArrayList<>();

    private AnswerKeyDifference(AnswerKey from, AnswerKey to) {
        this.from = from;
        this.to = to;
    }

    /** @param there the activity with all items that the wanted key speaks of */
    static List<Edit> between(AnswerKey from, AnswerKey to, Activity there) {
        AnswerKeyDifference key = new AnswerKeyDifference(from, to);
        there.pages().forEach(key::page);
        if (!from.sets().equals(to.sets())) {
            key.steps.add(new SetSets(to.sets()));
        }
        if (!from.holds().equals(to.holds())) {
            key.steps.add(new SetTerms(to.holds()));
        }
        return key.steps;
    }

    /** What takes back that everything was forgotten of these, which were part of {@code before}. */
    static List<Edit> remembering(Activity before, Iterable<String> ids) {
        AnswerKey forgotten = before.key();
        for (String id : ids) {
            forgotten = forgotten.without(id);
        }
        return between(forgotten, before.key(), before);
    }

    private void page(Page page) {
        for (Item item : page.items()) {
            String id = item.id();
            if (item.isPiece() && !from.facts(id).equals(to.facts(id))) {
                steps.add(new SetFacts(page.id(), id, to.facts(id)));
            }
            if (item instanceof Gap
                    && !Objects.equals(from.typed().get(id), to.typed().get(id))) {
                steps.add(new SetTyped(page.id(), id, to.typed().get(id)));
            }
        }
        for (Zone zone : page.zones()) {
            String id = zone.id();
            if (!from.rule(id).equals(to.rule(id))) {
                steps.add(new SetRule(page.id(), id, to.rule(id)));
            }
            Set<String> pieces = new TreeSet<>(row(from, id).keySet());
            pieces.addAll(row(to, id).keySet());
            for (String piece : pieces) {
                boolean there = page.item(piece).filter(Item::isPiece).isPresent();
                if (there && from.said(id, piece) != to.said(id, piece)) {
                    steps.add(new Decide(page.id(), id, piece, to.said(id, piece)));
                }
            }
        }
    }

    private static Map<String, Decision> row(AnswerKey key, String zoneId) {
        return key.decisions().getOrDefault(zoneId, Map.of());
    }
}
