package gladtile.core.check;

import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.ZoneSet;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What an answer key says of one page, so that a page need not be checked again when another one changed. */
public final class PageKey {
    private PageKey() {}

    public static AnswerKey of(Page page, AnswerKey key) {
        Set<String> ids = new HashSet<>();
        for (Item item : page.items()) {
            ids.addAll(Page.idsOf(item));
        }
        List<ZoneSet> sets = key.sets().stream()
                .filter(set -> ids.containsAll(set.zoneIds()))
                .toList();
        return new AnswerKey(
                of(key.decisions(), ids), of(key.rules(), ids), of(key.facts(), ids), of(key.typed(), ids), sets, null);
    }

    private static <T> Map<String, T> of(Map<String, T> all, Set<String> ids) {
        Map<String, T> some = new HashMap<>();
        for (String id : ids) {
            T one = all.get(id);
            if (one != null) {
                some.put(id, one);
            }
        }
        return some;
    }
}
