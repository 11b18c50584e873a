package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.measure.Arrangement;
import gladtile.core.message.Message;
import java.util.List;

/** Lines up several items, spreads them evenly or makes them the same size. */
public record Arrange(String pageId, List<String> itemIds, Arrangement how) implements FramesEdit {
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
    public Message summary() {
        return Message.of("edit.lined-up", "count", itemIds.size());
    }

    @Override
    public Edit of(List<String> itemIds) {
        return new Arrange(pageId, itemIds, how);
    }
}
