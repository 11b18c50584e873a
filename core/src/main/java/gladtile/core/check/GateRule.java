package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.TypedKey;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.Placement;
import gladtile.core.attempt.Score;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.edit.SetTraits;
import gladtile.core.message.Message;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import gladtile.core.pagemap.PageMap;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Ways that wait for what can never be. */
final class GateRule {
    private final Activity activity;
    private final AttemptRules rules;
    private final List<Finding> found = new ArrayList<>();

    private GateRule(Activity activity) {
        this.activity = activity;
        rules = AttemptRules.of(activity);
    }

    static List<Finding> of(Activity activity) {
        GateRule rule = new GateRule(activity);
        activity.pages().forEach(rule::page);
        return rule.found;
    }

    private void page(Page page) {
        for (LinkSource one : LinkSource.on(page)) {
            Message why = never(page, one.opens());
            if (why != null) {
                Item item = page.item(one.itemId()).orElseThrow();
                Edit edit =
                        new SetTraits(page.id(), item.id(), item.traitsOrNone().withOpens(null));
                found(
                        page,
                        List.of(item.id()),
                        Message.of("page-check.never-leads", "name", one.name(), "why", why),
                        edit);
            }
        }
        Message why = activity.next(page.id()).isEmpty() ? null : never(page, activity.gate(page));
        if (why != null) {
            // Where all pages wait, only this one is let off: it opens with its first point, or at once.
            Edit edit = new SetPageLinks(page.id(), page.leads().withOpens(null));
            List<Mend> mends = page.leads().opens() == null
                    ? List.of()
                    : List.of(new Mend(Message.of("page-check.mend.opens-at-once"), edit));
            found.add(new Finding(
                    Finding.Kind.NEVER_OPENS,
                    page.id(),
                    List.of(),
                    Message.of("page-check.next-never-opens", "page", page.name(), "why", why),
                    mends));
        }
        atOnce(page);
        boolean nothing = activity.firstTime(page).isPresent() && placements(page) == 0;
        if (nothing) {
            Edit edit = new SetPageLinks(page.id(), page.leads().withFirst(null));
            found(page, List.of(), Message.of("page-check.branches-on-nothing", "page", page.name()), edit);
        }
    }

    /** A lock that waits for the page to be solved, where there is nothing to solve, is none. */
    private void atOnce(Page page) {
        if (placements(page) > 0) {
            return;
        }
        for (LinkSource one : LinkSource.on(page)) {
            if (one.opens() instanceof Opens.WhenSolved) {
                found.add(new Finding(
                        Finding.Kind.OPENS_AT_ONCE,
                        page.id(),
                        List.of(one.itemId()),
                        Message.of("page-check.waits-for-nothing", "name", one.name()),
                        List.of(new Mend(
                                Message.of("page-check.mend.does-not-wait"),
                                new SetTraits(
                                        page.id(),
                                        one.itemId(),
                                        page.item(one.itemId())
                                                .orElseThrow()
                                                .traitsOrNone()
                                                .withOpens(null))))));
            }
        }
        // Where all pages wait, a page without tasks is meant to let everybody pass.
        if (page.leads().opens() instanceof Opens.WhenSolved
                && activity.next(page.id()).isPresent()) {
            found.add(new Finding(
                    Finding.Kind.OPENS_AT_ONCE,
                    page.id(),
                    List.of(),
                    Message.of("page-check.next-waits-for-nothing", "page", page.name()),
                    List.of(new Mend(
                            Message.of("page-check.mend.does-not-wait"),
                            new SetPageLinks(page.id(), page.leads().withOpens(null))))));
        }
    }

    private void found(Page page, List<String> items, Message words, Edit edit) {
        Message label = edit instanceof SetPageLinks
                ? Message.of("page-check.mend.no-branch")
                : Message.of("page-check.mend.opens-at-once");
        found.add(new Finding(Finding.Kind.NEVER_OPENS, page.id(), items, words, List.of(new Mend(label, edit))));
    }

    /** Why that never comes to be, in words; null when it can. */
    private Message never(Page page, Opens opens) {
        if (opens instanceof Opens.WhenPoints points) {
            double most = Score.mostOfPage(rules, page.id());
            return points.least() > most
                    ? Message.of("page-check.why.points", "least", points.least(), "most", most)
                    : null;
        }
        if (opens instanceof Opens.WhenPages pages) {
            return never(page, pages);
        }
        if (opens instanceof Opens.WhenParts parts) {
            Set<String> there = new HashSet<>();
            page.zones().forEach(zone -> there.add(zone.id()));
            page.gaps().forEach(gap -> there.add(gap.id()));
            boolean gone = parts.ids().stream().noneMatch(there::contains);
            return gone ? Message.of("page-check.why.deleted") : late(page, Set.copyOf(parts.ids()));
        }
        return opens == null ? null : late(page, null);
    }

    private Message never(Page page, Opens.WhenPages pages) {
        for (String id : pages.pageIds()) {
            Page awaited = activity.page(id).orElse(null);
            if (awaited == null) {
                continue;
            }
            Message late = late(awaited, null);
            if (late != null) {
                return late;
            }
        }
        return pages.pageIds().stream().noneMatch(id -> activity.page(id).isPresent())
                ? Message.of("page-check.why.pages-deleted")
                : behind(page, pages);
    }

    /** A page that students come to only through what waits for it. Null when each can be come to otherwise. */
    private Message behind(Page page, Opens.WhenPages pages) {
        Activity without = activity;
        for (LinkSource one : LinkSource.on(page)) {
            if (pages.equals(one.opens())) {
                Item item = page.item(one.itemId()).orElseThrow();
                Page now = without.page(page.id()).orElseThrow();
                without = without.withPage(
                        now.withItem(item.withTraits(item.traitsOrNone().withLink(null))));
            }
        }
        if (pages.equals(activity.gate(page))) {
            Page now = without.page(page.id()).orElseThrow();
            without = without.withPage(now.withLinks(now.leads().withEnds(true)));
        }
        PageMap map = PageMap.of(without);
        Set<String> met = map.reachedFrom(map.start());
        return pages.pageIds().stream()
                .filter(id -> !met.contains(id))
                .flatMap(id -> activity.page(id).stream())
                .filter(awaited -> !awaited.leads().aside())
                .findFirst()
                .map(awaited -> Message.of("page-check.why.behind", "page", awaited.name()))
                .orElse(null);
    }

    /** What is judged when the work is handed in is never right before. */
    private Message late(Page page, Set<String> parts) {
        AnswerKey key = activity.key();
        for (Zone zone : page.zones()) {
            boolean counts = parts == null || parts.contains(zone.id());
            if (counts && key.rule(zone.id()).when() == JudgeTiming.ON_HAND_IN && isWanted(page, zone)) {
                return Message.of("page-check.why.zone-on-hand-in", "zone", zone.name());
            }
        }
        for (Gap gap : page.gaps()) {
            TypedKey typed = key.typed().get(gap.id());
            boolean counts = parts == null || parts.contains(gap.id());
            if (counts && typed != null && typed.when() == JudgeTiming.ON_HAND_IN) {
                return Message.of("page-check.why.gap-on-hand-in", "gap", gap.name());
            }
        }
        return null;
    }

    private boolean isWanted(Page page, Zone zone) {
        return rules.placements().stream()
                .filter(one -> one.pageId().equals(page.id()))
                .anyMatch(one -> one.itemId().equals(zone.id())
                        || one.kind() == Placement.Kind.PIECE
                                && rules.judge(page.id())
                                        .orElseThrow()
                                        .zonesOf(one.itemId())
                                        .contains(zone.id()));
    }

    private long placements(Page page) {
        return rules.placements().stream()
                .filter(one -> one.pageId().equals(page.id()))
                .count();
    }
}
