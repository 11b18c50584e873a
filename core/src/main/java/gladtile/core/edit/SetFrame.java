package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;

/** Moves, resizes or turns an item. */
public record SetFrame(String pageId, String itemId, Frame frame) implements OneItemEdit {
    public SetFrame {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.present("edit.frame", frame);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.item(activity, pageId, itemId, item -> item.withFrame(frame));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetFrame(
                pageId, itemId, EditSupport.itemOf(before, pageId, itemId).frame());
    }

    @Override
    public Message summary() {
        return Message.of("edit.frame");
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("frame", pageId, itemId, Item::frame);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetFrame later && later.itemId.equals(itemId);
    }
}
