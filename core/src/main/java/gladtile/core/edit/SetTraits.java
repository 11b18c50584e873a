package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Traits;

/** Sets how see-through an item is, its groups, its supply and its other side. */
public record SetTraits(String pageId, String itemId, Traits traits) implements Edit {
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
}
