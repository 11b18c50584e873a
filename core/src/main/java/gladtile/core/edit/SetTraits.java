package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;
import gladtile.core.page.Item;
import gladtile.core.page.Traits;

/** Sets how see-through an item is, its groups, its supply and its other side. */
public record SetTraits(String pageId, String itemId, Traits traits) implements OneItemEdit {
    public SetTraits {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.present("edit.traits", traits);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.item(activity, pageId, itemId, item -> item.withTraits(traits));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetTraits(
                pageId, itemId, EditSupport.itemOf(before, pageId, itemId).traitsOrNone());
    }

    @Override
    public Message summary() {
        return Message.of("edit.traits");
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("traits", pageId, itemId, Item::traitsOrNone);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetTraits later && later.itemId.equals(itemId);
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        if (!(over instanceof SetTraits theirs) || !theirs.itemId.equals(itemId)) {
            return this;
        }
        Traits was = EditSupport.itemOf(before, pageId, itemId).traitsOrNone();
        Traits now = EditSupport.itemOf(after, pageId, itemId).traitsOrNone();
        return new SetTraits(pageId, itemId, FieldMerge.merged(was, traits, now, Traits.class));
    }
}
