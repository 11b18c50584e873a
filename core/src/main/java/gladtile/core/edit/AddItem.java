package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Reason;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;

/**
 * Adds an item to a page.
 *
 * @param index its depth afterwards, 0 the lowest; past the end means on top
 */
public record AddItem(String pageId, int index, Item item) implements PageEdit {
    public AddItem {
        Bounds.id("page.id", pageId);
        Bounds.within("edit.index", index, 0, Bounds.ITEMS_ON_A_PAGE);
        Bounds.present("edit.item", item);
    }

    @Override
    public EditResult apply(Activity activity) {
        // Ids are single in the whole activity: the answer key names pieces and zones by them alone.
        for (String id : Page.idsOf(item)) {
            if (EditSupport.taken(activity, id)) {
                return EditResult.refused(Reason.ID_TAKEN, Message.of("edit.refused.item-id", "id", id));
            }
        }
        boolean full = activity.page(pageId)
                .filter(page -> page.items().size() >= Bounds.ITEMS_ON_A_PAGE)
                .isPresent();
        if (full) {
            return EditResult.refused(
                    Reason.TOO_MANY_ITEMS, Message.of("edit.refused.too-many-items", "most", Bounds.ITEMS_ON_A_PAGE));
        }
        return EditSupport.page(activity, pageId, page -> {
            List<Item> items = new ArrayList<>(page.items());
            items.add(Math.min(index, items.size()), item);
            return page.withItems(items);
        });
    }

    @Override
    public Edit invert(Activity before) {
        return new RemoveItem(pageId, item.id());
    }

    @Override
    public Message summary() {
        return Message.of("edit.item-added", "item", item.name());
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("item", pageId, item.id(), there -> true);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return false;
    }

    /** Of two that were added at one place, the one that came later stands after the one that came first. */
    @Override
    public Edit shifted(Edit over) {
        return over instanceof AddItem theirs
                        && theirs.pageId.equals(pageId)
                        && theirs.index <= index
                        && index < Bounds.ITEMS_ON_A_PAGE
                ? new AddItem(pageId, index + 1, item)
                : this;
    }
}
