package gladtile.core.edit;

import gladtile.core.Some;
import gladtile.core.SomeItems;
import gladtile.core.SomeRules;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.measure.Arrangement;
import gladtile.core.measure.Similarity;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Point;
import gladtile.core.page.WordStyle;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Edits of every type, most of which fit the activity and some of which do not. */
public final class RandomEdits {
    private static final int TYPES = 30;
    private final Random random;
    private final String author;
    private int made;

    public RandomEdits(Random random, String author) {
        this.random = random;
        this.author = author;
    }

    public Edit any(Activity on) {
        if (random.nextInt(8) > 0) {
            return plain(on);
        }
        List<Edit> steps = new ArrayList<>();
        for (int i = random.nextInt(1, 4); i > 0; i--) {
            steps.add(plain(on));
        }
        return new CompositeEdit(steps);
    }

    /** One that takes away what another edit needs, or puts something where that one puts its own. */
    public Edit inTheWayOf(Edit edit, Activity on) {
        Edit part = edit instanceof CompositeEdit all
                ? all.edits().get(random.nextInt(all.edits().size()))
                : edit;
        String fresh = author + "x" + (made++);
        if (part instanceof AddPage) {
            return new AddPage(0, Page.empty(fresh, "Earlier"));
        }
        if (!(part instanceof PageEdit ofPage)) {
            return plain(on);
        }
        if (part instanceof AddItem && random.nextBoolean()) {
            return new AddItem(ofPage.pageId(), 0, Some.item(random, fresh));
        }
        if (!(part instanceof ItemEdit of) || random.nextInt(4) == 0) {
            return new RemovePage(ofPage.pageId());
        }
        List<String> items = List.copyOf(of.items());
        String item = items.get(random.nextInt(items.size()));
        return random.nextInt(3) == 0
                ? new SetMovement(ofPage.pageId(), item, Movement.FIXED)
                : new RemoveItem(ofPage.pageId(), item);
    }

    private Edit plain(Activity on) {
        Page page = on.pages().get(random.nextInt(on.pages().size()));
        String item = itemOf(page);
        String fresh = author + (made++);
        return switch (random.nextInt(TYPES)) {
            case 0 -> new SetTitle(Some.said(random));
            case 1 -> new AddPage(random.nextInt(4), Page.empty(fresh, "New"));
            case 2 -> new RemovePage(page.id());
            case 3 -> new MovePage(page.id(), random.nextInt(4));
            case 4 -> new RenamePage(page.id(), Some.said(random));
            case 5 -> new SetPaper(page.id(), Paper.of("#%06x".formatted(random.nextInt(0x1000000))));
            case 6, 7 -> new AddItem(page.id(), random.nextInt(6), Some.item(random, fresh));
            case 8 -> new RemoveItem(page.id(), item);
            case 9 -> new MoveDepth(page.id(), item, random.nextInt(6));
            case 10 -> new SetFrame(page.id(), item, Some.frame(random));
            case 11 -> new SetMovement(page.id(), item, SomeItems.movement(random));
            case 12 -> new SetDescription(page.id(), item, Some.said(random));
            case 13 -> words(page, item);
            case 14 -> new Decide(page.id(), zoneOf(page), item, Decision.values()[random.nextInt(3)]);
            case 15 -> new SetTraits(page.id(), item, SomeItems.traits(random));
            case 16, 17 -> new SetBody(page.id(), another(page, item));
            case 18 -> new SetPageWords(page.id(), random.nextBoolean() ? WordStyle.PLAIN : null);
            case 19 -> new Arrange(page.id(), someOf(page, item), arrangement());
            case 21 -> new SetFacts(page.id(), item, SomeRules.facts(random));
            case 22 -> new SetTyped(page.id(), gapOf(page), random.nextBoolean() ? SomeRules.typed(random) : null);
            case 23 -> new SetSets(SomeRules.sets(random, on));
            case 24 -> new SetTerms(SomeRules.terms(random, page.id()));
            case 25 -> new SetRule(page.id(), zoneOf(page), SomeRules.rule(random, item));
            case 26 -> new SetMadeFrom(random.nextBoolean() ? null : Some.madeFrom(random));
            case 27 -> new SetPassage(random.nextBoolean() ? null : SomeItems.passage(random));
            case 28 -> new SetPageLinks(page.id(), random.nextBoolean() ? null : SomeItems.pageLinks(random));
            case 20 -> new Transform(page.id(), someOf(page, item), similarity());
            default ->
                random.nextBoolean()
                        ? new SetZoneLabel(page.id(), zoneOf(page), Some.said(random))
                        : new SetRule(
                                page.id(),
                                zoneOf(page),
                                new ZoneRule(
                                        AcceptAction.values()[random.nextInt(3)],
                                        RejectAction.values()[random.nextInt(2)]));
        };
    }

    private Edit words(Page page, String item) {
        WordFit fit = WordFit.within(200 + random.nextInt(300), Some.said(random), WordStyle.PLAIN);
        return new SetWords(page.id(), item, fit.content(), Some.frame(random));
    }

    private Arrangement arrangement() {
        return Arrangement.values()[random.nextInt(Arrangement.values().length)];
    }

    private Similarity similarity() {
        return new Similarity(new Point(800, 500), 0.5 + random.nextInt(3) / 2.0, 45 * random.nextInt(3), 5, -7);
    }

    /** An item of the same id, of the same kind nearly always. */
    private Item another(Page page, String id) {
        Item there = page.item(id).orElse(null);
        for (int i = 0; i < 40; i++) {
            Item one = Some.item(random, id);
            if (there == null || one.getClass() == there.getClass()) {
                return one;
            }
        }
        return Some.item(random, id);
    }

    private List<String> someOf(Page page, String item) {
        Set<String> some = new LinkedHashSet<>(List.of(item));
        for (int i = random.nextInt(3); i > 0; i--) {
            some.add(itemOf(page));
        }
        return List.copyOf(some);
    }

    private String itemOf(Page page) {
        List<Item> items = page.items();
        return items.isEmpty() || random.nextInt(12) == 0
                ? "nowhere"
                : items.get(random.nextInt(items.size())).id();
    }

    private String gapOf(Page page) {
        return page.gaps().isEmpty() ? itemOf(page) : page.gaps().get(0).id();
    }

    private String zoneOf(Page page) {
        return page.zones().isEmpty()
                ? itemOf(page)
                : page.zones().get(random.nextInt(page.zones().size())).id();
    }
}
