package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One surface of {@link Bounds#PAGE_WIDTH} × {@link Bounds#PAGE_HEIGHT} units, origin top left, y down.
 *
 * @param items from the lowest to the topmost; no id twice, those of drop zones in cells among them
 * @param words how a new box of words on this page looks; absent for the usual style
 * @param links where one goes on from it; absent for the usual
 */
public record Page(
        String id,
        String name,
        Paper paper,
        List<Item> items,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordStyle words,
        @JsonInclude(JsonInclude.Include.NON_NULL) PageLinks links) {
    public Page {
        Bounds.id("page.id", id);
        Bounds.text("page.name", name, Bounds.NAME_LENGTH);
        Bounds.present("page.paper", paper);
        Bounds.present("page.items", items);
        Bounds.count("page.items", items.size(), Bounds.ITEMS_ON_A_PAGE);
        items = List.copyOf(items);
        links = PageLinks.USUAL.equals(links) ? null : links;
        Set<String> ids = new HashSet<>(items.size() * 2);
        for (Item item : items) {
            for (String one : idsOf(item)) {
                if (!ids.add(one)) {
                    throw new OutOfBounds("item.id", Message.of("bound.item.id", "id", id, "one", one));
                }
            }
        }
    }

    public Page(String id, String name, Paper paper, List<Item> items) {
        this(id, name, paper, items, null);
    }

    public Page(String id, String name, Paper paper, List<Item> items, WordStyle words) {
        this(id, name, paper, items, words, null);
    }

    /** The ids an item takes up: its own, and those of drop zones in its cells. */
    public static Set<String> idsOf(Item item) {
        if (!(item instanceof Table table)) {
            return Set.of(item.id());
        }
        Set<String> ids = new LinkedHashSet<>();
        ids.add(item.id());
        table.zones().forEach(zone -> ids.add(zone.id()));
        return ids;
    }

    public static Page empty(String id, String name) {
        return new Page(id, name, Paper.PLAIN, List.of());
    }

    public Optional<Item> item(String itemId) {
        return items.stream().filter(item -> item.id().equals(itemId)).findFirst();
    }

    /** The depth of an item, 0 the lowest, or -1. */
    public int indexOf(String itemId) {
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i).id().equals(itemId)) {
                return i;
            }
        }
        return -1;
    }

    /**
     * What students may move, each thing once: of the pieces in one group the lowest stands for all of them, and the
     * others go with it.
     */
    @JsonIgnore
    public List<Item> pieces() {
        Set<String> groups = new HashSet<>();
        List<Item> pieces = new ArrayList<>();
        for (Item item : items) {
            List<String> in = item.traitsOrNone().groups();
            if (item.isPiece() && (in.isEmpty() || groups.add(in.get(0)))) {
                pieces.add(item);
            }
        }
        return pieces;
    }

    /** Every drop zone, those in cells of tables among them. */
    @JsonIgnore
    public List<Zone> zones() {
        return items.stream().flatMap(item -> item.zones().stream()).toList();
    }

    /** Everything that students type into. */
    @JsonIgnore
    public List<Gap> gaps() {
        return items.stream().filter(Gap.class::isInstance).map(Gap.class::cast).toList();
    }

    public Page withName(String newName) {
        return new Page(id, newName, paper, items, words, links);
    }

    public Page withPaper(Paper newPaper) {
        return new Page(id, name, newPaper, items, words, links);
    }

    public Page withWords(WordStyle newWords) {
        return new Page(id, name, paper, items, newWords, links);
    }

    public Page withLinks(PageLinks newLinks) {
        return new Page(id, name, paper, items, words, newLinks);
    }

    /** As {@link #links}, never null. */
    @JsonIgnore
    public PageLinks leads() {
        return links == null ? PageLinks.USUAL : links;
    }

    public Page withItems(List<Item> newItems) {
        return new Page(id, name, paper, newItems, words, links);
    }

    /** The same page with the item of that id replaced; the id must be there. */
    public Page withItem(Item changed) {
        List<Item> copy = new ArrayList<>(items);
        copy.set(indexOf(changed.id()), changed);
        return withItems(copy);
    }
}
