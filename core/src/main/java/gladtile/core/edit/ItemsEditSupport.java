package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** What the edits of several items at once share. */
final class ItemsEditSupport {
    private ItemsEditSupport() {}

    static List<String> ids(List<String> itemIds) {
        List<String> ids = List.copyOf(Bounds.present("edit.itemIds", itemIds));
        Bounds.within("edit.itemIds", ids.size(), 1, Bounds.ITEMS_ON_A_PAGE);
        ids.forEach(id -> Bounds.id("item.id", id));
        return ids;
    }

    /** Gives the items the frames that are computed from their frames now; all must be there. */
    static EditResult frames(
            Activity activity, String pageId, List<String> itemIds, Function<List<Frame>, List<Frame>> change) {
        Page page = activity.page(pageId).orElse(null);
        if (page == null) {
            return EditSupport.noSuchPage(pageId);
        }
        Map<String, Frame> frames = new LinkedHashMap<>();
        Set<String> wanted = new HashSet<>(itemIds);
        for (Item item : page.items()) {
            if (wanted.remove(item.id())) {
                frames.put(item.id(), item.frame());
            }
        }
        if (!wanted.isEmpty()) {
            return EditSupport.noSuchItem(wanted.iterator().next());
        }
        List<Frame> changed = change.apply(List.copyOf(frames.values()));
        int n = 0;
        for (String id : frames.keySet()) {
            frames.put(id, changed.get(n++));
        }
        List<Item> items = page.items().stream()
                .map(item -> frames.containsKey(item.id()) ? item.withFrame(frames.get(item.id())) : item)
                .toList();
        return new Applied(activity.withPage(page.withItems(items)));
    }

    /** Puts the items back where they were. */
    static Edit back(Activity before, String pageId, List<String> itemIds) {
        Set<String> wanted = new HashSet<>(itemIds);
        List<Edit> steps = new ArrayList<>();
        for (Item item : EditSupport.pageOf(before, pageId).items()) {
            if (wanted.contains(item.id())) {
                steps.add(new SetFrame(pageId, item.id(), item.frame()));
            }
        }
        return CompositeEdit.orOne(steps);
    }
}
