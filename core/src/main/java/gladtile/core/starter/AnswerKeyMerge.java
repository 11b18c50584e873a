package gladtile.core.starter;

import static gladtile.core.starter.Remake.kept;

import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** The answer key of pages that were made again: cell by cell and rule by rule, what was changed by hand stays. */
final class AnswerKeyMerge {
    private AnswerKeyMerge() {}

    /** @param gone ids of what was there or would have been made, and is on none of the pages */
    static AnswerKey of(AnswerKey now, AnswerKey before, AnswerKey after, List<Page> pages, Set<String> gone) {
        Map<String, Map<String, Decision>> decisions = new TreeMap<>();
        Map<String, ZoneRule> rules = new TreeMap<>();
        Map<String, PieceFacts> facts = new TreeMap<>();
        Map<String, TypedKey> typed = new TreeMap<>();
        Set<String> there = new HashSet<>();
        for (Page page : pages) {
            Set<String> pieces = new HashSet<>();
            page.items().forEach(item -> there.addAll(Page.idsOf(item)));
            page.items().stream().filter(Item::isPiece).map(Item::id).forEach(pieces::add);
            page.zones().forEach(zone -> {
                String id = zone.id();
                decisions.put(id, row(now, before, after, id, pieces));
                rules.put(id, rule(now.rule(id), before.rule(id), after.rule(id)));
            });
            pieces.forEach(id -> facts.put(id, facts(now.facts(id), before.facts(id), after.facts(id))));
            page.gaps().forEach(gap -> {
                String id = gap.id();
                TypedKey answer = kept(
                        now.typed().get(id),
                        before.typed().get(id),
                        after.typed().get(id));
                if (answer != null) {
                    typed.put(id, answer);
                }
            });
        }
        AnswerKey key = new AnswerKey(
                decisions,
                rules,
                facts,
                typed,
                sets(now, before, after, there),
                kept(now.terms(), before.terms(), after.terms()));
        // Whatever a rule or a set still says of what is gone.
        for (String id : gone) {
            key = spokenOf(key).contains(id) ? key.without(id) : key;
        }
        return key;
    }

    private static Map<String, Decision> row(
            AnswerKey now, AnswerKey before, AnswerKey after, String zone, Set<String> pieces) {
        Map<String, Decision> row = new TreeMap<>();
        for (String piece : pieces) {
            row.put(piece, kept(now.said(zone, piece), before.said(zone, piece), after.said(zone, piece)));
        }
        return row;
    }

    private static ZoneRule rule(ZoneRule now, ZoneRule before, ZoneRule after) {
        return new ZoneRule(
                kept(now.accept(), before.accept(), after.accept()),
                kept(now.reject(), before.reject(), after.reject()),
                kept(now.timing(), before.timing(), after.timing()),
                kept(now.feedback(), before.feedback(), after.feedback()),
                wants(now.wanted(), before.wanted(), after.wanted()),
                kept(now.replies(), before.replies(), after.replies()),
                kept(now.tries(), before.tries(), after.tries()),
                kept(now.worth(), before.worth(), after.worth()),
                kept(now.inside(), before.inside(), after.inside()),
                kept(now.crossing(), before.crossing(), after.crossing()),
                kept(now.tolerance(), before.tolerance(), after.tolerance()),
                kept(now.layout(), before.layout(), after.layout()),
                kept(now.saysSide(), before.saysSide(), after.saysSide()),
                kept(now.showsRoom(), before.showsRoom(), after.showsRoom()),
                kept(now.fitted(), before.fitted(), after.fitted()),
                kept(now.relative(), before.relative(), after.relative()));
    }

    private static ZoneRequirements wants(ZoneRequirements now, ZoneRequirements before, ZoneRequirements after) {
        return new ZoneRequirements(
                kept(now.takes(), before.takes(), after.takes()),
                kept(now.capacity(), before.capacity(), after.capacity()),
                kept(now.sequence(), before.sequence(), after.sequence()),
                kept(now.total(), before.total(), after.total()),
                kept(now.counts(), before.counts(), after.counts()),
                kept(now.allOf(), before.allOf(), after.allOf()));
    }

    private static PieceFacts facts(PieceFacts now, PieceFacts before, PieceFacts after) {
        return new PieceFacts(
                kept(now.labels(), before.labels(), after.labels()),
                kept(now.value(), before.value(), after.value()),
                kept(now.nowhere(), before.nowhere(), after.nowhere()),
                kept(now.valueUp(), before.valueUp(), after.valueUp()),
                kept(now.rightTurn(), before.rightTurn(), after.rightTurn()),
                kept(now.turnTolerance(), before.turnTolerance(), after.turnTolerance()));
    }

    /** Those made by hand first: a zone is in one set at most. */
    private static List<ZoneSet> sets(AnswerKey now, AnswerKey before, AnswerKey after, Set<String> there) {
        Map<String, ZoneSet> were = byId(before.sets());
        Map<String, ZoneSet> become = byId(after.sets());
        Map<String, ZoneSet> are = byId(now.sets());
        Map<String, ZoneSet> wanted = new LinkedHashMap<>();
        are.forEach((id, set) -> wanted.put(id, kept(set, were.get(id), become.get(id))));
        become.forEach((id, set) -> {
            if (!are.containsKey(id) && !were.containsKey(id)) {
                wanted.put(id, set);
            }
        });
        Set<String> taken = new HashSet<>();
        List<ZoneSet> sets = new ArrayList<>();
        wanted.values().forEach(set -> {
            if (set != null
                    && there.containsAll(set.zoneIds())
                    && set.zoneIds().stream().noneMatch(taken::contains)) {
                sets.add(set);
                taken.addAll(set.zoneIds());
            }
        });
        return sets;
    }

    private static Map<String, ZoneSet> byId(List<ZoneSet> sets) {
        Map<String, ZoneSet> byId = new LinkedHashMap<>();
        sets.forEach(set -> byId.put(set.id(), set));
        return byId;
    }

    /** Pieces that rules and sets name beside the cells. */
    private static Set<String> spokenOf(AnswerKey key) {
        Set<String> ids = new HashSet<>();
        key.rules().values().forEach(rule -> {
            ids.addAll(rule.wanted().counts().keySet());
            if (rule.wanted().sequence() != null) {
                ids.addAll(rule.wanted().sequence().places().keySet());
            }
        });
        key.sets().forEach(set -> set.choices().forEach(ids::addAll));
        return ids;
    }
}
