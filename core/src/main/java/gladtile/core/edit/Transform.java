package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Point;
import gladtile.core.measure.Similarity;
import java.util.List;

/** Moves, resizes and turns several items as one. */
public record Transform(String pageId, List<String> itemIds, Similarity by) implements Edit {
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
    public Edit invert(Activity before) {
        return ItemsEditSupport.back(before, pageId, itemIds);
    }
}
