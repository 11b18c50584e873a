package gladtile.core.attempt;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Judge;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.WholeSolution;
import gladtile.core.answer.ZoneRule;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Page;
import gladtile.core.page.Speech;
import gladtile.core.page.Supply;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/** A version made ready for judging: one judge a page. Made once; safe to share between threads. */
public final class AttemptRules {
    private final Map<String, OnPage> pages = new LinkedHashMap<>();
    private final List<Placement> placements;
    private final Map<String, OtherSide> kept = new HashMap<>();
    private final Map<String, Speech> onSettle = new HashMap<>();
    private final AnswerKey key;
    /** By zone; looked for once, since looking can be long. */
    private final Map<String, List<String>> solutions = new ConcurrentHashMap<>();

    private final PageExits exits;
    private final Map<String, Integer> worth;
    private final AnswerTerms terms;

    private record OnPage(Page page, Judge judge, Map<String, Item> items, List<String> strays) {}

    private AttemptRules(Activity version) {
        key = version.key();
        terms = key.holds();
        List<Placement> found = new ArrayList<>();
        for (Page page : version.pages()) {
            if (page.leads().aside() && page != version.start()) {
                continue;
            }
            Judge judge = Judge.of(page, key);
            Map<String, Item> items = new HashMap<>();
            boolean lens = page.items().stream().anyMatch(Lens.class::isInstance);
            page.items().forEach(item -> {
                items.put(item.id(), item);
                Speech speech = item.traitsOrNone().speech();
                if (speech != null && speech.onSettle()) {
                    onSettle.put(item.id(), speech);
                }
                OtherSide side = item.traitsOrNone().otherSide();
                if (side != null && !side.byTap() && !lens) {
                    kept.put(item.id(), side);
                }
            });
            pages.put(page.id(), new OnPage(page, judge, items, strays(page, judge)));
            placementsOn(page, judge, found);
        }
        placements = List.copyOf(found);
        exits = PageExits.of(version);
        worth = ownWorth();
    }

    private AttemptRules(AttemptRules other, AnswerTerms otherTerms) {
        pages.putAll(other.pages);
        placements = other.placements;
        kept.putAll(other.kept);
        onSettle.putAll(other.onSettle);
        key = other.key;
        exits = other.exits;
        worth = other.worth;
        terms = otherTerms;
    }

    private static List<String> strays(Page page, Judge judge) {
        return page.pieces().stream()
                .map(Item::id)
                .filter(id -> judge.zonesOf(id).isEmpty())
                .toList();
    }

    /** The pieces of a page that belong in none of its zones. */
    List<String> strays(String pageId) {
        return pages.get(pageId).strays;
    }

    private void placementsOn(Page page, Judge judge, List<Placement> found) {
        List<String> wholes = judge.wholes();
        for (Item item : page.items()) {
            if (judge.placements().contains(item.id())) {
                found.add(new Placement(page.id(), item.id(), item.name(), Placement.Kind.PIECE));
            }
            if (item instanceof Gap && key.typed().containsKey(item.id())) {
                found.add(new Placement(page.id(), item.id(), item.name(), Placement.Kind.GAP));
            }
            for (Zone zone : item.zones()) {
                if (wholes.contains(zone.id())) {
                    found.add(new Placement(page.id(), zone.id(), zone.name(), Placement.Kind.ZONE));
                }
            }
        }
    }

    public static AttemptRules of(Activity version) {
        return new AttemptRules(version);
    }

    public Optional<Judge> judge(String pageId) {
        return Optional.ofNullable(pages.get(pageId)).map(OnPage::judge);
    }

    /** Of every page, in their order. */
    List<Judge> judges() {
        return pages.values().stream().map(OnPage::judge).toList();
    }

    /** Those with work on them, in their order. */
    Set<String> pageIds() {
        return pages.keySet();
    }

    /** The page that students begin with. */
    public String firstPage() {
        return exits.start();
    }

    /** Whether everything is open from the beginning, so that no move opens anything. */
    public boolean isFree() {
        return exits.free();
    }

    /** Where one goes on from each page. */
    PageExits exits() {
        return exits;
    }

    /** Whether something on the page shows or hides just those. */
    boolean mayReveal(Act.Reveal reveal) {
        OnPage page = pages.get(reveal.pageId());
        return page != null
                && page.items.keySet().containsAll(reveal.itemIds())
                && LinkSource.on(page.page).stream()
                        .anyMatch(one -> one.link() instanceof Link.Spots spots
                                && spots.itemIds().equals(reveal.itemIds()));
    }

    public AnswerTerms terms() {
        return terms;
    }

    /** The same rules for somebody who has more time. */
    public AttemptRules withMoreSeconds(int more) {
        return terms.seconds() == null ? this : new AttemptRules(this, terms.withSeconds(terms.seconds() + more));
    }

    /** The same rules where the solution may be seen otherwise. */
    public AttemptRules withSolution(SolutionPolicy solution) {
        return terms.shows().equals(solution) ? this : new AttemptRules(this, terms.withSolution(solution));
    }

    /** How a gap is answered; empty when nothing was said of it. */
    public Optional<TypedKey> typed(String gapId) {
        return Optional.ofNullable(key.typed().get(gapId));
    }

    /** The ids of all gaps of a page. */
    List<String> gaps(String pageId) {
        OnPage page = pages.get(pageId);
        return page == null ? List.of() : page.page.gaps().stream().map(Gap::id).toList();
    }

    /** Pieces that fill a zone that is solved as one; a piece that copies come off as often as it is wanted. */
    List<String> solutionOf(String pageId, String zoneId) {
        return solutions.computeIfAbsent(zoneId, id -> WholeSolution.of(pages.get(pageId).page, key, id));
    }

    /** The zones and gaps of a page that are judged on a check. */
    public Set<String> checked(String pageId) {
        OnPage page = pages.get(pageId);
        Set<String> checked = new LinkedHashSet<>();
        if (page != null) {
            page.judge.zoneIds().stream()
                    .filter(zone -> key.rule(zone).when() == JudgeTiming.ON_CHECK)
                    .forEach(checked::add);
            gaps(pageId).stream()
                    .filter(gap -> typed(gap).map(TypedKey::when).orElse(null) == JudgeTiming.ON_CHECK)
                    .forEach(checked::add);
        }
        return checked;
    }

    /** How a zone answers. */
    public ZoneRule rule(String zoneId) {
        return key.rule(zoneId);
    }

    /** In the order of pages, then of depth. */
    public List<Placement> placements() {
        return placements;
    }

    /** Points for one placement when all is right. */
    public int worth(Placement placement) {
        return worth.getOrDefault(placement.itemId(), terms.scoring().each());
    }

    /** What placements give that have points of their own: asked of every placement of every attempt in a class. */
    private Map<String, Integer> ownWorth() {
        Map<String, Integer> own = new HashMap<>();
        for (Placement placement : placements) {
            Integer points = switch (placement.kind()) {
                case GAP -> key.typed().get(placement.itemId()).worth();
                case ZONE -> key.rule(placement.itemId()).worth();
                case PIECE ->
                    judge(placement.pageId()).orElseThrow().zonesOf(placement.itemId()).stream()
                            .map(zone -> key.rule(zone).worth())
                            .filter(worth -> worth != null)
                            .findFirst()
                            .orElse(null);
            };
            if (points != null) {
                own.put(placement.itemId(), points);
            }
        }
        return own;
    }

    /** Any item of a page, piece or not; a copy stands for what it came off. */
    Optional<Item> item(String pageId, String itemId) {
        return Optional.ofNullable(pages.get(pageId)).map(page -> page.items.get(Supply.originalOf(itemId)));
    }

    /** The ids of all items of a page; empty when there is no such page. */
    Set<String> itemIds(String pageId) {
        OnPage page = pages.get(pageId);
        return page == null ? Set.of() : page.items.keySet();
    }

    /** Whether there is ink on a page that students may rub away. */
    boolean erasable(String pageId) {
        OnPage page = pages.get(pageId);
        return page != null
                && page.items.values().stream()
                        .anyMatch(item -> !item.isPiece()
                                && Boolean.TRUE.equals(item.traitsOrNone().erasable()));
    }

    /** Whether a student sees the other side of an item only when settling has turned it. */
    public boolean keepsOtherSide(String itemId) {
        return kept.containsKey(itemId);
    }

    /** What pieces say now that they have settled, by their id; the view does not have it before. */
    public Map<String, Speech> said(Map<String, PieceState> pieces) {
        Map<String, Speech> said = new TreeMap<>();
        pieces.forEach((id, piece) -> {
            Speech speech = piece.settled() ? onSettle.get(Supply.originalOf(id)) : null;
            if (speech != null) {
                said.put(id, speech);
            }
        });
        return said;
    }

    /** The other sides that settling has brought up, by the id of the item, for those that were kept from the view. */
    public Map<String, OtherSide> broughtUp(AttemptState state) {
        Map<String, OtherSide> up = new TreeMap<>();
        for (String id : state.over()) {
            OtherSide side = kept.get(Supply.originalOf(id));
            if (side != null) {
                up.put(id, side);
            }
        }
        return up;
    }
}
