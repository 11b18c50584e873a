package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Page;
import gladtile.core.activity.PageLinks;
import gladtile.core.activity.Paper;
import gladtile.core.activity.Passage;
import gladtile.core.activity.Traits;
import gladtile.core.activity.Zone;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.json.FieldMerge;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * Edits that set a value with several fields, made without knowledge of another edit that set the same value: only the
 * fields that they changed are theirs. So who sets the points does not take back the time that somebody else has set.
 */
final class MergedFields {
    private MergedFields() {}

    /**
     * @param edit made on {@code before}, or rebased up to it
     * @param over what came between, a plain edit
     * @param after what it made of {@code before}
     * @return the same edit where the two do not set the same value
     */
    static Edit of(Edit edit, Edit over, Activity before, Activity after) {
        AnswerKey was = before.key();
        AnswerKey now = after.key();
        if (edit instanceof SetTerms mine && over instanceof SetTerms) {
            return new SetTerms(FieldMerge.merged(was.holds(), mine.terms(), now.holds(), AnswerTerms.class));
        }
        if (edit instanceof SetRule mine
                && over instanceof SetRule theirs
                && mine.zoneId().equals(theirs.zoneId())) {
            String zone = mine.zoneId();
            return new SetRule(
                    mine.pageId(),
                    zone,
                    FieldMerge.merged(was.rule(zone), mine.rule(), now.rule(zone), ZoneRule.class));
        }
        if (edit instanceof SetFacts mine
                && over instanceof SetFacts theirs
                && mine.itemId().equals(theirs.itemId())) {
            String piece = mine.itemId();
            return new SetFacts(
                    mine.pageId(),
                    piece,
                    FieldMerge.merged(was.facts(piece), mine.facts(), now.facts(piece), PieceFacts.class));
        }
        if (edit instanceof SetTyped mine
                && over instanceof SetTyped theirs
                && mine.itemId().equals(theirs.itemId())) {
            return typed(mine, was.typed().get(mine.itemId()), now.typed().get(mine.itemId()));
        }
        if (edit instanceof SetSets mine && over instanceof SetSets) {
            return new SetSets(sets(was.sets(), mine.sets(), now.sets()));
        }
        if (edit instanceof SetPassage mine && over instanceof SetPassage) {
            Passage my = mine.passage() == null ? Passage.USUAL : mine.passage();
            return new SetPassage(FieldMerge.merged(before.passing(), my, after.passing(), Passage.class));
        }
        return edit instanceof SetMadeFrom ? edit : onPage(edit, over, before, after);
    }

    private static Edit typed(SetTyped mine, TypedKey was, TypedKey now) {
        return was == null || mine.typed() == null || now == null
                ? mine
                : new SetTyped(mine.pageId(), mine.itemId(), FieldMerge.merged(was, mine.typed(), now, TypedKey.class));
    }

    private static Edit onPage(Edit edit, Edit over, Activity before, Activity after) {
        if (edit instanceof SetTraits mine
                && over instanceof SetTraits theirs
                && mine.itemId().equals(theirs.itemId())) {
            Traits was = item(before, mine.pageId(), mine.itemId()).traitsOrNone();
            Traits now = item(after, mine.pageId(), mine.itemId()).traitsOrNone();
            return new SetTraits(
                    mine.pageId(), mine.itemId(), FieldMerge.merged(was, mine.traits(), now, Traits.class));
        }
        if (edit instanceof SetPageLinks mine
                && over instanceof SetPageLinks theirs
                && mine.pageId().equals(theirs.pageId())) {
            PageLinks my = mine.links() == null ? PageLinks.USUAL : mine.links();
            PageLinks was = page(before, mine.pageId()).leads();
            return new SetPageLinks(
                    mine.pageId(),
                    FieldMerge.merged(was, my, page(after, mine.pageId()).leads(), PageLinks.class));
        }
        if (edit instanceof SetPaper mine
                && over instanceof SetPaper theirs
                && mine.pageId().equals(theirs.pageId())) {
            Paper was = page(before, mine.pageId()).paper();
            return new SetPaper(
                    mine.pageId(),
                    FieldMerge.merged(
                            was, mine.paper(), page(after, mine.pageId()).paper(), Paper.class));
        }
        if (edit instanceof SetBody mine
                && over instanceof SetZoneLabel named
                && named.itemId().equals(mine.item().id())
                && mine.item() instanceof Zone zone
                && item(after, mine.pageId(), zone.id()) instanceof Zone there
                && item(before, mine.pageId(), zone.id()) instanceof Zone then
                && zone.label().equals(then.label())) {
            return new SetBody(mine.pageId(), zone.withLabel(there.label()));
        }
        if (edit instanceof SetBody mine
                && over instanceof SetBody theirs
                && mine.item().id().equals(theirs.item().id())) {
            Item was = item(before, mine.pageId(), mine.item().id());
            Item now = item(after, mine.pageId(), mine.item().id());
            return was.getClass() == mine.item().getClass()
                    ? new SetBody(
                            mine.pageId(),
                            FieldMerge.merged(was, mine.item().with(was.common()), now.with(was.common()), Item.class))
                    : mine;
        }
        return edit;
    }

    private static Item item(Activity activity, String pageId, String itemId) {
        return EditSupport.itemOf(activity, pageId, itemId);
    }

    private static Page page(Activity activity, String pageId) {
        return EditSupport.pageOf(activity, pageId);
    }

    /** What I took out is out, what I put in is in, and all else is as the other left it. */
    private static List<ZoneSet> sets(List<ZoneSet> was, List<ZoneSet> mine, List<ZoneSet> theirs) {
        Set<ZoneSet> all = new LinkedHashSet<>(theirs);
        was.stream().filter(set -> !mine.contains(set)).forEach(all::remove);
        mine.stream().filter(set -> !was.contains(set)).forEach(all::add);
        // A zone is in one set only: the one that I put it in.
        List<ZoneSet> kept = new ArrayList<>();
        Set<String> taken = new LinkedHashSet<>();
        List<ZoneSet> mineFirst = new ArrayList<>(all);
        mineFirst.sort((a, b) -> Boolean.compare(mine.contains(b), mine.contains(a)));
        for (ZoneSet set : mineFirst) {
            if (set.zoneIds().stream().noneMatch(taken::contains) && taken.add("set " + set.id())) {
                kept.add(set);
                taken.addAll(set.zoneIds());
            }
        }
        kept.sort((a, b) -> Integer.compare(at(all, a), at(all, b)));
        return kept;
    }

    private static int at(Set<ZoneSet> all, ZoneSet one) {
        return new ArrayList<>(all).indexOf(one);
    }
}
