package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Item;

/** Says what a screen reader reads of an item. */
public record SetDescription(String pageId, String itemId, String description) implements OneItemEdit {
    public SetDescription {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.item(activity, pageId, itemId, item -> item.withDescription(description));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetDescription(
                pageId, itemId, EditSupport.itemOf(before, pageId, itemId).description());
    }

    @Override
    public Message summary() {
        return Message.of("edit.described", "words", EditSupport.quoted(description));
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("description", pageId, itemId, Item::description);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetDescription later && later.itemId.equals(itemId);
    }
}
