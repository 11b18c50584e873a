package gladtile.core.starter;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/**
 * Ids that follow from what a thing is for, so that a page made again from a changed list gives the same things the same
 * ids, and what was changed by hand on them can be kept.
 */
final class DerivedIds {
    private final String of;
    private final Map<String, String> names;
    private int pages;
    private final Map<String, Integer> met = new HashMap<>();

    /**
     * @param of one page made from a list is told from another by it
     * @param names entries that were written otherwise since they were first made from, with what they were then
     */
    DerivedIds(String of, Map<String, String> names) {
        this.of = of;
        this.names = names;
    }

    /** What an entry of the list was called when it was first made from. */
    String called(String text) {
        return names.getOrDefault(text, text);
    }

    String page() {
        return made("page " + pages++);
    }

    /** The nth thing of that name gets the nth id. */
    String item(String name) {
        int n = met.merge(name, 1, Integer::sum);
        return made("item " + name + " " + n);
    }

    private String made(String name) {
        return UUID.nameUUIDFromBytes((of + "\n" + name).getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
