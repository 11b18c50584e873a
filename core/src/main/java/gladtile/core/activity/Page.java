package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One surface of {@link Bounds#PAGE_WIDTH} × {@link Bounds#PAGE_HEIGHT} units, origin top left, y down.
 *
 * @param items from the lowest to the topmost; no id twice
 */
public record Page(String id, String name, Paper paper, List<Item> items) {
    public Page {
        Bounds.id("page.id", id);
        Bounds.text("page.name", name, Bounds.NAME_LENGTH);
        Bounds.present("page.paper", paper);
        Bounds.present("page.items", items);
        Bounds.count("page.items", items.size(), Bounds.ITEMS_ON_A_PAGE);
        items = List.copyOf(items);
        Set<String> ids = new HashSet<>(items.size() * 2);
        for (Item item : items) {
            if (!ids.add(item.id())) {
                throw new OutOfBounds("item.id", "two items of page %s have the id %s".formatted(id, item.id()));
            }
        }
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

    @JsonIgnore
    public List<Item> pieces() {
        return items.stream().filter(Item::isPiece).toList();
    }

    @JsonIgnore
    public List<Zone> zones() {
        return items.stream()
                .flatMap(item -> item instanceof Zone zone ? Stream.of(zone) : Stream.empty())
                .toList();
    }

    public Page withName(String newName) {
        return new Page(id, newName, paper, items);
    }

    public Page withPaper(Paper newPaper) {
        return new Page(id, name, newPaper, items);
    }

    public Page withItems(List<Item> newItems) {
        return new Page(id, name, paper, newItems);
    }

    /** The same page with the item of that id replaced; the id must be there. */
    public Page withItem(Item changed) {
        List<Item> copy = new ArrayList<>(items);
        copy.set(indexOf(changed.id()), changed);
        return withItems(copy);
    }
}
