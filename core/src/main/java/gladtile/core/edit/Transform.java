package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.measure.Similarity;
import gladtile.core.message.Message;
import gladtile.core.page.Point;
import java.util.List;

/** Moves, resizes and turns several items as one. */
public record Transform(String pageId, List<String> itemIds, Similarity by) implements FramesEdit {
    public Transform {
        Bounds.id("page.id", pageId);
        itemIds = ItemsEditSupport.ids(itemIds);
        Bounds.present("edit.by", by);
    }

    /** A mere move. */
    public static Transform moved(String pageId, List<String> itemIds, double dx, double dy) {
        return new Transform(pageId, itemIds, new Similarity(new Point(0, 0), 1, 0, dx, dy));
    }

    @Override
    public EditResult apply(Activity activity) {
        return ItemsEditSupport.frames(
                activity, pageId, itemIds, frames -> frames.stream().map(by::of).toList());
    }

    @Override
    public Message summary() {
        return Message.of("edit.transformed", "count", itemIds.size());
    }

    @Override
    public Edit of(List<String> itemIds) {
        return new Transform(pageId, itemIds, by);
    }
}
