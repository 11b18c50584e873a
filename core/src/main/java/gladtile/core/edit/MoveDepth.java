package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Puts an item above or below others.
 *
 * @param index its depth afterwards, 0 the lowest; past the end means on top
 */
public record MoveDepth(String pageId, String itemId, int index) implements OneItemEdit {
    public MoveDepth {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.within("edit.index", index, 0, Bounds.ITEMS_ON_A_PAGE);
    }

    @Override
    public EditResult apply(Activity activity) {
        boolean gone =
                activity.page(pageId).filter(page -> page.indexOf(itemId) < 0).isPresent();
        if (gone) {
            return EditSupport.noSuchItem(itemId);
        }
        return EditSupport.page(activity, pageId, page -> {
            List<Item> items = new ArrayList<>(page.items());
            Item item = items.remove(page.indexOf(itemId));
            items.add(Math.min(index, items.size()), item);
            return page.withItems(items);
        });
    }

    @Override
    public Edit invert(Activity before) {
        EditSupport.itemOf(before, pageId, itemId);
        return new MoveDepth(pageId, itemId, EditSupport.pageOf(before, pageId).indexOf(itemId));
    }

    @Override
    public Message summary() {
        return Message.of("edit.depth");
    }

    @Override
    public void aspects(EditAspects all) {
        // What lies above what changes with every addition; see place().
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    @Override
    public Optional<String> place() {
        return Optional.of("item " + itemId);
    }
}
