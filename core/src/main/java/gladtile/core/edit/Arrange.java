package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.measure.Arrangement;
import java.util.List;

/** Lines up several items, spreads them evenly or makes them the same size. */
public record Arrange(String pageId, List<String> itemIds, Arrangement how) implements Edit {
    public Arrange {
        Bounds.id("page.id", pageId);
        itemIds = ItemsEditSupport.ids(itemIds);
        Bounds.present("edit.how", how);
    }

    @Override
    public EditResult apply(Activity activity) {
        return ItemsEditSupport.frames(activity, pageId, itemIds, how::of);
    }

    @Override
    public Edit invert(Activity before) {
        return ItemsEditSupport.back(before, pageId, itemIds);
    }
}
