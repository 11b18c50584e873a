package gladtile.core.starter;

import static gladtile.core.starter.Remake.kept;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import gladtile.core.page.CommonProperties;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Pages that were made again. An item that was deleted by hand stays deleted, one that was added by hand stays where it
 * is; one whose entry is gone goes, whatever was changed on it.
 *
 * @param refused why not; null when the pages are good
 */
record PageMerge(List<Page> pages, Message refused) {
    static Map<String, Item> items(List<Page> pages) {
        Map<String, Item> items = new LinkedHashMap<>();
        pages.forEach(page -> page.items().forEach(item -> items.put(item.id(), item)));
        return items;
    }

    static PageMerge of(List<Page> now, List<Page> before, List<Page> after) {
        Map<String, Item> are = items(now);
        Map<String, Item> were = items(before);
        Map<String, Item> become = items(after);
        Map<String, String> nowOn = places(now);
        Map<String, String> beforeOn = places(before);
        Map<String, String> afterOn = places(after);

        Map<String, Item> left = new HashMap<>();
        Map<String, String> on = new HashMap<>();
        become.forEach((id, item) -> {
            Item there = are.get(id);
            if (there == null && !were.containsKey(id)) {
                left.put(id, item);
                on.put(id, afterOn.get(id));
            } else if (there != null) {
                left.put(id, item(there, were.getOrDefault(id, there), item));
                on.put(id, kept(nowOn.get(id), beforeOn.get(id), afterOn.get(id)));
            }
        });
        are.forEach((id, item) -> {
            if (!become.containsKey(id) && !were.containsKey(id)) {
                left.put(id, item);
                on.put(id, nowOn.get(id));
            }
        });
        Map<String, Page> pages = wanted(now, before, after, on);
        if (pages.size() > Bounds.PAGES) {
            return new PageMerge(
                    List.of(),
                    Message.of("starter.refused.too-many-pages", "count", pages.size(), "most", Bounds.PAGES));
        }
        List<Page> done = new ArrayList<>();
        for (Page page : pages.values()) {
            Set<String> in = new HashSet<>();
            on.forEach((id, where) -> {
                if (where.equals(page.id())) {
                    in.add(id);
                }
            });
            if (in.size() > Bounds.ITEMS_ON_A_PAGE) {
                return new PageMerge(
                        List.of(),
                        Message.of(
                                "starter.refused.too-many-items",
                                "page",
                                page.name(),
                                "count",
                                in.size(),
                                "most",
                                Bounds.ITEMS_ON_A_PAGE));
            }
            List<String> order = order(ids(now, page.id()), ids(before, page.id()), ids(after, page.id()), in);
            done.add(page.withItems(order.stream().map(left::get).toList()));
        }
        return new PageMerge(done, null);
    }

    private static Map<String, String> places(List<Page> pages) {
        Map<String, String> places = new HashMap<>();
        pages.forEach(page -> page.items().forEach(item -> places.put(item.id(), page.id())));
        return places;
    }

    /** The pages there are to be, in order. One whose entries are gone stays while something else lies on it. */
    private static Map<String, Page> wanted(
            List<Page> now, List<Page> before, List<Page> after, Map<String, String> on) {
        Map<String, Page> are = byId(now);
        Map<String, Page> were = byId(before);
        Map<String, Page> become = byId(after);
        Set<String> used = new HashSet<>(on.values());
        Set<String> in = new HashSet<>();
        for (String id : are.keySet()) {
            if (!were.containsKey(id) || become.containsKey(id) || used.contains(id)) {
                in.add(id);
            }
        }
        for (String id : become.keySet()) {
            if (are.containsKey(id) || !were.containsKey(id) || used.contains(id)) {
                in.add(id);
            }
        }
        Map<String, Page> pages = new LinkedHashMap<>();
        for (String id :
                order(List.copyOf(are.keySet()), List.copyOf(were.keySet()), List.copyOf(become.keySet()), in)) {
            Page there = are.get(id);
            Page made = become.get(id);
            pages.put(
                    id, there == null ? made : made == null ? there : page(there, were.getOrDefault(id, there), made));
        }
        return pages;
    }

    private static Map<String, Page> byId(List<Page> pages) {
        Map<String, Page> byId = new LinkedHashMap<>();
        pages.forEach(page -> byId.put(page.id(), page));
        return byId;
    }

    private static Page page(Page now, Page before, Page after) {
        return new Page(
                now.id(),
                kept(now.name(), before.name(), after.name()),
                kept(now.paper(), before.paper(), after.paper()),
                now.items(),
                kept(now.words(), before.words(), after.words()),
                kept(now.links(), before.links(), after.links()));
    }

    private static List<String> ids(List<Page> pages, String pageId) {
        return pages.stream()
                .filter(page -> page.id().equals(pageId))
                .flatMap(page -> page.items().stream().map(Item::id))
                .toList();
    }

    /** As it becomes, with what was added behind what it stood behind; as it is, where it was changed by hand. */
    static List<String> order(List<String> now, List<String> before, List<String> after, Set<String> in) {
        List<String> made = now.stream().filter(before::contains).toList();
        List<String> left = before.stream().filter(now::contains).toList();
        boolean byHand = !made.equals(left);
        List<String> base = byHand ? now : after;
        List<String> guests = byHand ? after : now;
        List<String> order = new ArrayList<>(base.stream().filter(in::contains).toList());
        int at = 0;
        for (String guest : guests) {
            int there = order.indexOf(guest);
            if (there >= 0) {
                at = there + 1;
            } else if (in.contains(guest)) {
                order.add(at++, guest);
            }
        }
        // What came here from another page by hand.
        in.stream().filter(id -> !order.contains(id)).sorted().forEach(order::add);
        return order;
    }

    private static Item item(Item now, Item before, Item after) {
        CommonProperties common = new CommonProperties(
                now.id(),
                frame(now.frame(), before.frame(), after.frame()),
                kept(now.movement(), before.movement(), after.movement()),
                kept(now.description(), before.description(), after.description()),
                kept(now.traits(), before.traits(), after.traits()));
        boolean look = now.getClass() != before.getClass()
                || !now.with(before.common()).equals(before);
        return (look ? now : after).with(common);
    }

    /** What was only moved by hand still becomes as large as its words need. */
    private static Frame frame(Frame now, Frame before, Frame after) {
        boolean moved = now.width() == before.width() && now.height() == before.height() && now.turn() == before.turn();
        return now.equals(before) || !moved
                ? kept(now, before, after)
                : new Frame(now.x(), now.y(), after.width(), after.height(), after.turn());
    }
}
