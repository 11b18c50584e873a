package gladtile.core.page;

import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something on a page that leads somewhere: an item, or words within one.
 *
 * @param name of the item, or the words themselves
 * @param opens what must be done on the page first; null for nothing
 * @param within whether it is words within the item
 */
public record LinkSource(String itemId, Message name, Link link, Opens opens, boolean within) {
    /** Everything on a page that leads somewhere, from the lowest item to the topmost. */
    public static List<LinkSource> on(Page page) {
        List<LinkSource> all = new ArrayList<>();
        for (Item item : page.items()) {
            if (item.traitsOrNone().link() != null) {
                all.add(new LinkSource(
                        item.id(),
                        item.name(),
                        item.traitsOrNone().link(),
                        item.traitsOrNone().opens(),
                        false));
            }
            for (WordContent words : wordsOf(item)) {
                byLink(words)
                        .forEach((link, text) -> all.add(new LinkSource(
                                item.id(),
                                text.isEmpty() ? item.name() : Message.literal(Names.shortened(text)),
                                link,
                                null,
                                true)));
            }
        }
        return all;
    }

    /** Letters that look different and lead to the same place are one thing. */
    private static Map<Link, String> byLink(WordContent words) {
        Map<Link, String> found = new LinkedHashMap<>();
        for (Span span : words.spans()) {
            if (span.look().link() != null) {
                found.merge(span.look().link(), words.text().substring(span.from(), span.to()), String::concat);
            }
        }
        found.replaceAll((link, text) -> text.strip());
        return found;
    }

    /** The texts that stand in an item, other sides left out. */
    public static List<WordContent> wordsOf(Item item) {
        if (item instanceof Words words) {
            return List.of(words.content());
        }
        if (item instanceof Shape shape) {
            return shape.words() == null ? List.of() : List.of(shape.words());
        }
        if (item instanceof Note note) {
            return List.of(note.words());
        }
        if (item instanceof Table table) {
            return table.cells().stream()
                    .flatMap(List::stream)
                    .map(TableCell::words)
                    .filter(words -> words != null)
                    .toList();
        }
        return List.of();
    }
}
