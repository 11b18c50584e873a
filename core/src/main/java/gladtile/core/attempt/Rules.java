package gladtile.core.attempt;

import gladtile.core.activity.Activity;
import gladtile.core.activity.Item;
import gladtile.core.activity.Lens;
import gladtile.core.activity.OtherSide;
import gladtile.core.activity.Page;
import gladtile.core.activity.Supply;
import gladtile.core.answer.Judge;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** An edition made ready for judging: one judge a page. Made once; safe to share between threads. */
public final class Rules {
    private final Map<String, OnPage> pages = new LinkedHashMap<>();
    private final List<Placement> placements;
    private final Map<String, OtherSide> kept = new HashMap<>();

    /** One piece that belongs somewhere: a column of the quilt. */
    public record Placement(String pageId, String pieceId, String name) {}

    private record OnPage(Judge judge, Map<String, Item> items) {}

    private Rules(Activity edition) {
        List<Placement> found = new ArrayList<>();
        for (Page page : edition.pages()) {
            Judge judge = Judge.of(page, edition.key());
            Map<String, Item> items = new HashMap<>();
            boolean lens = page.items().stream().anyMatch(Lens.class::isInstance);
            page.items().forEach(item -> {
                items.put(item.id(), item);
                OtherSide side = item.ways().otherSide();
                if (side != null && !side.byTap() && !lens) {
                    kept.put(item.id(), side);
                }
                if (judge.placements().contains(item.id())) {
                    found.add(new Placement(page.id(), item.id(), item.name()));
                }
            });
            pages.put(page.id(), new OnPage(judge, items));
        }
        placements = List.copyOf(found);
    }

    public static Rules of(Activity edition) {
        return new Rules(edition);
    }

    public Optional<Judge> judge(String pageId) {
        return Optional.ofNullable(pages.get(pageId)).map(OnPage::judge);
    }

    public String firstPage() {
        return pages.keySet().iterator().next();
    }

    /** In the order of pages, then of depth. */
    public List<Placement> placements() {
        return placements;
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

    /** Whether a student sees the other side of an item only when settling has turned it. */
    public boolean keepsOtherSide(String itemId) {
        return kept.containsKey(itemId);
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
